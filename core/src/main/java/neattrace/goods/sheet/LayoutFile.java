package neattrace.goods.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.files.AtomicFile;
import neattrace.files.Shelf;
import neattrace.json.DamagedException;

/**
 * Layouts as open files, so that a range keeps one and can be passed on (docs/layout-format.md).
 */
public final class LayoutFile {

    /** The ending of layouts. */
    public static final String ENDING = ".ntlayout";

    private static final String FORMAT = "neat-trace-layout";
    private static final int VERSION = 1;
    private static final long MOST_BYTES = 1_000_000;
    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private LayoutFile() {}

    /** Layouts kept in a folder. */
    public static Shelf<SheetLayout> shelf(Path folder) {
        return new Shelf<>(folder, new Form());
    }

    /** Writes a layout; a file that was there holds either the old one or the new one. */
    public static void save(Path file, SheetLayout layout) throws IOException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION);
        LayoutJson.write(layout, root);
        byte[] bytes = MAPPER.writeValueAsBytes(root);
        AtomicFile.write(file, out -> out.write(bytes));
    }

    /**
     * Reads a layout.
     *
     * @throws LayoutException if it is missing, no layout, of another version or damaged
     */
    public static SheetLayout open(Path file) throws LayoutException {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new LayoutException(file + " is too large for a layout.");
            }
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            if (!FORMAT.equals(root.path("format").asText())) {
                throw new LayoutException(file + " is no layout of sheets.");
            }
            if (root.path("version").asInt() != VERSION) {
                throw new LayoutException(
                        file + " was written by another version of Neat Trace.",
                        root.path("version").asInt() > VERSION);
            }
            return LayoutJson.read(root);
        } catch (JsonProcessingException e) {
            throw new LayoutException(file + " is no layout of sheets.", e);
        } catch (DamagedException | IllegalArgumentException e) {
            throw new LayoutException(
                    "The layout " + file + " is damaged: " + e.getMessage() + ".", e);
        } catch (LayoutException e) {
            throw e;
        } catch (IOException e) {
            throw new LayoutException("The layout " + file + " cannot be read.", e);
        }
    }

    private static final class Form implements Shelf.Form<SheetLayout> {

        @Override
        public boolean isWhole(IOException why) {
            return why instanceof LayoutException one && one.isNewer();
        }

        @Override
        public String ending() {
            return ENDING;
        }

        @Override
        public String name(SheetLayout layout) {
            return layout.name();
        }

        @Override
        public SheetLayout open(Path file) throws IOException {
            return LayoutFile.open(file);
        }

        @Override
        public void save(Path file, SheetLayout layout) throws IOException {
            LayoutFile.save(file, layout);
        }
    }
}

package neattrace.goods.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import neattrace.files.AtomicFile;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;
import neattrace.press.Cmyk;
import org.locationtech.jts.geom.Envelope;

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

    /** Writes a layout; a file that was there holds either the old one or the new one. */
    public static void save(Path file, SheetLayout layout) throws IOException {
        byte[] bytes = MAPPER.writeValueAsBytes(write(layout));
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
                throw new LayoutException(file + " was written by another version of Neat Trace.");
            }
            return read(root);
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

    private static ObjectNode write(SheetLayout layout) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("name", layout.name());
        root.put("widthMm", layout.widthMm()).put("heightMm", layout.heightMm());
        root.put("rimMm", layout.rimMm()).put("gapMm", layout.gapMm());
        write(layout.ground(), root.putArray("ground"));
        write(layout.header(), root.putObject("header"));
        write(layout.footer(), root.putObject("footer"));
        root.put("shop", layout.shop());
        ArrayNode kept = root.putArray("keptOut");
        for (Envelope box : layout.kept()) {
            kept.addArray()
                    .add(box.getMinX())
                    .add(box.getMinY())
                    .add(box.getMaxX())
                    .add(box.getMaxY());
        }
        return root;
    }

    private static void write(Strip strip, ObjectNode node) {
        node.put("heightMm", strip.heightMm());
        write(strip.build(), node.putArray("build"));
        write(strip.lettering(), node.putArray("lettering"));
    }

    private static void write(Cmyk build, ArrayNode array) {
        array.add(build.c()).add(build.m()).add(build.y()).add(build.k());
    }

    private static SheetLayout read(JsonNode root) throws DamagedException {
        List<Envelope> kept = new ArrayList<>();
        for (JsonNode box : JsonFields.need(root, "keptOut")) {
            kept.add(
                    new Envelope(
                            JsonFields.number(box, 0),
                            JsonFields.number(box, 2),
                            JsonFields.number(box, 1),
                            JsonFields.number(box, 3)));
        }
        return new SheetLayout(
                JsonFields.need(root, "name").asText(),
                JsonFields.number(root, "widthMm"),
                JsonFields.number(root, "heightMm"),
                JsonFields.number(root, "rimMm"),
                JsonFields.number(root, "gapMm"),
                build(root, "ground"),
                strip(JsonFields.need(root, "header")),
                strip(JsonFields.need(root, "footer")),
                JsonFields.need(root, "shop").asText(),
                kept);
    }

    private static Strip strip(JsonNode node) throws DamagedException {
        return new Strip(
                JsonFields.number(node, "heightMm"),
                build(node, "build"),
                build(node, "lettering"));
    }

    private static Cmyk build(JsonNode node, String field) throws DamagedException {
        double[] inks = JsonFields.numbers(node, field, 4);
        return new Cmyk(inks[0], inks[1], inks[2], inks[3]);
    }
}

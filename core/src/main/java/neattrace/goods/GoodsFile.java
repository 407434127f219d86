package neattrace.goods;

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
import neattrace.files.UserFolder;
import neattrace.json.DamagedException;

/** Writes and reads goods as files of their own, so that they can be passed on. */
public final class GoodsFile {

    /** The ending of files of goods. */
    public static final String ENDING = ".ntgoods";

    static final String FORMAT = "neat-trace-goods";
    static final int VERSION = 1;

    private static final long MOST_BYTES = 1_000_000;
    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private GoodsFile() {}

    /** The goods that this user keeps under names. */
    public static Shelf<Goods> shelf() {
        return shelf(UserFolder.data().resolve("goods"));
    }

    /** Goods kept in a folder. */
    public static Shelf<Goods> shelf(Path folder) {
        return new Shelf<>(folder, new Form());
    }

    /**
     * Writes goods; a file that was there holds either the old ones or the new ones.
     *
     * @throws IOException if they cannot be written
     */
    public static void save(Path file, Goods goods) throws IOException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION);
        GoodsJson.write(goods, root);
        byte[] bytes = MAPPER.writeValueAsBytes(root);
        AtomicFile.write(file, out -> out.write(bytes));
    }

    /**
     * Reads goods.
     *
     * @throws GoodsException if they are missing, no goods, of another version or damaged
     */
    public static Goods open(Path file) throws GoodsException {
        try {
            if (!Files.isRegularFile(file)) {
                throw new GoodsException(file + " is no file of goods.", false);
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new GoodsException(file + " is too large for a file of goods.", false);
            }
            return read(file, MAPPER.readTree(Files.readAllBytes(file)));
        } catch (GoodsException e) {
            throw e;
        } catch (DamagedException | IllegalArgumentException e) {
            throw new GoodsException(file + " cannot be used: " + e.getMessage() + ".", e);
        } catch (JsonProcessingException | StackOverflowError e) {
            throw new GoodsException(file + " is no file of goods, or it is damaged.", e);
        } catch (IOException e) {
            throw new GoodsException("There is no right to read " + file + ".", e);
        }
    }

    private static Goods read(Path file, JsonNode root) throws IOException {
        if (root == null || !FORMAT.equals(root.path("format").asText())) {
            throw new GoodsException(file + " holds no goods of this program.", false);
        }
        int version = root.path("version").asInt();
        if (version != VERSION) {
            throw new GoodsException(
                    file
                            + " has goods version "
                            + version
                            + "; this program reads version "
                            + VERSION
                            + ". Nothing was changed.",
                    version > VERSION);
        }
        return GoodsJson.read(root);
    }

    private static final class Form implements Shelf.Form<Goods> {

        @Override
        public boolean isWhole(IOException why) {
            return why instanceof GoodsException one && one.isNewer();
        }

        @Override
        public String ending() {
            return ENDING;
        }

        @Override
        public String name(Goods goods) {
            return goods.name();
        }

        @Override
        public Goods open(Path file) throws IOException {
            return GoodsFile.open(file);
        }

        @Override
        public void save(Path file, Goods goods) throws IOException {
            GoodsFile.save(file, goods);
        }
    }
}

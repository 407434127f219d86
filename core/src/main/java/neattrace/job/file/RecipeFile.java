package neattrace.job.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.files.AtomicFile;
import neattrace.job.json.SheetJson;
import neattrace.job.lift.SheetCompletion;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** Writes and reads recipes as files of their own. */
public final class RecipeFile {

    /** The ending of recipe files. */
    public static final String ENDING = ".ntrecipe";

    static final String FORMAT = "neat-trace-sheet-recipe";
    static final int VERSION = 1;

    private static final long MOST_BYTES = 4_000_000;
    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private RecipeFile() {}

    /**
     * Writes a recipe; a file that was there holds either the old recipe or the new one.
     *
     * @throws IOException if it cannot be written
     */
    public static void save(Path file, NamedRecipe named) throws IOException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("name", named.name());
        SheetJson.write(named.recipe(), root.putObject("sheet"));
        byte[] bytes = MAPPER.writeValueAsBytes(root);
        AtomicFile.write(file, out -> out.write(bytes));
    }

    /**
     * Reads a recipe.
     *
     * @throws RecipeException if it is missing, no recipe, of another version or damaged
     */
    public static NamedRecipe open(Path file) throws RecipeException {
        try {
            if (!Files.isRegularFile(file)) {
                throw new RecipeException(file + " is no recipe file.");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new RecipeException(file + " is too large for a recipe.");
            }
            return read(file, MAPPER.readTree(Files.readAllBytes(file)));
        } catch (RecipeException e) {
            throw e;
        } catch (JsonProcessingException e) {
            throw new RecipeException(file + " is no recipe, or it is damaged.", e);
        } catch (StackOverflowError e) {
            throw new RecipeException(file + " is no recipe, or it is damaged.", e);
        } catch (RuntimeException e) {
            throw new RecipeException(file + " cannot be used: " + e.getMessage() + ".", e);
        } catch (IOException e) {
            throw new RecipeException("There is no right to read " + file + ".", e);
        }
    }

    private static NamedRecipe read(Path file, JsonNode root) throws RecipeException {
        if (root == null || !FORMAT.equals(root.path("format").asText())) {
            throw new RecipeException(file + " is no sheet recipe of this program.");
        }
        int version = root.path("version").asInt();
        if (version != VERSION) {
            String reason =
                    file
                            + " has recipe version "
                            + version
                            + "; this program reads version "
                            + VERSION
                            + ". Nothing was changed.";
            throw version > VERSION
                    ? RecipeException.ofNewerProgram(reason)
                    : new RecipeException(reason);
        }
        try {
            if (JsonFields.need(root, "sheet") instanceof ObjectNode sheet) {
                SheetCompletion.complete(sheet);
            }
            return new NamedRecipe(
                    JsonFields.text(root, "name"), SheetJson.read(JsonFields.need(root, "sheet")));
        } catch (DamagedException e) {
            throw new RecipeException(file + " is damaged: " + e.getMessage() + ".", e);
        }
    }
}

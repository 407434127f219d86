package neattrace.gang;

import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import neattrace.files.AtomicFile;
import neattrace.goods.sheet.LayoutJson;
import neattrace.json.DamagedException;

/**
 * Sheets of stickers as open files (docs/sheet-format.md). A drawing is looked for where it lies as
 * seen from the sheet, then where it lay when the sheet was saved, so that a folder can be moved as
 * a whole, and a sheet without its drawings.
 */
public final class GangFile {

    /** The ending of sheets. */
    public static final String ENDING = ".ntsheet";

    private static final String FORMAT = "neat-trace-sheet";
    private static final int VERSION = 1;
    private static final long MOST_BYTES = 8_000_000;
    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    /** A name of a host before the path (Windows UNC), or a scheme. */
    private static final Pattern NETWORK =
            Pattern.compile("^([\\\\/]{2}|[a-zA-Z][a-zA-Z0-9+.-]+:)");

    private GangFile() {}

    /** Writes a sheet; a file that was there holds either the old one or the new one. */
    public static void save(Path file, GangSheet sheet) throws IOException {
        Path folder = file.toAbsolutePath().normalize().getParent();
        byte[] bytes = MAPPER.writeValueAsBytes(write(sheet, folder));
        AtomicFile.write(file, out -> out.write(bytes));
    }

    /**
     * Reads a sheet; whether its drawings are there is no matter yet.
     *
     * @throws GangException if it is missing, no sheet, of another version or damaged
     */
    public static GangSheet open(Path file) throws GangException {
        try {
            if (!Files.isRegularFile(file)) {
                throw new GangException(file + " does not exist.");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new GangException(file + " is too large for a sheet.");
            }
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            if (!FORMAT.equals(root.path("format").asText())) {
                throw new GangException(file + " is no sheet of stickers.");
            }
            int version = root.path("version").asInt();
            if (version != VERSION) {
                throw new GangException(
                        file
                                + " has version "
                                + version
                                + "; this program reads version "
                                + VERSION
                                + ". Open it with a newer program.");
            }
            return read(root, file.toAbsolutePath().normalize().getParent());
        } catch (GangException e) {
            throw e;
        } catch (JsonProcessingException | StackOverflowError e) {
            throw new GangException(file + " is no sheet of stickers, or it is damaged.", e);
        } catch (DamagedException | IllegalArgumentException e) {
            throw new GangException("The sheet " + file + " is damaged: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new GangException("The sheet " + file + " cannot be read.", e);
        }
    }

    private static ObjectNode write(GangSheet sheet, Path folder) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION);
        root.put("title", sheet.title()).put("number", sheet.number());
        root.put("aim", sheet.aim().key()).put("turns", sheet.turns()).put("seed", sheet.seed());
        root.put("lastId", sheet.lastId());
        LayoutJson.write(sheet.layout(), root.putObject("layout"));
        ArrayNode drawings = root.putArray("drawings");
        for (GangDrawing one : sheet.drawings()) {
            ObjectNode node = drawings.addObject().put("id", one.id());
            relative(folder, one.file()).forEach(node.putArray("beside")::add);
            node.put("file", one.file().toString()).put("widthMm", one.widthMm());
            node.put("copies", one.copies()).put("seen", one.seen());
        }
        ArrayNode places = root.putArray("places");
        for (GangPlace place : sheet.places()) {
            places.addObject()
                    .put("drawing", place.drawing())
                    .put("xMm", place.xMm())
                    .put("yMm", place.yMm())
                    .put("turnDegrees", place.turnDegrees())
                    .put("pinned", place.pinned());
        }
        new TreeSet<>(sheet.left()).forEach(root.putArray("left")::add);
        return root;
    }

    /** The way from a folder to a file, part by part, so that it reads the same on any system. */
    private static List<String> relative(Path folder, Path file) {
        try {
            List<String> parts = new ArrayList<>();
            folder.relativize(file).forEach(part -> parts.add(part.toString()));
            return parts;
        } catch (IllegalArgumentException e) {
            // They lie on different disks: only where it lies is known.
            return List.of();
        }
    }

    private static GangSheet read(JsonNode root, Path folder) throws DamagedException {
        List<GangDrawing> drawings = new ArrayList<>();
        for (JsonNode node : need(root, "drawings")) {
            drawings.add(
                    new GangDrawing(
                            whole(node, "id"),
                            found(node, folder),
                            number(node, "widthMm"),
                            whole(node, "copies"),
                            text(node, "seen")));
        }
        List<GangPlace> places = new ArrayList<>();
        for (JsonNode node : need(root, "places")) {
            places.add(
                    new GangPlace(
                            whole(node, "drawing"),
                            number(node, "xMm"),
                            number(node, "yMm"),
                            number(node, "turnDegrees"),
                            flag(node, "pinned")));
        }
        Set<String> left = new LinkedHashSet<>();
        need(root, "left").forEach(one -> left.add(one.asText()));
        return new GangSheet(
                LayoutJson.read(need(root, "layout")),
                text(root, "title"),
                text(root, "number"),
                drawings,
                whole(root, "lastId"),
                aim(text(root, "aim")),
                whole(root, "turns"),
                need(root, "seed").asLong(),
                places,
                left);
    }

    private static GangAim aim(String key) throws DamagedException {
        return Arrays.stream(GangAim.values())
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new DamagedException("\"" + key + "\" is no aim"));
    }

    private static Path found(JsonNode node, Path folder) throws DamagedException {
        try {
            Path there = folder;
            JsonNode beside = need(node, "beside");
            for (JsonNode part : beside) {
                if (NETWORK.matcher(part.asText()).find()) {
                    throw new DamagedException("a drawing lies beside on another machine");
                }
                there = there.resolve(part.asText());
            }
            String written = text(node, "file");
            if (NETWORK.matcher(written).find()) {
                // Looking whether it is there would ask a host that a stranger named.
                return there.normalize();
            }
            Path whole = Path.of(written).toAbsolutePath().normalize();
            Path near = there.normalize();
            return !beside.isEmpty() && (Files.isRegularFile(near) || !Files.exists(whole))
                    ? near
                    : whole;
        } catch (InvalidPathException e) {
            throw new DamagedException("a drawing has no place");
        }
    }
}

package neattrace.flat.exchange;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/**
 * {@code {"swatches": [{"name", "hex", "cmyk": [c, m, y, k], "group", "lab": [l, a, b]}]}}. A plain
 * array of hex codes, or an object from names to codes, is read as well.
 */
final class JsonPalette {

    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private JsonPalette() {}

    static byte[] write(List<Entry> entries) throws JsonProcessingException {
        ObjectNode root = MAPPER.createObjectNode();
        ArrayNode swatches = root.putArray("swatches");
        for (Entry entry : entries) {
            ObjectNode node =
                    swatches.addObject().put("name", entry.name()).put("hex", entry.rgb().hex());
            entry.build()
                    .ifPresent(
                            build ->
                                    node.putArray("cmyk")
                                            .add(build.c())
                                            .add(build.m())
                                            .add(build.y())
                                            .add(build.k()));
            if (!entry.group().isEmpty()) {
                node.put("group", entry.group());
            }
            entry.spot()
                    .ifPresent(lab -> node.putArray("lab").add(lab.l()).add(lab.a()).add(lab.b()));
        }
        return MAPPER.writeValueAsBytes(root);
    }

    static List<Entry> read(String text) throws PaletteException {
        try {
            JsonNode root = MAPPER.readTree(text);
            return entries(root.has("swatches") ? root.get("swatches") : root);
        } catch (StreamConstraintsException e) {
            throw new PaletteException(
                    "The palette is damaged: something in it is far too long or too deep.", e);
        } catch (JsonProcessingException e) {
            throw new PaletteException("The palette is no JSON: " + e.getOriginalMessage(), e);
        } catch (DamagedException | IllegalArgumentException e) {
            throw new PaletteException("The palette is damaged: " + e.getMessage() + ".", e);
        }
    }

    private static List<Entry> entries(JsonNode list) throws PaletteException, DamagedException {
        List<Entry> entries = new ArrayList<>();
        if (list.isArray()) {
            for (JsonNode node : list) {
                entries.add(
                        node.isTextual() ? Entry.plain("", colour(node.asText())) : entry(node));
            }
        } else {
            for (var field : list.properties()) {
                entries.add(Entry.plain(field.getKey(), colour(field.getValue().asText())));
            }
        }
        return entries;
    }

    private static Rgb colour(String code) throws PaletteException {
        return HexList.rgb(code.strip())
                .orElseThrow(
                        () -> new PaletteException("\"" + code + "\" is no colour like #3A7F5C."));
    }

    private static Entry entry(JsonNode node) throws PaletteException, DamagedException {
        Optional<Cmyk> build = Optional.empty();
        if (node.has("cmyk")) {
            double[] inks = JsonFields.numbers(node, "cmyk", 4);
            build = Optional.of(new Cmyk(inks[0], inks[1], inks[2], inks[3]));
        }
        Optional<Lab> spot = Optional.empty();
        if (node.has("lab")) {
            double[] lab = JsonFields.numbers(node, "lab", 3);
            spot = Optional.of(new Lab(lab[0], lab[1], lab[2]));
        }
        Rgb rgb =
                spot.isPresent() && !node.has("hex")
                        ? spot.get().toRgb()
                        : colour(node.path("hex").asText());
        return new Entry(node.path("name").asText(), rgb, build, node.path("group").asText(), spot);
    }
}

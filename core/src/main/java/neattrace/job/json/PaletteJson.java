package neattrace.job.json;

import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.points;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import neattrace.flat.AreaGroup;
import neattrace.flat.Colourway;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.json.DamagedException;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/** Swatches, colourways and groups of areas. */
final class PaletteJson {

    private PaletteJson() {}

    static void write(Palette palette, ObjectNode root) {
        ArrayNode swatches = root.putArray("swatches");
        for (Swatch swatch : palette.swatches()) {
            ObjectNode node =
                    swatches.addObject().put("id", swatch.id()).put("name", swatch.name());
            build(swatch.build(), node);
            node.put("group", swatch.group()).put("locked", swatch.locked());
            swatch.spot().ifPresent(lab -> spot(lab, node));
            swatch.wish().ifPresent(wish -> node.put("wish", wish.hex()));
            swatch.tone()
                    .ifPresent(
                            tone ->
                                    node.putObject("tone")
                                            .put("of", tone.of())
                                            .put("lit", tone.lit()));
        }
        ArrayNode ways = root.putArray("colourways");
        for (Colourway way : palette.colourways()) {
            ObjectNode node = ways.addObject().put("name", way.name());
            ArrayNode builds = node.putArray("builds");
            new TreeMap<>(way.inks())
                    .forEach((id, ink) -> ink(ink, builds.addObject().put("swatch", id)));
        }
        root.put("colourway", palette.shown()).put("lastSwatch", palette.lastId());
    }

    private static void build(Cmyk build, ObjectNode node) {
        node.putArray("cmyk").add(build.c()).add(build.m()).add(build.y()).add(build.k());
    }

    /** A spot that is null says that process inks print it. */
    private static void ink(Colourway.Ink ink, ObjectNode node) {
        build(ink.build(), node);
        ink.spot().ifPresentOrElse(lab -> spot(lab, node), () -> node.putNull("spot"));
        ink.wish().ifPresent(wish -> node.put("wish", wish.hex()));
    }

    /** Files of before say nothing of spots: there a swatch had its own in every colourway. */
    private static Colourway.Ink ink(JsonNode node, Optional<Lab> spot) throws DamagedException {
        return new Colourway.Ink(
                build(node),
                node.has("spot") ? spot(node) : spot,
                Rgb.parse(node.path("wish").asText()));
    }

    private static void spot(Lab lab, ObjectNode node) {
        node.putArray("spot").add(lab.l()).add(lab.a()).add(lab.b());
    }

    private static Optional<Lab> spot(JsonNode node) throws DamagedException {
        JsonNode spot = node.path("spot");
        return spot.isMissingNode() || spot.isNull()
                ? Optional.empty()
                : Optional.of(new Lab(number(spot, 0), number(spot, 1), number(spot, 2)));
    }

    private static Cmyk build(JsonNode node) throws DamagedException {
        JsonNode inks = need(node, "cmyk");
        return new Cmyk(number(inks, 0), number(inks, 1), number(inks, 2), number(inks, 3));
    }

    static Palette read(JsonNode node) throws DamagedException {
        List<Swatch> swatches = new ArrayList<>();
        for (JsonNode swatch : need(node, "swatches")) {
            swatches.add(swatch(swatch));
        }
        List<Colourway> ways = new ArrayList<>();
        for (JsonNode way : need(node, "colourways")) {
            Map<Integer, Colourway.Ink> inks = new TreeMap<>();
            for (JsonNode one : need(way, "builds")) {
                int id = whole(one, "swatch");
                Optional<Lab> own =
                        swatches.stream()
                                .filter(swatch -> swatch.id() == id)
                                .findFirst()
                                .flatMap(Swatch::spot);
                inks.put(id, ink(one, own));
            }
            ways.add(new Colourway(text(way, "name"), inks));
        }
        return new Palette(swatches, ways, whole(node, "colourway"), whole(node, "lastSwatch"));
    }

    private static Swatch swatch(JsonNode node) throws DamagedException {
        Swatch swatch =
                new Swatch(whole(node, "id"), text(node, "name"), build(node))
                        .withGroup(text(node, "group"))
                        .withLocked(flag(node, "locked"))
                        .withSpot(spot(node))
                        .withWish(Rgb.parse(node.path("wish").asText()));
        JsonNode tone = node.path("tone");
        return tone.isMissingNode()
                ? swatch
                : swatch.withTone(new Swatch.Tone(whole(tone, "of"), flag(tone, "lit")));
    }

    static void writeGroups(List<AreaGroup> groups, ArrayNode array) {
        for (AreaGroup group : groups) {
            points(
                    array.addObject().put("name", group.name()).putArray("anchors"),
                    group.anchors());
        }
    }

    static List<AreaGroup> readGroups(JsonNode array) throws DamagedException {
        List<AreaGroup> groups = new ArrayList<>();
        for (JsonNode node : array) {
            groups.add(new AreaGroup(text(node, "name"), points(need(node, "anchors"))));
        }
        return groups;
    }
}

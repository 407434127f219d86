package neattrace.job.file;

import static neattrace.job.file.JsonFields.need;
import static neattrace.job.file.JsonFields.number;
import static neattrace.job.file.JsonFields.points;

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
import neattrace.press.Cmyk;
import neattrace.press.colour.Lab;

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
            swatch.spot()
                    .ifPresent(lab -> node.putArray("spot").add(lab.l()).add(lab.a()).add(lab.b()));
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
            new TreeMap<>(way.builds())
                    .forEach((id, build) -> build(build, builds.addObject().put("swatch", id)));
        }
        root.put("colourway", palette.shown()).put("lastSwatch", palette.lastId());
    }

    private static void build(Cmyk build, ObjectNode node) {
        node.putArray("cmyk").add(build.c()).add(build.m()).add(build.y()).add(build.k());
    }

    private static Cmyk build(JsonNode node) throws JobFileException {
        JsonNode inks = need(node, "cmyk");
        return new Cmyk(number(inks, 0), number(inks, 1), number(inks, 2), number(inks, 3));
    }

    static Palette read(JsonNode root, int version) throws JobFileException {
        List<Swatch> swatches = new ArrayList<>();
        for (JsonNode node : need(root, "swatches")) {
            Swatch swatch =
                    new Swatch(need(node, "id").asInt(), need(node, "name").asText(), build(node));
            swatches.add(version < 4 ? swatch : withMore(swatch, node));
        }
        swatches = FormerTones.known(swatches);
        if (version < 4) {
            return palette(swatches, List.of(), Palette.FIRST, 0);
        }
        List<Colourway> ways = new ArrayList<>();
        for (JsonNode node : need(root, "colourways")) {
            Map<Integer, Cmyk> builds = new TreeMap<>();
            for (JsonNode one : need(node, "builds")) {
                builds.put(need(one, "swatch").asInt(), build(one));
            }
            ways.add(new Colourway(need(node, "name").asText(), builds));
        }
        // Before ids were remembered, what mentions a swatch tells which were used.
        int mentioned =
                ways.stream()
                        .flatMap(w -> w.builds().keySet().stream())
                        .max(Integer::compare)
                        .orElse(0);
        int last = Math.max(mentioned, root.path("lastSwatch").asInt(0));
        return palette(swatches, ways, (int) number(root, "colourway"), last);
    }

    private static Palette palette(List<Swatch> swatches, List<Colourway> ways, int shown, int last)
            throws JobFileException {
        try {
            return new Palette(swatches, ways, shown, last);
        } catch (IllegalArgumentException e) {
            throw new JobFileException("The job is damaged: " + e.getMessage() + ".", e);
        }
    }

    private static Swatch withMore(Swatch swatch, JsonNode node) throws JobFileException {
        JsonNode spot = node.path("spot");
        Optional<Lab> ink =
                spot.isMissingNode()
                        ? Optional.empty()
                        : Optional.of(new Lab(number(spot, 0), number(spot, 1), number(spot, 2)));
        Swatch more =
                swatch.withGroup(need(node, "group").asText())
                        .withLocked(need(node, "locked").asBoolean())
                        .withSpot(ink);
        JsonNode tone = node.path("tone");
        return tone.isMissingNode()
                ? more
                : more.withTone(
                        new Swatch.Tone(need(tone, "of").asInt(), need(tone, "lit").asBoolean()));
    }

    static void writeGroups(List<AreaGroup> groups, ArrayNode array) {
        for (AreaGroup group : groups) {
            points(
                    array.addObject().put("name", group.name()).putArray("anchors"),
                    group.anchors());
        }
    }

    static List<AreaGroup> readGroups(JsonNode root, int version) throws JobFileException {
        List<AreaGroup> groups = new ArrayList<>();
        if (version >= 4) {
            for (JsonNode node : need(root, "groups")) {
                groups.add(
                        new AreaGroup(need(node, "name").asText(), points(need(node, "anchors"))));
            }
        }
        return groups;
    }
}

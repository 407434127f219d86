package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.flat.Swatch;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** 5 to 6: sections; what came in the course of version 5 is always there. */
final class SectionsLift implements Lift {

    private static final String LIT = ", lit";
    private static final String SHADED = ", shaded";

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        if (!root.has("opening")) {
            // The first page as it is stored.
            root.set("opening", json("{\"page\": 0, \"upright\": false, \"ppi\": 0}"));
        }
        ObjectNode sheet = object(root, "sheet");
        SheetCompletion.complete(sheet);
        sheet.set("ppi", JsonFields.need(root, "ppi"));
        if (!root.has("lastSwatch")) {
            root.put("lastSwatch", 0);
        }
        root.put("lastSwatch", Math.max(root.get("lastSwatch").asInt(), lastMentioned(root)));
        tellTones(JsonFields.need(root, "swatches"));
        ObjectNode colour = json("{}");
        move(
                root,
                colour,
                "swatches",
                "colourways",
                "colourway",
                "lastSwatch",
                "fills",
                "groups",
                "flat");
        ObjectNode press = json("{}");
        move(root, press, "black");
        ObjectNode log = json("{}");
        move(root, log, "settled");
        root.remove("ppi");
        root.set("colour", colour);
        root.set("press", press);
        root.set("log", log);
    }

    private static void move(ObjectNode from, ObjectNode to, String... fields)
            throws DamagedException {
        for (String field : fields) {
            to.set(field, JsonFields.need(from, field));
            from.remove(field);
        }
    }

    /** Ids that fills, forms, lines and colourways mention were used, though none may be left. */
    private static int lastMentioned(ObjectNode root) throws DamagedException {
        int last = 0;
        for (JsonNode swatch : JsonFields.need(root, "swatches")) {
            last = Math.max(last, swatch.path("id").asInt());
        }
        JsonNode colour = object(root, "line").path("colour");
        last = Math.max(last, colour.path("swatch").asInt());
        last = Math.max(last, lastOf(colour.path("held")));
        last = Math.max(last, lastOf(root.path("fills")));
        for (JsonNode way : root.path("colourways")) {
            last = Math.max(last, lastOf(way.path("builds")));
        }
        JsonNode forms = root.path("flat").path("forms");
        last = Math.max(last, lastOf(forms));
        for (JsonNode form : forms) {
            for (JsonNode pair : form.path("darker")) {
                last = Math.max(last, Math.max(pair.path(0).asInt(), pair.path(1).asInt()));
            }
        }
        return last;
    }

    private static int lastOf(JsonNode array) {
        int last = 0;
        for (JsonNode node : array) {
            last = Math.max(last, node.path("swatch").asInt());
        }
        return last;
    }

    /** Darker and lighter sisters of a swatch were once told by the ending of their names alone. */
    private static void tellTones(JsonNode swatches) {
        for (JsonNode swatch : swatches) {
            String name = swatch.path("name").asText();
            boolean lit = name.endsWith(LIT);
            boolean sister = lit || name.endsWith(SHADED);
            if (!sister || swatch.has("tone") || !(swatch instanceof ObjectNode node)) {
                continue;
            }
            for (JsonNode base : swatches) {
                String stem = base.path("name").asText();
                if (Swatch.named(stem, lit ? LIT : SHADED).equals(name)) {
                    node.putObject("tone").put("of", base.path("id").asInt()).put("lit", lit);
                    break;
                }
            }
        }
    }
}

package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.points;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.flat.FlatRecipe;
import neattrace.flat.FlatRecipe.Pieces;
import neattrace.flat.Form;
import neattrace.geom.Point;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** How flats are finished. */
final class FlatJson {

    private FlatJson() {}

    static void write(FlatRecipe recipe, ObjectNode node) {
        node.put("spreadMm", recipe.spreadMm())
                .put("pieces", recipe.pieces().name())
                .put("lightDegrees", recipe.lightDegrees());
        ArrayNode forms = node.putArray("forms");
        recipe.forms().forEach(form -> write(form, forms.addObject()));
    }

    private static void write(Form form, ObjectNode node) {
        if (form instanceof Form.Inset inset) {
            node.put("kind", "INSET").put("mm", inset.mm()).put("swatch", inset.swatch());
            point(inset.anchor(), node);
        } else if (form instanceof Form.Side side) {
            node.put("kind", side.lit() ? "LIT" : "SHADED");
            node.put("mm", side.mm()).put("swatch", side.swatch());
            point(side.anchor(), node);
        } else if (form instanceof Form.Highlight light) {
            node.put("kind", "HIGHLIGHT").put("swatch", light.swatch());
            point(light.anchor(), node);
            points(node.putArray("ring"), light.ring());
        } else if (form instanceof Form.Shade shade) {
            node.put("kind", "SHADE");
            points(node.putArray("ring"), shade.ring());
            ArrayNode darker = node.putArray("darker");
            new TreeMap<>(shade.darker())
                    .forEach((from, to) -> darker.addArray().add(from).add(to));
        } else if (form instanceof Form.Cast cast) {
            node.put("kind", "CAST").put("mm", cast.mm()).put("swatch", cast.swatch());
        }
    }

    private static void point(Point at, ObjectNode node) {
        node.putArray("at").add(at.x()).add(at.y());
    }

    static FlatRecipe read(JsonNode node) throws DamagedException {
        List<Form> forms = new ArrayList<>();
        for (JsonNode form : need(node, "forms")) {
            forms.add(form(form));
        }
        return new FlatRecipe(
                number(node, "spreadMm"),
                choice(need(node, "pieces"), Pieces.class),
                number(node, "lightDegrees"),
                forms);
    }

    private static Form form(JsonNode node) throws DamagedException {
        String kind = need(node, "kind").asText();
        return switch (kind) {
            case "INSET" -> new Form.Inset(at(node), number(node, "mm"), swatch(node));
            case "LIT", "SHADED" ->
                    new Form.Side(at(node), number(node, "mm"), kind.equals("LIT"), swatch(node));
            case "HIGHLIGHT" ->
                    new Form.Highlight(at(node), points(need(node, "ring")), swatch(node));
            case "SHADE" -> new Form.Shade(points(need(node, "ring")), darker(node));
            case "CAST" -> new Form.Cast(number(node, "mm"), swatch(node));
            default -> throw new DamagedException("\"" + kind + "\" is not known here");
        };
    }

    private static Map<Integer, Integer> darker(JsonNode node) throws DamagedException {
        Map<Integer, Integer> darker = new TreeMap<>();
        for (JsonNode pair : need(node, "darker")) {
            darker.put((int) number(pair, 0), (int) number(pair, 1));
        }
        return darker;
    }

    private static int swatch(JsonNode node) throws DamagedException {
        return whole(node, "swatch");
    }

    private static Point at(JsonNode node) throws DamagedException {
        return JsonFields.point(need(node, "at"));
    }
}

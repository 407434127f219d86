package neattrace.job.json;

import static neattrace.json.JsonFields.finite;
import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.json.DamagedException;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;

/** What was decided about lines, as a JSON object documented in docs/job-format.md. */
public final class LineJson {

    /** Places are kept to a tenth of a thousandth of a mm. */
    private static final double ROUNDING = 1e4;

    private LineJson() {}

    /** Fills an object with a recipe. */
    public static void write(LineRecipe recipe, ObjectNode node) {
        node.put("maxErrorPx", recipe.maxErrorPx());
        WeightRecipe weight = recipe.weight();
        ObjectNode weightNode =
                node.putObject("weight")
                        .put("evenMm", weight.evenMm())
                        .put("taperShare", weight.taperShare())
                        .put("allMm", weight.allMm())
                        .put("outsideMm", weight.outsideMm());
        ArrayNode parts = weightNode.putArray("outsideParts");
        weight.outsideParts().forEach(part -> add(parts.addArray(), part));
        ArrayNode edits = node.putArray("edits");
        for (InkEdit edit : recipe.edits()) {
            ObjectNode editNode = edits.addObject().put("what", edit.what());
            add(editNode.putArray("at"), edit.at());
            shapes(edit.wiped(), editNode.putArray("wiped"));
            shapes(edit.drawn(), editNode.putArray("drawn"));
        }
        ArrayNode points = node.putArray("points");
        for (PointEdit edit : recipe.points()) {
            point(edit, points.addObject());
        }
        LineColour colour = recipe.colour();
        ObjectNode colourNode =
                node.putObject("colour")
                        .put("swatch", colour.swatch())
                        .put("borderBlack", colour.borderBlack());
        ArrayNode held = colourNode.putArray("held");
        for (LineColour.Hold hold : colour.held()) {
            ObjectNode holdNode = held.addObject().put("swatch", hold.swatch());
            add(holdNode.putArray("at"), hold.at());
        }
    }

    private static void point(PointEdit edit, ObjectNode node) {
        add(node.putArray("at"), edit.at());
        if (edit instanceof PointEdit.Move move) {
            node.put("kind", "MOVE");
            add(node.putArray("to"), move.to());
            add(node.putArray("in"), move.in());
            add(node.putArray("out"), move.out());
        } else {
            node.put("kind", edit instanceof PointEdit.Add ? "ADD" : "DELETE");
        }
    }

    private static void shapes(List<InkShape> shapes, ArrayNode array) {
        for (InkShape shape : shapes) {
            ObjectNode node = array.addObject();
            if (shape instanceof InkShape.Stroke stroke) {
                numbers(stroke.x(), node.putArray("x"));
                numbers(stroke.y(), node.putArray("y"));
                numbers(stroke.width(), node.putArray("width"));
            } else if (shape instanceof InkShape.Area area) {
                ArrayNode rings = node.putArray("rings");
                area.rings().forEach(ring -> numbers(ring, rings.addArray()));
            }
        }
    }

    private static double rounded(double value) {
        return Math.round(value * ROUNDING) / ROUNDING;
    }

    private static void numbers(double[] values, ArrayNode array) {
        for (double value : values) {
            array.add(rounded(value));
        }
    }

    private static void add(ArrayNode array, Point point) {
        array.add(rounded(point.x())).add(rounded(point.y()));
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static LineRecipe read(JsonNode node) throws DamagedException {
        JsonNode weightNode = need(node, "weight");
        List<Point> parts = new ArrayList<>();
        for (JsonNode part : need(weightNode, "outsideParts")) {
            parts.add(place(part));
        }
        WeightRecipe weight =
                new WeightRecipe(
                        number(weightNode, "evenMm"),
                        number(weightNode, "taperShare"),
                        number(weightNode, "allMm"),
                        number(weightNode, "outsideMm"),
                        parts);
        List<InkEdit> edits = new ArrayList<>();
        for (JsonNode edit : need(node, "edits")) {
            edits.add(
                    new InkEdit(
                            need(edit, "what").asText(),
                            place(need(edit, "at")),
                            shapes(need(edit, "wiped")),
                            shapes(need(edit, "drawn"))));
        }
        List<PointEdit> points = new ArrayList<>();
        for (JsonNode edit : need(node, "points")) {
            points.add(point(edit));
        }
        JsonNode colourNode = need(node, "colour");
        List<LineColour.Hold> held = new ArrayList<>();
        for (JsonNode hold : need(colourNode, "held")) {
            held.add(new LineColour.Hold(place(need(hold, "at")), whole(hold, "swatch")));
        }
        LineColour colour =
                new LineColour(whole(colourNode, "swatch"), flag(colourNode, "borderBlack"), held);
        return new LineRecipe(edits, weight, number(node, "maxErrorPx"), points, colour);
    }

    private static PointEdit point(JsonNode node) throws DamagedException {
        Point at = place(need(node, "at"));
        return switch (need(node, "kind").asText()) {
            case "MOVE" ->
                    new PointEdit.Move(
                            at,
                            place(need(node, "to")),
                            place(need(node, "in")),
                            place(need(node, "out")));
            case "ADD" -> new PointEdit.Add(at);
            case "DELETE" -> new PointEdit.Delete(at);
            default -> throw new DamagedException("a point edit of no kind");
        };
    }

    private static List<InkShape> shapes(JsonNode array) throws DamagedException {
        List<InkShape> shapes = new ArrayList<>();
        for (JsonNode node : array) {
            if (node.has("rings")) {
                List<double[]> rings = new ArrayList<>();
                for (JsonNode ring : node.get("rings")) {
                    rings.add(numbers(ring));
                }
                shapes.add(new InkShape.Area(rings));
            } else {
                shapes.add(
                        new InkShape.Stroke(
                                numbers(need(node, "x")),
                                numbers(need(node, "y")),
                                numbers(need(node, "width"))));
            }
        }
        return shapes;
    }

    private static double[] numbers(JsonNode array) throws DamagedException {
        double[] values = new double[array.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = finite(array.get(i), "number " + i);
        }
        return values;
    }

    private static Point place(JsonNode array) throws DamagedException {
        return new Point(finite(array.path(0), "x"), finite(array.path(1), "y"));
    }
}

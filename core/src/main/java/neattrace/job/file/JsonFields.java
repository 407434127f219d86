package neattrace.job.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Reads fields that must be there; writes and reads places. */
final class JsonFields {

    /** No place and no length is so far off, in any unit. */
    private static final double FARTHEST = 1e6;

    private JsonFields() {}

    static void points(ArrayNode array, List<Point> points) {
        points.forEach(point -> array.addArray().add(point.x()).add(point.y()));
    }

    static List<Point> points(JsonNode array) throws JobFileException {
        List<Point> points = new ArrayList<>();
        for (JsonNode node : array) {
            points.add(new Point(number(node, 0), number(node, 1)));
        }
        return points;
    }

    static JsonNode need(JsonNode node, String field) throws JobFileException {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            throw new JobFileException("The job is incomplete: \"" + field + "\" is missing.");
        }
        return value;
    }

    static double number(JsonNode node, String field) throws JobFileException {
        return finite(need(node, field), field);
    }

    static double number(JsonNode array, int index) throws JobFileException {
        return finite(array.path(index), "number " + index);
    }

    private static double finite(JsonNode value, String what) throws JobFileException {
        if (!value.isNumber() || !Double.isFinite(value.asDouble())) {
            throw new JobFileException("The job is damaged: \"" + what + "\" is no number.");
        }
        if (Math.abs(value.asDouble()) > FARTHEST) {
            throw new JobFileException("The job is damaged: \"" + what + "\" is out of reach.");
        }
        return value.asDouble();
    }
}

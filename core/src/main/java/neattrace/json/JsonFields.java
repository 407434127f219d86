package neattrace.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Reads fields that must be there; writes and reads places. */
public final class JsonFields {

    /** No place and no length is so far off, in any unit. */
    private static final double FARTHEST = 1e6;

    private JsonFields() {}

    /** A field that must be there. */
    public static JsonNode need(JsonNode node, String field) throws DamagedException {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            throw new DamagedException("\"" + field + "\" is missing");
        }
        return value;
    }

    /** A finite number within a million of zero. */
    public static double number(JsonNode node, String field) throws DamagedException {
        return finite(need(node, field), field);
    }

    /** A finite number of a list. */
    public static double number(JsonNode array, int index) throws DamagedException {
        return finite(array.path(index), "number " + index);
    }

    /** A list of exactly so many finite numbers. */
    public static double[] numbers(JsonNode node, String field, int count) throws DamagedException {
        JsonNode array = need(node, field);
        if (array.size() != count) {
            throw new DamagedException("\"" + field + "\" is no list of " + count + " numbers");
        }
        double[] numbers = new double[count];
        for (int i = 0; i < count; i++) {
            numbers[i] = number(array, i);
        }
        return numbers;
    }

    /** Text. */
    public static String text(JsonNode node, String field) throws DamagedException {
        return need(node, field).asText();
    }

    /** A whole number. */
    public static int whole(JsonNode node, String field) throws DamagedException {
        JsonNode value = need(node, field);
        if (!value.isInt()) {
            throw new DamagedException("\"" + field + "\" is no whole number");
        }
        return value.asInt();
    }

    /** True or false. */
    public static boolean flag(JsonNode node, String field) throws DamagedException {
        JsonNode value = need(node, field);
        if (!value.isBoolean()) {
            throw new DamagedException("\"" + field + "\" is neither true nor false");
        }
        return value.asBoolean();
    }

    /** A finite number within a million of zero; {@code what} names it in the error. */
    public static double finite(JsonNode value, String what) throws DamagedException {
        if (!value.isNumber() || !Double.isFinite(value.asDouble())) {
            throw new DamagedException("\"" + what + "\" is no number");
        }
        if (Math.abs(value.asDouble()) > FARTHEST) {
            throw new DamagedException("\"" + what + "\" is out of reach");
        }
        return value.asDouble();
    }

    /** One of the names of an enum. */
    public static <T extends Enum<T>> T choice(JsonNode value, Class<T> type)
            throws DamagedException {
        for (T choice : type.getEnumConstants()) {
            if (choice.name().equals(value.asText())) {
                return choice;
            }
        }
        throw new DamagedException("\"" + value.asText() + "\" is not known here");
    }

    /** Writes a place. */
    public static void point(ArrayNode array, Point point) {
        array.add(point.x()).add(point.y());
    }

    /** A place of two numbers. */
    public static Point point(JsonNode array) throws DamagedException {
        if (array.size() != 2) {
            throw new DamagedException("a place has two numbers");
        }
        return new Point(number(array, 0), number(array, 1));
    }

    /** Writes places. */
    public static void points(ArrayNode array, List<Point> points) {
        points.forEach(point -> point(array.addArray(), point));
    }

    /** Places. */
    public static List<Point> points(JsonNode array) throws DamagedException {
        List<Point> points = new ArrayList<>();
        for (JsonNode node : array) {
            points.add(point(node));
        }
        return points;
    }

    /** To a thousandth, as files for other programs tell lengths. */
    public static double rounded(double value) {
        return Math.rint(value * 1000) / 1000;
    }
}

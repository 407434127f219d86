package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.points;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.json.DamagedException;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.Mend;
import neattrace.region.OpenLine;

/** The section of gaps. */
public final class CloseJson {

    private CloseJson() {}

    /** Fills an object. */
    public static void write(CloseSettings close, ObjectNode node) {
        node.put("gapMm", close.gapMm());
        points(node.putArray("opened"), close.opened());
        points(node.putArray("closed"), close.closed());
        ArrayNode openLines = node.putArray("openLines");
        for (OpenLine line : close.openLines()) {
            ObjectNode open = openLines.addObject();
            points(open.putArray("middle"), line.middle());
            open.put("reachMm", line.reachMm());
        }
        joins(node.putArray("joins"), close.joins());
        joins(node.putArray("cuts"), close.cuts());
        node.put("frameMm", close.frameMm());
        node.put("mend", close.mend().name());
    }

    private static void joins(ArrayNode array, List<Join> joins) {
        joins.forEach(join -> points(array.addArray(), join.line()));
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static CloseSettings read(JsonNode node) throws DamagedException {
        return new CloseSettings(
                number(node, "gapMm"),
                points(need(node, "opened")),
                points(need(node, "closed")),
                openLines(need(node, "openLines")),
                joins(need(node, "joins")),
                joins(need(node, "cuts")),
                number(node, "frameMm"),
                node.has("mend") ? choice(node.get("mend"), Mend.class) : Mend.UNSEEN);
    }

    private static List<OpenLine> openLines(JsonNode array) throws DamagedException {
        List<OpenLine> lines = new ArrayList<>();
        for (JsonNode node : array) {
            lines.add(new OpenLine(points(need(node, "middle")), number(node, "reachMm")));
        }
        return lines;
    }

    private static List<Join> joins(JsonNode array) throws DamagedException {
        List<Join> joins = new ArrayList<>();
        for (JsonNode node : array) {
            List<Point> line = points(node);
            if (line.size() < 2) {
                throw new DamagedException("an unseen line has no two places");
            }
            joins.add(new Join(line));
        }
        return joins;
    }
}

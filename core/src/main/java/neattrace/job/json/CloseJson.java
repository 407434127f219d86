package neattrace.job.file;

import static neattrace.job.file.JsonFields.need;
import static neattrace.job.file.JsonFields.number;
import static neattrace.job.file.JsonFields.points;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.OpenLine;

/** What was decided about gaps. */
final class CloseJson {

    private CloseJson() {}

    static void write(CloseSettings close, ObjectNode node) {
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
    }

    private static void joins(ArrayNode array, List<Join> joins) {
        joins.forEach(join -> points(array.addArray(), join.line()));
    }

    static CloseSettings read(JsonNode node, int version) throws JobFileException {
        return new CloseSettings(
                number(node, "gapMm"),
                points(need(node, "opened")),
                points(need(node, "closed")),
                version < 5 ? List.of() : openLines(need(node, "openLines")),
                joins(need(node, "joins")),
                version < 4 ? List.of() : joins(need(node, "cuts")),
                version < 4 ? CloseSettings.NO_FRAME : number(node, "frameMm"));
    }

    private static List<OpenLine> openLines(JsonNode array) throws JobFileException {
        List<OpenLine> lines = new ArrayList<>();
        for (JsonNode node : array) {
            List<Point> middle = points(need(node, "middle"));
            double reachMm = number(node, "reachMm");
            try {
                lines.add(new OpenLine(middle, reachMm));
            } catch (IllegalArgumentException e) {
                throw new JobFileException("The job is damaged: " + e.getMessage() + ".");
            }
        }
        return lines;
    }

    private static List<Join> joins(JsonNode array) throws JobFileException {
        List<Join> joins = new ArrayList<>();
        for (JsonNode node : array) {
            List<Point> line = points(node);
            if (line.size() < 2) {
                throw new JobFileException("The job is damaged: an unseen line has no two places.");
            }
            joins.add(new Join(line));
        }
        return joins;
    }
}

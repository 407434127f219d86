package neattrace.job.json;

import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import neattrace.geom.Point;
import neattrace.job.LogSection;
import neattrace.job.Settled;
import neattrace.job.WrittenFile;
import neattrace.json.DamagedException;

/** The section of what was looked at. */
public final class LogJson {

    /** What was found at Flats before files told of it; a swatch's number may follow. */
    private static final Set<String> EARLIER_FLATS =
            Set.of("alike", "once", "crowded", "small", "leak", "cut");

    private LogJson() {}

    /** Fills an object. */
    public static void write(LogSection log, ObjectNode node) {
        ArrayNode settled = node.putArray("settled");
        for (Settled finding : log.settled()) {
            settled.addObject()
                    .put("station", finding.station())
                    .put("what", finding.what())
                    .put("x", finding.at().x())
                    .put("y", finding.at().y());
        }
        ArrayNode written = node.putArray("written");
        for (WrittenFile file : log.written()) {
            written.addObject()
                    .put("use", file.use().key())
                    .put("goods", file.goods())
                    .put("name", file.name())
                    .put("at", file.at().toString())
                    .put("state", file.state());
        }
        WorkJson.write(log.work(), node.putObject("work"));
        WorkJson.write(log.proofs(), node.putArray("proofs"));
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static LogSection read(JsonNode node) throws DamagedException {
        List<Settled> settled = new ArrayList<>();
        for (JsonNode one : need(node, "settled")) {
            Point at = new Point(number(one, "x"), number(one, "y"));
            String what = text(one, "what");
            String station = one.has("station") ? text(one, "station") : earlierStation(what);
            settled.add(new Settled(station, what, at));
        }
        return new LogSection(
                settled,
                written(need(node, "written")),
                WorkJson.read(need(node, "work")),
                WorkJson.proofs(need(node, "proofs")));
    }

    private static List<WrittenFile> written(JsonNode array) throws DamagedException {
        List<WrittenFile> written = new ArrayList<>();
        for (JsonNode one : array) {
            String at = text(one, "at");
            try {
                written.add(
                        new WrittenFile(
                                WantedJson.use(text(one, "use")),
                                whole(one, "goods"),
                                text(one, "name"),
                                LocalDateTime.parse(at),
                                text(one, "state")));
            } catch (DateTimeParseException e) {
                throw new DamagedException("\"" + at + "\" is no time");
            }
        }
        return written;
    }

    /** Where it was found, for jobs written before files told of it. */
    private static String earlierStation(String what) {
        if (what.startsWith("line-") || what.startsWith("all-line-")) {
            return "line";
        }
        return EARLIER_FLATS.contains(what.split(" ")[0]) ? "flats" : "sheet";
    }
}

package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.points;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.job.BriefSection;
import neattrace.job.Lettering;
import neattrace.job.Reference;
import neattrace.job.log.Snapshot;
import neattrace.json.DamagedException;

/** The section of what was agreed. */
public final class BriefJson {

    private BriefJson() {}

    /** Fills an object. */
    public static void write(BriefSection brief, ObjectNode node) {
        node.put("client", brief.client());
        node.put("due", brief.due().map(LocalDate::toString).orElse(""));
        node.put("announceDays", brief.announceDays());
        ArrayNode references = node.putArray("references");
        for (Reference reference : brief.references()) {
            references
                    .addObject()
                    .put("what", reference.what())
                    .put("whose", reference.whose())
                    .put("use", reference.use().name())
                    .put("picture", reference.picture().base64());
        }
        ArrayNode lettering = node.putArray("lettering");
        for (Lettering one : brief.lettering()) {
            points(lettering.addArray(), List.of(one.from(), one.to()));
        }
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static BriefSection read(JsonNode node) throws DamagedException {
        List<Reference> references = new ArrayList<>();
        for (JsonNode one : need(node, "references")) {
            references.add(
                    new Reference(
                            text(one, "what"),
                            text(one, "whose"),
                            choice(need(one, "use"), Reference.Use.class),
                            Snapshot.ofBase64(text(one, "picture"))));
        }
        return new BriefSection(
                text(node, "client"),
                due(text(node, "due")),
                whole(node, "announceDays"),
                references,
                lettering(need(node, "lettering")));
    }

    private static List<Lettering> lettering(JsonNode array) throws DamagedException {
        List<Lettering> lettering = new ArrayList<>();
        for (JsonNode one : array) {
            List<Point> corners = points(one);
            if (corners.size() != 2) {
                throw new DamagedException("lettering has two corners");
            }
            lettering.add(Lettering.between(corners.get(0), corners.get(1)));
        }
        return lettering;
    }

    private static Optional<LocalDate> due(String day) throws DamagedException {
        return day.isEmpty() ? Optional.empty() : Optional.of(WorkJson.day(day));
    }
}

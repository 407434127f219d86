package neattrace.finding;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import neattrace.geom.Point;

/** Writes findings for other programs: docs/findings.md. */
public final class FindingsJson {

    private FindingsJson() {}

    /**
     * A list of objects, one for each finding, in the order of the findings.
     *
     * @param widthMm of the page: findings about the whole drawing extend over it
     * @param heightMm of the page
     */
    public static String write(Findings findings, double widthMm, double heightMm) {
        ObjectMapper mapper = new ObjectMapper();
        ArrayNode list = mapper.createArrayNode();
        Place page = new Place.Box(new Point(widthMm / 2, heightMm / 2), widthMm, heightMm);
        for (Group group : findings.groups()) {
            group.findings().forEach(finding -> write(finding, page, list.addObject()));
        }
        try {
            return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(list);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("numbers and texts can be written", e);
        }
    }

    private static void write(Finding finding, Place page, ObjectNode node) {
        node.put("station", finding.kind().station());
        node.put("kind", finding.kind().key());
        node.put("severity", finding.kind().severity().key());
        finding.goods().forEach(node.putArray("goods")::add);
        Place place = finding.place().orElse(page);
        node.putArray("at").add(rounded(place.at().x())).add(rounded(place.at().y()));
        node.putArray("extent").add(rounded(place.widthMm())).add(rounded(place.heightMm()));
        node.put("whole", finding.place().isEmpty());
        Optional<Measure> measure = finding.measure();
        if (measure.isPresent()) {
            ObjectNode object = node.putObject("measure");
            object.put("value", rounded(measure.get().value()));
            object.put("unit", measure.get().unit());
        } else {
            node.putNull("measure");
        }
        finding.limit()
                .ifPresentOrElse(
                        limit -> node.put("limit", rounded(limit)), () -> node.putNull("limit"));
        node.put("words", finding.title());
        node.put("reason", finding.reason());
        ArrayNode answers = node.putArray("answers");
        for (Answer answer : finding.answers()) {
            answers.addObject().put("key", answer.key()).put("words", answer.label());
        }
    }
}

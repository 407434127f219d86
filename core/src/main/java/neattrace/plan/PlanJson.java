package neattrace.plan;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.job.log.Estimate;

/** Plans for other programs. */
public final class PlanJson {

    private PlanJson() {}

    /**
     * {@code record} with {@code stages}, {@code within} and {@code ratio} (see {@link
     * TrackRecord}); {@code jobs} with {@code job}, {@code due}, {@code begin} (or null), {@code
     * inTime}, {@code hoursShort}, {@code hoursShortAtWorst}, {@code helps} and {@code stages}
     * ({@code stage}, {@code low}, {@code likely}, {@code high}, hours); {@code days} with {@code
     * day}, {@code job}, {@code stage}, {@code hours}. Days are as ISO 8601 writes them.
     */
    public static String write(Plan plan, TrackRecord record) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode root = mapper.createObjectNode();
        root.putObject("record")
                .put("stages", record.stages())
                .put("within", record.within())
                .put("ratio", rounded(record.ratio()));
        ArrayNode jobs = root.putArray("jobs");
        for (Plan.Outcome outcome : plan.outcomes()) {
            ObjectNode job = jobs.addObject().put("job", outcome.task().job());
            job.put("due", outcome.task().due().toString());
            job.put("begin", outcome.begin().map(Object::toString).orElse(null));
            job.put("inTime", outcome.inTime());
            job.put("hoursShort", rounded(outcome.hoursShort()));
            job.put("hoursShortAtWorst", rounded(outcome.hoursShortAtWorst()));
            outcome.helps().forEach(job.putArray("helps")::add);
            ArrayNode stages = job.putArray("stages");
            for (Estimate one : outcome.task().left()) {
                stages.addObject()
                        .put("stage", one.stage().key())
                        .put("low", rounded(one.low()))
                        .put("likely", rounded(one.likely()))
                        .put("high", rounded(one.high()));
            }
        }
        ArrayNode days = root.putArray("days");
        for (Booking one : plan.bookings()) {
            days.addObject()
                    .put("day", one.day().toString())
                    .put("job", one.job())
                    .put("stage", one.stage().key())
                    .put("hours", rounded(one.hours()));
        }
        try {
            return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("numbers and texts can be written", e);
        }
    }

    private static double rounded(double hours) {
        return Math.rint(hours * 100) / 100;
    }
}

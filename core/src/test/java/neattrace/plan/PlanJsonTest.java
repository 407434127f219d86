package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;
import org.junit.jupiter.api.Test;

/** What programs read of a plan is what people read of it. */
class PlanJsonTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);
    private static final WorkCalendar CALENDAR =
            new WorkCalendar(5, EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), Set.of());

    private static JsonNode read(Plan plan, TrackRecord record) throws IOException {
        return new ObjectMapper().readTree(PlanJson.write(plan, record));
    }

    private static Plan plan(Task... tasks) {
        return Planner.plan(List.of(tasks), CALENDAR, TODAY);
    }

    @Test
    void everyHourOfThePlanIsThere() throws IOException {
        Plan plan =
                plan(
                        new Task(
                                "Puffin & “Co”",
                                LocalDate.of(2027, 3, 12),
                                1,
                                List.of(
                                        new Estimate(WorkStage.ROUGH, 2, 4, 9),
                                        new Estimate(WorkStage.INKS, 3, 7.125, 11))),
                        new Task(
                                "Moth",
                                LocalDate.of(2027, 3, 4),
                                0,
                                List.of(new Estimate(WorkStage.INKS, 20, 40, 80))));
        JsonNode root = read(plan, new TrackRecord(12, 9, 1.2345));
        assertThat(root.at("/record/stages").asInt()).isEqualTo(12);
        assertThat(root.at("/record/within").asInt()).isEqualTo(9);
        assertThat(root.at("/record/ratio").asDouble()).isEqualTo(1.23);
        assertThat(root.get("days")).hasSameSizeAs(plan.bookings());
        double hours = 0;
        LocalDate before = LocalDate.MIN;
        for (JsonNode day : root.get("days")) {
            hours += day.get("hours").asDouble();
            LocalDate on = LocalDate.parse(day.get("day").asText());
            assertThat(on).isAfterOrEqualTo(before).isAfterOrEqualTo(TODAY);
            before = on;
        }
        double booked = plan.bookings().stream().mapToDouble(Booking::hours).sum();
        assertThat(hours).isCloseTo(booked, within(0.01 * plan.bookings().size()));
    }

    @Test
    void whatIsLateSaysByHowMuchAndWhatHelps() throws IOException {
        JsonNode jobs =
                read(
                                plan(
                                        new Task(
                                                "Moth",
                                                LocalDate.of(2027, 3, 4),
                                                0,
                                                List.of(new Estimate(WorkStage.INKS, 20, 40, 80)))),
                                TrackRecord.NONE)
                        .get("jobs");
        JsonNode moth = jobs.get(0);
        assertThat(moth.get("job").asText()).isEqualTo("Moth");
        assertThat(moth.get("due").asText()).isEqualTo("2027-03-04");
        assertThat(moth.get("inTime").asBoolean()).isFalse();
        // Monday to Wednesday hold 15 of 40 hours.
        assertThat(moth.get("hoursShort").asDouble()).isEqualTo(25);
        assertThat(moth.get("hoursShortAtWorst").asDouble()).isGreaterThan(25);
        assertThat(moth.get("helps")).isNotEmpty();
        JsonNode stage = moth.at("/stages/0");
        assertThat(stage.get("stage").asText()).isEqualTo(WorkStage.INKS.key());
        assertThat(stage.get("low").asDouble()).isEqualTo(20);
        assertThat(stage.get("likely").asDouble()).isEqualTo(40);
        assertThat(stage.get("high").asDouble()).isEqualTo(80);
    }

    @Test
    void whatIsDoneBeginsOnNoDay() throws IOException {
        JsonNode root =
                read(
                        plan(new Task("Done", LocalDate.of(2027, 3, 12), 0, List.of())),
                        TrackRecord.NONE);
        assertThat(root.at("/jobs/0/begin").isNull()).isTrue();
        assertThat(root.at("/jobs/0/inTime").asBoolean()).isTrue();
        assertThat(root.get("days")).isEmpty();
        assertThat(root.at("/record/ratio").asDouble()).isEqualTo(1);
    }
}

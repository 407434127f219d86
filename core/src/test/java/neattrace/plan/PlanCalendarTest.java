package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.validate.ValidationException;
import org.junit.jupiter.api.Test;

/** Read back by another library, and against the words of RFC 5545. */
class PlanCalendarTest {

    private static final Instant NOW = Instant.parse("2027-03-01T12:00:00Z");

    /**
     * Over the change to summer time of 28 March 2027 (EU directive 2000/84/EC: last Sunday in
     * March).
     */
    private static final Plan PLAN =
            Planner.plan(
                    List.of(
                            new Task(
                                    "Möwe, „3“; a\\b",
                                    LocalDate.of(2027, 3, 30),
                                    1,
                                    List.of(
                                            new Estimate(WorkStage.INKS, 4, 9, 14),
                                            new Estimate(WorkStage.MAKE, 1, 2, 3)))),
                    new WorkCalendar(4, Set.of(), Set.of()),
                    LocalDate.of(2027, 3, 1));

    /** UIDs are those of works, not of titles (RFC 5545, 3.8.4.7). */
    @Test
    void twoWorksOfOneTitleAreTwo() throws Exception {
        List<Estimate> hours = List.of(new Estimate(WorkStage.INKS, 4, 9, 14));
        Task one = new Task("Gull", LocalDate.of(2027, 3, 20), 1, hours);
        Task other = new Task("Gull", LocalDate.of(2027, 3, 27), 1, hours).withId("other/gull");
        Plan plan =
                Planner.plan(
                        List.of(one, other),
                        new WorkCalendar(4, Set.of(), Set.of()),
                        LocalDate.of(2027, 3, 1));
        List<VEvent> events = events(PlanCalendar.write(plan, NOW));
        assertThat(events).hasSize(6);
        assertThat(events.stream().map(event -> event.getUid().getValue())).doesNotHaveDuplicates();
        assertThat(plan.outcomes()).allMatch(outcome -> outcome.begin().isPresent());
    }

    private static List<VEvent> events(String text)
            throws IOException, ParserException, ValidationException {
        Calendar calendar = new CalendarBuilder().build(new StringReader(text));
        calendar.validate();
        return calendar.getComponents(Component.VEVENT);
    }

    @Test
    void anotherParserReadsTheSameDays() throws Exception {
        List<VEvent> events = events(PlanCalendar.write(PLAN, NOW));
        assertThat(events)
                .extracting(event -> event.getSummary().getValue())
                .containsExactly(
                        "Möwe, „3“; a\\b: Inks",
                        "Möwe, „3“; a\\b: Make",
                        "Möwe, „3“; a\\b: announce",
                        "Möwe, „3“; a\\b: promised");
        // Ready on the 28th: 11 hours of four a day go back to the 26th.
        assertThat(events.get(0).getStartDate().getValue()).isEqualTo("20270326");
        assertThat(events.get(0).getEndDate().getValue())
                .as("the end of an all-day event is the day after (3.6.1)")
                .isEqualTo("20270329");
        assertThat(events.get(2).getStartDate().getValue()).isEqualTo("20270329");
        assertThat(events.get(3).getStartDate().getValue()).isEqualTo("20270330");
    }

    /**
     * 3.1: lines end with CR LF and are folded at 75 octets; 3.6: version and product are there.
     */
    @Test
    void theFileKeepsTheRulesOfItsFormat() {
        String text = PlanCalendar.write(PLAN, NOW);
        assertThat(text)
                .startsWith("BEGIN:VCALENDAR\r\n")
                .endsWith("END:VCALENDAR\r\n")
                .contains("VERSION:2.0\r\n", "PRODID:", "DTSTAMP:20270301T120000Z", "VALUE=DATE");
        for (String line : text.split("\r\n")) {
            assertThat(line.getBytes(java.nio.charset.StandardCharsets.UTF_8).length)
                    .isLessThanOrEqualTo(75);
        }
    }

    @Test
    void theSamePlanIsTheSameFile() {
        assertThat(PlanCalendar.write(PLAN, NOW)).isEqualTo(PlanCalendar.write(PLAN, NOW));
    }

    @Test
    void aPlanWithoutJobsIsACalendarWithoutEvents() {
        Plan none = Planner.plan(List.of(), new WorkCalendar(4, Set.of(), Set.of()), LocalDate.MIN);
        assertThat(PlanCalendar.write(none, NOW)).contains("VCALENDAR").doesNotContain("VEVENT");
    }
}

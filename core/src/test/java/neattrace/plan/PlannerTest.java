package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlannerTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);
    private static final WorkCalendar FIVE =
            new WorkCalendar(5, EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), Set.of());

    private static Estimate hours(WorkStage stage, double likely) {
        return new Estimate(stage, likely / 2, likely, likely * 2);
    }

    private static Task task(String job, LocalDate due, double... hours) {
        List<Estimate> left = new ArrayList<>();
        for (int k = 0; k < hours.length; k++) {
            left.add(hours(WorkStage.values()[k], hours[k]));
        }
        return new Task(job, due, 0, left);
    }

    @Test
    void workIsLaidAsLateAsMayBeInItsOrder() {
        // Monday the 1st to Friday the 12th, which is the day promised.
        Plan plan =
                Planner.plan(List.of(task("Puffin", LocalDate.of(2027, 3, 12), 7, 6)), FIVE, TODAY);
        assertThat(plan.bookings())
                .containsExactly(
                        new Booking("Puffin", WorkStage.ROUGH, LocalDate.of(2027, 3, 9), 3),
                        new Booking("Puffin", WorkStage.ROUGH, LocalDate.of(2027, 3, 10), 4),
                        new Booking("Puffin", WorkStage.CLEAN_ROUGH, LocalDate.of(2027, 3, 10), 1),
                        new Booking("Puffin", WorkStage.CLEAN_ROUGH, LocalDate.of(2027, 3, 11), 5));
        assertThat(plan.outcomes().get(0).inTime()).isTrue();
        assertThat(plan.outcomes().get(0).begin()).contains(LocalDate.of(2027, 3, 9));
    }

    @Test
    void daysOffAndWeekendsHaveNoWorkAndAnnouncingComesBefore() {
        Task task =
                new Task("Boat", LocalDate.of(2027, 3, 16), 1, List.of(hours(WorkStage.INKS, 6)));
        WorkCalendar calendar =
                new WorkCalendar(5, FIVE.weeklyOff(), Set.of(LocalDate.of(2027, 3, 12)));
        Plan plan = Planner.plan(List.of(task), calendar, TODAY);
        // Announced on Monday the 15th; the Sunday, the Saturday and the Friday before are free.
        assertThat(plan.bookings())
                .extracting(Booking::day)
                .containsExactly(LocalDate.of(2027, 3, 10), LocalDate.of(2027, 3, 11));
    }

    /** 2028 has a 29th of February (ISO 8601-1:2019, 3.1.1.22). */
    @Test
    void aLeapDayIsADayOfWork() {
        WorkCalendar daily = new WorkCalendar(4, Set.of(), Set.of());
        Plan plan =
                Planner.plan(
                        List.of(task("Moth", LocalDate.of(2028, 3, 1), 6)),
                        daily,
                        LocalDate.of(2028, 2, 1));
        assertThat(plan.bookings())
                .extracting(Booking::day)
                .containsExactly(LocalDate.of(2028, 2, 28), LocalDate.of(2028, 2, 29));
    }

    @Test
    void whatFindsNoRoomIsToldWithWhatWouldHelp() {
        Plan plan = Planner.plan(List.of(task("Late", LocalDate.of(2027, 3, 3), 25)), FIVE, TODAY);
        Plan.Outcome outcome = plan.outcomes().get(0);
        assertThat(outcome.inTime()).isFalse();
        assertThat(outcome.hoursShort()).isCloseTo(15, within(1e-9));
        assertThat(outcome.helps()).contains("7.5 hours more on each of the 2 days");
        assertThat(outcome.helps()).anyMatch(help -> help.contains("2027-03-06"));
    }

    @Test
    void aDayThatHasPassedAndADayWithoutHoursLeaveAllWorkOver() {
        Plan past = Planner.plan(List.of(task("Past", TODAY.minusDays(9), 3)), FIVE, TODAY);
        assertThat(past.outcomes().get(0).hoursShort()).isEqualTo(3);
        assertThat(past.bookings()).isEmpty();
        WorkCalendar never = new WorkCalendar(0, Set.of(), Set.of());
        Plan none = Planner.plan(List.of(task("Never", TODAY.plusDays(99), 3)), never, TODAY);
        assertThat(none.outcomes().get(0).hoursShort()).isEqualTo(3);
        assertThat(none.outcomes().get(0).begin()).isEmpty();
    }

    @Test
    void figuresThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new WorkCalendar(25, Set.of(), Set.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new WorkCalendar(Double.NaN, Set.of(), Set.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Task("A", TODAY, 366, List.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Estimate(WorkStage.INKS, 2, 1, 3))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /**
     * Against all ways: hour by hour, whether every set of jobs fits is what the theorem of demand
     * says (for each span up to a last day, what is due in it is no more than the hours in it).
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void allFitsIfThereIsAnyWayForItToFit(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 40; round++) {
            List<Task> tasks = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                tasks.add(
                        task(
                                "J" + k,
                                TODAY.plusDays(1 + random.nextInt(12)),
                                random.nextInt(8),
                                random.nextInt(8)));
            }
            Set<LocalDate> off = new HashSet<>();
            off.add(TODAY.plusDays(random.nextInt(10)));
            WorkCalendar calendar = new WorkCalendar(3, Set.of(), off);
            Plan plan = Planner.plan(tasks, calendar, TODAY);
            assertThat(plan.outcomes().stream().allMatch(Plan.Outcome::inTime))
                    .isEqualTo(fits(tasks, calendar));
            Map<LocalDate, Double> taken = new HashMap<>();
            for (Booking booking : plan.bookings()) {
                taken.merge(booking.day(), booking.hours(), Double::sum);
            }
            taken.forEach(
                    (day, hours) ->
                            assertThat(hours).isLessThanOrEqualTo(calendar.hours(day) + 1e-9));
            double booked = plan.bookings().stream().mapToDouble(Booking::hours).sum();
            double missing = plan.outcomes().stream().mapToDouble(Plan.Outcome::hoursShort).sum();
            double wanted = tasks.stream().mapToDouble(Task::likely).sum();
            assertThat(booked + missing).isCloseTo(wanted, within(1e-6));
        }
    }

    private static boolean fits(List<Task> tasks, WorkCalendar calendar) {
        for (Task last : tasks) {
            double hours = 0;
            for (LocalDate day = TODAY; !day.isAfter(last.lastDay()); day = day.plusDays(1)) {
                hours += calendar.hours(day);
            }
            double due =
                    tasks.stream()
                            .filter(one -> !one.lastDay().isAfter(last.lastDay()))
                            .mapToDouble(Task::likely)
                            .sum();
            if (due > hours + 1e-9) {
                return false;
            }
        }
        return true;
    }
}

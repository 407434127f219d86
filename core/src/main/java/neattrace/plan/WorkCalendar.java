package neattrace.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;

/**
 * When a person works.
 *
 * @param hoursADay on a working day, 0 to 24
 * @param weeklyOff days of the week without work
 * @param daysOff single days without work
 */
public record WorkCalendar(double hoursADay, Set<DayOfWeek> weeklyOff, Set<LocalDate> daysOff) {

    public WorkCalendar {
        weeklyOff = Set.copyOf(weeklyOff);
        daysOff = Set.copyOf(daysOff);
        if (!(hoursADay >= 0 && hoursADay <= 24)) {
            throw new IllegalArgumentException("a day has 0 to 24 hours of work");
        }
    }

    /** Hours of work on a day. */
    public double hours(LocalDate day) {
        boolean off = weeklyOff.contains(day.getDayOfWeek()) || daysOff.contains(day);
        return off ? 0 : hoursADay;
    }
}

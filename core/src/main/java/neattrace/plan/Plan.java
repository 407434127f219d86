package neattrace.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * When to do what.
 *
 * @param bookings day by day, in the order of work
 * @param outcomes of the jobs, in the order of their days
 */
public record Plan(List<Booking> bookings, List<Outcome> outcomes) {

    public Plan {
        bookings = List.copyOf(bookings);
        outcomes = List.copyOf(outcomes);
    }

    /**
     * What becomes of a job.
     *
     * @param task what was to be planned
     * @param begin the first day of work on it; empty if there is no work left
     * @param hoursShort hours for which there is no room before its day; 0 if it is in time
     * @param hoursShortAtWorst the same if all takes as long as one in ten does
     * @param helps what would help, in a person's words; none if it is in time
     */
    public record Outcome(
            Task task,
            Optional<LocalDate> begin,
            double hoursShort,
            double hoursShortAtWorst,
            List<String> helps) {

        public Outcome {
            helps = List.copyOf(helps);
        }

        /** Whether there is room for it. */
        public boolean inTime() {
            return hoursShort <= 0;
        }
    }
}

package neattrace.job.log;

import java.time.LocalDate;

/**
 * Time worked at a station on a day.
 *
 * @param station its key
 * @param day by the clock on the wall
 * @param seconds over 0; idle time is not in it
 */
public record WorkedTime(String station, LocalDate day, int seconds) {

    private static final int MOST_SECONDS = 24 * 3600;

    public WorkedTime {
        if (seconds < 1 || seconds > MOST_SECONDS) {
            throw new IllegalArgumentException("a day has 1 second to 24 hours of work");
        }
    }

    /** The same with more seconds; a day has no more than 24 hours. */
    WorkedTime and(int more) {
        return new WorkedTime(station, day, Math.min(MOST_SECONDS, seconds + more));
    }
}

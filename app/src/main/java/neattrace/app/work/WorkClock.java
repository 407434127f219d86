package neattrace.app.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import neattrace.job.log.WorkedTime;

/**
 * Measures time worked at the stations. Between two movements of a hand lies work if they are no
 * more than two minutes apart; else the person was away. It goes by a clock that never jumps; the
 * clock on the wall says the day alone. Belongs to the JavaFX thread.
 */
public final class WorkClock {

    private static final long IDLE_NANOS = TimeUnit.MINUTES.toNanos(2);

    private final LongSupplier nanos;
    private final Supplier<LocalDate> today;
    private final Map<Place, Long> worked = new LinkedHashMap<>();
    private String station = "";
    private long last;
    private boolean running;

    private record Place(String station, LocalDate day) {}

    /** A clock that goes by the machine's. */
    WorkClock() {
        this(System::nanoTime, LocalDate::now);
    }

    /**
     * A clock.
     *
     * @param nanos time in nanoseconds from anywhere, never going back
     */
    WorkClock(LongSupplier nanos, Supplier<LocalDate> today) {
        this.nanos = nanos;
        this.today = today;
    }

    /** From now on work is done at a station. */
    public void at(String key) {
        moved();
        station = key;
    }

    /** A hand has moved. */
    public void moved() {
        long now = nanos.getAsLong();
        long since = now - last;
        if (running && since <= IDLE_NANOS && !station.isEmpty()) {
            worked.merge(new Place(station, today.get()), since, Long::sum);
        }
        last = now;
        running = true;
    }

    /** Whole seconds worked since they were taken last. */
    long seconds() {
        return worked.values().stream().mapToLong(TimeUnit.NANOSECONDS::toSeconds).sum();
    }

    /** Hands over what was worked and begins anew; parts of a second are kept for the next time. */
    List<WorkedTime> take() {
        List<WorkedTime> taken = new ArrayList<>();
        worked.replaceAll(
                (place, time) -> {
                    int seconds = (int) TimeUnit.NANOSECONDS.toSeconds(time);
                    if (seconds > 0) {
                        taken.add(new WorkedTime(place.station(), place.day(), seconds));
                    }
                    return time - TimeUnit.SECONDS.toNanos(seconds);
                });
        worked.values().removeIf(time -> time == 0);
        return taken;
    }

    /** Forgets what was worked: it was on another job. */
    void forget() {
        worked.clear();
        running = false;
    }
}

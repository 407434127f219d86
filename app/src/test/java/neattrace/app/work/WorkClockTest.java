package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import neattrace.job.log.WorkedTime;
import org.junit.jupiter.api.Test;

class WorkClockTest {

    private static final LocalDate LEAP_DAY = LocalDate.of(2028, 2, 29);

    private long now = 5_000_000_000L;
    private LocalDate today = LEAP_DAY;
    private final WorkClock clock = new WorkClock(() -> now, () -> today);

    private void after(double seconds) {
        now += (long) (seconds * 1e9);
        clock.moved();
    }

    @Test
    void idleTimeOverTwoMinutesIsNotCounted() {
        clock.at("line");
        after(60);
        after(119);
        after(121);
        after(7200);
        after(30);
        assertThat(clock.take()).containsExactly(new WorkedTime("line", LEAP_DAY, 209));
        assertThat(clock.take()).as("taken once").isEmpty();
    }

    @Test
    void timeBelongsToTheStationOneIsAt() {
        clock.at("line");
        after(10);
        now += 5_000_000_000L;
        clock.at("close");
        after(20);
        assertThat(clock.take())
                .containsExactly(
                        new WorkedTime("line", LEAP_DAY, 15),
                        new WorkedTime("close", LEAP_DAY, 20));
    }

    @Test
    void partsOfASecondAreNotLost() {
        clock.at("line");
        int sum = 0;
        for (int k = 0; k < 40; k++) {
            after(0.75);
            sum += clock.take().stream().mapToInt(WorkedTime::seconds).sum();
        }
        assertThat(sum).isEqualTo(30);
    }

    /** The clock on the wall may jump or go past midnight: it says the day alone. */
    @Test
    void theDayIsTheOneOnTheWall() {
        clock.at("line");
        after(10);
        today = LEAP_DAY.plusDays(1);
        after(20);
        today = LEAP_DAY.minusYears(3);
        after(5);
        assertThat(clock.take())
                .containsExactly(
                        new WorkedTime("line", LEAP_DAY, 10),
                        new WorkedTime("line", LocalDate.of(2028, 3, 1), 20),
                        new WorkedTime("line", LocalDate.of(2025, 2, 28), 5));
    }

    @Test
    void workOnAnotherJobIsForgotten() {
        clock.at("line");
        after(50);
        clock.forget();
        assertThat(clock.take()).isEmpty();
        after(10);
        assertThat(clock.take()).as("nobody knows since when").isEmpty();
        after(10);
        assertThat(clock.seconds()).isEqualTo(10);
    }
}

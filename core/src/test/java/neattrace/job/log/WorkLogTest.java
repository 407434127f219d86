package neattrace.job.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class WorkLogTest {

    private static final LocalDate MONDAY = LocalDate.of(2028, 2, 28);
    private static final LocalDate LEAP_DAY = LocalDate.of(2028, 2, 29);

    @Test
    void timeOfADayAtAStationIsAddedUp() {
        WorkLog log =
                WorkLog.EMPTY
                        .with("line", MONDAY, 600)
                        .with("line", LEAP_DAY, 900)
                        .with("close", MONDAY, 300)
                        .with("line", MONDAY, 1200);
        assertThat(log.worked())
                .containsExactly(
                        new WorkedTime("line", MONDAY, 1800),
                        new WorkedTime("line", LEAP_DAY, 900),
                        new WorkedTime("close", MONDAY, 300));
        assertThat(log.hoursAt("line")).isCloseTo(0.75, within(1e-9));
    }

    @Test
    void stationsBelongToStagesAndWhatThePersonSaysCounts() {
        WorkLog log =
                WorkLog.EMPTY
                        .with("line", MONDAY, 1800)
                        .with("close", MONDAY, 1800)
                        .with("brief", MONDAY, 3600)
                        .withHours(WorkStage.INKS, 6);
        assertThat(log.hours())
                .containsOnlyKeys(WorkStage.LINES, WorkStage.INKS)
                .containsEntry(WorkStage.LINES, 1.0);
        WorkLog said = log.withHours(WorkStage.LINES, 2.5);
        assertThat(said.hours()).containsEntry(WorkStage.LINES, 2.5);
        assertThat(said.withHours(WorkStage.LINES, 0).hours())
                .as("taken back")
                .containsEntry(WorkStage.LINES, 1.0);
    }

    /** Otherwise an estimate could be made right afterwards. */
    @Test
    void theFirstEstimateStands() {
        Estimate first = new Estimate(WorkStage.LINES, 1, 2, 4);
        WorkLog log = WorkLog.EMPTY.withEstimates(List.of(first));
        Estimate colour = new Estimate(WorkStage.COLOUR, 1, 1, 1);
        WorkLog later = log.withEstimates(List.of(new Estimate(WorkStage.LINES, 3, 3, 3), colour));
        assertThat(later.estimates()).containsExactly(first, colour);
        assertThat(later.withEstimates(List.of(first))).isSameAs(later);
    }

    @Test
    void clocksThatJumpDoNotMakeDaysOfMoreThan24Hours() {
        WorkLog log = WorkLog.EMPTY.with("line", MONDAY, 80_000).with("line", MONDAY, 80_000);
        assertThat(log.hoursAt("line")).isEqualTo(24);
        assertThatThrownBy(() -> WorkLog.EMPTY.with("line", MONDAY, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> WorkLog.EMPTY.withHours(WorkStage.INKS, Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void toolsAreAlikeByPaperAndPenWithoutRegardToCapitals() {
        Tools mine = new Tools("Flatbed", "Smooth card", "Brush pen");
        assertThat(mine.alike(new Tools("", "smooth CARD", "brush pen"))).isEqualTo(2);
        assertThat(mine.alike(new Tools("Flatbed", "Rough", "brush pen"))).isEqualTo(1);
        assertThat(Tools.UNKNOWN.alike(Tools.UNKNOWN)).as("nobody knows").isZero();
    }

    @Test
    void picturesAreKeptAsTheyAreAndLargeOnesRefused() {
        Snapshot picture = new Snapshot(new byte[] {-1, -40, 0, 127});
        assertThat(Snapshot.ofBase64(picture.base64()))
                .isEqualTo(picture)
                .isNotEqualTo(Snapshot.NONE);
        assertThatThrownBy(() -> new Snapshot(new byte[Snapshot.MOST_BYTES + 1]))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Snapshot.ofBase64("§"))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

package neattrace.sheet.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import neattrace.sheet.sweep.Change.Kind;
import org.junit.jupiter.api.Test;

class CalmStretchTest {

    private static List<Change> at(Kind kind, int... levels) {
        List<Change> changes = new ArrayList<>();
        for (int level : levels) {
            changes.add(new Change(kind, level, 0, 0, 50));
        }
        return changes;
    }

    private static CalmStretch round(List<Change> changes, int structures, double half) {
        return CalmStretch.round(changes, structures, SweepRange.of(20, 236), half);
    }

    @Test
    void withoutChangesAllIsCalmAndHalfWayIsTaken() {
        CalmStretch calm = round(List.of(), 40, 127.5);
        assertThat(calm).isEqualTo(new CalmStretch(20, 236, 0, 127.5));
        assertThat(calm.bestPercent()).isEqualTo(50);
    }

    /** However wide a calm stretch may be elsewhere: there no edge lies where it is. */
    @Test
    void halfWayIsNotLeftForMoreRoom() {
        CalmStretch calm = round(at(Kind.LINE_BREAKS, 95, 131, 135), 40, 127.5);
        assertThat(calm.best()).isEqualTo(127.5);
        assertThat(calm.from()).isEqualTo(96);
        assertThat(calm.to()).isEqualTo(131);
    }

    @Test
    void oneLineAmongManyDoesNotMoveAllEdges() {
        assertThat(round(at(Kind.LINE_BREAKS, 80), 60, 127.5).best()).isEqualTo(127.5);
    }

    /** Eight of thirty lines break half way and hold at 100: no lower than that. */
    @Test
    void faintLinesPullTheThresholdDownAsFarAsTheyNeedAndNoFarther() {
        int[] levels = {100, 102, 104, 106, 108, 110, 112, 114};
        CalmStretch calm = round(at(Kind.LINE_BREAKS, levels), 30, 127.5);
        assertThat(calm.best()).isCloseTo(101, within(2.0));
    }

    @Test
    void pluggedSlitsPushItUp() {
        int[] levels = {140, 142, 143, 144, 146, 147, 148, 150};
        CalmStretch calm = round(at(Kind.SLIT_OPENS, levels), 30, 127.5);
        assertThat(calm.best()).isCloseTo(150, within(2.0));
    }

    /** What is gained by moving is lost again on the other side. */
    @Test
    void linesAndSlitsHoldEachOther() {
        List<Change> changes = at(Kind.LINE_BREAKS, 100, 101, 102);
        changes.addAll(at(Kind.SLIT_OPENS, 105, 110, 115, 120));
        assertThat(round(changes, 30, 127.5).best()).isEqualTo(127.5);
    }

    /** 1000 pieces: fifteen changes among them are still calm. */
    @Test
    void aFewChangesAmongManyPiecesAreCalm() {
        int[] levels = new int[10];
        for (int k = 0; k < 10; k++) {
            levels[k] = 40 + 18 * k;
        }
        CalmStretch calm = round(at(Kind.LINE_BREAKS, levels), 1000, 127.5);
        assertThat(calm.changes()).isEqualTo(10);
        assertThat(calm.from()).isEqualTo(20);
        assertThat(calm.bestPercent()).isEqualTo(50);
    }
}

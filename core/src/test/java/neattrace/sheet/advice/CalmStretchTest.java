package neattrace.sheet.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.Change.Kind;
import org.junit.jupiter.api.Test;

class CalmStretchTest {

    private static List<Change> at(int... levels) {
        List<Change> changes = new ArrayList<>();
        for (int level : levels) {
            changes.add(new Change(Kind.LINE_BREAKS, level, 0, 0, 50));
        }
        return changes;
    }

    @Test
    void withoutChangesAllIsCalmAndHalfWayIsTaken() {
        CalmStretch calm = CalmStretch.find(List.of(), 40, 20, 236);
        assertThat(calm).isEqualTo(new CalmStretch(20, 236, 0));
        assertThat(calm.bestPercent()).isEqualTo(50);
    }

    @Test
    void theWidestStretchBetweenChangesIsTaken() {
        CalmStretch calm = CalmStretch.find(at(60, 120, 130, 150), 20, 20, 236);
        assertThat(calm.from()).isEqualTo(151);
        assertThat(calm.to()).isEqualTo(236);
        assertThat(calm.best()).isEqualTo(159);
    }

    @Test
    void faintLinesThatBreakAllOverHalfWayPullTheThresholdDown() {
        CalmStretch low = CalmStretch.find(at(100, 110, 121, 133, 140, 150, 170, 190), 30, 20, 236);
        assertThat(low).isEqualTo(new CalmStretch(20, 100, 0));
        assertThat(low.best()).isEqualTo(92);
    }

    @Test
    void halfWayIsPreferredToALittleMoreRoom() {
        CalmStretch calm = CalmStretch.find(at(100, 150), 10, 20, 236);
        assertThat(calm.from()).isEqualTo(151);
        CalmStretch central = CalmStretch.find(at(95, 163), 10, 20, 236);
        assertThat(central).isEqualTo(new CalmStretch(96, 163, 0));
    }

    /** 1000 pieces: fifteen changes among them are still calm. */
    @Test
    void aFewChangesAmongManyPiecesAreCalm() {
        int[] levels = new int[10];
        for (int k = 0; k < 10; k++) {
            levels[k] = 40 + 18 * k;
        }
        CalmStretch calm = CalmStretch.find(at(levels), 1000, 20, 236);
        assertThat(calm.changes()).isEqualTo(10);
        assertThat(calm.bestPercent()).isEqualTo(50);
    }

    @Test
    void whereAllIsChangeTheLeastBusyStretchIsTaken() {
        int[] levels = new int[216];
        for (int k = 0; k < 216; k++) {
            levels[k] = 20 + k;
        }
        CalmStretch calm = CalmStretch.find(at(levels), 100, 20, 236);
        assertThat(calm.width()).isGreaterThanOrEqualTo(28);
        assertThat(calm.changes()).isLessThan(216);
    }
}

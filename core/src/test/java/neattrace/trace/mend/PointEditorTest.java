package neattrace.trace.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.trace.PointEdit;
import org.junit.jupiter.api.Test;

class PointEditorTest {

    /** A circle of radius 10 about (20, 20) as four cubics. */
    private static Outline circle() {
        // 4/3 (sqrt 2 - 1): the usual arm of a quarter circle (from memory).
        double k = 10 * 0.5522847498;
        double[] xy = {
            30, 20, 30, 20 + k, 20 + k, 30, 20, 30, 20 - k, 30, 10, 20 + k, 10, 20, 10, 20 - k,
            20 - k, 10, 20, 10, 20 + k, 10, 30, 20 - k
        };
        return new Outline(CubicLoop.of(xy, new BitSet()), List.of());
    }

    private static PointEditor.Edited apply(PointEdit... edits) {
        return PointEditor.apply(List.of(circle()), List.of(edits), 0.5);
    }

    @Test
    void aPointAddedLeavesTheCurveAsItIs() {
        Point at = new Point(20 + 10 * Math.cos(0.7), 20 + 10 * Math.sin(0.7));
        PointEditor.Edited edited = apply(new PointEdit.Add(at));
        CubicLoop loop = edited.outlines().get(0).outer();
        assertThat(loop.size()).isEqualTo(5);
        assertThat(loop.signedArea()).isCloseTo(circle().outer().signedArea(), within(1e-9));
        assertThat(loop.point(1).distance(at)).isLessThan(0.01);
        assertThat(edited.adrift()).isEmpty();
        assertThat(edited.changed()).containsExactly(loop);
    }

    @Test
    void aPointAddedAndTakenAwayGivesTheCurveBack() {
        Point at = new Point(20 + 10 * Math.cos(0.7), 20 + 10 * Math.sin(0.7));
        CubicLoop loop =
                apply(new PointEdit.Add(at), new PointEdit.Delete(at)).outlines().get(0).outer();
        assertThat(loop.size()).isEqualTo(4);
        for (int i = 0; i < 4; i++) {
            for (double t = 0; t < 1; t += 0.1) {
                assertThat(loop.at(i, t).distance(new Point(20, 20))).isCloseTo(10, within(0.02));
            }
        }
    }

    @Test
    void aPointGoesWhereItIsPutWithItsHandles() {
        PointEdit.Move move =
                new PointEdit.Move(
                        new Point(30, 20), new Point(36, 21), new Point(36, 15), new Point(36, 27));
        CubicLoop loop = apply(move).outlines().get(0).outer();
        assertThat(loop.point(0)).isEqualTo(new Point(36, 21));
        assertThat(loop.control(0, 0)).isEqualTo(new Point(36, 27));
        assertThat(loop.control(3, 1)).isEqualTo(new Point(36, 15));
    }

    @Test
    void aChangeWhosePointIsGoneIsAdrift() {
        PointEdit gone = new PointEdit.Delete(new Point(50, 50));
        PointEditor.Edited edited = apply(gone);
        assertThat(edited.adrift()).containsExactly(gone);
        assertThat(edited.changed()).isEmpty();
        assertThat(edited.outlines().get(0).outer().size()).isEqualTo(4);
    }
}

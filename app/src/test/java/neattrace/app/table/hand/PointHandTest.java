package neattrace.app.table.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.trace.PointEdit;
import org.junit.jupiter.api.Test;

/** Reach is one mm until the hand has been painted once. */
class PointHandTest {

    private final List<PointEdit> edits = new ArrayList<>();

    /** A circle of radius 50 about the origin as four cubics, and a square far off. */
    private static List<Outline> outlines() {
        double k = 27.6142;
        double[] circle = {
            50, 0, 50, k, k, 50, 0, 50, -k, 50, -50, k, -50, 0, -50, -k, -k, -50, 0, -50, k, -50,
            50, -k
        };
        CubicLoop square = CubicLoop.polygon(200, 0, 240, 0, 240, 40, 200, 40);
        return List.of(
                new Outline(CubicLoop.of(circle, new BitSet()), List.of()),
                new Outline(square, List.of()));
    }

    private PointHand hand() {
        return new PointHand(PointHandTest::outlines, edits::add);
    }

    private static void drag(PointHand hand, Point from, Point to) {
        hand.pressed(from);
        hand.dragged(from.plus(to.minus(from).times(0.5)));
        hand.dragged(to);
        assertThat(hand.released(to)).as("stays in hand").isFalse();
    }

    @Test
    void aPointTakesItsHandlesAlong() {
        drag(hand(), new Point(50.3, 0.2), new Point(60.3, 5.2));
        assertThat(edits).hasSize(1);
        PointEdit.Move move = (PointEdit.Move) edits.get(0);
        assertThat(move.at()).isEqualTo(new Point(50, 0));
        assertThat(move.to()).isEqualTo(new Point(60, 5));
        assertThat(move.out()).isEqualTo(new Point(60, 5 + 27.6142));
        assertThat(move.in()).isEqualTo(new Point(60, 5 - 27.6142));
    }

    @Test
    void aSmoothPointKeepsItsHandlesInOneLine() {
        PointHand hand = hand();
        drag(hand, new Point(50, 0), new Point(50, 0));
        assertThat(edits).as("a click moves nothing").isEmpty();
        drag(hand, new Point(50, 27.6), new Point(40, 27.6));
        PointEdit.Move move = (PointEdit.Move) edits.get(0);
        Point out = move.out().minus(move.to());
        Point in = move.in().minus(move.to());
        assertThat(out.cross(in)).isCloseTo(0, within(1e-6));
        assertThat(out.dot(in)).isNegative();
        assertThat(in.length()).as("its own length").isCloseTo(27.6142, within(1e-4));
        assertThat(move.to()).isEqualTo(new Point(50, 0));
    }

    @Test
    void aCornersHandlesMoveOneByOne() {
        PointHand hand = hand();
        hand.pressed(new Point(240, 0));
        hand.released(new Point(240, 0));
        Point handle = new Point(240, 40 / 3.0);
        drag(hand, handle, handle.plus(new Point(10, 0)));
        PointEdit.Move move = (PointEdit.Move) edits.get(0);
        assertThat(move.out()).isEqualTo(handle.plus(new Point(10, 0)));
        assertThat(move.in().x()).isCloseTo(200 + 80 / 3.0, within(1e-9));
        assertThat(move.in().y()).isCloseTo(0, within(1e-9));
    }

    @Test
    void twoClicksOnACurveAddAPointThere() {
        PointHand hand = hand();
        Point off = new Point(50.6 * Math.cos(0.8), 50.6 * Math.sin(0.8));
        hand.pressed(off);
        hand.released(off);
        assertThat(edits).isEmpty();
        hand.pressed(off);
        hand.released(off);
        assertThat(edits).hasSize(1);
        assertThat(edits.get(0)).isInstanceOf(PointEdit.Add.class);
        assertThat(edits.get(0).at().length()).as("on the curve").isCloseTo(50, within(0.03));
    }

    @Test
    void twoClicksOnBarePaperAddNothing() {
        PointHand hand = hand();
        for (int i = 0; i < 2; i++) {
            hand.pressed(new Point(120, 20));
            hand.released(new Point(120, 20));
        }
        assertThat(edits).isEmpty();
    }

    @Test
    void deleteTakesThePointInHandAwayAndOnlyOnce() {
        PointHand hand = hand();
        assertThat(hand.deleted()).isFalse();
        hand.pressed(new Point(0, 50));
        hand.released(new Point(0, 50));
        assertThat(hand.deleted()).isTrue();
        assertThat(edits).containsExactly(new PointEdit.Delete(new Point(0, 50)));
        assertThat(hand.deleted()).isFalse();
    }

    @Test
    void aPressBesideEverythingLetsGo() {
        PointHand hand = hand();
        hand.pressed(new Point(0, 50));
        hand.released(new Point(0, 50));
        drag(hand, new Point(120, 120), new Point(130, 130));
        assertThat(edits).isEmpty();
        assertThat(hand.deleted()).isFalse();
        assertThat(hand.finished()).isTrue();
    }
}

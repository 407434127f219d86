package neattrace.app.table.hand;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.app.table.Hand;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;

/** What hands report, without a window. */
class HandsTest {

    private final List<Object> told = new ArrayList<>();

    private static boolean drag(Hand hand, double... xy) {
        hand.moved(new Point(xy[0], xy[1]));
        hand.pressed(new Point(xy[0], xy[1]));
        for (int i = 2; i < xy.length; i += 2) {
            hand.dragged(new Point(xy[i], xy[i + 1]));
        }
        return hand.released(new Point(xy[xy.length - 2], xy[xy.length - 1]));
    }

    @Test
    void aBoxIsToldFromItsUpperLeftWhicheverWayItWasDrawn() {
        BoxHand hand = new BoxHand("Draw a box.", (from, to) -> told.add(List.of(from, to)));
        assertThat(drag(hand, 10, 20, 12, 8, 4, 5)).isTrue();
        assertThat(told).containsExactly(List.of(new Point(4, 5), new Point(10, 20)));
        assertThat(hand.hint()).isEqualTo("Draw a box.");
    }

    @Test
    void aBoxThatIsNoneLeavesTheHandUp() {
        BoxHand hand = new BoxHand("", (from, to) -> told.add(from));
        assertThat(drag(hand, 10, 20, 30, 20.1)).isFalse();
        assertThat(drag(hand, 10, 20, 10, 20)).isFalse();
        assertThat(hand.released(new Point(3, 3))).as("without a press").isFalse();
        assertThat(told).isEmpty();
    }

    @Test
    void aLineIsToldInTheOrderItWasDrawn() {
        LineHand hand = new LineHand("", (a, b) -> "", (from, to) -> told.add(List.of(from, to)));
        assertThat(drag(hand, 10, 20, 4, 5)).isTrue();
        assertThat(told).containsExactly(List.of(new Point(10, 20), new Point(4, 5)));
        assertThat(drag(hand, 10, 20, 10.5, 20)).isFalse();
        assertThat(told).hasSize(1);
    }

    @Test
    void spansComeOneAfterTheOther() {
        SpanHand hand =
                new SpanHand(
                        "", place -> Optional.empty(), (from, to) -> told.add(List.of(from, to)));
        assertThat(drag(hand, 1, 2, 3, 4)).isFalse();
        assertThat(drag(hand, 5, 6, 5, 6)).isFalse();
        assertThat(told)
                .containsExactly(
                        List.of(new Point(1, 2), new Point(3, 4)),
                        List.of(new Point(5, 6), new Point(5, 6)));
        assertThat(hand.finished()).isTrue();
    }

    @Test
    void aTrailHoldsItsPlacesButNotTheTremorOfOne() {
        TrailHand hand = new TrailHand("", told::add);
        drag(hand, 0, 0, 0.05, 0, 1, 0, 1.02, 0, 2, 1);
        assertThat(told)
                .containsExactly(List.of(new Point(0, 0), new Point(1, 0), new Point(2, 1)));
        told.clear();
        drag(hand, 7, 7, 7, 7);
        assertThat(told).as("a click is no trail").isEmpty();
        drag(hand, 8, 8, 9, 9);
        assertThat(told).containsExactly(List.of(new Point(8, 8), new Point(9, 9)));
    }

    @Test
    void picksAreToldWhereTheButtonCameUp() {
        PickHand hand = new PickHand("Click.", place -> List.of(), told::add);
        drag(hand, 1, 1, 4, 4);
        drag(hand, 6, 6);
        assertThat(told).containsExactly(new Point(4, 4), new Point(6, 6));
        assertThat(hand.finished()).isTrue();
        assertThat(hand.deleted()).isFalse();
    }

    @Test
    void aBrushTellsItsStrokeAndWidthAndStaysInHand() {
        BrushHand hand = new BrushHand("", (line, width) -> told.add(List.of(line.size(), width)));
        assertThat(drag(hand, 0, 0, 1, 0, 1.01, 0, 2, 0)).isFalse();
        assertThat(told).containsExactly(List.of(3, 1.0));
        assertThat(hand.finished()).isTrue();
    }

    @Test
    void aPolygonClosesWithEnterOrAtItsFirstCorner() {
        PolygonHand hand = new PolygonHand("", told::add);
        drag(hand, 0, 0);
        drag(hand, 10, 0);
        assertThat(hand.finished()).as("two corners are none").isFalse();
        drag(hand, 10, 10);
        assertThat(hand.finished()).isTrue();
        assertThat(told)
                .containsExactly(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10)));
        PolygonHand again = new PolygonHand("", told::add);
        drag(again, 0, 0);
        drag(again, 10, 0);
        drag(again, 10, 10);
        assertThat(drag(again, 0.2, 0.1)).as("back at the start").isTrue();
        assertThat(told).hasSize(2);
    }

    @Test
    void aSpotIsOneClick() {
        SpotHand hand = new SpotHand("", told::add);
        assertThat(drag(hand, 3, 4)).isTrue();
        assertThat(told).containsExactly(new Point(3, 4));
    }

    @Test
    void cornersAreDraggedAndTakenWithEnter() {
        List<Point> start =
                List.of(new Point(0, 0), new Point(40, 0), new Point(40, 30), new Point(0, 30));
        CornersHand hand = new CornersHand("", start, told::add);
        drag(hand, 39, 1, 44, 2);
        drag(hand, 20, 15, 90, 90);
        assertThat(told).isEmpty();
        assertThat(hand.finished()).isTrue();
        assertThat(told)
                .containsExactly(
                        List.of(
                                new Point(0, 0),
                                new Point(44, 2),
                                new Point(40, 30),
                                new Point(0, 30)));
    }
}

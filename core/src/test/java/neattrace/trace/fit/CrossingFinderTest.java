package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import neattrace.geom.CubicLoop;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

class CrossingFinderTest {

    private static CubicLoop square(double x, double y, double side) {
        return CubicLoop.polygon(x, y, x + side, y, x + side, y + side, x, y + side);
    }

    private static BitSet bits(int... set) {
        BitSet bits = new BitSet();
        for (int one : set) {
            bits.set(one);
        }
        return bits;
    }

    @Test
    void loopsBesideAndWithinEachOtherCrossNothing() {
        assertThat(
                        CrossingFinder.find(
                                List.of(square(0, 0, 30), square(5, 5, 10), square(40, 0, 10))))
                .isEmpty();
    }

    @Test
    void aFigureOfEightCrossesItself() {
        CubicLoop eight = CubicLoop.polygon(0, 0, 20, 20, 20, 0, 0, 20);
        Map<Integer, BitSet> found = CrossingFinder.find(List.of(square(50, 50, 5), eight));
        assertThat(found).containsOnlyKeys(1);
        assertThat(found.get(1)).isEqualTo(bits(0, 2));
    }

    @Test
    void twoLoopsThatOverlapCrossWithTheSegmentsThatMeet() {
        Map<Integer, BitSet> found =
                CrossingFinder.find(List.of(square(0, 0, 20), square(10, 10, 20)));
        assertThat(found).containsOnlyKeys(0, 1);
        assertThat(found.get(0)).isEqualTo(bits(1, 2));
        assertThat(found.get(1)).isEqualTo(bits(0, 3));
    }

    @Test
    void aCurveThatLoopsWithinItselfIsFound() {
        // Arms far beyond each other make the cubic cross itself.
        double[] coords = {
            0, 0, 60, 40, -40, 40,
            20, 0, 20, -10, 20, -20,
            20, -30, 10, -30, 5, -30,
            0, -30, 0, -20, 0, -10
        };
        Map<Integer, BitSet> found =
                CrossingFinder.find(List.of(CubicLoop.of(coords, new BitSet())));
        assertThat(found).containsOnlyKeys(0);
        assertThat(found.get(0)).isEqualTo(bits(0));
    }

    @Test
    void cornersThatNeighboursShareAreNoCrossing() {
        CubicLoop star =
                CubicLoop.polygon(0, -20, 3, -3, 20, 0, 3, 3, 0, 20, -3, 3, -20, 0, -3, -3);
        assertThat(CrossingFinder.find(List.of(star))).isEmpty();
    }

    @Test
    void onlyAPartIsLookedAtWhenAskedSo() {
        List<CubicLoop> loops =
                List.of(
                        square(0, 0, 20),
                        square(10, 10, 20),
                        square(200, 0, 20),
                        square(210, 10, 20));
        assertThat(CrossingFinder.find(loops)).containsOnlyKeys(0, 1, 2, 3);
        assertThat(CrossingFinder.find(loops, new Envelope(0, 40, 0, 40))).containsOnlyKeys(0, 1);
        assertThat(CrossingFinder.find(loops, new Envelope(100, 150, 0, 40))).isEmpty();
        // A part that only one side of a loop reaches into, wherever the loop starts.
        assertThat(CrossingFinder.find(loops, new Envelope(219, 221, 9, 11)))
                .containsOnlyKeys(2, 3);
    }

    @Test
    void noLoopsHaveNoCrossings() {
        assertThat(CrossingFinder.find(List.of())).isEmpty();
    }

    private static CubicLoop hole(double x, double y, double side) {
        return CubicLoop.polygon(x, y, x, y + side, x + side, y + side, x + side, y);
    }

    private static final Envelope ALL = new Envelope(-100, 100, -100, 100);

    @Test
    void whatLiesWhereItShouldHasNotBeenPassedOver() {
        List<CubicLoop> loops =
                List.of(square(0, 0, 30), hole(2, 12, 1), hole(10, 10, 15), square(15, 15, 2));

        assertThat(CrossingFinder.findPassedOver(loops, ALL)).isEmpty();
        assertThat(CrossingFinder.findPassedOver(List.of(), ALL)).isEmpty();
    }

    @Test
    void aPinholeOutsideItsInkNamesTheEdgeNearIt() {
        List<CubicLoop> loops = List.of(square(0, 0, 30), hole(-1.2, 12, 1), square(60, 0, 30));

        Map<Integer, BitSet> found = CrossingFinder.findPassedOver(loops, ALL);

        assertThat(found).containsOnlyKeys(0);
        assertThat(found.get(0)).isEqualTo(bits(3));
        assertThat(CrossingFinder.findPassedOver(loops, new Envelope(20, 90, -9, 90))).isEmpty();
    }

    @Test
    void aSpeckWithinOtherInkIsFound() {
        Map<Integer, BitSet> found =
                CrossingFinder.findPassedOver(List.of(square(28, 10, 1.5), square(0, 0, 30)), ALL);

        assertThat(found).containsOnlyKeys(1);
        assertThat(found.get(1)).isEqualTo(bits(1));
    }
}

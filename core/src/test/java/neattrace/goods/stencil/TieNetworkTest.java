package neattrace.goods.stencil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import neattrace.geom.Point;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Networks of a few ties against all networks there are. */
class TieNetworkTest {

    private static final Polygon NONE = new GeometryFactory().createPolygon();

    private static Tie tie(int one, int other, double x, double y, double cost, boolean byHand) {
        return new Tie(one, other, new Point(x, y), cost, 1, NONE, cost, true, byHand);
    }

    /** Islands on a row, with ties between neighbours and out to the sheet at random places. */
    private record Case(List<Point> middles, List<Tie> ties) {

        static Case random(Random random) {
            int islands = 2 + random.nextInt(2);
            List<Point> middles = new ArrayList<>();
            middles.add(new Point(500, 500));
            for (int i = 0; i < islands; i++) {
                middles.add(new Point(20 * i, 0));
            }
            List<Tie> ties = new ArrayList<>();
            for (int i = 1; i <= islands; i++) {
                for (int k = 0; k < 4; k++) {
                    double turn = random.nextDouble(2 * Math.PI);
                    Point at = middles.get(i);
                    ties.add(
                            tie(
                                    0,
                                    i,
                                    at.x() + 8 * Math.cos(turn),
                                    at.y() + 8 * Math.sin(turn),
                                    1 + random.nextDouble(9),
                                    false));
                }
                if (i > 1) {
                    ties.add(tie(i - 1, i, 20 * i - 30, 0, 1 + random.nextDouble(4), false));
                }
            }
            return new Case(middles, ties);
        }

        TieGraph graph(BitSet chosen) {
            TieGraph graph = new TieGraph(middles, ties);
            chosen.stream().forEach(graph::choose);
            return graph;
        }

        boolean holds(BitSet chosen) {
            TieGraph graph = graph(chosen);
            for (int p = 1; p < middles.size(); p++) {
                if (!graph.isHeld(p) || !graph.meets(p, 0)) {
                    return false;
                }
            }
            return true;
        }

        double cost(BitSet chosen) {
            return chosen.stream().mapToDouble(t -> ties.get(t).areaMm2()).sum();
        }

        double best() {
            double best = Double.MAX_VALUE;
            for (long bits = 0; bits < 1L << ties.size(); bits++) {
                BitSet chosen = BitSet.valueOf(new long[] {bits});
                if (cost(chosen) < best && holds(chosen)) {
                    best = cost(chosen);
                }
            }
            return best;
        }
    }

    @RepeatedTest(12)
    void fewTiesAreAsCheapAsAnyThatHold(RepetitionInfo info) {
        Case one = Case.random(new Random(info.getCurrentRepetition()));
        BitSet chosen = new BitSet();
        TieNetwork.choose(one.middles(), one.ties()).forEach(chosen::set);
        assertThat(one.holds(chosen)).isTrue();
        assertThat(one.cost(chosen)).isLessThanOrEqualTo(1.02 * one.best());
    }

    @Test
    void theSameTiesAreChosenEveryTime() {
        Case one = Case.random(new Random(99));
        assertThat(TieNetwork.choose(one.middles(), one.ties()))
                .isEqualTo(TieNetwork.choose(one.middles(), one.ties()));
    }

    @Test
    void aTieThatWasPutByHandIsAmongThemWhateverItCosts() {
        List<Point> middles = List.of(new Point(500, 0), new Point(0, 0));
        List<Tie> ties =
                List.of(
                        tie(0, 1, 10, 0, 1, false),
                        tie(0, 1, -10, 0, 1, false),
                        tie(0, 1, 0, 10, 100, true));
        assertThat(TieNetwork.choose(middles, ties)).contains(2);
    }

    @Test
    void anIslandWithTiesOnOneSideAloneHangsByTwoAllTheSame() {
        List<Point> middles = List.of(new Point(500, 0), new Point(0, 0));
        List<Tie> ties =
                List.of(
                        tie(0, 1, 10, 0, 1, false),
                        tie(0, 1, 10, 1, 2, false),
                        tie(0, 1, 10, 2, 3, false));
        assertThat(TieNetwork.choose(middles, ties)).containsExactlyInAnyOrder(0, 1);
    }

    @Test
    void changesOfAGraphAreTakenBackToTheLast() {
        Random random = new Random(6);
        Case one = Case.random(random);
        TieGraph graph = one.graph(new BitSet());
        for (int round = 0; round < 50; round++) {
            BitSet before = new BitSet();
            graph.chosen().forEach(before::set);
            double total = graph.total();
            graph.mark();
            for (int k = 0; k < 20; k++) {
                int t = random.nextInt(one.ties().size());
                if (random.nextBoolean()) {
                    graph.choose(t);
                } else {
                    graph.takeOut(t);
                }
            }
            if (random.nextBoolean()) {
                graph.takeBack();
                BitSet after = new BitSet();
                graph.chosen().forEach(after::set);
                assertThat(after).isEqualTo(before);
                assertThat(graph.total()).isCloseTo(total, within(1e-9));
            }
            BitSet now = new BitSet();
            graph.chosen().forEach(now::set);
            assertThat(graph.total()).isCloseTo(one.cost(now), within(1e-9));
        }
    }
}

package neattrace.goods.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;

class CutOrderTest {

    /** So small that it does not matter where on it the blade sets down. */
    private static CubicLoop speck(double x, double y) {
        return CubicLoop.polygon(x, y, x + 1e-6, y, x, y + 1e-6);
    }

    private static List<List<CubicLoop>> scattered(int n, long seed) {
        Random random = new Random(seed);
        List<List<CubicLoop>> stickers = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            stickers.add(List.of(speck(200 * random.nextDouble(), 280 * random.nextDouble())));
        }
        return stickers;
    }

    private static double travel(List<CubicLoop> lines) {
        Point at = new Point(0, 0);
        double travel = 0;
        for (CubicLoop line : lines) {
            travel += at.distance(line.point(0));
            at = line.point(0);
        }
        return travel;
    }

    /** The shortest of all orders, tried one by one. */
    private static double shortest(List<CubicLoop> left, Point at) {
        double least = left.isEmpty() ? 0 : Double.MAX_VALUE;
        for (CubicLoop next : left) {
            List<CubicLoop> others = new ArrayList<>(left);
            others.remove(next);
            least = Math.min(least, at.distance(next.point(0)) + shortest(others, next.point(0)));
        }
        return least;
    }

    @Test
    void isTheShortestWayOfSmallSheets() {
        for (long seed = 1; seed <= 6; seed++) {
            List<List<CubicLoop>> stickers = scattered(7, seed);
            List<CubicLoop> all = stickers.stream().map(one -> one.get(0)).toList();
            double exact = shortest(all, new Point(0, 0));
            assertThat(travel(CutOrder.of(stickers))).isLessThan(1.02 * exact);
        }
    }

    @Test
    void cutsEveryLineOnceOnLargeSheets() {
        List<CubicLoop> lines = CutOrder.of(scattered(150, 9));
        assertThat(lines).hasSize(150);
        assertThat(lines.stream().map(line -> line.point(0)).distinct()).hasSize(150);
    }

    @Test
    void holesComeBeforeTheirOutside() {
        CubicLoop outside = CubicLoop.polygon(0, 0, 50, 0, 50, 50, 0, 50);
        CubicLoop hole = CubicLoop.polygon(20, 20, 30, 20, 30, 30, 20, 30);
        CubicLoop other = CubicLoop.polygon(80, 0, 90, 0, 90, 10);
        List<CubicLoop> lines = CutOrder.of(List.of(List.of(outside, hole), List.of(other)));
        assertThat(lines).hasSize(3);
        double[] areas =
                lines.stream()
                        .mapToDouble(line -> Math.rint(Math.abs(line.signedArea())))
                        .toArray();
        int holeAt = areas[0] == 100 ? 0 : areas[1] == 100 ? 1 : 2;
        assertThat(areas[holeAt]).isEqualTo(100);
        assertThat(areas[holeAt + 1]).isEqualTo(2500);
    }

    @Test
    void noStickersNoLines() {
        assertThat(CutOrder.of(List.of())).isEmpty();
    }
}

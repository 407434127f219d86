package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.DoubleStream;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

class LoopSplicerTest {

    private static final double BOUND = 0.2;

    /** A flower of five petals about (200, 200), with a bump of so many px near angle 1. */
    private static double[] flower(double bump) {
        int n = 1400;
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double off = Math.abs(angle - 1);
            double more = off < 0.1 ? bump * (0.5 + 0.5 * Math.cos(Math.PI * off / 0.1)) : 0;
            double radius = 120 + 25 * Math.cos(5 * angle) + more;
            xy[2 * i] = 200 + radius * Math.cos(angle);
            xy[2 * i + 1] = 200 + radius * Math.sin(angle);
        }
        return xy;
    }

    private static Set<Point> points(FittedLoop loop) {
        Set<Point> points = new HashSet<>();
        for (int i = 0; i < loop.loop().size(); i++) {
            points.add(loop.loop().point(i));
        }
        return points;
    }

    /** How far vertices of a contour lie from a loop, at most. */
    private static double farthest(CubicLoop loop, double[] contour) {
        double[] dense = loop.flatten(0.005);
        int n = dense.length;
        double worst = 0;
        for (int i = 0; i < contour.length; i += 14) {
            Coordinate at = new Coordinate(contour[i], contour[i + 1]);
            double least = Double.MAX_VALUE;
            for (int k = 0; k < n; k += 2) {
                LineSegment chord =
                        new LineSegment(
                                dense[k], dense[k + 1], dense[(k + 2) % n], dense[(k + 3) % n]);
                least = Math.min(least, chord.distance(at));
            }
            worst = Math.max(worst, least);
        }
        return worst;
    }

    @Test
    void aChangedStretchIsFittedAndAllElseKept() {
        double[] before = flower(0);
        FittedLoop fitted = LoopFitter.fit(before, BOUND);
        double[] after = flower(12);
        FittedLoop spliced = new LoopSplicer(List.of(before), List.of(fitted)).fit(after, BOUND);
        Set<Point> kept = points(fitted);
        int old = kept.size();
        kept.retainAll(points(spliced));
        assertThat(kept.size()).isGreaterThanOrEqualTo(old - 6);
        assertThat(spliced.maxDeviation()).isLessThan(1.5 * BOUND);
        assertThat(farthest(spliced.loop(), after)).isLessThan(0.7);
        assertThat(spliced.loop().signedArea())
                .isCloseTo(LoopFitter.fit(after, BOUND).loop().signedArea(), within(20.0));
    }

    @Test
    void theContourMayBeginElsewhere() {
        double[] before = flower(0);
        FittedLoop fitted = LoopFitter.fit(before, BOUND);
        double[] after = flower(12);
        double[] turned = new double[after.length];
        int shift = 2 * 613;
        for (int i = 0; i < turned.length; i++) {
            turned[i] = after[(i + shift) % after.length];
        }
        FittedLoop spliced = new LoopSplicer(List.of(before), List.of(fitted)).fit(turned, BOUND);
        Set<Point> kept = points(fitted);
        int old = kept.size();
        kept.retainAll(points(spliced));
        assertThat(kept.size()).isGreaterThanOrEqualTo(old - 6);
    }

    @Test
    void aContourThatSharesNothingIsFittedAfresh() {
        double[] before = flower(0);
        double[] other = Arrays.stream(flower(0)).map(v -> v + 0.37).toArray();
        FittedLoop spliced =
                new LoopSplicer(List.of(before), List.of(LoopFitter.fit(before, BOUND)))
                        .fit(other, BOUND);
        assertThat(points(spliced)).isEqualTo(points(LoopFitter.fit(other, BOUND)));
    }

    @Test
    void twoLoopsMayBecomeOne() {
        double[] left = circle(100, 100, 60);
        double[] right = circle(300, 100, 60);
        List<FittedLoop> fitted =
                List.of(LoopFitter.fit(left, BOUND), LoopFitter.fit(right, BOUND));
        double[] joined = bridge(left, right);
        FittedLoop spliced = new LoopSplicer(List.of(left, right), fitted).fit(joined, BOUND);
        assertThat(spliced.loop().signedArea()).isCloseTo(signedArea(joined), within(60.0));
        assertThat(farthest(spliced.loop(), joined)).isLessThan(2.0);
    }

    private static double[] circle(double cx, double cy, double radius) {
        int n = 600;
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            xy[2 * i] = cx + radius * Math.cos(2 * Math.PI * i / n);
            xy[2 * i + 1] = cy + radius * Math.sin(2 * Math.PI * i / n);
        }
        return xy;
    }

    /** Both circles cut open towards each other and joined by a band 20 px high. */
    private static double[] bridge(double[] left, double[] right) {
        DoubleStream.Builder xy = DoubleStream.builder();
        for (int i = 16; i <= 584; i++) {
            xy.add(left[2 * i]).add(left[2 * i + 1]);
        }
        straight(xy, left, 584, right, 316);
        for (int i = 316; i <= 600 + 284; i++) {
            xy.add(right[2 * (i % 600)]).add(right[2 * (i % 600) + 1]);
        }
        straight(xy, right, 284, left, 16);
        return xy.build().toArray();
    }

    private static void straight(DoubleStream.Builder xy, double[] a, int i, double[] b, int k) {
        for (int step = 1; step < 80; step++) {
            double t = step / 80.0;
            xy.add(a[2 * i] * (1 - t) + b[2 * k] * t);
            xy.add(a[2 * i + 1] * (1 - t) + b[2 * k + 1] * t);
        }
    }

    private static double signedArea(double[] xy) {
        double twice = 0;
        for (int i = 0, n = xy.length; i < n; i += 2) {
            twice += xy[i] * xy[(i + 3) % n] - xy[(i + 2) % n] * xy[i + 1];
        }
        return twice / 2;
    }

    @Test
    void chosenPiecesAreFittedMoreCloselyAndTheOthersStay() {
        double[] contour = flower(3);
        FittedLoop rough = LoopFitter.fit(contour, 1.2);
        BitSet one = new BitSet();
        one.set(3);
        FittedLoop finer = new LoopSplicer(List.of(contour), List.of(rough)).refit(0, one, 0.1);
        assertThat(finer.loop().size()).isGreaterThan(rough.loop().size());
        Set<Point> kept = points(rough);
        int old = kept.size();
        kept.retainAll(points(finer));
        // The piece and both its neighbours go, and with them the two joints between.
        assertThat(kept.size()).isGreaterThanOrEqualTo(old - 2);
        BitSet all = new BitSet();
        all.set(0, rough.loop().size());
        FittedLoop whole = new LoopSplicer(List.of(contour), List.of(rough)).refit(0, all, 0.1);
        assertThat(whole.maxDeviation()).isLessThanOrEqualTo(0.12);
    }

    @Test
    void aPolygonIsLeftWhatItIs() {
        double[] tiny = {0, 0, 3, 0, 3, 3, 0, 3};
        FittedLoop polygon = FittedLoop.polygon(tiny);
        BitSet one = new BitSet();
        one.set(0);
        assertThat(new LoopSplicer(List.of(tiny), List.of(polygon)).refit(0, one, 0.1))
                .isSameAs(polygon);
    }
}

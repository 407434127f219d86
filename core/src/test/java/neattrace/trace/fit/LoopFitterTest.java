package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class LoopFitterTest {

    private static double[] circle(double radius) {
        int n = (int) Math.ceil(2 * Math.PI * radius / 0.7);
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            xy[2 * i] = 50 + radius * Math.cos(2 * Math.PI * i / n);
            xy[2 * i + 1] = 50 + radius * Math.sin(2 * Math.PI * i / n);
        }
        return xy;
    }

    @Property(tries = 30, seed = "20261")
    void aCircleNeedsFewCurves(@ForAll @DoubleRange(min = 6, max = 400) double radius) {
        FittedLoop fit = LoopFitter.fit(circle(radius), 0.3);
        // Four quarters bulge by 2.725e-4 of the radius (well known), which is 0.05 px at 183.4 px;
        // eighths are as good as round.
        assertThat(fit.loop().size()).isEqualTo(radius < 183.445 ? 4 : 8);
        assertThat(fit.maxDeviation()).isLessThanOrEqualTo(0.12);
        double[] flat = fit.loop().flatten(0.01);
        for (int i = 0; i < flat.length; i += 2) {
            double off = Math.hypot(flat[i] - 50, flat[i + 1] - 50) - radius;
            assertThat(Math.abs(off)).isLessThan(0.08);
        }
    }

    /** Random radii seldom come near to where four curves are no longer enough. */
    @Property(tries = 200, seed = "20261")
    void fourQuartersDoUpToTheRadiusAtWhichTheyBulgeTooMuch(
            @ForAll @DoubleRange(min = 179, max = 188) double radius) {
        assertThat(LoopFitter.fit(circle(radius), 0.3).loop().size())
                .isEqualTo(radius < 183.445 ? 4 : 8);
    }

    /** Wherever two curves of a loop without corners meet, both run the same way. */
    @Property(tries = 20, seed = "20261")
    void curvesMeetSmoothly(@ForAll @DoubleRange(min = 2, max = 7) double waves) {
        assertSmooth(LoopFitter.fit(wavy(900, 90, 9, Math.rint(waves)), 0.2).loop(), 1e-6);
    }

    private static void assertSmooth(CubicLoop loop, double mostTurn) {
        for (int i = 0; i < loop.size(); i++) {
            int before = (i + loop.size() - 1) % loop.size();
            Point in = loop.point(i).minus(loop.control(before, 1)).unit();
            Point out = loop.control(i, 0).minus(loop.point(i)).unit();
            assertThat(Math.abs(in.cross(out))).isLessThan(mostTurn);
            assertThat(in.dot(out)).isPositive();
        }
    }

    /** A ring of some radius with so many waves. */
    private static double[] wavy(int n, double radius, double height, double waves) {
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double r = radius + height * Math.sin(waves * angle);
            put(xy, i, 250 + r * Math.cos(angle), 250 + r * Math.sin(angle));
        }
        return xy;
    }

    /** Straight sides stay straight and run into round corners smoothly. */
    @Test
    void linesRunIntoArcsSmoothly() {
        List<Point> points = new ArrayList<>();
        double radius = 14;
        for (int corner = 0; corner < 4; corner++) {
            double cx = corner == 0 || corner == 3 ? 120 : 40;
            double cy = corner < 2 ? 90 : 40;
            for (int k = 0; k < 30; k++) {
                double angle = Math.PI / 2 * (corner + k / 30.0);
                points.add(new Point(cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)));
            }
        }
        double[] xy = points.stream().flatMapToDouble(p -> DoubleStream.of(p.x(), p.y())).toArray();
        CubicLoop loop = LoopFitter.fit(xy, 0.2).loop();
        assertSmooth(loop, 0.006);
        int lines = 0;
        for (int i = 0; i < loop.size(); i++) {
            lines += loop.isStraight(i) ? 1 : 0;
        }
        assertThat(lines).isEqualTo(4);
        assertThat(loop.size()).isLessThanOrEqualTo(12);
    }

    @Test
    void aSquareIsFourStraightLines() {
        CubicLoop loop = LoopFitter.fit(square(10, 60), 0.3).loop();
        assertThat(loop.size()).isEqualTo(4);
        for (int i = 0; i < 4; i++) {
            assertThat(loop.isStraight(i)).isTrue();
            Point corner = loop.point(i);
            assertThat(Math.abs(corner.x() - 35)).isCloseTo(25, within(0.05));
            assertThat(Math.abs(corner.y() - 35)).isCloseTo(25, within(0.05));
        }
    }

    private static double[] square(double from, double to) {
        int n = (int) (to - from);
        double[] xy = new double[8 * n];
        for (int i = 0; i < n; i++) {
            put(xy, i, from + i, from);
            put(xy, n + i, to, from + i);
            put(xy, 2 * n + i, to - i, to);
            put(xy, 3 * n + i, from, to - i);
        }
        return xy;
    }

    private static void put(double[] xy, int i, double x, double y) {
        xy[2 * i] = x;
        xy[2 * i + 1] = y;
    }

    @Property(tries = 30, seed = "20261")
    void noSampleKeepsFartherThanAllowed(
            @ForAll @DoubleRange(min = 0.1, max = 1.5) double bound,
            @ForAll @DoubleRange(min = 1, max = 7) double waves) {
        FittedLoop fit = LoopFitter.fit(wavy(600, 60, 6, Math.rint(waves)), bound);
        assertThat(fit.maxDeviation()).isLessThanOrEqualTo(Math.max(bound, 0.1));
        assertThat(fit.meanDeviation()).isLessThanOrEqualTo(fit.maxDeviation());
    }

    @Test
    void looserBoundsTakeFewerCurves() {
        int n = 2000;
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double r = 200 + 12 * Math.sin(9 * angle) + 3 * Math.sin(23 * angle);
            put(xy, i, 250 + r * Math.cos(angle), 250 + r * Math.sin(angle));
        }
        int close = LoopFitter.fit(xy, 0.1).loop().size();
        int loose = LoopFitter.fit(xy, 2).loop().size();
        assertThat(loose).isLessThan(close);
    }

    @Test
    void theSmallestContourThereIsBecomesALoop() {
        double[] onePixel = {0, 0.5, 0.5, 0, 1, 0.5, 0.5, 1};
        FittedLoop fit = LoopFitter.fit(onePixel, 0.3);
        assertThat(fit.loop().size()).isGreaterThanOrEqualTo(2);
        assertThat(Math.abs(fit.loop().signedArea())).isBetween(0.2, 0.9);
    }
}

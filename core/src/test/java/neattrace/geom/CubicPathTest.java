package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Line2D;
import java.util.BitSet;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CubicPathTest {

    private static CubicPath path(double... coords) {
        return CubicPath.of(coords, new BitSet());
    }

    /** A quarter of a circle of radius 100 about the origin; its arm from memory. */
    private static CubicPath quarter() {
        double k = 55.22847498;
        return path(100, 0, 100, k, k, 100, 0, 100);
    }

    @Test
    void bernsteinsPolynomialsGiveThePoints() {
        // By hand: at one half (p0 + 3 p1 + 3 p2 + p3) / 8.
        CubicPath path = path(0, 0, 8, 0, 8, 16, 0, 16);
        assertThat(path.at(0, 0.5)).isEqualTo(new Point(6, 8));
        assertThat(path.at(0, 0)).isEqualTo(path.point(0));
        assertThat(path.at(0, 1)).isEqualTo(path.point(1));
    }

    @Test
    void aQuarterCircleHasItsLengthAndItsRadius() {
        CubicPath path = quarter();
        assertThat(path.length(400)).isCloseTo(50 * Math.PI, within(0.05));
        for (double t = 0; t <= 1; t += 0.05) {
            assertThat(path.at(0, t).length()).isCloseTo(100, within(0.03));
        }
    }

    @Test
    void chordsKeepWithinTheTolerance() {
        Random random = new Random(2);
        for (int round = 0; round < 40; round++) {
            double[] c = random.doubles(8, -50, 50).toArray();
            CubicPath path = path(c);
            for (double tolerance : new double[] {0.01, 0.2, 2}) {
                double[] xy = path.flatten(tolerance);
                assertThat(xy[0]).isEqualTo(c[0]);
                assertThat(xy[xy.length - 1]).isEqualTo(c[7]);
                int chords = xy.length / 2 - 1;
                for (int k = 0; k <= 200; k++) {
                    double t = k / 200.0;
                    int i = (int) Math.min(chords - 1, Math.floor(t * chords));
                    Point at = path.at(0, t);
                    double off =
                            Line2D.ptSegDist(
                                    xy[2 * i],
                                    xy[2 * i + 1],
                                    xy[2 * i + 2],
                                    xy[2 * i + 3],
                                    at.x(),
                                    at.y());
                    assertThat(off).isLessThanOrEqualTo(tolerance + 1e-9);
                }
            }
        }
    }

    @Test
    void straightSegmentsAreOneChord() {
        BitSet straight = new BitSet();
        straight.set(0);
        CubicPath path =
                CubicPath.of(new double[] {0, 0, 1, 1, 2, 2, 3, 3, 4, 9, 5, 9, 6, 3}, straight);
        assertThat(path.size()).isEqualTo(2);
        assertThat(path.isStraight(0)).isTrue();
        assertThat(path.isStraight(1)).isFalse();
        double[] xy = path.flatten(0.05);
        assertThat(xy[2]).isEqualTo(3);
        assertThat(xy.length).isGreaterThan(6);
    }

    @Test
    void scalingScalesEverything() {
        CubicPath twice = quarter().scaled(2);
        assertThat(twice.point(0)).isEqualTo(new Point(200, 0));
        assertThat(twice.control(0, 1)).isEqualTo(quarter().control(0, 1).times(2));
        assertThat(twice.length(200)).isCloseTo(2 * quarter().length(200), within(1e-9));
    }

    @Test
    void isTheSameCurveAsTheJdks() {
        CubicCurve2D jdk = new CubicCurve2D.Double(1, 2, 30, 40, -20, 60, 10, 5);
        CubicCurve2D left = new CubicCurve2D.Double();
        jdk.subdivide(left, null);
        CubicPath path = path(1, 2, 30, 40, -20, 60, 10, 5);
        assertThat(path.at(0, 0.5).x()).isCloseTo(left.getX2(), within(1e-12));
        assertThat(path.at(0, 0.5).y()).isCloseTo(left.getY2(), within(1e-12));
    }

    @Test
    void numbersThatAreNoPathAreRefused() {
        assertThatThrownBy(() -> path(0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> path(0, 0, 1, 1, 2, 2))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> path(0, 0, 1, 1, 2, Double.NaN, 3, 3))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatWasGivenCanBeChangedWithoutChangingThePath() {
        double[] coords = {0, 0, 1, 1, 2, 2, 3, 3};
        BitSet straight = new BitSet();
        CubicPath path = CubicPath.of(coords, straight);
        coords[0] = 99;
        straight.set(0);
        assertThat(path.point(0)).isEqualTo(new Point(0, 0));
        assertThat(path.isStraight(0)).isFalse();
    }
}

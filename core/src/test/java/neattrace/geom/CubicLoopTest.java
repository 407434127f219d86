package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Path2D;
import java.util.BitSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class CubicLoopTest {

    /** Handle length of the best-known four-arc circle: 4/3 tan(pi/8). */
    private static final double KAPPA = 4.0 / 3 * Math.tan(Math.PI / 8);

    private static CubicLoop circle(double cx, double cy, double r) {
        double k = KAPPA * r;
        return CubicLoop.of(
                new double[] {
                    cx + r, cy, cx + r, cy + k, cx + k, cy + r, cx, cy + r, cx - k, cy + r, cx - r,
                    cy + k, cx - r, cy, cx - r, cy - k, cx - k, cy - r, cx, cy - r, cx + k, cy - r,
                    cx + r, cy - k
                },
                new BitSet());
    }

    /** Four arcs enclose pi r2 within 0.028 % (Goldapp, CAGD 8, 1991, gives the radial error). */
    @Test
    void areaOfFourArcsIsThatOfTheCircle() {
        CubicLoop loop = circle(3, -7, 10);
        assertThat(loop.signedArea()).isCloseTo(Math.PI * 100, within(Math.PI * 100 * 0.0004));
    }

    @Test
    void areaIsPositiveClockwiseOnScreenAndNegativeTheOtherWay() {
        assertThat(CubicLoop.polygon(0, 0, 4, 0, 4, 3, 0, 3).signedArea())
                .isCloseTo(12, within(1e-12));
        assertThat(CubicLoop.polygon(0, 3, 4, 3, 4, 0, 0, 0).signedArea())
                .isCloseTo(-12, within(1e-12));
    }

    @Property(tries = 100, seed = "20261")
    void flatteningKeepsWithinTheTolerance(
            @ForAll @DoubleRange(min = 0.5, max = 500) double radius,
            @ForAll @DoubleRange(min = 0.01, max = 0.5) double tolerance) {
        double[] xy = circle(0, 0, radius).flatten(tolerance);
        // Vertices lie on the curve; the middles of the chords are where it is left farthest.
        for (int i = 0, n = xy.length; i < n; i += 2) {
            double mx = (xy[i] + xy[(i + 2) % n]) / 2;
            double my = (xy[i + 1] + xy[(i + 3) % n]) / 2;
            assertThat(Math.abs(Math.hypot(mx, my) - radius))
                    .isLessThanOrEqualTo(tolerance + radius * 0.0003);
        }
    }

    @Test
    void straightSegmentsFlattenToTheirEnds() {
        CubicLoop square = CubicLoop.polygon(0, 0, 2, 0, 2, 2, 0, 2);
        assertThat(square.flatten(0.01)).containsExactly(0, 0, 2, 0, 2, 2, 0, 2);
        assertThat(square.length(0.01)).isCloseTo(8, within(1e-12));
        assertThat(square.isStraight(3)).isTrue();
    }

    @Test
    void scalingScalesAreaBySquare() {
        CubicLoop loop = circle(5, 5, 4);
        assertThat(loop.scaled(0.5).signedArea()).isCloseTo(loop.signedArea() / 4, within(1e-9));
        assertThat(loop.scaled(2).bounds()).containsExactly(2, 2, 18, 18);
    }

    @Test
    void java2dPathCoversTheSameGround() {
        Path2D path = new Path2D.Double();
        circle(0, 0, 10).appendTo(path);
        assertThat(path.contains(9.9, 0)).isTrue();
        assertThat(path.contains(7.2, 7.2)).isFalse();
        assertThat(path.getBounds2D().getMaxX()).isCloseTo(10, within(1e-9));
    }

    @Test
    void refusesHalfSegmentsAndNumbersThatAreNone() {
        assertThatThrownBy(() -> CubicLoop.of(new double[5], new BitSet()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> CubicLoop.of(new double[0], new BitSet()))
                .isInstanceOf(IllegalArgumentException.class);
        double[] bad = new double[6];
        bad[3] = Double.NaN;
        assertThatThrownBy(() -> CubicLoop.of(bad, new BitSet()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void doesNotChangeWithTheArraysItWasMadeFrom() {
        double[] coords = {0, 0, 1, 0, 2, 0, 3, 3, 2, 3, 1, 3};
        BitSet straight = new BitSet();
        CubicLoop loop = CubicLoop.of(coords, straight);
        coords[0] = 99;
        straight.set(0);
        assertThat(loop.point(0)).isEqualTo(new Point(0, 0));
        assertThat(loop.isStraight(0)).isFalse();
    }
}

package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Arc2D;
import java.awt.geom.PathIterator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ArcTest {

    /** The JDK draws arcs as cubics with the same arms; it says which arc it was, so we must. */
    @Property(tries = 60, seed = "20261")
    void knowsTheJdksArcsAgain(
            @ForAll @DoubleRange(min = -360, max = 360) double startDegrees,
            @ForAll @DoubleRange(min = 5, max = 90) double degrees,
            @ForAll boolean back,
            @ForAll @DoubleRange(min = 0.1, max = 5000) double radius) {
        double extent = back ? -degrees : degrees;
        PathIterator path =
                new Arc2D.Double(
                                30 - radius,
                                -70 - radius,
                                2 * radius,
                                2 * radius,
                                startDegrees,
                                extent,
                                Arc2D.OPEN)
                        .getPathIterator(null);
        double[] start = new double[6];
        double[] cubic = new double[6];
        path.currentSegment(start);
        path.next();
        path.currentSegment(cubic);

        Arc arc =
                Arc.of(
                                new Point(start[0], start[1]),
                                new Point(cubic[0], cubic[1]),
                                new Point(cubic[2], cubic[3]),
                                new Point(cubic[4], cubic[5]))
                        .orElseThrow();

        double close = 1e-6 * (radius + 100);
        assertThat(arc.radius()).isCloseTo(radius, within(close));
        assertThat(arc.centre().x()).isCloseTo(30, within(close));
        assertThat(arc.centre().y()).isCloseTo(-70, within(close));
        // The JDK counts against the clock.
        assertThat(Math.toDegrees(arc.sweep())).isCloseTo(-extent, within(1e-6));
        assertThat(arc.endFrom(new Point(start[0], start[1])).x())
                .isCloseTo(cubic[4], within(close));
    }

    @Test
    void otherCurvesAreNoArcs() {
        Point start = new Point(0, 0);
        Point end = new Point(10, 10);
        assertThat(Arc.of(start, new Point(5, 0), new Point(10, 5), end)).isEmpty();
        assertThat(Arc.of(start, new Point(5.523, 0), new Point(10, 4), end)).isEmpty();
        assertThat(Arc.of(start, new Point(3, 3), new Point(7, 7), end)).isEmpty();
        assertThat(Arc.of(start, start, start, start)).isEmpty();
    }

    /** A quarter bulges by 2.7e-4 of its radius (a well-known figure of its usual cubic). */
    @Test
    void bulgesAsIsKnown() {
        assertThat(new Arc(new Point(0, 0), 1000, Math.PI / 2).bulge())
                .isCloseTo(0.273, within(0.001));
    }
}

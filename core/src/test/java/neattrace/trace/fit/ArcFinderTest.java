package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Arc;
import neattrace.geom.CubicLoop;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Arcs of known circles, drawn by the JDK, stay arcs of these circles; nothing else becomes one.
 */
class ArcFinderTest {

    private static final double BOUND = 0.18;

    @ParameterizedTest
    @CsvSource({"0,12", "7,12", "33,15", "45,10", "80,8", "20,5", "12,14"})
    void roundedCornersAreArcsBetweenTheirSides(double degrees, double radius) {
        Shape shape = new RoundRectangle2D.Double(60, 90, 130, 70, 2 * radius, 2 * radius);

        CubicLoop loop = fit(turned(shape, degrees));

        assertThat(loop.size()).isEqualTo(8);
        List<Arc> arcs = arcs(loop);
        assertThat(arcs).hasSize(4);
        for (Arc arc : arcs) {
            assertThat(arc.radius()).isCloseTo(radius, within(0.35));
            assertThat(Math.toDegrees(arc.sweep())).isCloseTo(90, within(1.0));
        }
    }

    @Test
    void halfCirclesCloseAStadium() {
        CubicLoop loop = fit(turned(new RoundRectangle2D.Double(50, 90, 150, 60, 60, 60), 20));

        List<Arc> arcs = arcs(loop);
        assertThat(loop.size()).isEqualTo(6);
        assertThat(arcs).hasSize(4).allMatch(arc -> Math.abs(arc.radius() - 30) < 0.05);
    }

    @Test
    void aMoonIsTwoArcsBetweenItsTips() {
        Area moon = new Area(new Ellipse2D.Double(40, 40, 160, 160));
        moon.subtract(new Area(new Ellipse2D.Double(90, 30, 150, 150)));

        CubicLoop loop = fit(moon);

        List<Arc> arcs = arcs(loop);
        assertThat(arcs).hasSize(loop.size());
        assertThat(arcs).anyMatch(arc -> Math.abs(arc.radius() - 80) < 0.3 && arc.sweep() > 0);
        assertThat(arcs).anyMatch(arc -> Math.abs(arc.radius() - 75) < 0.3 && arc.sweep() < 0);
    }

    @Test
    void aSliceHasOneArc() {
        CubicLoop loop = fit(new Arc2D.Double(30, 30, 200, 200, 20, 75, Arc2D.PIE));

        assertThat(arcs(loop)).hasSize(1);
        assertThat(arcs(loop).get(0).radius()).isCloseTo(100, within(0.3));
        assertThat(loop.size()).isEqualTo(3);
    }

    @Test
    void aKeyholeTurnsMoreThanHalfRound() {
        Area keyhole = new Area(new Ellipse2D.Double(80, 40, 90, 90));
        keyhole.add(new Area(new Rectangle2D.Double(110, 100, 30, 110)));

        double sweep = 0;
        for (Arc arc : arcs(fit(keyhole))) {
            assertThat(arc.radius()).isCloseTo(45, within(0.2));
            sweep += arc.sweep();
        }
        assertThat(Math.toDegrees(sweep)).isBetween(315.0, 325.0);
    }

    /** A line runs into the arc smoothly on one side, and there is a corner on the other. */
    @Test
    void anArchRestsOnALineAndACorner() {
        Path2D arch = new Path2D.Double();
        arch.moveTo(60, 200);
        arch.lineTo(60, 120);
        arch.append(new Arc2D.Double(60, 60, 120, 120, 180, -130, Arc2D.OPEN), true);
        arch.lineTo(158.57, 200);
        arch.closePath();

        List<Arc> arcs = arcs(fit(turned(arch, 9)));

        assertThat(arcs).isNotEmpty().allMatch(arc -> Math.abs(arc.radius() - 60) < 0.3);
        assertThat(arcs.stream().mapToDouble(Arc::sweep).sum())
                .isCloseTo(Math.toRadians(130), within(0.05));
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 90, 300})
    void wholeCirclesAreAsRoundAsTheyWereDrawn(double radius) {
        int side = (int) (2 * radius + 20);
        CubicLoop loop =
                LoopFitter.fit(
                                DrawnInk.contour(
                                        side, new Ellipse2D.Double(8, 9, 2 * radius, 2 * radius)),
                                BOUND)
                        .loop();

        assertThat(arcs(loop)).hasSize(loop.size());
        // The JDK's own ellipse is off by 2.7e-4 of its radius.
        double[] flat = loop.flatten(0.001);
        for (int i = 0; i < flat.length; i += 2) {
            double off = Math.hypot(flat[i] - 8 - radius, flat[i + 1] - 9 - radius) - radius;
            assertThat(off).isCloseTo(0, within(0.1));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.3, 2, 3})
    void halvesOfEllipsesAreNoArcs(double slim) {
        Area half = new Area(new Ellipse2D.Double(20, 128 - 108 / slim, 216, 216 / slim));
        half.subtract(new Area(new Rectangle2D.Double(0, 128, 256, 128)));

        assertThat(arcs(fit(turned(half, 15)))).isEmpty();
    }

    private static CubicLoop fit(Shape shape) {
        return LoopFitter.fit(DrawnInk.contour(256, shape), BOUND).loop();
    }

    private static List<Arc> arcs(CubicLoop loop) {
        List<Arc> arcs = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            loop.arc(i).ifPresent(arcs::add);
        }
        return arcs;
    }

    private static Shape turned(Shape shape, double degrees) {
        return AffineTransform.getRotateInstance(Math.toRadians(degrees), 125, 120)
                .createTransformedShape(shape);
    }
}

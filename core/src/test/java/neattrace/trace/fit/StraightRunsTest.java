package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What was drawn straight stays straight, and nothing else becomes so. */
class StraightRunsTest {

    private static final double BOUND = 0.2;

    @ParameterizedTest
    @CsvSource({"0,12", "7,12", "33,15", "45,10", "80,8"})
    void aRoundedRectangleKeepsItsFourSides(double degrees, double arc) {
        Shape shape =
                turned(new RoundRectangle2D.Double(60, 90, 130, 70, 2 * arc, 2 * arc), degrees);

        CubicLoop loop = LoopFitter.fit(DrawnInk.contour(256, shape), BOUND).loop();

        double straight = 0;
        int lines = 0;
        for (int i = 0; i < loop.size(); i++) {
            if (loop.isStraight(i)) {
                lines++;
                straight += loop.point(i).distance(loop.point(i + 1));
            }
        }
        assertThat(lines).isEqualTo(4);
        assertThat(straight).isCloseTo(2 * (130 + 70 - 4 * arc), within(30.0));
        assertThat(loop.size()).isLessThanOrEqualTo(12);
    }

    @Test
    void linesLieWhereTheyWereDrawn() {
        Path2D stadium = new Path2D.Double(new RoundRectangle2D.Double(60, 90, 130, 60, 60, 60));
        Shape shape = turned(stadium, 20);
        AffineTransform back = turn(-20);

        CubicLoop loop = LoopFitter.fit(DrawnInk.contour(256, shape), BOUND).loop();

        int lines = 0;
        for (int i = 0; i < loop.size(); i++) {
            if (loop.isStraight(i)) {
                lines++;
                for (Point end : List.of(loop.point(i), loop.point(i + 1))) {
                    double[] at = {end.x(), end.y()};
                    back.transform(at, 0, at, 0, 1);
                    assertThat(Math.abs(at[1] - 120)).isCloseTo(30, within(0.06));
                }
            }
        }
        assertThat(lines).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 1.5, 3, 5})
    void ellipsesHaveNoStraightSides(double slim) {
        Shape ellipse = turned(new Ellipse2D.Double(20, 128 - 108 / slim, 216, 216 / slim), 15);

        assertThat(runs(ellipse)).isEmpty();
        CubicLoop loop = LoopFitter.fit(DrawnInk.contour(256, ellipse), BOUND).loop();
        for (int i = 0; i < loop.size(); i++) {
            assertThat(loop.isStraight(i)).isFalse();
        }
    }

    @Test
    void curvesLeaveLinesInTheirDirection() {
        Shape shape = turned(new RoundRectangle2D.Double(60, 90, 130, 70, 44, 44), 12);

        CubicLoop loop = LoopFitter.fit(DrawnInk.contour(256, shape), BOUND).loop();

        for (int i = 0; i < loop.size(); i++) {
            int before = (i + loop.size() - 1) % loop.size();
            Point in = loop.point(i).minus(loop.control(before, 1)).unit();
            Point out = loop.control(i, 0).minus(loop.point(i)).unit();
            assertThat(Math.abs(in.cross(out))).isLessThan(0.006);
        }
    }

    @Test
    void noPointOfARunKeepsFartherThanTheBound() {
        Shape shape = turned(new RoundRectangle2D.Double(60, 90, 130, 70, 30, 30), 5);
        Section section =
                Sections.ring(Samples.along(DrawnInk.contour(256, shape), LoopFitter.STEP_PX));

        assertThat(StraightRuns.find(section, 0.3)).hasSizeGreaterThanOrEqualTo(3);
        assertThat(StraightRuns.find(section, 1e-4)).isEmpty();
    }

    private static List<StraightRun> runs(Shape shape) {
        return StraightRuns.find(
                Sections.ring(Samples.along(DrawnInk.contour(256, shape), LoopFitter.STEP_PX)),
                BOUND);
    }

    private static AffineTransform turn(double degrees) {
        return AffineTransform.getRotateInstance(Math.toRadians(degrees), 125, 120);
    }

    private static Shape turned(Shape shape, double degrees) {
        return turn(degrees).createTransformedShape(shape);
    }
}

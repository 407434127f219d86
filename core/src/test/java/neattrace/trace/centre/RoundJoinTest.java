package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pens of a known radius that turned at a known place. */
class RoundJoinTest {

    private static final Point TIP = new Point(151.3, 97.6);

    private static Path2D corner(double turnDegrees) {
        double half = Math.toRadians(180 - turnDegrees) / 2;
        Path2D way = new Path2D.Double();
        way.moveTo(TIP.x() - 140 * Math.sin(half), TIP.y() + 140 * Math.cos(half));
        way.lineTo(TIP.x(), TIP.y());
        way.lineTo(TIP.x() + 140 * Math.sin(half), TIP.y() + 140 * Math.cos(half));
        return way;
    }

    private static Point in(double turnDegrees) {
        double half = Math.toRadians(180 - turnDegrees) / 2;
        return new Point(Math.sin(half), -Math.cos(half));
    }

    private static Point out(double turnDegrees) {
        double half = Math.toRadians(180 - turnDegrees) / 2;
        return new Point(Math.sin(half), Math.cos(half));
    }

    private static Optional<RoundJoin> join(InkMap map, double turn, double half) {
        Point start = TIP.plus(new Point(2.5, 4));
        return RoundJoin.of(new Probe(map), start, in(turn), out(turn), half);
    }

    @ParameterizedTest
    @CsvSource({"60, 12", "60, 33", "90, 12", "90, 33", "120, 24", "150, 24"})
    void aSharpCornerIsWhereThePenTurned(double turn, double width) {
        InkMap map = DrawnInk.of(300, 300, DrawnInk.pen(width, corner(turn)));
        RoundJoin join = join(map, turn, width / 2).orElseThrow();
        assertThat(join.radius()).isZero();
        assertThat(join.centre().distance(TIP)).isLessThan(0.5);
    }

    /** A mitre runs on to a point: no round pen did that. */
    @ParameterizedTest
    @CsvSource({"90, 24", "120, 24"})
    void aPointedCornerIsNone(double turn, double width) {
        InkMap map =
                DrawnInk.of(
                        300,
                        300,
                        g -> {
                            g.setStroke(
                                    new BasicStroke(
                                            (float) width,
                                            BasicStroke.CAP_BUTT,
                                            BasicStroke.JOIN_MITER));
                            g.draw(corner(turn));
                        });
        assertThat(join(map, turn, width / 2)).isEmpty();
    }

    @Test
    void aRoundedCornerIsAnArcOfItsRadius() {
        double radius = 9;
        Path2D way = new Path2D.Double();
        way.moveTo(40, 250);
        way.lineTo(40, 80 + radius);
        // A quarter of a circle, as near as one cubic comes.
        double k = 0.5523 * radius;
        way.curveTo(40, 80 + radius - k, 40 + radius - k, 80, 40 + radius, 80);
        way.lineTo(250, 80);
        InkMap map = DrawnInk.of(300, 300, DrawnInk.pen(24, way));
        RoundJoin join =
                RoundJoin.of(
                                new Probe(map),
                                new Point(45, 85),
                                new Point(0, -1),
                                new Point(1, 0),
                                12)
                        .orElseThrow();
        assertThat(join.radius()).isCloseTo(radius, within(1.0));
        assertThat(join.centre().distance(new Point(40 + radius, 80 + radius))).isLessThan(1.2);
    }

    @Test
    void theWayTouchesBothSidesAndRunsRound() {
        RoundJoin join = new RoundJoin(new Point(20, 20), 10);
        List<Point> way =
                join.way(new Point(10, 40), new Point(0, -1), new Point(1, 0), new Point(40, 10));
        assertThat(way.get(0).distance(new Point(10, 40))).isLessThan(1e-9);
        assertThat(way.get(way.size() - 1).distance(new Point(40, 10))).isLessThan(1e-9);
        for (int i = 1; i < way.size(); i++) {
            Point at = way.get(i);
            assertThat(at.distance(way.get(i - 1))).isLessThan(1.6);
            // Straight down the left side, round the circle, straight along the upper one.
            double away =
                    at.y() > 20
                            ? Math.abs(at.x() - 10)
                            : at.x() > 20
                                    ? Math.abs(at.y() - 10)
                                    : Math.abs(at.distance(new Point(20, 20)) - 10);
            assertThat(away).isLessThan(0.05);
        }
    }
}

package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import neattrace.geom.Point;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Samples along contours, and the circles and corners recognised in them. */
class SampledContourTest {

    private static final double STEP = 0.5;

    @Test
    void samplesLieOnTheContourAtEvenDistances() {
        Samples samples = Samples.along(new double[] {0, 0, 10, 0, 10, 4, 0, 4}, STEP);

        assertThat(samples.size()).isEqualTo(56);
        for (int i = 0; i < samples.size(); i++) {
            Point at = samples.at(i);
            boolean onSide = at.x() % 10 == 0 || at.y() % 4 == 0;
            assertThat(onSide).isTrue();
            // Round a right corner the way is longer than the chord, never shorter.
            assertThat(at.distance(samples.at(i + 1))).isBetween(0.35, 0.5 + 1e-9);
        }
        assertThat(samples.at(-1)).isEqualTo(samples.at(55));
    }

    @Test
    void openSamplesKeepBothEnds() {
        Samples samples = Samples.alongOpen(new double[] {1, 1, 4, 5, 9, 5}, STEP);

        assertThat(samples.at(0)).isEqualTo(new Point(1, 1));
        assertThat(samples.at(samples.size() - 1).distance(new Point(9, 5))).isLessThan(1e-9);
        assertThat(samples.at(-3)).isEqualTo(samples.at(0));
        assertThat(samples.turn(0, 1, 4)).isZero();
    }

    @ParameterizedTest
    @ValueSource(doubles = {3, 7.3, 20, 111.7})
    void circlesComeBackWithTheirCentreAndRadius(double radius) {
        List<Piece> quarters = CircleFinder.find(Samples.along(circle(130.2, 128.9, radius), STEP));

        assertThat(quarters).hasSize(4);
        for (Piece quarter : quarters) {
            for (Point at : List.of(quarter.start(), quarter.end())) {
                assertThat(at.distance(new Point(130.2, 128.9))).isCloseTo(radius, within(2e-3));
            }
            // Farthest a cubic strays from a quarter of a circle: 2.73e-4 of the radius (M.
            // Goldapp, "Approximation of circular arcs by cubic polynomials", Computer Aided
            // Geometric Design 8, 1991).
            Point middle =
                    quarter.start()
                            .plus(quarter.first().times(3))
                            .plus(quarter.second().times(3))
                            .plus(quarter.end())
                            .times(1.0 / 8);
            assertThat(middle.distance(new Point(130.2, 128.9)))
                    .isCloseTo(radius, within(2.8e-4 * radius + 2e-3));
        }
        assertThat(quarters.get(3).end().distance(quarters.get(0).start())).isLessThan(1e-9);
    }

    @Test
    void circlesKeepTheWayRoundOfTheirContour() {
        double[] back = circle(50, 50, 20);
        double[] forth = new double[back.length];
        for (int i = 0; i < back.length; i += 2) {
            forth[i] = back[back.length - 2 - i];
            forth[i + 1] = back[back.length - 1 - i];
        }

        double one = turning(CircleFinder.find(Samples.along(back, STEP)));
        double other = turning(CircleFinder.find(Samples.along(forth, STEP)));

        assertThat(one).isCloseTo(-other, within(1e-6));
        assertThat(Math.abs(one)).isGreaterThan(1);
    }

    @Test
    void ellipsesAndSquaresAreNoCircles() {
        double[] ellipse = DrawnInk.contour(128, new Ellipse2D.Double(20, 20, 60, 58));
        double[] square = DrawnInk.contour(128, new Rectangle2D.Double(20, 20, 40, 40));

        assertThat(CircleFinder.find(Samples.along(ellipse, STEP))).isEmpty();
        assertThat(CircleFinder.find(Samples.along(square, STEP))).isEmpty();
        assertThat(CircleFinder.find(Samples.along(new double[] {0, 0, 9, 9, 4, 4}, STEP)))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 11, 30, 45, 77})
    void cornersOfAShapeAreFoundWhereItsSidesMeet(double degrees) {
        Path2D triangle = new Path2D.Double();
        triangle.moveTo(40, 30);
        triangle.lineTo(90, 42);
        triangle.lineTo(55, 95);
        triangle.closePath();
        AffineTransform turn =
                AffineTransform.getRotateInstance(Math.toRadians(degrees), 60.3, 60.8);

        List<Corner> corners =
                corners(DrawnInk.contour(128, turn.createTransformedShape(triangle)));

        assertThat(corners).hasSize(3);
        for (double[] corner : new double[][] {{40, 30}, {90, 42}, {55, 95}}) {
            turn.transform(corner, 0, corner, 0, 1);
            Point place = new Point(corner[0], corner[1]);
            assertThat(corners).anyMatch(found -> found.at().distance(place) < 0.6);
        }
    }

    @Test
    void whatIsRoundHasNoCorners() {
        assertThat(corners(DrawnInk.contour(128, new Ellipse2D.Double(20, 20, 12, 12)))).isEmpty();
        assertThat(corners(DrawnInk.contour(128, new Ellipse2D.Double(20, 20, 80, 30)))).isEmpty();
        assertThat(corners(new double[] {0, 0, 1, 0, 1, 1})).isEmpty();
    }

    @Test
    void verticesAreFoundByTheirExactPlaces() {
        List<double[]> contours =
                List.of(circle(40, 40, 9), circle(40, 40, 11), new double[] {1, 2});
        VertexIndex index = new VertexIndex(contours);

        for (int loop = 0; loop < contours.size(); loop++) {
            double[] xy = contours.get(loop);
            for (int i = 0; i < xy.length / 2; i++) {
                int found = index.find(xy[2 * i], xy[2 * i + 1]);
                assertThat(index.loop(found)).isEqualTo(loop);
                assertThat(index.vertex(found)).isEqualTo(i);
            }
        }
        assertThat(index.find(40, 40)).isEqualTo(-1);
        assertThat(index.find(Math.nextUp(1.0), 2)).isEqualTo(-1);
        assertThat(new VertexIndex(List.of()).find(0, 0)).isEqualTo(-1);
    }

    @Test
    void theNearestPlaceOfACubicIsThatOfAFineSearch() {
        Cubic cubic = new Cubic();
        cubic.set(0, 0, 12, 30, 31, -8, 40, 11);
        for (int i = 0; i < 200; i++) {
            double px = -4 + i % 20 * 2.4;
            double py = -6 + i / 20 * 3.1;
            double least = Double.MAX_VALUE;
            for (int k = 0; k <= 4000; k++) {
                least = Math.min(least, cubic.squareTo(px, py, k / 4000.0));
            }
            double found = cubic.squareTo(px, py, cubic.nearest(px, py));
            assertThat(Math.sqrt(found)).isCloseTo(Math.sqrt(least), within(0.02));
        }
    }

    /** The sum of the cross products of arms and chords: its sign tells the way round. */
    private static double turning(List<Piece> pieces) {
        return pieces.stream().mapToDouble(p -> p.start().cross(p.end())).sum();
    }

    private static List<Corner> corners(double[] xy) {
        return CornerFinder.find(Samples.along(xy, STEP));
    }

    private static double[] circle(double cx, double cy, double radius) {
        int n = (int) Math.ceil(Math.PI * 4 * radius);
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            xy[2 * i] = cx + radius * Math.cos(2 * Math.PI * i / n);
            xy[2 * i + 1] = cy + radius * Math.sin(2 * Math.PI * i / n);
        }
        return xy;
    }
}

package neattrace.goods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** The target's outer ring has a radius of 93.5 px at 300 ppi, 7.92 mm. */
class SilhouetteTest {

    private static final double RADIUS_MM = 93.5 * 25.4 / 300;

    private static List<Outline> target() throws IOException {
        Drawing drawing = new Pipeline().run(Jobs.plain(), Progress.SILENT);
        return drawing.lines();
    }

    private static Polygon polygon(List<Point> ring) {
        List<Coordinate> all = new ArrayList<>();
        ring.forEach(at -> all.add(new Coordinate(at.x(), at.y())));
        all.add(all.get(0));
        return new GeometryFactory().createPolygon(all.toArray(Coordinate[]::new));
    }

    @Test
    void nothingHasNone() {
        assertThat(Silhouette.of(List.of(), 2)).isEmpty();
    }

    @Test
    void holesAreClosedAndTheRimIsAddedAllRound() throws IOException {
        for (double rim : new double[] {0, 2, 5}) {
            List<List<Point>> rings = Silhouette.of(target(), rim);
            assertThat(rings).hasSize(1);
            double area = polygon(rings.get(0)).getArea();
            double radius = Math.sqrt(area / Math.PI);
            assertThat(radius).isCloseTo(RADIUS_MM + rim, within(0.05));
        }
    }

    @Test
    void piecesJoinOnceTheirRimsMeet() throws IOException {
        List<Outline> one = target();
        List<Outline> both = new ArrayList<>(one);
        one.forEach(
                line ->
                        both.add(
                                line.mapped(
                                        java.awt.geom.AffineTransform.getTranslateInstance(
                                                2 * RADIUS_MM + 4, 0))));
        assertThat(Silhouette.of(both, 1.9)).hasSize(2);
        assertThat(Silhouette.of(both, 2.1)).hasSize(1);
    }

    @Test
    void aRingDoesNotRepeatItsFirstPoint() throws IOException {
        for (List<Point> ring : Silhouette.of(target(), 1)) {
            assertThat(ring).hasSizeGreaterThan(3).doesNotHaveDuplicates();
        }
    }

    /** A hair of a line is no piece of its own without an area, but its rim is. */
    @Test
    void aLineWithoutAreaStillHasARim() {
        CubicLoop flat = CubicLoop.polygon(0, 0, 10, 0, 10, 1e-6);
        List<List<Point>> rings = Silhouette.of(List.of(new Outline(flat, List.of())), 1);
        assertThat(rings).hasSize(1);
        assertThat(polygon(rings.get(0)).getArea()).isCloseTo(2 * 10 + Math.PI, within(0.2));
    }
}

package neattrace.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.centre.StrokeArt;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** In which order pens draw, and how wide strokes are along them. */
class PenOrderTest {

    private static PrintShape.Stroked line(double x1, double y1, double x2, double y2) {
        double[] coords = new double[8];
        for (int k = 0; k < 4; k++) {
            coords[2 * k] = x1 + (x2 - x1) * k / 3;
            coords[2 * k + 1] = y1 + (y2 - y1) * k / 3;
        }
        return new PrintShape.Stroked(CubicPath.of(coords, new BitSet()), false, 1);
    }

    private static Point start(PrintShape.Stroked one) {
        return one.path().point(0);
    }

    @Test
    void aRowOfLinesIsDrawnToAndFro() {
        List<PrintShape.Stroked> row =
                List.of(line(20, 0, 20, 50), line(0, 0, 0, 50), line(10, 0, 10, 50));
        List<PrintShape.Stroked> drawn = PenOrder.of(row);
        assertThat(drawn).extracting(one -> start(one).x()).containsExactly(0.0, 10.0, 20.0);
        // The second one is drawn upwards.
        assertThat(start(drawn.get(1)).y()).isEqualTo(50);
        assertThat(PenOrder.travelMm(drawn)).isCloseTo(20, within(1e-9));
    }

    /** For seven lines all orders and directions can be tried. */
    @Test
    void fewLinesAreDrawnInTheBestOrderOrNearly() {
        Random random = new Random(3);
        double sum = 0;
        int cases = 20;
        for (int k = 0; k < cases; k++) {
            List<PrintShape.Stroked> some = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                some.add(
                        line(
                                random.nextDouble(100),
                                random.nextDouble(100),
                                random.nextDouble(100),
                                random.nextDouble(100)));
            }
            sum += PenOrder.travelMm(PenOrder.of(some)) / best(some, new ArrayList<>());
        }
        assertThat(sum / cases).isBetween(1 - 1e-9, 1.08);
    }

    private static double best(List<PrintShape.Stroked> left, List<PrintShape.Stroked> drawn) {
        if (left.isEmpty()) {
            return PenOrder.travelMm(drawn);
        }
        double best = Double.MAX_VALUE;
        for (PrintShape.Stroked one : left) {
            List<PrintShape.Stroked> others = new ArrayList<>(left);
            others.remove(one);
            for (PrintShape.Stroked way : List.of(one, one.reversed())) {
                drawn.add(way);
                best = Math.min(best, best(others, drawn));
                drawn.remove(drawn.size() - 1);
            }
        }
        return best;
    }

    @Test
    void everyStrokeIsDrawnOnceAndStaysWhereItWas() {
        Random random = new Random(5);
        List<PrintShape.Stroked> some = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            double x = random.nextDouble(200);
            double y = random.nextDouble(200);
            some.add(line(x, y, x + random.nextDouble(20), y + random.nextDouble(20)));
        }
        List<PrintShape.Stroked> drawn = PenOrder.of(some);
        assertThat(drawn).hasSameSizeAs(some);
        assertThat(drawn.stream().map(PenOrderTest::ends).toList())
                .containsExactlyInAnyOrderElementsOf(
                        some.stream().map(PenOrderTest::ends).toList());
        assertThat(PenOrder.travelMm(drawn)).isLessThan(0.2 * PenOrder.travelMm(some));
        assertThat(PenOrder.of(List.of())).isEmpty();
    }

    private static Set<Point> ends(PrintShape.Stroked one) {
        return Set.of(start(one), one.path().point(one.path().size()));
    }

    /** A wedge from 4 px to 24 px over 360 px, a tenth of a mm to the px. */
    @Test
    void widthsAreThoseOfTheInk() {
        Path2D wedge = new Path2D.Double();
        wedge.moveTo(40, 100 - 2);
        wedge.lineTo(400, 100 - 12);
        wedge.lineTo(400, 100 + 12);
        wedge.lineTo(40, 100 + 2);
        wedge.closePath();
        Area area = new Area(wedge);
        area.add(new Area(new Ellipse2D.Double(388, 88, 24, 24)));
        InkMap map = DrawnInk.of(480, 200, g -> g.fill(area));
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 0.1);
        StrokeArt.OpenStroke stroke = art.open().get(0);
        PrintShape.Stroked shape =
                new PrintShape.Stroked(stroke.path(), false, stroke.widthMm(), stroke.widthsMm());
        Geometry wide = StrokeWidths.outline(shape);
        for (double x : new double[] {10, 20, 30}) {
            Envelope slice = new Envelope(x, x + 0.01, 0, 20);
            double width =
                    wide.intersection(new GeometryFactory().toGeometry(slice)).getArea() / 0.01;
            double truth = 0.4 + 2.0 * (x - 4) / 36;
            assertThat(width).as("at %s", x).isCloseTo(truth, within(0.06));
        }
        // From its other end it covers the same.
        Geometry back = StrokeWidths.outline(shape.reversed());
        assertThat(back.symDifference(wide).getArea()).isLessThan(0.01 * wide.getArea());
    }

    /** A ring that is thick on the right: beginning anywhere, it is thick there. */
    @Test
    void widthsOfRingsGoWithThem() {
        Area ring = new Area(new Ellipse2D.Double(60, 60, 200, 200));
        ring.subtract(new Area(new Ellipse2D.Double(68, 74, 172, 172)));
        InkMap map = DrawnInk.of(320, 320, g -> g.fill(ring));
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 0.1);
        StrokeArt.ClosedStroke stroke = art.closed().get(0);
        PrintShape.Stroked shape =
                new PrintShape.Stroked(stroke.path(), true, stroke.widthMm(), stroke.widthsMm());
        for (int joint = 0; joint < stroke.path().size(); joint++) {
            Geometry wide = StrokeWidths.outline(shape.startingAt(joint));
            Coordinate right = new Coordinate(25, 16);
            Coordinate left = new Coordinate(6.4, 16);
            GeometryFactory factory = new GeometryFactory();
            assertThat(wide.contains(factory.createPoint(right))).isTrue();
            assertThat(wide.contains(factory.createPoint(left))).isTrue();
            assertThat(wide.getArea()).isCloseTo(map(ring), within(0.06 * map(ring)));
        }
    }

    private static double map(Area area) {
        // The ring by its two discs.
        return area.isEmpty() ? 0 : Math.PI * (100 * 100 - 86 * 86) / 100;
    }

    @Test
    void linesOfOneWidthAreThatWide() {
        Geometry wide = StrokeWidths.outline(line(0, 0, 30, 0));
        Area truth =
                new Area(
                        new BasicStroke(1, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                                .createStrokedShape(new Line2D.Double(0, 0, 30, 0)));
        assertThat(truth.contains(30.45, 0)).isTrue();
        assertThat(wide.getArea()).isCloseTo(30 + Math.PI / 4, within(0.1));
    }
}

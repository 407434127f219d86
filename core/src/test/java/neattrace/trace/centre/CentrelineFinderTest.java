package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Strokes of known path and width (the JDK's own strokes) and shapes with known middles. */
class CentrelineFinderTest {

    private static LineNet find(InkMap map) {
        return CentrelineFinder.find(map, Progress.SILENT);
    }

    private static int nearest(InkLine line, Point place) {
        return new LineIndex(List.of(line)).nearest(place, 5).orElseThrow().sample();
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.2, 2, 3.7, 7.3, 15})
    void aStraightStrokeHasItsLengthAndItsWidth(double width) {
        Point from = new Point(40.3, 50.2);
        Point to = new Point(250.7, 140.9);
        LineNet net =
                find(
                        DrawnInk.lines(
                                300,
                                200,
                                width,
                                new Line2D.Double(from.x(), from.y(), to.x(), to.y())));
        assertThat(net.lines()).hasSize(1);
        InkLine line = net.lines().get(0);
        assertThat(line.length()).isCloseTo(from.distance(to), within(1.5));
        assertThat(line.usualWidth()).isCloseTo(width, within(0.06));
        Point along = to.minus(from).unit();
        for (int i = 0; i < line.size(); i++) {
            double off = along.cross(line.at(i).minus(from));
            assertThat(off).isCloseTo(0, within(0.15));
        }
        assertThat(net.nodes()).hasSize(2).allMatch(LineNode::isTip);
        assertThat(net.solids()).isEmpty();
        assertThat(net.stubs()).isEmpty();
    }

    @Test
    void aBluntEndIsOneTip() {
        InkMap map =
                DrawnInk.of(
                        300,
                        200,
                        g -> {
                            g.setStroke(
                                    new BasicStroke(
                                            9, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
                            g.draw(new Line2D.Double(40.3, 50.2, 250.7, 90.9));
                        });
        LineNet net = find(map);
        assertThat(net.lines()).hasSize(1);
        assertThat(net.nodes()).hasSize(2).allMatch(LineNode::isTip);
        // A round pen as wide as the line just reaches the blunt end.
        double expected = Math.hypot(210.4, 40.7) - 9;
        assertThat(net.lines().get(0).length()).isCloseTo(expected, within(1.0));
    }

    @Test
    void aRingIsClosedAndRound() {
        LineNet net = find(DrawnInk.lines(300, 300, 6, new Ellipse2D.Double(50, 50, 200, 200)));
        assertThat(net.lines()).hasSize(1);
        InkLine ring = net.lines().get(0);
        assertThat(ring.closed()).isTrue();
        assertThat(ring.length()).isCloseTo(200 * Math.PI, within(0.5));
        Point middle = new Point(150, 150);
        for (int i = 0; i < ring.size(); i++) {
            assertThat(ring.at(i).distance(middle)).isCloseTo(100, within(0.1));
            assertThat(ring.width()[i]).isCloseTo(6, within(0.12));
        }
        assertThat(net.nodes()).isEmpty();
    }

    @Test
    void aCrossingIsOneJunctionWhereTheLinesMeet() {
        LineNet net =
                find(
                        DrawnInk.lines(
                                300,
                                300,
                                8,
                                new Line2D.Double(40, 60, 260, 220),
                                new Line2D.Double(40, 220, 260, 60)));
        assertThat(net.lines()).hasSize(4);
        assertThat(net.nodes()).filteredOn(LineNode::isJunction).hasSize(1);
        LineNode junction = net.nodes().stream().filter(LineNode::isJunction).findFirst().get();
        assertThat(junction.lines()).isEqualTo(4);
        assertThat(junction.at().distance(new Point(150, 140))).isLessThan(0.4);
    }

    @Test
    void aStemDoesNotBendTheLineItMeets() {
        LineNet net =
                find(
                        DrawnInk.lines(
                                300,
                                300,
                                8,
                                new Line2D.Double(40, 100, 260, 100),
                                new Line2D.Double(150, 100, 150, 250)));
        LineNode junction = net.nodes().stream().filter(LineNode::isJunction).findFirst().get();
        assertThat(junction.at().distance(new Point(150, 100))).isLessThan(0.3);
    }

    @Test
    void aTaperThinsOutToItsPoint() {
        Path2D shape = new Path2D.Double();
        shape.moveTo(40, 50);
        shape.lineTo(200, 44);
        shape.lineTo(360, 50);
        shape.lineTo(200, 56);
        shape.closePath();
        LineNet net = find(DrawnInk.of(400, 100, g -> g.fill(shape)));
        assertThat(net.lines()).hasSize(1);
        InkLine line = net.lines().get(0);
        int middle = nearest(line, new Point(200, 50));
        assertThat(line.width()[middle]).isCloseTo(12, within(0.3));
        int quarter = nearest(line, new Point(120, 50));
        assertThat(line.width()[quarter]).isCloseTo(6, within(0.15));
        assertThat(line.width()[0]).isLessThan(1.6);
        assertThat(line.width()[line.size() - 1]).isLessThan(1.6);
        // Half a pixel of ink is not seen any more: the last 13 px at each end are thinner than 1.
        assertThat(line.length()).isBetween(280.0, 320.0);
    }

    @Test
    void aCurveKeepsToItsPathInOneBitToo() {
        CubicCurve2D curve = new CubicCurve2D.Double(40, 200, 120, 20, 220, 380, 340, 120);
        InkMap grey = DrawnInk.lines(400, 320, 5, curve);
        for (InkMap map : Arrays.asList(grey, DrawnInk.oneBit(grey))) {
            boolean oneBit = map != grey;
            LineNet net = find(map);
            assertThat(net.lines()).hasSize(1);
            InkLine line = net.lines().get(0);
            double worst = 0;
            double sum = 0;
            for (int i = 0; i < line.size(); i++) {
                double off = distance(curve, line.at(i));
                worst = Math.max(worst, off);
                sum += off / line.size();
            }
            assertThat(sum).isLessThan(oneBit ? 0.15 : 0.06);
            assertThat(worst).isLessThan(oneBit ? 0.6 : 0.3);
            assertThat(line.usualWidth()).isCloseTo(5, within(oneBit ? 0.2 : 0.06));
        }
    }

    private static double distance(CubicCurve2D curve, Point place) {
        double least = Double.MAX_VALUE;
        for (int k = 0; k <= 4000; k++) {
            double t = k / 4000.0;
            double s = 1 - t;
            double x =
                    s * s * s * curve.getX1()
                            + 3 * s * s * t * curve.getCtrlX1()
                            + 3 * s * t * t * curve.getCtrlX2()
                            + t * t * t * curve.getX2();
            double y =
                    s * s * s * curve.getY1()
                            + 3 * s * s * t * curve.getCtrlY1()
                            + 3 * s * t * t * curve.getCtrlY2()
                            + t * t * t * curve.getY2();
            least = Math.min(least, Math.hypot(x - place.x(), y - place.y()));
        }
        return least;
    }

    @Test
    void dotsAndBlocksAreSolidAndNoLines() {
        LineNet net =
                find(
                        DrawnInk.of(
                                400,
                                300,
                                g -> {
                                    g.fill(new Ellipse2D.Double(30, 30, 9, 9));
                                    g.fill(new Rectangle2D.Double(80, 40, 60, 50));
                                    DrawnInk.pen(
                                                    4,
                                                    new Line2D.Double(20, 150, 380, 150),
                                                    new Line2D.Double(20, 250, 380, 260))
                                            .accept(g);
                                }));
        assertThat(net.lines()).hasSize(2);
        assertThat(net.solids())
                .anyMatch(solid -> solid.at().distance(new Point(34.5, 34.5)) < 1.5)
                .anyMatch(solid -> Math.abs(solid.largestRadius() - 25) < 1.5);
    }

    @Test
    void aNubThatSticksOutIsAStubAndNoLine() {
        LineNet net =
                find(
                        DrawnInk.lines(
                                300,
                                200,
                                6,
                                new Line2D.Double(40, 100, 260, 100),
                                new Line2D.Double(150, 100, 150, 102.5)));
        assertThat(net.lines()).hasSize(1);
        assertThat(net.nodes()).noneMatch(LineNode::isJunction);
    }

    @Test
    void barePaperAndSolidInkHaveNoLines() {
        InkMap bare = DrawnInk.of(60, 40, g -> {});
        assertThat(find(bare).lines()).isEmpty();
        InkMap black = DrawnInk.of(60, 40, g -> g.fill(new Rectangle2D.Double(0, 0, 60, 40)));
        assertThat(find(black).lines()).isEmpty();
    }

    @Test
    void halfTheSizeTellsTheSameLines() {
        InkMap map =
                DrawnInk.lines(
                        401,
                        301,
                        9,
                        new Line2D.Double(40, 60, 360, 220),
                        new Ellipse2D.Double(60, 120, 120, 120));
        LineNet whole = find(map);
        LineNet half = Halving.doubled(find(Halving.halved(map)));
        assertThat(half.lines()).hasSameSizeAs(whole.lines());
        assertThat(half.length()).isCloseTo(whole.length(), within(4.0));
        for (InkLine line : half.lines()) {
            assertThat(line.usualWidth()).isCloseTo(9, within(0.2));
        }
    }
}

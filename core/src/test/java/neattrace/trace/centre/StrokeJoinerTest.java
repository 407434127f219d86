package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StrokeJoinerTest {

    @Test
    void crossingLinesAreTwoStrokes() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                6,
                                new Line2D.Double(40, 60, 260, 220),
                                new Line2D.Double(40, 220, 260, 60)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(2);
        double expected = Math.hypot(220, 160);
        assertThat(strokes).allMatch(stroke -> Math.abs(stroke.length() - expected) < 2);
        assertThat(strokes).noneMatch(InkLine::closed);
    }

    @Test
    void aStemEndsAtTheLineItMeets() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                6,
                                new Line2D.Double(40, 100, 260, 100),
                                new Line2D.Double(150, 100, 150, 250)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(2);
        assertThat(strokes.stream().mapToDouble(InkLine::length).max().getAsDouble())
                .isCloseTo(220, within(2.0));
    }

    @Test
    void aRingThatOthersCrossIsOneClosedStroke() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                5,
                                new Ellipse2D.Double(80, 80, 140, 140),
                                new Line2D.Double(20, 150, 280, 152),
                                new Line2D.Double(150, 20, 151, 280)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(3);
        assertThat(strokes).filteredOn(InkLine::closed).hasSize(1);
        int all = StrokeJoiner.order(net).stream().mapToInt(order -> order.length).sum();
        assertThat(all).isEqualTo(net.lines().size());
        assertThat(
                        StrokeJoiner.order(net).stream()
                                .flatMapToInt(Arrays::stream)
                                .map(one -> one >= 0 ? one : -1 - one))
                .doesNotHaveDuplicates();
    }

    private static List<InkLine> strokes(double pen, Shape... shapes) {
        return StrokeJoiner.join(
                CentrelineFinder.find(DrawnInk.lines(600, 600, pen, shapes), Progress.SILENT));
    }

    /** The mean and the largest distance of a stroke's samples from a circle. */
    private static double[] offCircle(InkLine stroke, double x, double y, double radius) {
        double sum = 0;
        double most = 0;
        for (int i = 0; i < stroke.size(); i++) {
            double off = Math.abs(stroke.at(i).distance(new Point(x, y)) - radius);
            sum += off / stroke.size();
            most = Math.max(most, off);
        }
        return new double[] {sum, most};
    }

    /** The round middle of a flower stays round where its petals begin. */
    @Test
    void aRingKeepsItsOwnCurveWhereOthersMeetIt() {
        Shape[] shapes = new Shape[9];
        shapes[8] = new Ellipse2D.Double(200, 200, 200, 200);
        for (int k = 0; k < 8; k++) {
            double turn = Math.PI * k / 4 + 0.2;
            shapes[k] =
                    new Line2D.Double(
                            300 + 100 * Math.cos(turn),
                            300 + 100 * Math.sin(turn),
                            300 + 240 * Math.cos(turn + 0.1),
                            300 + 240 * Math.sin(turn + 0.1));
        }
        List<InkLine> strokes = strokes(20, shapes);
        assertThat(strokes).hasSize(9);
        InkLine ring = strokes.stream().filter(InkLine::closed).findFirst().orElseThrow();
        double[] off = offCircle(ring, 300, 300, 100);
        assertThat(off[0]).isLessThan(0.15);
        assertThat(off[1]).isLessThan(0.8);
    }

    /** Pixels of two slanting lines may meet in a square of which none has three ways on. */
    @Test
    void linesThatCrossAtHalfARightAngleToThePixelsCross() {
        List<InkLine> strokes =
                strokes(
                        16,
                        new Line2D.Double(100, 500, 500, 100),
                        new Line2D.Double(170, 230, 250, 310),
                        new Line2D.Double(220, 180, 300, 260),
                        new Line2D.Double(300, 300, 380, 380));
        assertThat(strokes).hasSize(4);
        assertThat(strokes.stream().mapToDouble(InkLine::length).max().getAsDouble())
                .isCloseTo(400 * Math.sqrt(2), within(2.0));
    }

    /** Two rings that run into one another come apart again. */
    @Test
    void overlappingRingsAreTwo() {
        List<InkLine> strokes =
                strokes(
                        14,
                        new Ellipse2D.Double(80, 200, 200, 200),
                        new Ellipse2D.Double(272, 200, 200, 200));
        assertThat(strokes).hasSize(2).allMatch(InkLine::closed);
        for (InkLine stroke : strokes) {
            boolean left = Arrays.stream(stroke.x()).average().orElseThrow() < 276;
            double[] off = offCircle(stroke, left ? 180 : 372, 300, 100);
            assertThat(off[0]).isLessThan(0.5);
        }
    }

    /** A pen's outer edge tells a sharp corner from a rounded one. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 12, 30, 60})
    void cornersAreAsRoundAsTheyWereDrawn(double radius) {
        Shape box = new RoundRectangle2D.Double(100, 150, 400, 300, 2 * radius, 2 * radius);
        List<InkLine> strokes = strokes(24, box);
        assertThat(strokes).hasSize(1).allMatch(InkLine::closed);
        InkLine stroke = strokes.get(0);
        double worst = 0;
        double sum = 0;
        for (int i = 0; i < stroke.size(); i++) {
            double off = away(box, stroke.at(i));
            worst = Math.max(worst, off);
            sum += off / stroke.size();
        }
        assertThat(sum).isLessThan(0.15);
        assertThat(worst).isLessThan(1.5);
    }

    private static double away(Shape shape, Point at) {
        double least = Double.MAX_VALUE;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        PathIterator it = new FlatteningPathIterator(shape.getPathIterator(null), 0.01);
        for (; !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double toX = kind == PathIterator.SEG_CLOSE ? startX : c[0];
            double toY = kind == PathIterator.SEG_CLOSE ? startY : c[1];
            if (kind == PathIterator.SEG_MOVETO) {
                startX = toX;
                startY = toY;
            } else {
                least = Math.min(least, Line2D.ptSegDist(x, y, toX, toY, at.x(), at.y()));
            }
            x = toX;
            y = toY;
        }
        return least;
    }
}

package neattrace.trace.weight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.WeightRecipe;
import neattrace.trace.centre.CentrelineFinder;
import org.junit.jupiter.api.Test;

/** Weights against the same drawing made with another pen by the JDK; one mm is ten px here. */
class LineWeightTest {

    private static final double PX_PER_MM = 10;

    private static final Shape[] DRAWING = {
        new Ellipse2D.Double(60, 50, 180, 150),
        new Line2D.Double(62, 140, 238, 120),
        new Line2D.Double(20, 230, 280, 260)
    };

    private static InkMap drawn(double pen) {
        return DrawnInk.lines(300, 300, pen, DRAWING);
    }

    private static InkMap apply(InkMap map, WeightRecipe recipe) {
        return LineWeight.apply(
                map,
                () -> CentrelineFinder.find(map, Progress.SILENT),
                recipe,
                0.5,
                PX_PER_MM,
                false,
                Progress.SILENT);
    }

    /** Mean difference of coverage over the pixels where either has an edge, as a share of one. */
    private static double difference(InkMap a, InkMap b) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < a.coverage().length; i++) {
            int va = a.coverage()[i] & 0xff;
            int vb = b.coverage()[i] & 0xff;
            if (va > 0 && va < 255 || vb > 0 && vb < 255) {
                sum += Math.abs(va - vb) / 255.0;
                count++;
            }
        }
        return sum / count;
    }

    private static double ink(InkMap map) {
        double sum = 0;
        for (byte value : map.coverage()) {
            sum += (value & 0xff) / 255.0;
        }
        return sum;
    }

    @Test
    void bolderIsAsIfDrawnWithABroaderPen() {
        InkMap bolder = apply(drawn(5), WeightRecipe.AS_DRAWN.withAllMm(0.3));
        assertThat(difference(bolder, drawn(8))).isLessThan(0.06);
        assertThat(ink(bolder)).isCloseTo(ink(drawn(8)), within(0.005 * ink(drawn(8))));
    }

    @Test
    void thinnerIsAsIfDrawnWithAFinerPen() {
        InkMap thinner = apply(drawn(8), WeightRecipe.AS_DRAWN.withAllMm(-0.3));
        assertThat(difference(thinner, drawn(5))).isLessThan(0.06);
        assertThat(ink(thinner)).isCloseTo(ink(drawn(5)), within(0.015 * ink(drawn(5))));
    }

    @Test
    void linesOfAnotherWidthAreWhatAnotherPenDraws() {
        for (double factor : new double[] {0.8, 1.6, 0.5}) {
            InkMap map = drawn(6);
            InkMap other =
                    LineWeight.widened(
                            map, CentrelineFinder.find(map, Progress.SILENT), factor, false);
            InkMap pen = drawn(6 * factor);
            assertThat(difference(other, pen)).isLessThan(0.06);
            assertThat(ink(other)).isCloseTo(ink(pen), within(0.01 * ink(pen)));
        }
        InkMap hair = drawn(3);
        InkMap thin =
                LineWeight.widened(hair, CentrelineFinder.find(hair, Progress.SILENT), 0.01, false);
        assertThat(pieces(thin)).as("none falls apart").isEqualTo(pieces(hair));
    }

    @Test
    void noLineFallsApartHoweverMuchIsTakenOff() {
        InkMap map = drawn(4);
        InkMap thin = apply(map, WeightRecipe.AS_DRAWN.withAllMm(-2));
        assertThat(pieces(thin)).isEqualTo(pieces(map));
    }

    private static int pieces(InkMap map) {
        return RunLabels.of(map, true, true).count();
    }

    @Test
    void oneWeightForAllLinesIsWhatOnePenDraws() {
        InkMap mixed =
                DrawnInk.of(
                        300,
                        300,
                        g -> {
                            for (int i = 0; i < DRAWING.length; i++) {
                                DrawnInk.pen(3 + 3 * i, DRAWING[i]).accept(g);
                            }
                        });
        InkMap even = apply(mixed, WeightRecipe.AS_DRAWN.withEvenMm(0.5));
        assertThat(difference(even, drawn(5))).isLessThan(0.12);
        LineNet net = CentrelineFinder.find(even, Progress.SILENT);
        for (InkLine line : net.lines()) {
            assertThat(line.usualWidth()).isCloseTo(5, within(0.15));
        }
    }

    @Test
    void solidBlacksOutliveOneWeight() {
        InkMap map =
                DrawnInk.of(
                        300,
                        200,
                        g -> {
                            DrawnInk.pen(
                                            4,
                                            new Line2D.Double(20, 30, 280, 30),
                                            new Line2D.Double(20, 180, 280, 170))
                                    .accept(g);
                            g.fillRect(100, 70, 60, 50);
                        });
        InkMap even = apply(map, WeightRecipe.AS_DRAWN.withEvenMm(0.2));
        int inside = 0;
        for (int y = 70; y < 120; y++) {
            for (int x = 100; x < 160; x++) {
                inside += even.isInk(x, y) ? 1 : 0;
            }
        }
        assertThat(inside).isGreaterThan(2980);
    }

    @Test
    void theOutsideGrowsAndTheInsideStays() {
        InkMap map = DrawnInk.lines(300, 300, 3, new Ellipse2D.Double(60, 50, 180, 150));
        InkMap bold = apply(map, WeightRecipe.AS_DRAWN.withOutsideMm(1));
        // What a pen 10 px to the outer side would add: the ellipse's outer rim.
        assertThat(bold.isInk(150, 41)).isTrue();
        assertThat(bold.isInk(150, 36)).isFalse();
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 300; x++) {
                double ex = (x + 0.5 - 150) / 87.0;
                double ey = (y + 0.5 - 125) / 72.0;
                if (ex * ex + ey * ey < 1) {
                    assertThat(bold.coverage()[y * 300 + x]).isEqualTo(map.coverage()[y * 300 + x]);
                }
            }
        }
    }

    @Test
    void aGapLetsTheBolderOutsideNotIn() {
        // An open ring: the gap of 4 px is narrower than the 5 px given as gap.
        InkMap map =
                DrawnInk.of(
                        300,
                        300,
                        g -> {
                            g.setStroke(
                                    new BasicStroke(
                                            4, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
                            g.draw(
                                    new java.awt.geom.Arc2D.Double(
                                            50, 50, 200, 200, 92, 358, java.awt.geom.Arc2D.OPEN));
                        });
        InkMap bold = apply(map, WeightRecipe.AS_DRAWN.withOutsideMm(0.6));
        assertThat(bold.isInk(150, 245)).isFalse();
        assertThat(bold.isInk(150, 255)).isTrue();
        assertThat(bold.isInk(55, 150)).isFalse();
    }

    @Test
    void onlyTheChosenPieceGetsABolderOutside() {
        InkMap map =
                DrawnInk.lines(
                        300,
                        150,
                        3,
                        new Ellipse2D.Double(30, 40, 80, 60),
                        new Ellipse2D.Double(180, 40, 80, 60));
        InkMap bold =
                apply(
                        map,
                        WeightRecipe.AS_DRAWN
                                .withOutsideMm(0.8)
                                .withOutsideParts(List.of(new Point(7.0, 4.0))));
        assertThat(bold.isInk(70, 34)).isTrue();
        assertThat(bold.isInk(220, 34)).isFalse();
    }

    @Test
    void asDrawnIsTheSameMap() {
        InkMap map = drawn(5);
        assertThat(apply(map, WeightRecipe.AS_DRAWN)).isSameAs(map);
    }

    @Test
    void blackAndWhiteIsSmoothedBeforeItIsMoved() {
        InkMap stairs = DrawnInk.oneBit(drawn(5));
        InkMap bolder =
                LineWeight.apply(
                        stairs,
                        () -> CentrelineFinder.find(stairs, Progress.SILENT),
                        WeightRecipe.AS_DRAWN.withAllMm(0.3),
                        0.5,
                        PX_PER_MM,
                        true,
                        Progress.SILENT);
        // Nearer to the broader pen's own picture than its black-and-white copy is.
        assertThat(difference(bolder, drawn(8)))
                .isLessThan(difference(DrawnInk.oneBit(drawn(8)), drawn(8)));
        assertThat(ink(bolder)).isCloseTo(ink(drawn(8)), within(0.01 * ink(drawn(8))));
    }

    @Test
    void tapersThinFreeEndsAndLeaveRingsAlone() {
        InkMap map = drawn(8);
        InkMap tapered = apply(map, WeightRecipe.AS_DRAWN.withTaperShare(0.4));
        LineNet net = CentrelineFinder.find(tapered, Progress.SILENT);
        InkLine free =
                net.lines().stream()
                        .filter(line -> !line.closed() && line.at(0).y() > 220)
                        .findFirst()
                        .orElseThrow();
        assertThat(free.width()[free.size() / 2]).isCloseTo(8, within(0.2));
        assertThat(free.width()[2]).isLessThan(3);
        assertThat(free.width()[free.size() - 3]).isLessThan(3);
        assertThat(tapered.isInk(60, 125)).as("the ring").isTrue();
    }

    @Test
    void weightsAreAppliedInTheirOrder() {
        InkMap map = drawn(3);
        InkMap all =
                apply(map, WeightRecipe.AS_DRAWN.withEvenMm(0.5).withAllMm(0.3).withOutsideMm(0.4));
        LineNet net = CentrelineFinder.find(all, Progress.SILENT);
        InkLine inner =
                net.lines().stream()
                        .filter(line -> Math.abs(line.at(line.size() / 2).y() - 130) < 15)
                        .filter(line -> Math.abs(line.at(line.size() / 2).x() - 150) < 60)
                        .findFirst()
                        .orElseThrow();
        // The line across the ring: one weight of 5, then 3 bolder; nothing outside touches it.
        assertThat(inner.usualWidth()).isCloseTo(8, within(0.3));
    }

    @Test
    void weightsBeyondReasonAreRefused() {
        for (double wrong : new double[] {-0.1, 10.1, Double.NaN}) {
            assertThatThrownBy(() -> WeightRecipe.AS_DRAWN.withEvenMm(wrong))
                    .isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> WeightRecipe.AS_DRAWN.withOutsideMm(wrong))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> WeightRecipe.AS_DRAWN.withTaperShare(1.01))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> WeightRecipe.AS_DRAWN.withAllMm(-10.5))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

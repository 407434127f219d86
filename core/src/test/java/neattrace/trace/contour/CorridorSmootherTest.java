package neattrace.trace.contour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class CorridorSmootherTest {

    /** The middles of the pixel sides round the only piece of ink. */
    private static double[] middles(InkMap map) {
        return ContourTracer.trace(map, true, Progress.SILENT).get(0).xy();
    }

    private static InkMap disc(int side, double cx, double cy, double radius) {
        byte[] coverage = new byte[side * side];
        for (int i = 0; i < coverage.length; i++) {
            double r = Math.hypot(i % side + 0.5 - cx, i / side + 0.5 - cy);
            coverage[i] = r < radius ? (byte) 255 : 0;
        }
        return new InkMap(side, side, coverage);
    }

    private static double meanOff(double[] xy, double cx, double cy, double radius) {
        double sum = 0;
        for (int i = 0; i < xy.length; i += 2) {
            sum += Math.abs(Math.hypot(xy[i] - cx, xy[i + 1] - cy) - radius);
        }
        return sum / (xy.length / 2);
    }

    /**
     * Circles whose pixel sides lie 0.25 px off come back to a few hundredths. One circle may stay
     * farther off, for several have the same pixels.
     */
    @Test
    void circlesComeBackFromBlackAndWhite() {
        SplittableRandom chance = new SplittableRandom(3);
        double sum = 0;
        int circles = 60;
        for (int i = 0; i < circles; i++) {
            double cx = 60 + chance.nextDouble();
            double cy = 60 + chance.nextDouble();
            double radius = 8 + 47 * chance.nextDouble();
            double[] middles = middles(disc(121, cx, cy, radius));
            assertThat(meanOff(middles, cx, cy, radius)).isGreaterThan(0.15);
            double[] smooth = CorridorSmoother.smooth(middles, 121, 121, Progress.SILENT);
            assertThat(smooth).hasSameSizeAs(middles);
            double off = meanOff(smooth, cx, cy, radius);
            assertThat(off).isLessThan(0.12);
            sum += off;
        }
        assertThat(sum / circles).isLessThan(0.04);
    }

    /** A contour of 14,000 vertices is settled in stretches; where they end is not to be seen. */
    @Test
    void longContoursHaveNoSeams() {
        double[] middles = middles(disc(3600, 1800.2, 1799.7, 1780.3));
        double[] smooth = CorridorSmoother.smooth(middles, 3600, 3600, Progress.SILENT);
        int n = middles.length;
        assertThat(n / 2).isGreaterThan(12_000);
        int turn = 2 * 1777;
        double[] begunElsewhere = new double[n];
        Arrays.setAll(begunElsewhere, i -> middles[(i + turn) % n]);
        double[] same = CorridorSmoother.smooth(begunElsewhere, 3600, 3600, Progress.SILENT);
        double worst = 0;
        for (int i = 0; i < n; i++) {
            worst = Math.max(worst, Math.abs(same[i] - smooth[(i + turn) % n]));
        }
        assertThat(worst).isLessThan(0.02);
        assertThat(meanOff(smooth, 1800.2, 1799.7, 1780.3)).isLessThan(0.04);
    }

    /** It can be called off in the middle of a long contour. */
    @Test
    void aLongContourIsCalledOff() {
        double[] middles = middles(disc(3600, 1800, 1800, 1700));
        AtomicInteger reports = new AtomicInteger();
        Progress fedUp =
                (step, share) -> {
                    if (reports.incrementAndGet() > 1) {
                        throw new CancellationException();
                    }
                };
        assertThatThrownBy(() -> CorridorSmoother.smooth(middles, 3600, 3600, fedUp))
                .isInstanceOf(CancellationException.class);
    }

    /** Straight slanting sides come back straight, and corners do not ripple into them. */
    @Test
    void slantingSidesComeBackStraight() {
        int side = 200;
        byte[] coverage = new byte[side * side];
        double slope = 0.23;
        for (int i = 0; i < coverage.length; i++) {
            double x = i % side + 0.5;
            double y = i / side + 0.5;
            boolean ink = x > 20 && x < 180 && y > 40 + slope * x && y < 90 + slope * x;
            coverage[i] = ink ? (byte) 255 : 0;
        }
        double[] smooth =
                CorridorSmoother.smooth(
                        middles(new InkMap(side, side, coverage)), side, side, Progress.SILENT);
        double worst = 0;
        for (int i = 0; i < smooth.length; i += 2) {
            double x = smooth[i];
            if (x > 30 && x < 170) {
                double up = Math.abs(smooth[i + 1] - 40 - slope * x);
                double down = Math.abs(smooth[i + 1] - 90 - slope * x);
                worst = Math.max(worst, Math.min(up, down) / Math.hypot(1, slope));
            }
        }
        assertThat(worst).isLessThan(0.1);
    }

    /** Ink that runs off the sheet ends exactly where the sheet does. */
    @Test
    void inkAtTheBorderStaysOnTheSheet() {
        byte[] coverage = new byte[40 * 40];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = i % 40 > 11 && i / 40 > 17 ? (byte) 255 : 0;
        }
        double[] smooth =
                CorridorSmoother.smooth(
                        middles(new InkMap(40, 40, coverage)), 40, 40, Progress.SILENT);
        for (double value : smooth) {
            assertThat(value).isLessThan(40.1);
        }
    }

    @Property(tries = 25, seed = "20261")
    void noVertexLeavesItsPixels(@ForAll long seed) {
        InkMap map = Sheets.blocks(seed, 32, 0.4);
        ContourTracer.trace(map, true, Progress.SILENT)
                .forEach(
                        contour -> {
                            double[] smooth =
                                    CorridorSmoother.smooth(contour.xy(), 32, 32, Progress.SILENT);
                            for (int i = 0; i < smooth.length; i++) {
                                assertThat(Math.abs(smooth[i] - contour.xy()[i])).isLessThan(1.0);
                            }
                        });
    }
}

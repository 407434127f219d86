package neattrace.sheet.ink;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import org.junit.jupiter.api.Test;

class SlitMenderTest {

    private static final int SIDE = 80;

    /** A sheet of one tone with a stripe of another from near the left to near the right edge. */
    private static InkMap stripe(double slope, double widthPx, double ground, double figure) {
        byte[] coverage = new byte[SIDE * SIDE];
        int fine = 16;
        double half = widthPx / 2 * Math.hypot(1, slope);
        for (int i = 0; i < coverage.length; i++) {
            double sum = 0;
            for (int k = 0; k < fine * fine; k++) {
                double x = i % SIDE + (k % fine + 0.5) / fine;
                double y = i / SIDE + (k / fine + 0.5) / fine;
                boolean inside = x > 12 && x < 68 && Math.abs(y - 15.3 - slope * (x - 12)) < half;
                sum += inside ? figure : ground;
            }
            coverage[i] = (byte) Math.round(255 * sum / (fine * fine));
        }
        return new InkMap(SIDE, SIDE, coverage);
    }

    private static int papers(InkMap map) {
        return RunLabels.of(map, false, false).count();
    }

    private static int inks(InkMap map) {
        return RunLabels.of(map, true, true).count();
    }

    @Test
    void aSlantingSlitOfOnePixelStaysOne() {
        for (double slope : new double[] {0.35, 0.6, 0.9}) {
            InkMap map = stripe(slope, 1.05, 1, 0);
            assertThat(papers(map)).as("beads before, slope %s", slope).isGreaterThan(3);
            SlitMender.mend(map, true);
            assertThat(papers(map)).as("slope %s", slope).isEqualTo(1);
        }
    }

    @Test
    void aSlantingLineOfInkIsLeftAlone() {
        for (double slope : new double[] {0.35, 0.6, 0.9}) {
            InkMap map = stripe(slope, 1.05, 0, 1);
            byte[] before = map.coverage().clone();
            assertThat(SlitMender.mend(map, true)).isZero();
            assertThat(map.coverage()).isEqualTo(before);
            assertThat(inks(map)).isEqualTo(1);
        }
    }

    @Test
    void beadsWithoutClearPaperAreFilledAndClearPinholesStay() {
        byte[] coverage = new byte[SIDE * SIDE];
        java.util.Arrays.fill(coverage, (byte) 255);
        coverage[20 * SIDE + 20] = 110;
        coverage[20 * SIDE + 21] = 95;
        coverage[50 * SIDE + 50] = 20;
        InkMap map = new InkMap(SIDE, SIDE, coverage);
        assertThat(SlitMender.mend(map, true)).isEqualTo(2);
        assertThat(map.isInk(20, 20)).isTrue();
        assertThat(map.isInk(50, 50)).isFalse();
    }

    @Test
    void picturesThatAreNotCleanKeepTheirPinholes() {
        byte[] coverage = new byte[SIDE * SIDE];
        java.util.Arrays.fill(coverage, (byte) 255);
        coverage[20 * SIDE + 20] = 126;
        assertThat(SlitMender.mend(new InkMap(SIDE, SIDE, coverage), false)).isZero();
    }
}

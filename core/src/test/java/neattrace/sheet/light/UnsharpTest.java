package neattrace.sheet.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neattrace.raster.Gaussian;
import neattrace.sheet.SharpenRecipe;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Test;

class UnsharpTest {

    /** A soft edge, drawn at a resolution: the same edge in mm at every one. */
    private static byte[] edge(double pxPerMm, double strength) {
        int width = (int) (10 * pxPerMm);
        byte[] samples = new byte[width * 8];
        for (int i = 0; i < samples.length; i++) {
            double mm = (i % width + 0.5) / pxPerMm - 5;
            samples[i] = (byte) (int) Math.rint(127.5 + strength / 2 * Math.tanh(mm / 0.25));
        }
        return samples;
    }

    private static byte[] sharpen(byte[] samples, double pxPerMm, SharpenRecipe recipe) {
        return Unsharp.sharpen(samples, samples.length / 8, 8, recipe, pxPerMm, Progress.SILENT);
    }

    private static int steepest(byte[] samples, double pxPerMm) {
        int width = samples.length / 8;
        int best = 0;
        int over = (int) Math.max(1, Math.round(0.2 * pxPerMm));
        for (int x = 0; x + over < width; x++) {
            int rise = (samples[4 * width + x + over] & 0xff) - (samples[4 * width + x] & 0xff);
            best = Math.max(best, rise);
        }
        return best;
    }

    @Test
    void edgesGetSteeperAndPaperStaysPaper() {
        byte[] soft = edge(12, 180);
        byte[] sharp = sharpen(soft, 12, new SharpenRecipe(1, 200, 0.2, 3));
        assertThat(steepest(sharp, 12)).isGreaterThan(steepest(soft, 12) + 20);
        assertThat(sharp[4 * 120 + 5]).isEqualTo(soft[4 * 120 + 5]);
    }

    @Test
    void aRadiusInMmMeansTheSameAtEveryResolution() {
        SharpenRecipe recipe = new SharpenRecipe(1, 150, 0.2, 2);
        byte[] coarse = sharpen(edge(12, 180), 12, recipe);
        byte[] fine = sharpen(edge(48, 180), 48, recipe);
        for (double mm = 3; mm < 7; mm += 0.25) {
            int a = coarse[4 * 120 + (int) (mm * 12)] & 0xff;
            int first = 4 * 480 + 4 * (int) (mm * 12) + 1;
            int b = ((fine[first] & 0xff) + (fine[first + 1] & 0xff)) / 2;
            assertThat(a).isCloseTo(b, within(6));
        }
    }

    @Test
    void grainBelowTheThresholdIsLeftAlone() {
        byte[] grain = edge(12, 12);
        assertThat(sharpen(grain, 12, new SharpenRecipe(3, 200, 0.2, 10))).isEqualTo(grain);
    }

    /** One pass by hand: value + strength (value - blurred), Gonzalez and Woods 4th ed. (3-65). */
    @Test
    void onePassIsTheFormula() {
        byte[] soft = edge(12, 180);
        byte[] blurred = Gaussian.blur(soft, 120, 8, 0.1 * 12);
        byte[] sharp = sharpen(soft, 12, new SharpenRecipe(1, 80, 0.1, 0));
        for (int i = 0; i < soft.length; i++) {
            int value = soft[i] & 0xff;
            double expected = value + 0.8 * (value - (blurred[i] & 0xff));
            assertThat((double) (sharp[i] & 0xff))
                    .isCloseTo(Math.max(0, Math.min(255, expected)), within(0.51));
        }
    }

    @Test
    void noPassesChangeNothing() {
        byte[] soft = edge(12, 180);
        assertThat(sharpen(soft, 12, SharpenRecipe.NONE)).isSameAs(soft);
    }
}

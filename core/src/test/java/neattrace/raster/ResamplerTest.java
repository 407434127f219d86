package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Test;

class ResamplerTest {

    private static byte[] random(int count) {
        byte[] samples = new byte[count];
        SplittableRandom chance = new SplittableRandom(8);
        for (int i = 0; i < count; i++) {
            samples[i] = (byte) chance.nextInt(256);
        }
        return samples;
    }

    private static byte[] resample(byte[] samples, int w, int h, Homography map, int tw, int th) {
        return Resampler.resample(samples, w, h, map, tw, th, (byte) 200, Progress.SILENT);
    }

    @Test
    void aWholeShiftCopiesEveryValueAndFillsWhatLiesBeyond() {
        byte[] source = random(20 * 10);
        byte[] target = resample(source, 20, 10, Homography.translation(5, -2), 20, 10);
        for (int y = 0; y < 10; y++) {
            for (int x = 0; x < 20; x++) {
                boolean inside = x + 5 < 20 && y >= 2;
                byte expected = inside ? source[(y - 2) * 20 + x + 5] : (byte) 200;
                assertThat(target[y * 20 + x]).isEqualTo(expected);
            }
        }
    }

    /** Keys' kernel reproduces polynomials up to the second degree (Keys 1981, section III). */
    @Test
    void aSlopeStaysASlope() {
        byte[] source = new byte[60 * 60];
        for (int i = 0; i < source.length; i++) {
            source[i] = (byte) (20 + 2 * (i % 60) + i / 60);
        }
        Homography map = Homography.translation(10.3, 12.7);
        byte[] target = resample(source, 60, 60, map, 30, 30);
        for (int y = 0; y < 30; y++) {
            for (int x = 0; x < 30; x++) {
                double expected = 20 + 2 * (x + 10.3) + y + 12.7;
                assertThat((double) (target[y * 30 + x] & 0xff)).isCloseTo(expected, within(0.75));
            }
        }
    }

    @Test
    void enlargingKeepsTheMeanAndEveryValueDrawn() {
        byte[] source = random(40 * 40);
        byte[] target = resample(source, 40, 40, Homography.scaling(1 / 3.0), 120, 120);
        assertThat(mean(target)).isCloseTo(mean(source), within(1.0));
        // Three to one, the middle of every pixel falls on the middle of a new one.
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 40; x++) {
                int there = target[(3 * y + 1) * 120 + 3 * x + 1] & 0xff;
                assertThat(there).isCloseTo(source[y * 40 + x] & 0xff, within(1));
            }
        }
    }

    /** Keys' kernel overshoots beside an edge; black and white stay what they are. */
    @Test
    void enlargingAnEdgeStaysWithinBlackAndWhite() {
        byte[] source = new byte[20 * 20];
        for (int i = 0; i < source.length; i++) {
            source[i] = (byte) (i % 20 < 10 ? 0 : 255);
        }
        byte[] target = resample(source, 20, 20, Homography.scaling(1 / 3.0), 60, 60);
        // What lies beyond is filled in and shines in by two pixels of the source.
        for (int y = 7; y < 54; y++) {
            for (int x = 7; x < 54; x++) {
                int before = target[y * 60 + x - 1] & 0xff;
                int here = target[y * 60 + x] & 0xff;
                assertThat(here).as("at %d, %d", x, y).isGreaterThanOrEqualTo(before);
            }
            assertThat(target[y * 60 + 6]).isZero();
            assertThat(target[y * 60 + 53]).isEqualTo((byte) 255);
        }
    }

    private static double mean(byte[] samples) {
        double sum = 0;
        for (byte sample : samples) {
            sum += sample & 0xff;
        }
        return sum / samples.length;
    }

    @Test
    void turningThereAndBackKeepsASoftPicture() {
        byte[] source = new byte[100 * 100];
        for (int i = 0; i < source.length; i++) {
            double d = Math.hypot(i % 100 - 49.5, i / 100 - 49.5);
            source[i] = (byte) (int) (128 + 100 * Math.cos(d / 6));
        }
        Homography turn = Homography.rotation(7, new Point(50, 50));
        byte[] there = resample(source, 100, 100, turn, 100, 100);
        byte[] back = resample(there, 100, 100, turn.inverse(), 100, 100);
        for (int y = 30; y < 70; y++) {
            for (int x = 30; x < 70; x++) {
                int i = y * 100 + x;
                assertThat(back[i] & 0xff).isCloseTo(source[i] & 0xff, within(4));
            }
        }
    }
}

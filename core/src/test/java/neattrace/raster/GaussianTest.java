package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ij.plugin.filter.GaussianBlur;
import ij.process.ByteProcessor;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GaussianTest {

    /** Blocks of random tones: edges as well as flats. */
    private static byte[] blocks(int width, int height) {
        SplittableRandom chance = new SplittableRandom(5);
        byte[] samples = new byte[width * height];
        int[] tones = chance.ints(400, 0, 256).toArray();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                samples[y * width + x] = (byte) tones[y / 9 * 20 + x / 9];
            }
        }
        return samples;
    }

    /** ImageJ's Gaussian blur (ij, public domain) is the reference. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1, 2, 4, 9})
    void blursAsImageJDoes(double sigma) {
        byte[] samples = blocks(150, 120);
        byte[] ours = Gaussian.blur(samples, 150, 120, sigma);
        ByteProcessor theirs = new ByteProcessor(150, 120, samples.clone());
        new GaussianBlur().blurGaussian(theirs, sigma, sigma, 0.0002);
        // Boxes have whole widths, so their variance is up to 9 % off; at the edges each box holds
        // what the one before has blurred, so there only what lies farther inside is compared.
        double tolerance = sigma <= 2 ? 2 : 6;
        int margin = sigma <= 2 ? 0 : (int) (3 * sigma);
        for (int y = margin; y < 120 - margin; y++) {
            for (int x = margin; x < 150 - margin; x++) {
                assertThat((double) (ours[y * 150 + x] & 0xff))
                        .isCloseTo(theirs.get(x, y), within(tolerance));
            }
        }
    }

    @Test
    void aPlainPictureStaysPlain() {
        byte[] plain = new byte[50 * 40];
        java.util.Arrays.fill(plain, (byte) 201);
        assertThat(Gaussian.blur(plain, 50, 40, 1.3)).isEqualTo(plain);
        assertThat(Gaussian.blur(plain, 50, 40, 7)).isEqualTo(plain);
        assertThat(Gaussian.box(plain, 50, 40, 30)).isEqualTo(plain);
    }

    @Test
    void aTinySigmaChangesNothing() {
        byte[] samples = blocks(30, 30);
        assertThat(Gaussian.blur(samples, 30, 30, 0.1)).isEqualTo(samples);
    }
}

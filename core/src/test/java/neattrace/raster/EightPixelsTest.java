package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class EightPixelsTest {

    /** Every value against every sample, in every place. */
    @Test
    void comparesAsPlainNumbersDo() {
        byte[] samples = new byte[8];
        SplittableRandom chance = new SplittableRandom(11);
        for (int value = 1; value < 256; value++) {
            for (int sample = 0; sample < 256; sample++) {
                chance.nextBytes(samples);
                samples[sample % 8] = (byte) sample;
                long bits = EightPixels.atLeast(EightPixels.read(samples, 0), value);
                for (int k = 0; k < 8; k++) {
                    boolean set = (bits >>> (8 * k) & 0xff) == 0x80;
                    assertThat(set).isEqualTo((samples[k] & 0xff) >= value);
                }
                assertThat(bits & ~EightPixels.HIGH).isZero();
            }
        }
    }

    @Test
    void theFirstSampleIsTheLowestByte() {
        byte[] samples = {0, 0, 0, 9, 0, (byte) 200, 0, 0, 7};

        assertThat(EightPixels.first(EightPixels.atLeast(EightPixels.read(samples, 0), 9)))
                .isEqualTo(3);
        assertThat(EightPixels.first(EightPixels.atLeast(EightPixels.read(samples, 0), 10)))
                .isEqualTo(5);
        assertThat(EightPixels.first(EightPixels.atLeast(EightPixels.read(samples, 1), 1)))
                .isEqualTo(2);
    }

    @Test
    void eightBitsAreGatheredInOrder() {
        for (int bits = 0; bits < 256; bits++) {
            byte[] samples = new byte[8];
            for (int k = 0; k < 8; k++) {
                samples[k] = (byte) (bits >> k & 1);
            }
            long high = EightPixels.atLeast(EightPixels.read(samples, 0), 1);
            assertThat(EightPixels.gather(high)).isEqualTo(bits);
        }
    }

    @Test
    void inkIsCountedWhateverTheSize() {
        for (int size = 1; size < 40; size++) {
            byte[] coverage = new byte[size];
            coverage[size - 1] = (byte) 128;
            coverage[0] = (byte) 255;
            coverage[size / 2] = 127;
            long ink = size == 1 ? 0 : 2;
            ink -= size == 2 ? 1 : 0;
            assertThat(new InkMap(size, 1, coverage).inkPixels()).isEqualTo(ink);
        }
    }
}

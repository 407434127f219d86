package neattrace.sheet.threshold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import neattrace.raster.GreySheet;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class SauvolaTest {

    /**
     * Worked by hand from T = m (1 + k (s / R - 1)), R = 128 (Sauvola and Pietikainen 2000,
     * equation 5), k = 0.5, in a 3 x 3 window: eight samples of 200 and one of 20 have m = 180 and
     * s = 56.57, so T = 180 (1 + 0.5 (0.44194 - 1)) = 129.8.
     */
    @Test
    void followsThePublishedFormula() {
        GreySheet sheet = Sheets.plain(3, 3, 200);
        sheet.samples()[4] = 20;
        // 128 + (129.8 - 20) = 237.8
        assertThat(Sauvola.darkness(sheet, 1, 0.5, 255)[4] & 0xff).isEqualTo(237);
        // Nine samples of 100 have s = 0: T = 100 (1 - 0.5) = 50, and 128 + 50 - 100 = 78.
        assertThat(Sauvola.darkness(Sheets.plain(3, 3, 100), 1, 0.5, 255)[4] & 0xff).isEqualTo(78);
    }

    /** Sums over windows, the slow way. */
    @Test
    void everyWindowIsSummedRightAtTheEdgesToo() {
        SplittableRandom chance = new SplittableRandom(2);
        byte[] samples = new byte[47 * 33];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (byte) chance.nextInt(256);
        }
        GreySheet sheet = new GreySheet(47, 33, samples);
        for (int radius : new int[] {1, 4, 40}) {
            byte[] dark = Sauvola.darkness(sheet, radius, 0.34, 200);
            for (int y = 0; y < 33; y++) {
                for (int x = 0; x < 47; x++) {
                    assertThat(dark[y * 47 + x] & 0xff)
                            .isEqualTo(slow(sheet, x, y, radius, 0.34, 200));
                }
            }
        }
    }

    private static int slow(GreySheet sheet, int x, int y, int radius, double k, double contrast) {
        double sum = 0;
        double square = 0;
        int count = 0;
        for (int yy = Math.max(0, y - radius); yy <= Math.min(32, y + radius); yy++) {
            for (int xx = Math.max(0, x - radius); xx <= Math.min(46, x + radius); xx++) {
                sum += sheet.at(xx, yy);
                square += sheet.at(xx, yy) * (double) sheet.at(xx, yy);
                count++;
            }
        }
        double mean = sum / count;
        double deviation = Math.sqrt(Math.max(0, square / count - mean * mean));
        double threshold = mean * (1 + k * (deviation / 128 - 1));
        double dark = 128 + 255 / contrast * (threshold - sheet.at(x, y));
        return (int) Math.max(0, Math.min(255, Math.floor(dark)));
    }
}

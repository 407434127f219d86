package neattrace.sheet.threshold;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import org.junit.jupiter.api.Test;

class ResponseTest {

    private static final int SIDE = 300;
    private static final double PX_PER_MM = 10;

    /** On the left a lone line at 40 % darkness, on the right hatching whose slits are at 62 %. */
    private static byte[] faintLineAndDenseHatching() {
        byte[] dark = new byte[SIDE * SIDE];
        for (int y = 40; y < 260; y++) {
            for (int x = 50; x < 53; x++) {
                dark[y * SIDE + x] = 102;
            }
            for (int x = 160; x < 280; x++) {
                dark[y * SIDE + x] = (byte) (x % 6 < 4 ? 250 : 158);
            }
        }
        return dark;
    }

    private static InkMap decide(double faint, double open) {
        byte[] moved =
                Response.apply(
                        faintLineAndDenseHatching(),
                        SIDE,
                        SIDE,
                        PX_PER_MM,
                        1 + faint / 100,
                        1 + open / 100);
        return new InkMap(SIDE, SIDE, moved);
    }

    private static int parts(InkMap map) {
        return RunLabels.of(map, true, true).count();
    }

    @Test
    void withoutItTheLineIsLostAndTheHatchingIsPlugged() {
        assertThat(parts(decide(0, 0))).isEqualTo(1);
    }

    @Test
    void bothAreKeptAtOnceWhichNoThresholdCan() {
        InkMap both = decide(60, 60);
        assertThat(both.isInk(51, 150)).isTrue();
        assertThat(both.isInk(220 / 6 * 6 + 1, 150)).isTrue();
        assertThat(both.isInk(220 / 6 * 6 + 4, 150)).isFalse();
        assertThat(parts(both)).isGreaterThan(15);
    }

    /** Whatever is favoured, bare paper and solid ink stay what they are. */
    @Test
    void paperStaysWhiteAndInkStaysBlack() {
        byte[] moved = Response.apply(faintLineAndDenseHatching(), SIDE, SIDE, PX_PER_MM, 2, 2);
        assertThat(moved[20 * SIDE + 100]).isZero();
        assertThat(moved[150 * SIDE + 220 / 6 * 6 + 1] & 0xff).isGreaterThan(240);
    }

    @Test
    void barePaperStaysPaperAndNoFavourChangesNothing() {
        assertThat(decide(100, 100).isInk(100, 20)).isFalse();
        byte[] dark = faintLineAndDenseHatching();
        assertThat(Response.apply(dark, SIDE, SIDE, PX_PER_MM, 1, 1)).isSameAs(dark);
    }
}

package neattrace.goods.wrap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.junit.jupiter.api.Test;

/** A cup with a red bar down its wrap: where the bar is seen is the projection's arithmetic. */
class CupPictureTest {

    private static final Cup CUP = new Cup(200, 82);
    private static final int WIDTH = 870;
    private static final int HEIGHT = 600;

    private static CupPicture bar(double fromMm, double toMm) {
        CubicLoop loop = CubicLoop.polygon(fromMm, 0, toMm, 0, toMm, 90, fromMm, 90);
        PrintLayer layer =
                new PrintLayer(
                        "Bar",
                        PrintLayer.Kind.LINES,
                        new Rgb(255, 0, 0),
                        "",
                        List.of(
                                PrintObject.of(
                                        new PrintShape.Curved(new Outline(loop, List.of())),
                                        Tints.of(new Cmyk(0, 100, 100, 0)))),
                        List.of());
        return CupPicture.of(
                new PrintPlan("Bar", 200, 90, 0, List.of(layer), PressProfile.bundled()),
                CUP,
                Rgb.WHITE);
    }

    /** From and to, px, in the middle row; -1 if none is red. */
    private static double[] red(CupPicture cup, double middleMm) {
        int[] argb = cup.seen(middleMm, WIDTH, HEIGHT);
        double[] span = {-1, -1};
        for (int x = 0; x < WIDTH; x++) {
            int c = argb[HEIGHT / 2 * WIDTH + x];
            boolean red = (c >> 16 & 255) > 100 && (c >> 8 & 255) < 90 && c >>> 24 == 255;
            if (red) {
                span[0] = span[0] < 0 ? x : span[0];
                span[1] = x + 1;
            }
        }
        return span;
    }

    @Test
    void aBarIsSeenAtTheSineOfItsAngle() {
        CupPicture cup = bar(120, 130);
        double scale = Math.min(WIDTH / cup.acrossMm(), HEIGHT / cup.downMm());
        for (double middle : new double[] {80, 100, 125, 160}) {
            double[] span = red(cup, middle);
            double from = WIDTH / 2.0 + scale * CUP.seenAt(120, middle);
            double to = WIDTH / 2.0 + scale * CUP.seenAt(130, middle);
            assertThat(span[0]).as("from at %s", middle).isCloseTo(from, within(1.6));
            assertThat(span[1]).as("to at %s", middle).isCloseTo(to, within(1.6));
        }
    }

    @Test
    void whatIsBehindIsNotSeen() {
        assertThat(red(bar(20, 30), 160)[0]).isEqualTo(-1);
    }

    @Test
    void aWholeTurnShowsTheSame() {
        CupPicture cup = bar(120, 130);
        assertThat(cup.seen(100, WIDTH, HEIGHT))
                .isEqualTo(cup.seen(100 + Math.PI * 82, WIDTH, HEIGHT));
    }

    @Test
    void theHandleStaysWithinThePicture() {
        for (double middle : new double[] {-29, 0, 35, 100, 164, 228}) {
            int[] argb = bar(120, 130).seen(middle, WIDTH, HEIGHT);
            for (int y = 0; y < HEIGHT; y++) {
                assertThat(argb[y * WIDTH] >>> 24).isZero();
                assertThat(argb[y * WIDTH + WIDTH - 1] >>> 24).isZero();
            }
        }
    }
}

package neattrace.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PressProfileTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    /**
     * The reference engine: Little CMS in the JDK, driven another way, by ColorConvertOp on a
     * 16-bit raster of four channels with the same profile.
     */
    private static Rgb byRaster(Cmyk build) {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, 4, null);
        inks.setPixel(
                0,
                0,
                new double[] {
                    build.c() * 655.35, build.m() * 655.35, build.y() * 655.35, build.k() * 655.35
                });
        ColorConvertOp convert =
                new ColorConvertOp(
                        new ICC_ColorSpace(ICC_Profile.getInstance(PRESS.bytes())),
                        ColorSpace.getInstance(ColorSpace.CS_sRGB),
                        null);
        WritableRaster rgb = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 1, 1, 3, null);
        convert.filter(inks, rgb);
        int[] pixel = rgb.getPixel(0, 0, new int[3]);
        return new Rgb(eight(pixel[0]), eight(pixel[1]), eight(pixel[2]));
    }

    private static int eight(int sixteen) {
        return (int) Math.round(sixteen / 257.0);
    }

    @Property(tries = 80, seed = "20261")
    void previewIsWhatTheReferenceEngineSays(
            @ForAll @IntRange(max = 5) int c,
            @ForAll @IntRange(max = 5) int m,
            @ForAll @IntRange(max = 5) int y,
            @ForAll @IntRange(max = 5) int k) {
        Cmyk build = new Cmyk(20 * c, 20 * m, 20 * y, 20 * k);
        Rgb expected = byRaster(build);
        Rgb preview = PRESS.preview(build);
        assertThat(preview.r()).isCloseTo(expected.r(), within(1));
        assertThat(preview.g()).isCloseTo(expected.g(), within(1));
        assertThat(preview.b()).isCloseTo(expected.b(), within(1));
    }

    @Test
    void paperIsNearlyWhiteAndRichBlackDarkerThanBlackAlone() {
        assertThat(PRESS.preview(Cmyk.PAPER).toLab().l()).isGreaterThan(93);
        double rich = PRESS.preview(new Cmyk(60, 40, 40, 100)).toLab().l();
        double alone = PRESS.preview(new Cmyk(0, 0, 0, 100)).toLab().l();
        assertThat(rich).isLessThan(alone - 5);
    }

    /** What a press can print comes back as a build that looks the same. */
    @Property(tries = 150, seed = "20261")
    void printableColoursComeBack(
            @ForAll @IntRange(max = 90) int c,
            @ForAll @IntRange(max = 90) int m,
            @ForAll @IntRange(max = 90) int y) {
        Rgb colour = PRESS.preview(new Cmyk(c, m, y, 0));
        Cmyk nearest = PRESS.nearest(colour);
        assertThat(DeltaE2000.between(PRESS.preview(nearest).toLab(), colour.toLab()))
                .isLessThan(1.0);
        assertThat(nearest).isEqualTo(nearest.rounded());
    }

    @Test
    void pureScreenGreenGetsTheNearestPrintableBuild() {
        Cmyk build = PRESS.nearest(new Rgb(0, 255, 0));
        assertThat(build.c()).isGreaterThan(40);
        assertThat(build.y()).isGreaterThan(70);
        assertThat(build.m()).isLessThan(15);
        assertThat(build.k()).isLessThan(5);
    }
}

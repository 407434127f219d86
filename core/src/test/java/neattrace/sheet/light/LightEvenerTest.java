package neattrace.sheet.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.BitSet;
import java.util.SplittableRandom;
import java.util.function.DoubleBinaryOperator;
import neattrace.raster.GreySheet;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class LightEvenerTest {

    /** A sheet under a light that is known at every place; both coordinates are shares. */
    private static GreySheet lit(GreySheet sheet, DoubleBinaryOperator light) {
        byte[] samples = new byte[sheet.samples().length];
        for (int i = 0; i < samples.length; i++) {
            double across = (i % sheet.width() + 0.5) / sheet.width();
            double down = (double) (i / sheet.width()) / sheet.height();
            double value = (sheet.samples()[i] & 0xff) * light.applyAsDouble(across, down);
            samples[i] = (byte) Math.round(value);
        }
        return new GreySheet(sheet.width(), sheet.height(), samples);
    }

    /**
     * A synthetic ramp with a known answer: after evening, paper is white and ink black all over.
     */
    @Test
    void aTwoToOneFallOffBecomesEvenRightToTheEdges() {
        GreySheet sheet = Sheets.framed(600, 400, 60, 8);
        GreySheet even = LightEvener.even(lit(sheet, (x, y) -> 1 - 0.5 * x));
        for (int y = 0; y < 400; y += 3) {
            for (int x = 0; x < 600; x++) {
                boolean paper = sheet.at(x, y) == 255;
                assertThat(even.at(x, y)).isBetween(paper ? 250 : 0, paper ? 255 : 5);
            }
        }
    }

    @Test
    void theLightItselfIsMeasuredWithinOnePercent() {
        DoubleBinaryOperator light = (x, y) -> 1 - 0.3 * x * x - 0.2 * y;
        LightField field =
                LightEvener.estimate(lit(Sheets.framed(800, 700, 90, 6), light), new BitSet());
        for (double x = 0.02; x < 1; x += 0.06) {
            for (double y = 0.02; y < 1; y += 0.06) {
                assertThat(field.at(x, y) / 255).isCloseTo(light.applyAsDouble(x, y), within(0.01));
            }
        }
        assertThat(field.darkest()).isBetween(0.48, 0.56);
    }

    /** The dark strip at a book's spine: down to a fifth of the light within a few millimetres. */
    @Test
    void aSteepShadowIsFollowedAndInkInItStaysInk() {
        GreySheet sheet = Sheets.framed(900, 700, 20, 6);
        GreySheet shaded = lit(sheet, (x, y) -> 1 - 0.8 * Math.exp(-Math.pow(x * 900 / 60, 2)));
        GreySheet even = LightEvener.even(shaded);
        for (int y = 60; y < 640; y += 7) {
            assertThat(even.at(6, y)).as("paper at the spine").isGreaterThan(215);
            assertThat(even.at(60, y)).isGreaterThan(225);
            assertThat(even.at(23, y)).as("ink in the shadow").isLessThan(20);
        }
    }

    @Test
    void grainDoesNotTurnBlackIntoPaper() {
        SplittableRandom chance = new SplittableRandom(3);
        GreySheet sheet = Sheets.framed(800, 800, 100, 300);
        byte[] samples = new byte[640_000];
        for (int i = 0; i < samples.length; i++) {
            double tone = (sheet.samples()[i] & 0xff) == 0 ? 30 : 235;
            samples[i] = (byte) (int) Math.max(0, Math.min(255, tone + 14 * chance.nextGaussian()));
        }
        GreySheet even = LightEvener.even(new GreySheet(800, 800, samples));
        long dark = 0;
        for (int y = 110; y < 390; y++) {
            for (int x = 110; x < 690; x++) {
                dark += even.at(x, y) < 128 ? 1 : 0;
            }
        }
        assertThat(dark).isEqualTo(280L * 580);
    }

    @Test
    void anEvenSheetComesBackAsItIs() {
        GreySheet sheet = Sheets.framed(300, 200, 30, 6);
        assertThat(LightEvener.even(sheet)).isSameAs(sheet);
    }

    @Test
    void aBlackSheetHasNoPaperToGoBy() {
        GreySheet black = Sheets.plain(100, 100, 0);
        assertThat(LightEvener.even(black)).isSameAs(black);
    }

    @Test
    void aLargeSolidBlackIsNotTakenForDarkPaper() {
        GreySheet sheet = Sheets.framed(800, 800, 100, 300);
        GreySheet even = LightEvener.even(lit(sheet, (x, y) -> 1 - 0.3 * x));
        assertThat(even.at(250, 400)).isLessThan(20);
        assertThat(even.at(50, 400)).isGreaterThan(245);
    }

    @Test
    void onePixelIsNoTrouble() {
        assertThat(LightEvener.even(Sheets.plain(1, 1, 180)).width()).isEqualTo(1);
        assertThat(LightEvener.even(Sheets.plain(500, 1, 180)).height()).isEqualTo(1);
    }
}

package neattrace.sheet.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neattrace.raster.GreySheet;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class LightEvenerTest {

    private static GreySheet lit(GreySheet sheet, double left, double right) {
        byte[] samples = new byte[sheet.samples().length];
        for (int i = 0; i < samples.length; i++) {
            double share = (double) (i % sheet.width()) / (sheet.width() - 1);
            double light = left + (right - left) * share;
            samples[i] = (byte) Math.round((sheet.samples()[i] & 0xff) * light);
        }
        return new GreySheet(sheet.width(), sheet.height(), samples);
    }

    @Test
    void aTwoToOneFallOffBecomesEven() {
        GreySheet even = LightEvener.even(lit(Sheets.framed(600, 400, 60, 8), 1, 0.5));
        assertThat(even.at(300, 200)).isCloseTo(255, within(3));
        // Towards the edges the field is held, not continued: up to 8 % off white, still paper.
        assertThat(even.at(10, 200)).isCloseTo(255, within(20));
        assertThat(even.at(590, 200)).isCloseTo(255, within(20));
        assertThat(even.at(63, 200)).isLessThan(10);
        assertThat(even.at(535, 200)).isLessThan(10);
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
        GreySheet even = LightEvener.even(lit(sheet, 1, 0.7));
        assertThat(even.at(250, 400)).isLessThan(20);
        assertThat(even.at(50, 400)).isGreaterThan(240);
    }

    @Test
    void onePixelIsNoTrouble() {
        assertThat(LightEvener.even(Sheets.plain(1, 1, 180)).width()).isEqualTo(1);
    }
}

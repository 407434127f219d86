package neattrace.sheet.threshold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neattrace.raster.Gaussian;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bars of known width and darkness under a known Gaussian blur. */
class EdgeProfilesTest {

    private static final int SIDE = 300;

    private static ToneMap bars(int width, int dark, double blurPx) {
        byte[] samples = new byte[SIDE * SIDE];
        for (int i = 0; i < samples.length; i++) {
            int x = i % SIDE;
            int y = i / SIDE;
            boolean ink = y > 20 && y < 280 && x > 20 && (x - 20) % (width + 30) < width;
            samples[i] = (byte) (ink ? dark : 0);
        }
        return new ToneMap(SIDE, SIDE, Gaussian.blur(samples, SIDE, SIDE, blurPx));
    }

    @ParameterizedTest
    @CsvSource({"12, 255, 0.6", "12, 255, 1.2", "20, 230, 2", "9, 200, 0.5"})
    void halfWayIsHalfOfTheInksDarknessWhateverTheBlur(int width, int dark, double blur) {
        EdgeLevels levels = EdgeProfiles.measure(bars(width, dark, blur), 24);
        assertThat(levels.half()).isCloseTo(dark / 2.0, within(2.0));
        assertThat(levels.penPx()).isCloseTo(width, within(1.0));
        assertThat(levels.blurPx()).isCloseTo(Math.hypot(blur, 0.3), within(0.3));
    }

    /** Their middles show 87 and 85 percent of the ink; half of what is seen would be too low. */
    @ParameterizedTest
    @CsvSource({"3, 1.0", "4, 1.4"})
    void linesFinerThanTheBlurAreHalfAsDarkAsTheirInkAtTheirEdges(int width, double blur) {
        EdgeLevels levels = EdgeProfiles.measure(bars(width, 220, blur), 24);
        assertThat(levels.half()).isCloseTo(110, within(8.0));
    }

    /** Dust has more edge than the drawing here, and is paler. */
    @Test
    void dustIsNotAsked() {
        ToneMap tone = bars(12, 250, 0.7);
        for (int k = 0; k < 700; k++) {
            int x = k * 37 % 290 + 5;
            int y = k / 290 * 7 + 3 + k % 3;
            tone.darkness()[y * SIDE + x] = (byte) 150;
        }
        assertThat(EdgeProfiles.measure(tone, 24).half()).isCloseTo(125, within(2.0));
    }

    @Test
    void withoutInkHalfWayIsAssumed() {
        ToneMap empty = new ToneMap(40, 40, new byte[1600]);
        assertThat(EdgeProfiles.measure(empty, 24)).isEqualTo(EdgeLevels.ASSUMED);
        assertThat(EdgeLevels.ASSUMED.half()).isEqualTo(127.5);
    }

    /** Normal distribution, table values: 2 (1 - P(x)) at 1 and 2 standard deviations. */
    @Test
    void blurFillsAGapAsMuchAsTheNormalDistributionSays() {
        EdgeLevels one = new EdgeLevels(127.5, 1, 0, 0, 4, 1);
        assertThat(one.across(1) / 255).isCloseTo(0.31731, within(1e-4));
        assertThat(one.across(2) / 255).isCloseTo(0.04550, within(1e-4));
        assertThat(one.across(0) / 255).isCloseTo(1, within(1e-4));
    }
}

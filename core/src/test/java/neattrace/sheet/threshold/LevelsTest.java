package neattrace.sheet.threshold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.BitSet;
import java.util.SplittableRandom;
import neattrace.raster.GreySheet;
import neattrace.sheet.LightRecipe;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class LevelsTest {

    private static final BitSet NOTHING = new BitSet();

    @Test
    void paperAndInkAreMeasured() {
        Levels levels = Levels.measure(drawn(231, 40), NOTHING);

        assertThat(levels).isEqualTo(new Levels(231, 40, 0, 0, true));
        assertThat(levels.isNoisy()).isFalse();
    }

    @Test
    void grainIsMeasuredOnPaperAlone() {
        GreySheet sheet = drawn(230, 40);
        SplittableRandom chance = new SplittableRandom(7);
        byte[] samples = sheet.samples();
        for (int i = 0; i < samples.length; i++) {
            int value = samples[i] & 0xff;
            samples[i] = (byte) (value + (value > 128 ? chance.nextInt(-4, 5) : 0));
        }

        Levels levels = Levels.measure(sheet, NOTHING);

        assertThat(levels.paper()).isCloseTo(230, within(1.0));
        assertThat(levels.ink()).isEqualTo(40);
        // Of two values out of -4 to 4, half the pairs differ by at most 3 (45 of 81, 35 by 2).
        assertThat(levels.noise()).isEqualTo(3);
        assertThat(levels.isNoisy()).isTrue();
    }

    @Test
    void whatIsIgnoredCountsForNothing() {
        GreySheet sheet = drawn(231, 40);
        BitSet band = new BitSet();
        for (int i = 0; i < 100 * 60; i++) {
            sheet.samples()[i] = (byte) 120;
            band.set(i);
        }

        Levels levels = Levels.measure(sheet, band);

        assertThat(levels.paper()).isEqualTo(231);
        assertThat(levels.ink()).isEqualTo(40);
    }

    @Test
    void aSheetOfOneToneHasNoInk() {
        assertThat(Levels.measure(Sheets.plain(50, 50, 200), NOTHING))
                .isEqualTo(new Levels(200, 200, 0, 0, false));
        assertThat(Levels.measure(drawn(200, 185), NOTHING).found()).isFalse();
    }

    @Test
    void whatIsSetByHandReplacesWhatWasMeasured() {
        Levels levels = new Levels(231, 40, 1, 0.1, true);

        assertThat(levels.with(LightRecipe.AUTOMATIC)).isSameAs(levels);
        Levels set = levels.with(LightRecipe.AUTOMATIC.withPaper(210));
        assertThat(set.paper()).isEqualTo(210);
        assertThat(set.ink()).isEqualTo(40);
        assertThat(levels.with(LightRecipe.AUTOMATIC.withPaper(45)).ink())
                .isEqualTo(45 - LightRecipe.LEAST_CONTRAST);
    }

    @Test
    void darknessRunsEvenlyFromPaperToInk() {
        GreySheet ramp = new GreySheet(6, 1, new byte[] {0, 50, 100, (byte) 150, (byte) 200, -1});

        ToneMap map = ToneMap.of(ramp, new Levels(200, 50, 0, 0, true));

        assertThat(map.at(0, 0)).isEqualTo(255);
        assertThat(map.at(1, 0)).isEqualTo(255);
        assertThat(map.at(2, 0)).isEqualTo(170);
        assertThat(map.at(3, 0)).isEqualTo(85);
        assertThat(map.at(4, 0)).isZero();
        assertThat(map.at(5, 0)).isZero();
        assertThatThrownBy(() -> new ToneMap(3, 3, new byte[8]))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Paper with a block of ink on a tenth of it. */
    private static GreySheet drawn(int paper, int ink) {
        GreySheet sheet = Sheets.plain(100, 200, paper);
        for (int y = 120; y < 170; y++) {
            for (int x = 20; x < 60; x++) {
                sheet.samples()[y * 100 + x] = (byte) ink;
            }
        }
        return sheet;
    }
}

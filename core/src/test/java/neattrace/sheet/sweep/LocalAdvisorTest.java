package neattrace.sheet.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.RunLabels;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class LocalAdvisorTest {

    private static final double PX_PER_MM = 10;

    /** A bold frame, and in its corner nine whiskers so faint that they break at half way. */
    private static Picture whiskers() {
        SplittableRandom chance = new SplittableRandom(7);
        GreySheet sheet = Sheets.framed(900, 700, 40, 8);
        byte[] samples = sheet.samples();
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (byte) ((samples[i] & 0xff) == 0 ? 20 : 240);
        }
        for (int line = 0; line < 40; line++) {
            for (int x = 120; x < 800; x++) {
                if (line >= 9 && x % 34 > 25) {
                    continue;
                }
                boolean faint = line < 9;
                int tone = faint ? (x / 23 % 3 == 0 ? 170 : 150) : 25;
                int y = faint ? 500 + line * 14 : 90 + (line - 9) * 12;
                if (!faint || x < 330) {
                    for (int k = 0; k < 3; k++) {
                        samples[(y + k) * 900 + x] = (byte) (tone + chance.nextInt(-2, 3));
                    }
                }
            }
        }
        return new Picture(sheet, new int[0], Resolution.assumed(), "", List.of());
    }

    private static InkReading read(SheetRecipe recipe) {
        return InkMapper.read(whiskers(), recipe, PX_PER_MM, null, Progress.SILENT);
    }

    private static List<LocalAdvice> advice(InkReading reading) {
        return LocalAdvisor.find(
                reading.sweep().orElseThrow(),
                reading.changes(),
                reading.inkPercent(),
                reading.recipe().decision().patches(),
                reading.frame(),
                PX_PER_MM);
    }

    @Test
    void faintLinesInOneCornerGetAPatchThatBringsThemBack() {
        InkReading before = read(SheetRecipe.automatic().withInkPercent(50));
        List<LocalAdvice> found = advice(before);
        assertThat(found).hasSize(1);
        LocalAdvice advice = found.get(0);
        assertThat(advice.lighter()).isTrue();
        assertThat(advice.now()).isGreaterThanOrEqualTo(9);
        assertThat(advice.then()).isZero();
        assertThat(advice.inkPercent()).isBetween(15.0, 35.0);
        assertThat(advice.y()).isBetween(440, 500);

        SheetRecipe patched =
                SheetRecipe.automatic()
                        .withInkPercent(50)
                        .withDecision(
                                SheetRecipe.automatic()
                                        .withInkPercent(50)
                                        .decision()
                                        .withPatch(new Patch(advice.shape(), advice.inkPercent())));
        InkReading after = read(patched);
        assertThat(parts(after)).isEqualTo(parts(before) + 9);
        assertThat(advice(after)).isEmpty();
    }

    private static int parts(InkReading reading) {
        return RunLabels.of(reading.map(), true, true).count();
    }

    @Test
    void whereTheSheetsThresholdIsCalmNothingIsAdvised() {
        assertThat(advice(read(SheetRecipe.automatic().withInkPercent(30)))).isEmpty();
    }
}

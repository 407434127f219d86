package neattrace.sheet.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.RunLabels;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;
import neattrace.sheet.SpeckRecipe;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InkMapperTest {

    private static final double PX_PER_MM = 300 / 25.4;

    private static InkReading read(GreySheet sheet, SheetRecipe recipe) {
        return InkMapper.read(sheet, recipe, PX_PER_MM, Progress.SILENT);
    }

    /** Paper at 240 with grain, a frame of ink at 30, and single dark pixels as dust. */
    private static GreySheet grainy(int dust) {
        SplittableRandom chance = new SplittableRandom(4);
        GreySheet sheet = Sheets.framed(300, 200, 40, 8);
        byte[] samples = sheet.samples();
        for (int i = 0; i < samples.length; i++) {
            int tone = (samples[i] & 0xff) == 0 ? 30 : 240;
            samples[i] = (byte) (tone + chance.nextInt(-6, 7));
        }
        for (int i = 0; i < dust; i++) {
            // Strewn, one in each stretch of the margin so that no two touch.
            int x = 4 + i * 286 / dust + chance.nextInt(286 / dust - 2);
            samples[chance.nextInt(4, 36) * 300 + x] = 50;
        }
        return sheet;
    }

    @Test
    void dotsInARowAreADrawingAndStay() {
        GreySheet sheet = grainy(0);
        for (int i = 0; i < 18; i++) {
            sheet.samples()[20 * 300 + 20 + i * 14] = 50;
        }
        InkReading reading = read(sheet, SheetRecipe.automatic());
        assertThat(reading.specks().dropped()).isZero();
        assertThat(reading.specks().inPattern()).isEqualTo(18);
        assertThat(reading.map().isInk(34, 20)).isTrue();
    }

    @Test
    void aGrainyScanLosesItsDustAndNothingElse() {
        InkReading reading = read(grainy(15), SheetRecipe.automatic());
        assertThat(reading.specks().dropped()).isEqualTo(15);
        assertThat(reading.specks().dust().limitMm()).isBetween(0.05, 0.15);
        assertThat(RunLabels.of(reading.map(), true, true).count()).isEqualTo(1);
        assertThat(reading.notes()).anyMatch(note -> note.contains("grain"));
    }

    @Test
    void dustStaysIfAskedTo() {
        InkReading reading =
                read(grainy(15), SheetRecipe.automatic().withSpecks(SpeckRecipe.under(0)));
        assertThat(reading.specks().dropped()).isZero();
        assertThat(RunLabels.of(reading.map(), true, true).count()).isEqualTo(16);
    }

    @Test
    void aCleanDrawingKeepsItsSmallestDots() {
        GreySheet sheet = Sheets.framed(100, 100, 20, 4);
        sheet.samples()[5 * 100 + 5] = 0;
        sheet.samples()[50 * 100 + 50] = (byte) 128;
        InkReading reading = read(sheet, SheetRecipe.automatic());
        assertThat(reading.specks().dropped()).isZero();
        assertThat(reading.map().isInk(5, 5)).isTrue();
    }

    @Test
    void pinholesInSolidInkAreFilledWithTheSpecks() {
        GreySheet sheet = grainy(0);
        sheet.samples()[43 * 300 + 100] = (byte) 235;
        InkReading reading = read(sheet, SheetRecipe.automatic());
        assertThat(reading.map().isInk(100, 43)).isTrue();
        assertThat(reading.specks().dropped()).isEqualTo(1);
    }

    @Property(tries = 30, seed = "20261")
    void lessIsInkTheDarkerItHasToBe(
            @ForAll @DoubleRange(min = 10, max = 90) double first,
            @ForAll @DoubleRange(min = 10, max = 90) double second) {
        double low = Math.min(first, second);
        double high = Math.max(first, second);
        GreySheet blurred = ramp();
        SheetRecipe recipe = SheetRecipe.plain(false, low, 0);
        long much = read(blurred, recipe).map().inkPixels();
        long little = read(blurred, recipe.withInkPercent(high)).map().inkPixels();
        assertThat(little).isLessThanOrEqualTo(much);
    }

    /** Ink on the left, paper on the right, a ramp between. */
    private static GreySheet ramp() {
        byte[] samples = new byte[120 * 20];
        for (int i = 0; i < samples.length; i++) {
            int x = i % 120;
            samples[i] = (byte) (x < 30 ? 0 : x > 90 ? 255 : (x - 30) * 255 / 60);
        }
        return new GreySheet(120, 20, samples);
    }

    @Test
    void halfWayBetweenPaperAndInkIsTheEdge() {
        InkMap map = read(ramp(), SheetRecipe.plain(false, 50, 0)).map();
        assertThat(map.isInk(59, 10)).isTrue();
        assertThat(map.isInk(61, 10)).isFalse();
    }

    /**
     * Blocks as large as lines are wide leave holes as large; these were once taken for pinholes.
     */
    @ParameterizedTest
    @ValueSource(longs = {192, 898, 939, 2065, 2073, 2637, 4036, 4710, 7046, 21266})
    void holesAsWideAsLinesStayOpen(long number) {
        blackAndWhitePicturesKeepEveryPixelButWhereSlitsAreOpened(7919 * number);
    }

    @Property(tries = 40, seed = "20261")
    void blackAndWhitePicturesKeepEveryPixelButWhereSlitsAreOpened(@ForAll long seed) {
        InkMap blocks = Sheets.blocks(seed, 40, 0.4);
        byte[] samples = new byte[1600];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = blocks.isInk(i) ? 0 : (byte) 255;
        }
        InkReading reading = read(new GreySheet(40, 40, samples), SheetRecipe.automatic());
        if (blocks.inkPixels() == 0 || blocks.inkPixels() == 1600) {
            return;
        }
        assertThat(reading.oneBit()).isTrue();
        for (int i = 0; i < samples.length; i++) {
            boolean changed = reading.map().isInk(i) != blocks.isInk(i);
            assertThat(changed && !(blocks.isInk(i) && isAtSaddle(blocks, i % 40, i / 40)))
                    .isFalse();
        }
    }

    /** Whether two paper pixels touch at a corner of an ink pixel. */
    private static boolean isAtSaddle(InkMap map, int x, int y) {
        for (int dx = -1; dx <= 1; dx += 2) {
            for (int dy = -1; dy <= 1; dy += 2) {
                if (map.isInk(x + dx, y + dy) && !map.isInk(x + dx, y) && !map.isInk(x, y + dy)) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Outlines lie between greys: none is lost, whatever the threshold, but those beyond black or
     * white.
     */
    @ParameterizedTest
    @ValueSource(doubles = {40, 49.8, 50, 60})
    void greysStayAsFineAsTheyWere(double percent) {
        byte[] samples = new byte[512 * 40];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (byte) (i % 512 / 2);
        }
        SheetRecipe plain =
                SheetRecipe.plain(false, percent, 0)
                        .withLight(new LightRecipe(false, 255, 0, 0, 0));
        byte[] coverage = read(new GreySheet(512, 40, samples), plain).map().coverage();
        long different = IntStream.range(0, 512).map(i -> coverage[i]).distinct().count();
        assertThat(different).isGreaterThan(220);
    }

    /** Where ink and paper are pure, half way is half way. */
    @Test
    void pureBlackOnPureWhiteIsDecidedHalfWay() {
        GreySheet sheet = Sheets.framed(100, 100, 20, 4);
        assertThat(read(sheet, SheetRecipe.automatic()).inkPercent()).isEqualTo(50);
    }

    /** No two paper pixels side by side: nothing to measure grain by, so nothing is dropped. */
    @Test
    void aOnePixelCheckerboardKeepsItsHoles() {
        byte[] samples = new byte[64 * 64];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (i % 64 + i / 64) % 2 == 0 ? 0 : (byte) 255;
        }
        InkReading reading = read(new GreySheet(64, 64, samples), SheetRecipe.automatic());
        assertThat(reading.noise()).isZero();
        assertThat(reading.specks().dropped()).isZero();
        assertThat(reading.map().inkPixels()).isEqualTo(2048);
    }

    @Test
    void aSheetOfOneToneHasNoInkAndSaysSo() {
        for (int tone : new int[] {255, 200, 128}) {
            InkReading reading = read(Sheets.plain(50, 40, tone), SheetRecipe.automatic());
            assertThat(reading.map().inkPixels()).isZero();
            assertThat(reading.notes()).containsExactly("There is no ink on this sheet.");
        }
        assertThat(read(Sheets.plain(50, 40, 3), SheetRecipe.automatic()).notes())
                .anyMatch(note -> note.contains("dark"));
    }

    @Test
    void aMostlyBlackSheetIsSuspectedOfBeingInverted() {
        GreySheet sheet = Sheets.framed(200, 200, 5, 70);
        assertThat(read(sheet, SheetRecipe.automatic()).notes())
                .anyMatch(note -> note.contains("inverted"));
    }

    @Test
    void thresholdsAtBothEndsLeaveNothingOrAlmostAllAndDoNotFail() {
        GreySheet sheet = grainy(10);
        long all =
                read(sheet, SheetRecipe.automatic().withInkPercent(DecisionRecipe.LEAST_PERCENT))
                        .map()
                        .inkPixels();
        long none =
                read(sheet, SheetRecipe.automatic().withInkPercent(DecisionRecipe.MOST_PERCENT))
                        .map()
                        .inkPixels();
        assertThat(none).isLessThan(all);
        assertThat(all).isGreaterThan(8 * 2 * 300);
    }

    @Test
    void masksThatCoverAllLeaveNoInkAndSaySo() {
        SheetRecipe recipe =
                SheetRecipe.automatic()
                        .withMask(
                                new Mask(
                                        new SheetShape.Box(new Point(-5, -5), new Point(400, 400)),
                                        Mask.Kind.ERASE));
        InkReading reading = read(grainy(0), recipe);
        assertThat(reading.map().inkPixels()).isZero();
        assertThat(reading.notes()).anyMatch(note -> note.contains("masks cover"));
    }

    @Test
    void whatIsErasedIsPaperAndWhatIsProtectedStays() {
        SheetShape left = new SheetShape.Box(new Point(0, 0), new Point(150, 200));
        SheetShape corner = new SheetShape.Brush(List.of(new Point(44, 44)), 12);
        SheetRecipe recipe =
                SheetRecipe.automatic()
                        .withMask(new Mask(left, Mask.Kind.ERASE))
                        .withMask(new Mask(corner, Mask.Kind.PROTECT));
        InkMap map = read(grainy(0), recipe).map();
        assertThat(map.isInk(43, 100)).isFalse();
        assertThat(map.isInk(43, 43)).isTrue();
        assertThat(map.isInk(256, 100)).isTrue();
    }

    @Test
    void aStepSwitchedOffDoesNothingAndKeepsItsSettings() {
        SheetRecipe recipe =
                SheetRecipe.automatic()
                        .withInkPercent(50)
                        .withSharpen(new SharpenRecipe(3, 300, 0.3, 2))
                        .withLight(LightRecipe.AUTOMATIC.withFaint(80));
        SheetRecipe off =
                recipe.withStep(SheetStep.SHARPEN, false).withStep(SheetStep.LIGHT, false);
        GreySheet sheet = grainy(0);
        byte[] plain = read(sheet, SheetRecipe.plain(false, 50, -1)).map().coverage();
        assertThat(read(sheet, off).map().coverage()).isEqualTo(plain);
        assertThat(read(sheet, recipe).map().coverage()).isNotEqualTo(plain);
        assertThat(off.sharpen()).isEqualTo(recipe.sharpen());
        assertThat(off.withStep(SheetStep.SHARPEN, true).isOn(SheetStep.SHARPEN)).isTrue();
    }

    /** Another threshold does not lay, even or sweep the sheet again. */
    @Test
    void whatNoChangeConcernsIsTakenOver() {
        Picture picture = new Picture(grainy(3), new int[0], Resolution.assumed(), "", List.of());
        SheetRecipe recipe = SheetRecipe.automatic().withSpecks(SpeckRecipe.under(0.3));
        InkReading first = InkMapper.read(picture, recipe, PX_PER_MM, null, Progress.SILENT);
        InkReading second =
                InkMapper.read(
                        picture, recipe.withInkPercent(40), PX_PER_MM, first, Progress.SILENT);
        assertThat(second.tone()).isSameAs(first.tone());
        assertThat(second.sweep().orElseThrow()).isSameAs(first.sweep().orElseThrow());
        InkReading third =
                InkMapper.read(
                        picture,
                        recipe.withFrame(recipe.frame().withEnlarge(2)),
                        PX_PER_MM,
                        second,
                        Progress.SILENT);
        assertThat(third.map().width()).isEqualTo(600);
        assertThat(third.map().isInk(86, 200)).isTrue();
    }

    @Test
    void aPreviewShowsWhatTheWholeSheetWouldShow() {
        InkReading reading = read(grainy(5), SheetRecipe.automatic());
        InkPreview preview = InkPreview.of(reading, -10, 20, 200, 150, 1_000_000);
        assertThat(preview.x()).isZero();
        assertThat(preview.width()).isEqualTo(190);
        SheetRecipe changed =
                SheetRecipe.automatic().withInkPercent(35).withSpecks(SpeckRecipe.under(0));
        InkMap whole = read(grainy(5), changed).map();
        InkMap part = preview.show(changed);
        for (int y = 0; y < 150; y++) {
            for (int x = 0; x < 190; x++) {
                assertThat(part.isInk(x, y)).isEqualTo(whole.isInk(x, y + 20));
            }
        }
        InkPreview reduced = InkPreview.of(reading, 0, 0, 300, 200, 6000);
        assertThat(reduced.show(changed).coverage().length).isLessThanOrEqualTo(6000);
        assertThat(reduced.sweep(changed)).isPresent();
    }

    @Test
    void stopsWhenToldTo() {
        Progress stop =
                (step, share) -> {
                    throw new CancellationException();
                };
        assertThatThrownBy(
                        () -> InkMapper.read(grainy(0), SheetRecipe.automatic(), PX_PER_MM, stop))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void recipesRefuseWhatMakesNoSense() {
        assertThatThrownBy(() -> SheetRecipe.plain(true, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SheetRecipe.plain(true, 100, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SheetRecipe.plain(true, 50, -0.5))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

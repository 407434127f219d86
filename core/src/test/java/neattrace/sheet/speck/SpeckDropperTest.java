package neattrace.sheet.speck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.SplittableRandom;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.speck.Evidence.Grain;
import neattrace.sheet.speck.Speck.Fate;
import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.EdgeProfiles;
import neattrace.sheet.threshold.ToneMap;
import org.junit.jupiter.api.Test;

class SpeckDropperTest {

    private static final double PX_PER_MM = 12;

    private static InkMap paper() {
        return new InkMap(600, 500, new byte[300_000]);
    }

    private static void dot(InkMap map, double x, double y, double diameterPx) {
        for (int yy = (int) (y - diameterPx); yy <= y + diameterPx; yy++) {
            for (int xx = (int) (x - diameterPx); xx <= x + diameterPx; xx++) {
                if (Math.hypot(xx + 0.5 - x, yy + 0.5 - y) <= diameterPx / 2) {
                    map.coverage()[yy * map.width() + xx] = (byte) 255;
                }
            }
        }
    }

    private static SpeckReport drop(InkMap map, double mm) {
        return SpeckDropper.drop(map, SpeckRecipe.under(mm), null, PX_PER_MM, new BitSet());
    }

    @Test
    void dustGoesAndWhatIsLargerStays() {
        InkMap map = paper();
        dot(map, 100, 100, 4);
        dot(map, 300, 140, 12);
        SpeckReport report = drop(map, 0.5);
        assertThat(report.dropped()).isEqualTo(1);
        assertThat(map.isInk(100, 100)).isFalse();
        assertThat(map.isInk(300, 140)).isTrue();
    }

    @Test
    void whatIsNearTheLimitIsListedLargestFirst() {
        InkMap map = paper();
        dot(map, 100, 100, 5.4);
        dot(map, 300, 140, 7);
        dot(map, 400, 440, 2);
        dot(map, 450, 240, 14);
        SpeckReport report = drop(map, 0.5);
        assertThat(report.doubtful())
                .extracting(Speck::fate)
                .containsExactly(Fate.KEPT, Fate.DROPPED);
        assertThat(report.doubtful().get(0).x()).isBetween(299.0, 301.0);
        assertThat(report.doubtful().get(0).diameterMm()).isBetween(0.5, 0.62);
    }

    /** A field of dots as a stippling pen makes it: even distances with some wobble. */
    @Test
    void stipplingIsLeftAlone() {
        SplittableRandom chance = new SplittableRandom(6);
        InkMap map = paper();
        int dots = 0;
        for (int y = 0; y < 9; y++) {
            for (int x = 0; x < 12; x++) {
                dot(
                        map,
                        150 + 14 * x + 7 * (y % 2) + chance.nextDouble(-1.5, 1.5),
                        150 + 12 * y + chance.nextDouble(-1.5, 1.5),
                        3.5);
                dots++;
            }
        }
        SpeckReport report = drop(map, 0.5);
        assertThat(report.inPattern()).isEqualTo(dots);
        assertThat(report.dropped()).isZero();
    }

    /** A dotted line is a drawing too. */
    @Test
    void aDottedLineIsLeftAlone() {
        InkMap map = paper();
        for (int k = 0; k < 20; k++) {
            dot(map, 60 + 18 * k, 200 + 40 * Math.sin(k / 6.0), 4);
        }
        assertThat(drop(map, 0.5).inPattern()).isEqualTo(20);
    }

    /** A screen tone all over the sheet, a little uneven, of dots much finer than the lines. */
    @Test
    void aToneIsLeftAloneHoweverMuchOfTheSheetItTakes() {
        SplittableRandom chance = new SplittableRandom(6);
        InkMap map = lined();
        int dots = 0;
        for (int y = 10; y < 240; y += 9) {
            for (int x = 10; x < 590; x += 9) {
                double shift = y / 9 % 2 * 4.5;
                dot(map, x + shift + chance.nextDouble(-0.6, 0.6), y, 2.6);
                dots++;
            }
        }
        SpeckReport report = dropDust(map, Grain.UNKNOWN);
        assertThat(report.dropped()).isLessThan(dots / 100);
        assertThat(report.inPattern()).isGreaterThan(dots * 95 / 100);
    }

    /** Dense, but at random. */
    @Test
    void denseGrainIsNoTone() {
        SplittableRandom chance = new SplittableRandom(6);
        InkMap map = lined();
        for (int k = 0; k < 1500; k++) {
            dot(map, chance.nextDouble(5, 595), chance.nextDouble(5, 240), 2.6);
        }
        SpeckReport report = dropDust(map, Grain.UNKNOWN);
        assertThat(report.inPattern()).isLessThan(60);
        assertThat(report.dropped()).isGreaterThan(1000);
    }

    @Test
    void strewnDustIsNoPattern() {
        SplittableRandom chance = new SplittableRandom(11);
        InkMap map = paper();
        for (int k = 0; k < 90; k++) {
            dot(map, 8 + chance.nextDouble() * 580, 8 + chance.nextDouble() * 480, 3);
        }
        SpeckReport report = drop(map, 0.5);
        assertThat(report.inPattern()).isLessThan(9);
        assertThat(map.inkPixels()).isLessThan(9 * 12);
    }

    @Test
    void pinholesAreFilledAndProtectedPlacesAreNot() {
        InkMap map = paper();
        java.util.Arrays.fill(map.coverage(), 100 * 600, 200 * 600, (byte) 255);
        map.coverage()[150 * 600 + 100] = 0;
        map.coverage()[150 * 600 + 400] = 0;
        BitSet kept = new BitSet();
        kept.set(150 * 600 + 380, 150 * 600 + 420);
        SpeckReport report = SpeckDropper.drop(map, SpeckRecipe.under(0.5), null, PX_PER_MM, kept);
        assertThat(report.dropped()).isEqualTo(1);
        assertThat(map.isInk(100, 150)).isTrue();
        assertThat(map.isInk(400, 150)).isFalse();
    }

    /** A line of 6 px across the page. */
    private static InkMap lined() {
        InkMap map = paper();
        for (int y = 250; y < 256; y++) {
            java.util.Arrays.fill(map.coverage(), y * 600 + 20, y * 600 + 580, (byte) 255);
        }
        return map;
    }

    private static SpeckReport dropDust(InkMap map, Grain grain) {
        return drop(map, SpeckRecipe.AUTOMATIC, grain);
    }

    private static SpeckReport drop(InkMap map, SpeckRecipe sizes, Grain grain) {
        ToneMap tone = new ToneMap(map.width(), map.height(), map.coverage().clone());
        EdgeLevels edges = EdgeProfiles.measure(tone, 24);
        assertThat(edges.penPx()).isBetween(5.0, 7.0);
        return SpeckDropper.drop(
                map, sizes, new Evidence(tone, edges, grain), PX_PER_MM, new BitSet());
    }

    /** Much finer than lines and strewn: dust. As large as lines are wide: dots of the pen. */
    @Test
    void dustIsFinerThanThePenAndItsDotsAreNot() {
        SplittableRandom chance = new SplittableRandom(3);
        InkMap map = lined();
        for (int k = 0; k < 120; k++) {
            double y = chance.nextDouble(10, 230);
            dot(map, chance.nextDouble(10, 590), y, chance.nextDouble(1, 3));
        }
        dot(map, 200, 275, 6.5);
        dot(map, 230, 275, 6.5);
        dot(map, 400, 400, 7);
        dropDust(map, Grain.PAPER);
        assertThat(RunLabels.of(map, true, true).count()).isEqualTo(4);
        assertThat(map.isInk(200, 275)).isTrue();
        assertThat(map.isInk(400, 400)).isTrue();
    }

    /** Too pale for ink of that size. */
    @Test
    void paleDotsAreDustThoughTheyAreAsLargeAsThePens() {
        InkMap map = lined();
        dot(map, 100, 100, 6);
        for (int i = 0; i < 200 * 600; i++) {
            map.coverage()[i] = map.isInk(i) ? (byte) 140 : 0;
        }
        dropDust(map, Grain.PAPER);
        assertThat(map.isInk(100, 100)).isFalse();
    }

    /** Dashes, equals signs and underlines are fine, and long. */
    @Test
    void whatIsLongIsNoDust() {
        InkMap map = lined();
        for (int y = 100; y < 102; y++) {
            java.util.Arrays.fill(map.coverage(), y * 600 + 300, y * 600 + 311, (byte) 255);
        }
        dropDust(map, Grain.PAPER);
        assertThat(map.isInk(305, 100)).isTrue();
    }

    @Test
    void onCleanPicturesNothingGoesUnlessDustIsStrewnAllOver() {
        InkMap map = lined();
        dot(map, 100.5, 100.5, 1.5);
        dot(map, 300.5, 400.5, 1.5);
        assertThat(dropDust(map, Grain.NONE).dropped()).isZero();
        SplittableRandom chance = new SplittableRandom(8);
        for (int k = 0; k < 60; k++) {
            dot(map, chance.nextDouble(10, 590), chance.nextDouble(10, 220), 1.5);
        }
        assertThat(dropDust(map, Grain.NONE).dropped()).isGreaterThan(50);
    }

    /** Stars in a night sky and dust on the paper beside it are no longer one question. */
    @Test
    void pinholesHaveASizeOfTheirOwn() {
        for (double pinholeMm : new double[] {0, 0.2, 0.5}) {
            InkMap map = skyAndDust();
            SpeckReport report =
                    SpeckDropper.drop(
                            map, new SpeckRecipe(0.5, pinholeMm), null, PX_PER_MM, new BitSet());
            assertThat(map.isInk(100, 400)).isFalse();
            assertThat(map.isInk(101, 101)).isEqualTo(pinholeMm == 0.5);
            assertThat(report.dust().dropped()).isEqualTo(1);
            assertThat(report.pinholes().dropped()).isEqualTo(pinholeMm == 0.5 ? 1 : 0);
            assertThat(report.pinholes().limitMm()).isEqualTo(pinholeMm);
        }
    }

    /** Solid ink with a hole of 4 px, and a dot of as much on the paper. */
    private static InkMap skyAndDust() {
        InkMap map = paper();
        java.util.Arrays.fill(map.coverage(), 50 * 600, 200 * 600, (byte) 255);
        for (int y = 100; y < 104; y++) {
            java.util.Arrays.fill(map.coverage(), y * 600 + 100, y * 600 + 104, (byte) 0);
        }
        dot(map, 100, 400, 4);
        return map;
    }

    @Test
    void oneKindByScanAndTheOtherBySize() {
        InkMap map = lined();
        map.coverage()[253 * 600 + 100] = 0;
        dot(map, 100, 100, 2);
        SpeckReport pinholesKept = drop(map, SpeckRecipe.AUTOMATIC.withPinholeMm(0), Grain.PAPER);
        assertThat(pinholesKept.dust().dropped()).isEqualTo(1);
        assertThat(map.isInk(100, 253)).isFalse();
        map = lined();
        map.coverage()[253 * 600 + 100] = 0;
        dot(map, 100, 100, 2);
        SpeckReport dustKept = drop(map, SpeckRecipe.AUTOMATIC.withDustMm(0), Grain.PAPER);
        assertThat(dustKept.pinholes().dropped()).isEqualTo(1);
        assertThat(map.isInk(100, 100)).isTrue();
    }

    /** Paper in a line that is finer than half of the line, and paper between lines. */
    @Test
    void pinholesAreFilledAndOpenPaperBetweenLinesIsNot() {
        InkMap map = lined();
        map.coverage()[253 * 600 + 100] = 0;
        for (int y = 256; y < 262; y++) {
            map.coverage()[y * 600 + 300] = (byte) 255;
            java.util.Arrays.fill(map.coverage(), y * 600 + 310, y * 600 + 316, (byte) 255);
        }
        java.util.Arrays.fill(map.coverage(), 262 * 600 + 300, 262 * 600 + 316, (byte) 255);
        SpeckReport report = dropDust(map, Grain.PAPER);
        assertThat(map.isInk(100, 253)).isTrue();
        assertThat(map.isInk(305, 259)).isFalse();
        assertThat(report.dropped()).isEqualTo(1);
    }
}

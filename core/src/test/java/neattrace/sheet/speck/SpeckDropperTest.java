package neattrace.sheet.speck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.SplittableRandom;
import neattrace.raster.InkMap;
import neattrace.sheet.speck.Speck.Fate;
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
        return SpeckDropper.drop(map, mm, false, PX_PER_MM, new BitSet());
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
        SpeckReport report = SpeckDropper.drop(map, 0.5, false, PX_PER_MM, kept);
        assertThat(report.dropped()).isEqualTo(1);
        assertThat(map.isInk(100, 150)).isTrue();
        assertThat(map.isInk(400, 150)).isFalse();
    }

    /** On a noisy scan, what is pale or lies by itself is dust though it has some pixels more. */
    @Test
    void onNoisyScansPaleAndLonelyDotsAreDust() {
        InkMap map = paper();
        dot(map, 100.5, 100.5, 2.8);
        dot(map, 300, 140, 3.8);
        for (int i = 0; i < map.coverage().length; i++) {
            boolean second = i % 600 > 250;
            if (second && map.isInk(i)) {
                map.coverage()[i] = (byte) 160;
            }
        }
        dot(map, 500, 400, 3.8);
        SpeckReport report = SpeckDropper.drop(map, 0.1, true, PX_PER_MM, new BitSet());
        assertThat(report.dropped()).isEqualTo(2);
        assertThat(map.isInk(100, 100)).as("lonely").isFalse();
        assertThat(map.isInk(300, 140)).as("pale").isFalse();
        assertThat(map.isInk(500, 400)).as("dark and large enough").isTrue();
    }

    @Test
    void aSizeOfNothingDropsNothing() {
        InkMap map = paper();
        dot(map, 100, 100, 2);
        assertThat(drop(map, 0)).isEqualTo(SpeckReport.NONE);
        assertThat(map.isInk(100, 100)).isTrue();
    }
}

package neattrace.sheet.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ij.process.ByteProcessor;
import ij.process.FloodFiller;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import neattrace.raster.Gaussian;
import neattrace.sheet.sweep.Change.Kind;
import neattrace.sheet.threshold.ToneMap;
import neattrace.stage.Progress;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class ThresholdSweepTest {

    private static final int SIDE = 48;

    /** Random blots, softened so that all levels occur. */
    private static ToneMap blots(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        byte[] dark = new byte[SIDE * SIDE];
        for (int i = 0; i < dark.length; i++) {
            dark[i] = (byte) (chance.nextInt(4) == 0 ? 255 : 0);
        }
        byte[] soft = Gaussian.blur(dark, SIDE, SIDE, 1.1);
        for (int i = 0; i < soft.length; i++) {
            soft[i] = (byte) Math.min(255, 2 * (soft[i] & 0xff));
        }
        return new ToneMap(SIDE, SIDE, soft);
    }

    private static ThresholdSweep sweep(ToneMap tone) {
        return ThresholdSweep.of(tone, SweepRange.of(20, 236), 5, 12, 10, Progress.SILENT);
    }

    /** Counted with ImageJ's flood filler (ij, public domain) at every threshold on its own. */
    @Property(tries = 8, seed = "20261")
    void countsWhatImageJCountsAtEveryThreshold(@ForAll long seed) {
        ToneMap tone = blots(seed);
        ThresholdSweep sweep = sweep(tone);
        for (int threshold = 20; threshold <= 236; threshold += 6) {
            assertThat(sweep.parts(threshold)).isEqualTo(imageJ(tone, threshold, true));
            assertThat(sweep.holes(threshold)).isEqualTo(imageJ(tone, threshold, false));
        }
    }

    private static int imageJ(ToneMap tone, int threshold, boolean ink) {
        // A frame of paper round the sheet joins everything that touches its edge.
        ByteProcessor processor = new ByteProcessor(SIDE + 2, SIDE + 2);
        for (int y = 0; y < SIDE + 2; y++) {
            for (int x = 0; x < SIDE + 2; x++) {
                boolean inside = x > 0 && y > 0 && x <= SIDE && y <= SIDE;
                boolean isInk = inside && tone.at(x - 1, y - 1) >= threshold;
                processor.set(x, y, isInk == ink ? 255 : 0);
            }
        }
        processor.setColor(0);
        FloodFiller filler = new FloodFiller(processor);
        int count = ink ? 0 : -1;
        for (int y = 0; y < SIDE + 2; y++) {
            for (int x = 0; x < SIDE + 2; x++) {
                if (processor.get(x, y) == 255) {
                    count++;
                    if (ink) {
                        filler.fill8(x, y);
                    } else {
                        filler.fill(x, y);
                    }
                }
            }
        }
        return count;
    }

    /** A dark line that is fainter in its middle, and two lines with a grey slit between. */
    private static ToneMap lines() {
        byte[] dark = new byte[100 * 60];
        for (int x = 10; x < 90; x++) {
            for (int y = 10; y < 14; y++) {
                dark[y * 100 + x] = (byte) (x >= 48 && x < 52 ? 90 : 250);
            }
            for (int y = 30; y < 39; y++) {
                boolean end = x < 14 || x >= 86;
                dark[y * 100 + x] = (byte) (!end && y >= 34 && y < 36 ? 160 : 250);
            }
            for (int y = 50; y < 54 && x < 40; y++) {
                dark[y * 100 + x] = 70;
            }
        }
        return new ToneMap(100, 60, dark);
    }

    @Test
    void tellsWhatBreaksWhatIsLostAndWhatOpensAtWhichThreshold() {
        ThresholdSweep sweep = sweep(lines());
        assertThat(sweep.changes())
                .extracting(Change::kind, Change::level)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple(Kind.LINE_BREAKS, 90),
                        org.assertj.core.groups.Tuple.tuple(Kind.PART_LOST, 70),
                        org.assertj.core.groups.Tuple.tuple(Kind.HOLE_OPENS, 160));
        assertThat(sweep.broken(90)).isZero();
        assertThat(sweep.broken(91)).isEqualTo(1);
        assertThat(sweep.lost(70)).isZero();
        assertThat(sweep.lost(71)).isEqualTo(1);
        assertThat(sweep.filled(160)).isEqualTo(1);
        assertThat(sweep.filled(161)).isZero();
        assertThat(sweep.parts(60)).isEqualTo(3);
        assertThat(sweep.parts(100)).isEqualTo(3);
        assertThat(sweep.drawn(200)).isEqualTo(4);
    }

    /** Favour lifts stains as it lifts lines; the greys of stains are told apart all the same. */
    @Test
    void whatWasAStainBeforeFaintLinesWereFavouredIsNoLostLine() {
        int lifted = 70;
        assertThat(sweep(lines()).lost(lifted + 1)).isEqualTo(1);
        SweepRange favoured = SweepRange.favouring(20, 236, 1.6, 1);
        ThresholdSweep sweep = ThresholdSweep.of(lines(), favoured, 5, 12, 10, Progress.SILENT);
        assertThat(sweep.lost(lifted + 1)).isZero();
        assertThat(sweep.broken(91)).isEqualTo(1);
    }

    @Test
    void placesLieOnWhatChanges() {
        Change broken =
                sweep(lines()).changes().stream()
                        .filter(change -> change.kind() == Kind.LINE_BREAKS)
                        .findFirst()
                        .orElseThrow();
        assertThat(broken.x()).isBetween(48, 51);
        assertThat(broken.y()).isBetween(10, 13);
    }

    /** Grain comes and goes within a few levels; it is counted as specks and changes nothing. */
    @Test
    void grainIsNoChange() {
        SplittableRandom chance = new SplittableRandom(9);
        byte[] dark = lines().darkness().clone();
        for (int i = 0; i < dark.length; i++) {
            if (dark[i] == 0) {
                dark[i] = (byte) chance.nextInt(30);
            }
        }
        ThresholdSweep sweep =
                ThresholdSweep.of(
                        new ToneMap(100, 60, dark),
                        SweepRange.of(24, 236),
                        5,
                        12,
                        10,
                        Progress.SILENT);
        assertThat(sweep.specks(26)).isGreaterThan(50);
        assertThat(sweep.changes()).hasSize(3);
    }

    @Test
    void stopsWhenToldTo() {
        Progress stop =
                (step, share) -> {
                    throw new CancellationException();
                };
        assertThatThrownBy(
                        () -> ThresholdSweep.of(lines(), SweepRange.of(20, 236), 5, 12, 10, stop))
                .isInstanceOf(CancellationException.class);
    }
}

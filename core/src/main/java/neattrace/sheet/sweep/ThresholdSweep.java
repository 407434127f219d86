package neattrace.sheet.sweep;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Function;
import neattrace.sheet.sweep.Change.Kind;
import neattrace.sheet.sweep.Flood.Life;
import neattrace.sheet.threshold.ToneMap;
import neattrace.stage.Progress;

/**
 * Counts, for every threshold between {@link #low} and {@link #high} (in 255ths of the way from
 * paper to ink), what would be on the sheet. Ink is what is as dark as the threshold or darker; ink
 * touches at corners, paper does not. Immutable.
 */
public final class ThresholdSweep {

    /**
     * With more pixels than this between bare and solid the two floods run one after the other, to
     * spare memory.
     */
    private static final int MANY = 16_000_000;

    private final SweepRange range;
    private final int[] parts = new int[256];
    private final int[] specks = new int[256];
    private final int[] holes = new int[256];
    private final int[] pinholes = new int[256];
    private final List<Change> changes;

    private ThresholdSweep(SweepRange range, Flood ink, Flood paper, int width) {
        this.range = range;
        for (int threshold = range.low(); threshold <= range.high(); threshold++) {
            parts[threshold] = ink.components(threshold);
            specks[threshold] = parts[threshold] - ink.large(threshold);
            holes[threshold] = paper.components(256 - threshold);
            pinholes[threshold] = holes[threshold] - paper.large(256 - threshold);
        }
        List<Change> found = new ArrayList<>();
        for (Life life : ink.lives()) {
            add(found, Kind.PART_LOST, life.began(), life.beganAt(), life.size(), width);
            add(found, Kind.LINE_BREAKS, life.ended(), life.endedAt(), life.size(), width);
        }
        for (Life life : paper.lives()) {
            add(found, Kind.HOLE_OPENS, 255 - life.began(), life.beganAt(), life.size(), width);
            int ended = life.ended() < 0 ? -1 : 255 - life.ended();
            add(found, Kind.SLIT_OPENS, ended, life.endedAt(), life.size(), width);
        }
        this.changes = List.copyOf(found);
    }

    /** What lies beyond the sweep or never happened is no change. */
    private void add(List<Change> found, Kind kind, int level, int at, long size, int width) {
        if (level >= range.low() && level < range.high() && at >= 0) {
            found.add(new Change(kind, level, at % width, at / width, size));
        }
    }

    /**
     * Sweeps.
     *
     * @param speckSize parts and holes of fewer pixels count as specks and pinholes
     * @param leastSize parts and holes that never get so many pixels change nothing of the drawing
     * @param leastLife what comes and goes within fewer levels is grain and no change
     */
    public static ThresholdSweep of(
            ToneMap tone,
            SweepRange range,
            int speckSize,
            int leastSize,
            int leastLife,
            Progress progress) {
        int low = range.low();
        int high = range.high();
        GreyPixelIndex sites = GreyPixelIndex.of(tone.darkness(), tone.width(), low, high, MANY);
        Function<Progress, Flood> ofInk =
                part -> {
                    Flood ink = flood(tone, sites, false, speckSize, leastSize, leastLife);
                    ink.run(high, low, part);
                    return ink;
                };
        Function<Progress, Flood> ofPaper =
                part -> {
                    Flood paper = flood(tone, sites, true, speckSize, leastSize, leastLife);
                    paper.run(256 - low, 256 - high, part);
                    return paper;
                };
        if (sites.areMany()) {
            Flood ink = ofInk.apply(progress.part(0, 0.5));
            Flood paper = ofPaper.apply(progress.part(0.5, 1));
            return new ThresholdSweep(range, ink, paper, tone.width());
        }
        CompletableFuture<Flood> other =
                CompletableFuture.supplyAsync(() -> ofPaper.apply(progress));
        Flood ink = ofInk.apply(Progress.SILENT);
        try {
            return new ThresholdSweep(range, ink, other.join(), tone.width());
        } catch (CompletionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw e;
        }
    }

    private static Flood flood(
            ToneMap tone,
            GreyPixelIndex sites,
            boolean ofPaper,
            int speckSize,
            int leastSize,
            int leastLife) {
        return new Flood(
                tone.darkness(),
                tone.width(),
                sites,
                ofPaper,
                !ofPaper,
                ofPaper,
                speckSize,
                leastSize,
                leastLife);
    }

    /** What was looked at. */
    public SweepRange range() {
        return range;
    }

    /** The lowest threshold looked at. */
    public int low() {
        return range.low();
    }

    /** The highest threshold looked at. */
    public int high() {
        return range.high();
    }

    /** Pieces of ink at a threshold, specks among them. */
    public int parts(int threshold) {
        return parts[threshold];
    }

    /** Pieces of ink too small to belong to the drawing. */
    public int specks(int threshold) {
        return specks[threshold];
    }

    /** Paper wholly within ink, pinholes included. */
    public int holes(int threshold) {
        return holes[threshold];
    }

    /** Holes too small to belong to the drawing. */
    public int pinholes(int threshold) {
        return pinholes[threshold];
    }

    /** Pieces of ink and holes that are no specks and no pinholes. */
    public int drawn(int threshold) {
        return parts[threshold] - specks[threshold] + holes[threshold] - pinholes[threshold];
    }

    /** Everything that changes the drawing's topology between two thresholds. */
    public List<Change> changes() {
        return changes;
    }

    /** Lines that are broken at a threshold and hold together at a lower one. */
    public long broken(int threshold) {
        return worse(Kind.LINE_BREAKS, threshold);
    }

    /** Pieces of ink that are lost at a threshold and there at a lower one. */
    public long lost(int threshold) {
        return worse(Kind.PART_LOST, threshold);
    }

    /** Slits between lines that are plugged at a threshold and open at a higher one. */
    public long plugged(int threshold) {
        return worse(Kind.SLIT_OPENS, threshold);
    }

    /** Holes that are filled at a threshold and open at a higher one. */
    public long filled(int threshold) {
        return worse(Kind.HOLE_OPENS, threshold);
    }

    private long worse(Kind kind, int threshold) {
        return changes.stream()
                .filter(change -> change.kind() == kind && isProblem(change, threshold))
                .count();
    }

    /**
     * Whether a threshold is on the wrong side of a change: it loses ink that is no stain, or fills
     * paper that is not as dark as ink.
     */
    public boolean isProblem(Change change, int threshold) {
        return change.losesInk()
                ? change.level() < threshold && change.level() >= range.faintest()
                : change.level() >= threshold && change.level() <= range.darkest();
    }

    /** The threshold nearest to a percentage that was looked at. */
    public int at(double percent) {
        return Math.max(low(), Math.min(high(), (int) Math.ceil(percent * 2.55)));
    }
}

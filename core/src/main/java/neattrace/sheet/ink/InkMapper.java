package neattrace.sheet.ink;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.speck.Evidence;
import neattrace.sheet.speck.Evidence.Grain;
import neattrace.sheet.speck.SpeckDropper;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.sweep.CalmStretch;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.DrawingChanges;
import neattrace.sheet.sweep.SweepRange;
import neattrace.sheet.sweep.ThresholdSweep;
import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.EdgeProfiles;
import neattrace.sheet.threshold.Levels;
import neattrace.sheet.threshold.ToneMap;
import neattrace.stage.Progress;

/** Makes a clean sheet of a scan: decides what is ink and what is paper. */
public final class InkMapper {

    /** Half way from paper to ink. */
    private static final double HALF = 50;

    /** Dust on scans is mostly smaller than this (common practice, no source). */
    private static final double USUAL_SPECK_MM = 0.2;

    private InkMapper() {}

    /**
     * Applies the recipe to a grey sheet that is a picture of its own.
     *
     * @param pxPerMm resolution of the scan
     */
    public static InkReading read(
            GreySheet sheet, SheetRecipe recipe, double pxPerMm, Progress progress) {
        Picture picture =
                new Picture(
                        sheet,
                        new int[0],
                        new Resolution(pxPerMm * Resolution.MM_PER_INCH, true),
                        "",
                        List.of());
        return read(picture, recipe, pxPerMm, null, progress);
    }

    /**
     * Applies the recipe.
     *
     * @param pxPerMm resolution of the scan, for all sizes in mm
     * @param before an earlier reading, of which is taken over what no change concerns; may be null
     * @return the ink map and what was measured on the way; a sheet of one tone gives an empty map
     *     and says so
     * @throws IllegalArgumentException if the frame fits no sheet
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static InkReading read(
            Picture picture,
            SheetRecipe recipe,
            double pxPerMm,
            InkReading before,
            Progress progress) {
        SheetRecipe now = recipe.effective();
        boolean sameScale = before != null && before.scanPxPerMm() == pxPerMm;
        boolean sameLaid = sameScale && before.laid().serves(picture, before.recipe(), now);
        LaidSheet laid =
                sameLaid ? before.laid() : LaidSheet.of(picture, now, progress.part(0, 0.2));
        double sheetPxPerMm = pxPerMm * now.frame().enlarge();
        boolean sameTone = sameLaid && TonedSheet.same(before.recipe(), now);
        TonedSheet toned =
                sameTone
                        ? before.toned()
                        : TonedSheet.of(laid, now, sheetPxPerMm, progress.part(0.2, 0.4));
        boolean allErased = laid.masked().erased().cardinality() == laid.grey().samples().length;
        if (!toned.levels().found() || allErased) {
            return blank(laid, toned, now, pxPerMm);
        }
        boolean noisy = toned.levels().isNoisy();
        double speckMm = countedMm(now.specks(), noisy);
        Advice advice =
                sameTone && before.advice() != null && before.advice().speckMm() == speckMm
                        ? before.advice()
                        : Advice.of(
                                toned, now.light(), speckMm, sheetPxPerMm, progress.part(0.4, 0.8));
        double percent = percent(now, laid, advice);
        progress.report("Deciding black and white", 0.8);
        Masked masked = laid.masked();
        InkMap map =
                Decision.decide(toned.tone(), percent, now, laid.frame(), masked, sheetPxPerMm);
        SlitMender.mend(map, !noisy && !laid.oneBit());
        progress.report("Dropping specks", 0.9);
        Evidence seen = new Evidence(toned.tone(), advice.edges(), grain(noisy, laid.oneBit()));
        SpeckReport specks =
                SpeckDropper.drop(map, now.specks(), seen, sheetPxPerMm, masked.kept());
        progress.report("Ink map done", 1);
        return new InkReading(
                map,
                laid,
                toned,
                advice,
                now,
                pxPerMm,
                percent,
                specks,
                notes(map, laid, toned.levels()));
    }

    /** Pieces below this do not count when the threshold is chosen, mm. */
    private static double countedMm(SpeckRecipe specks, boolean noisy) {
        if (!specks.dustByScan()) {
            return specks.dustMm();
        }
        return noisy ? USUAL_SPECK_MM : 0;
    }

    private static Grain grain(boolean noisy, boolean oneBit) {
        return noisy ? Grain.PAPER : oneBit ? Grain.UNKNOWN : Grain.NONE;
    }

    private static double percent(SheetRecipe recipe, LaidSheet laid, Advice advice) {
        double set = recipe.decision().inkPercent();
        boolean adaptive = recipe.decision().method() == DecisionRecipe.Method.ADAPTIVE;
        if (adaptive) {
            return HALF;
        }
        if (set != DecisionRecipe.CALM) {
            return set;
        }
        return laid.oneBit() ? HALF : advice.calm().bestPercent();
    }

    private static InkReading blank(
            LaidSheet laid, TonedSheet toned, SheetRecipe recipe, double pxPerMm) {
        int width = laid.frame().width();
        int height = laid.frame().height();
        InkMap map = new InkMap(width, height, new byte[width * height]);
        BitSet erased = laid.masked().erased();
        String note =
                erased.cardinality() == width * height
                        ? "The masks cover the whole sheet: nothing of the drawing is left."
                        : toned.levels().paper() < 128
                                ? "The whole sheet is dark: there is no paper to tell the ink from."
                                : "There is no ink on this sheet.";
        return new InkReading(
                map, laid, toned, null, recipe, pxPerMm, HALF, SpeckReport.NONE, List.of(note));
    }

    private static List<String> notes(InkMap map, LaidSheet laid, Levels levels) {
        List<String> notes = new ArrayList<>();
        if (laid.oneBit()) {
            notes.add("The picture is pure black and white; smooth edges were brought back.");
        }
        if (levels.isNoisy()) {
            notes.add("The paper has grain, so small specks are dropped.");
        }
        long inked = map.inkPixels();
        if (inked > 0.6 * map.width() * (double) map.height()) {
            notes.add("More than half of the sheet is ink. Is it inverted, white on black?");
        }
        return notes;
    }

    /**
     * What the threshold was chosen by.
     *
     * @param sweep every threshold's outcome
     * @param edges what the edges of the ink have in common
     * @param changes the changes that concern the drawing
     * @param calm the stretch in which the topology stays
     * @param speckMm the size below which pieces did not count
     */
    record Advice(
            ThresholdSweep sweep,
            EdgeLevels edges,
            List<Change> changes,
            CalmStretch calm,
            double speckMm) {

        private static final int LOWEST = 20;
        private static final int HIGHEST = 236;

        /** Specks and pinholes have fewer pixels than this, or than the recipe's size. */
        private static final int SPECK_PX = 5;

        /** What has fewer at its largest is a dot whose coming and going says little. */
        private static final int LEAST_PX = 24;

        private static final int LEAST_LIFE = 14;

        static Advice of(
                TonedSheet toned,
                LightRecipe how,
                double speckMm,
                double pxPerMm,
                Progress progress) {
            double speckPx = Math.PI / 4 * Math.pow(speckMm * pxPerMm, 2);
            ThresholdSweep sweep = sweep(toned.tone(), toned.levels(), how, speckPx, progress);
            EdgeLevels edges =
                    EdgeProfiles.measure(toned.tone(), (int) Math.max(LEAST_PX, 3 * speckPx));
            List<Change> changes = DrawingChanges.of(sweep, toned.tone(), edges);
            CalmStretch calm =
                    CalmStretch.round(
                            changes,
                            sweep.drawn((int) Math.rint(edges.half())),
                            sweep.range(),
                            edges.half());
            return new Advice(sweep, edges, changes, calm, speckMm);
        }

        /** Over all thresholds that come into question with the scan's grain. */
        static ThresholdSweep sweep(
                ToneMap tone, Levels levels, LightRecipe how, double speckPx, Progress progress) {
            // From the median difference of neighbours to a standard deviation in 255ths of
            // darkness: the difference of two Gaussians has median 0.954 sigma. What favours faint
            // lines favours grain as well.
            double gain = how.faintGain();
            double sigma = gain * levels.noise() / 0.954 * 255 / (levels.paper() - levels.ink());
            int low = (int) Math.max(LOWEST, Math.min(90, 3 * sigma));
            int life = (int) Math.max(LEAST_LIFE, Math.min(40, 2 * sigma));
            int speck = (int) Math.max(SPECK_PX, Math.ceil(speckPx));
            int least = Math.max(LEAST_PX, 3 * speck);
            SweepRange range = SweepRange.favouring(low, HIGHEST, gain, how.openGain());
            return ThresholdSweep.of(tone, range, speck, least, life, progress);
        }
    }
}

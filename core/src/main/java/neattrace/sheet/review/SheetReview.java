package neattrace.sheet.review;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.Picture;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.light.PencilColour;
import neattrace.sheet.sweep.LocalAdvice;
import neattrace.sheet.sweep.LocalAdvisor;
import neattrace.stage.Progress;

/**
 * What was found on a sheet.
 *
 * @param reading the sheet it was found on
 * @param tilt how far the drawing still lies turned
 * @param corners the sheet's corners on the source, if it lies on a darker ground
 * @param crop the crop round the drawing, if it takes anything away
 * @param blemishes what is probably no drawing
 * @param local where another threshold would be calmer
 * @param fitness what the scan is good for
 * @param pencil a coloured under-drawing that is still counted as grey
 * @param midtones share of the sheet that is neither paper nor ink, 0 to 1; a picture is, a drawing
 *     not
 * @param inkShare share of the sheet that is ink, 0 to 1
 */
public record SheetReview(
        InkReading reading,
        Tilt tilt,
        Optional<List<Point>> corners,
        Optional<Crop> crop,
        List<Blemish> blemishes,
        List<LocalAdvice> local,
        ScanFitness fitness,
        Optional<PencilRecipe.Colour> pencil,
        double midtones,
        double inkShare) {

    /** With more greys than this a picture is hardly line art. */
    public static final double PHOTO_MIDTONES = 0.25;

    /** Light on a sheet may fall off to this share; what is darker is a picture. */
    private static final double DARKEST_LIGHT = 0.45;

    /** With more ink than this a picture may be white on black. */
    public static final double NEGATIVE_INK = 0.6;

    public SheetReview {
        blemishes = List.copyOf(blemishes);
        local = List.copyOf(local);
    }

    /**
     * Looks a sheet through.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static SheetReview of(InkReading reading, Picture picture, Progress progress) {
        progress.report("Measuring the tilt", 0);
        Tilt tilt = TiltFinder.find(reading.map());
        progress.report("Looking for the sheet", 0.2);
        Optional<List<Point>> corners = SheetCorners.find(reading);
        progress.report("Looking for blemishes", 0.3);
        // On a picture that is mostly table, what else is found is of the table.
        List<Blemish> blemishes = corners.isPresent() ? List.of() : BlemishFinder.find(reading);
        progress.report("Comparing places", 0.6);
        double pxPerMm = reading.scanPxPerMm() * reading.recipe().frame().enlarge();
        boolean oneThreshold = reading.recipe().decision().method() == Method.ONE;
        List<LocalAdvice> local =
                corners.isPresent()
                                || reading.oneBit()
                                || reading.sweep().isEmpty()
                                || !oneThreshold
                        ? List.of()
                        : LocalAdvisor.find(
                                reading.sweep().get(),
                                reading.changes(),
                                reading.inkPercent(),
                                reading.recipe().decision().patches(),
                                reading.frame(),
                                pxPerMm);
        progress.report("Measuring lines", 0.8);
        boolean grey = reading.recipe().pencil().use() == PencilRecipe.Use.NONE;
        return new SheetReview(
                reading,
                tilt,
                corners,
                InkExtent.suggest(reading, InkExtent.MARGIN_MM),
                blemishes,
                local,
                ScanFitness.of(reading),
                grey ? PencilColour.find(picture) : Optional.empty(),
                reading.oneBit() ? 0 : midtones(reading),
                (double) reading.map().inkPixels() / reading.map().coverage().length);
    }

    /** Greys that are left, and what was evened out though no light is so uneven. */
    private static double midtones(InkReading reading) {
        byte[] darkness = reading.tone().darkness();
        long count = 0;
        for (byte value : darkness) {
            int dark = value & 0xff;
            count += dark > 45 && dark < 205 ? 1 : 0;
        }
        double evened = reading.light().partDarkerThan(DARKEST_LIGHT);
        return Math.max((double) count / darkness.length, evened);
    }
}

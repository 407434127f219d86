package neattrace.sheet.review;

import java.util.Optional;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.ink.InkReading;

/** Suggests a crop. */
public final class InkExtent {

    /** Paper left round the drawing (common practice, no source). */
    public static final double MARGIN_MM = 5;

    /** A crop that takes less than this share of the sheet is not worth a word. */
    private static final double LEAST_GAIN = 0.08;

    /** A lone piece smaller than this decides nothing about the crop, mm. */
    private static final double LEAST_PIECE_MM = 0.6;

    private InkExtent() {}

    /**
     * The crop round the drawing, in px of the straightened sheet; empty if there is no ink or the
     * crop would hardly take anything away.
     */
    public static Optional<Crop> suggest(InkReading reading, double marginMm) {
        FrameRecipe recipe = reading.recipe().frame();
        double k = recipe.enlarge();
        double pxPerMm = reading.scanPxPerMm() * k;
        int[] box = box(reading.map(), pxPerMm);
        if (box[2] <= box[0]) {
            return Optional.empty();
        }
        SheetFrame frame = reading.frame();
        double margin = marginMm * pxPerMm;
        double left = Math.max(0, box[0] - margin);
        double top = Math.max(0, box[1] - margin);
        double right = Math.min(frame.width(), box[2] + margin);
        double bottom = Math.min(frame.height(), box[3] + margin);
        double kept = (right - left) * (bottom - top) / frame.width() / frame.height();
        if (kept > 1 - LEAST_GAIN
                || right - left < Crop.LEAST_PX * k
                || bottom - top < Crop.LEAST_PX * k) {
            return Optional.empty();
        }
        double x = recipe.crop().map(Crop::x).orElse(0.0);
        double y = recipe.crop().map(Crop::y).orElse(0.0);
        return Optional.of(
                new Crop(
                        Math.rint(x + left / k),
                        Math.rint(y + top / k),
                        Math.rint((right - left) / k),
                        Math.rint((bottom - top) / k)));
    }

    private static int[] box(InkMap map, double pxPerMm) {
        RunLabels parts = RunLabels.of(map, true, true);
        double least = Math.PI / 4 * Math.pow(LEAST_PIECE_MM * pxPerMm, 2);
        int[] box = {Integer.MAX_VALUE, Integer.MAX_VALUE, 0, 0};
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (parts.size(part) >= least) {
                        box[0] = Math.min(box[0], from);
                        box[1] = Math.min(box[1], y);
                        box[2] = Math.max(box[2], to);
                        box[3] = Math.max(box[3], y + 1);
                    }
                });
        return box;
    }
}

package neattrace.sheet.ink;

import java.util.BitSet;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.geom.Homography;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.light.LightEvener;
import neattrace.sheet.light.LightField;
import neattrace.sheet.sweep.ThresholdSweep;
import neattrace.sheet.threshold.Levels;
import neattrace.sheet.threshold.ToneMap;
import neattrace.stage.Progress;

/**
 * What a changed recipe would do to a part of the sheet, at about the resolution of a screen: quick
 * enough to follow a slider. Frame, pencil and negative are those of the reading it is made of, and
 * so are the light and the measured levels. Immutable.
 */
public final class InkPreview {

    /** About as many pixels as a drawing has on a usual screen. */
    public static final int SCREEN_PIXELS = 1_100_000;

    private static final double HALF = 50;

    private final InkReading reading;
    private final int x;
    private final int y;
    private final int width;
    private final int height;
    private final GreySheet grey;
    private final SheetFrame frame;
    private final double pxPerMm;

    private InkPreview(
            InkReading reading, int x, int y, int width, int height, GreySheet grey, int factor) {
        this.reading = reading;
        this.x = x;
        this.y = y;
        this.width = width;
        this.height = height;
        this.grey = grey;
        SheetFrame whole = reading.frame();
        Homography toPart = Homography.scaling(1.0 / factor).after(Homography.translation(-x, -y));
        Homography toSheet = toPart.after(whole.toSheet());
        this.frame =
                new SheetFrame(
                        toSheet,
                        toSheet.inverse(),
                        grey.width(),
                        grey.height(),
                        whole.straightWidth(),
                        whole.straightHeight());
        this.pxPerMm = reading.scanPxPerMm() * reading.recipe().frame().enlarge() / factor;
    }

    /**
     * Prepares a part of a reading's sheet.
     *
     * @param x left edge of the part, sheet px; what lies beyond the sheet is cut off
     * @param y upper edge, sheet px
     * @param width sheet px
     * @param height sheet px
     * @param mostPixels the part is reduced by whole numbers until it has no more pixels than this
     */
    public static InkPreview of(
            InkReading reading, int x, int y, int width, int height, int mostPixels) {
        GreySheet sheet = reading.grey();
        int x0 = Math.max(0, Math.min(sheet.width() - 1, x));
        int y0 = Math.max(0, Math.min(sheet.height() - 1, y));
        int w = Math.max(1, Math.min(sheet.width() - x0, width - (x0 - x)));
        int h = Math.max(1, Math.min(sheet.height() - y0, height - (y0 - y)));
        int factor = (int) Math.max(1, Math.ceil(Math.sqrt((double) w * h / mostPixels)));
        GreySheet reduced = reduced(sheet, x0, y0, w, h, factor);
        return new InkPreview(
                reading,
                x0,
                y0,
                reduced.width() * factor,
                reduced.height() * factor,
                reduced,
                factor);
    }

    /** Means over squares; a last incomplete square counts as far as it goes. */
    private static GreySheet reduced(GreySheet sheet, int x, int y, int w, int h, int factor) {
        int columns = (w + factor - 1) / factor;
        int rows = (h + factor - 1) / factor;
        byte[] out = new byte[columns * rows];
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            int[] sums = new int[columns];
                            int bottom = Math.min(h, (r + 1) * factor);
                            for (int yy = r * factor; yy < bottom; yy++) {
                                int base = (y + yy) * sheet.width() + x;
                                for (int c = 0; c < columns; c++) {
                                    int right = Math.min(w, (c + 1) * factor);
                                    for (int xx = c * factor; xx < right; xx++) {
                                        sums[c] += sheet.samples()[base + xx] & 0xff;
                                    }
                                }
                            }
                            int tall = bottom - r * factor;
                            for (int c = 0; c < columns; c++) {
                                int wide = Math.min(w, (c + 1) * factor) - c * factor;
                                int count = tall * wide;
                                out[r * columns + c] = (byte) ((sums[c] + count / 2) / count);
                            }
                        });
        return new GreySheet(columns, rows, out);
    }

    /** Left edge of the part, sheet px. */
    public int x() {
        return x;
    }

    /** Upper edge of the part, sheet px. */
    public int y() {
        return y;
    }

    /** Width of the part, sheet px; may reach a little beyond the sheet. */
    public int width() {
        return width;
    }

    /** Height of the part, sheet px; may reach a little beyond the sheet. */
    public int height() {
        return height;
    }

    /** The ink of the part; a recipe that leaves the threshold open gets the reading's. */
    public InkMap show(SheetRecipe recipe) {
        SheetRecipe now = recipe.effective();
        Optional<ToneMap> tone = tone(now);
        if (tone.isEmpty()) {
            return new InkMap(grey.width(), grey.height(), new byte[grey.samples().length]);
        }
        Masked masked = Masked.of(now.masks(), frame.toSheet(), frame.width(), frame.height());
        return Decision.decide(tone.get(), percent(now.decision()), now, frame, masked, pxPerMm);
    }

    /** What every threshold would do to the part at this resolution; empty without ink. */
    public Optional<ThresholdSweep> sweep(SheetRecipe recipe) {
        SheetRecipe now = recipe.effective();
        return tone(now)
                .map(
                        tone ->
                                InkMapper.Advice.sweep(
                                        tone, reading.levels(), now.light(), 0, Progress.SILENT));
    }

    private Optional<ToneMap> tone(SheetRecipe now) {
        GreySheet even = grey;
        Levels measured = reading.toned().measured();
        boolean sameLight = now.light().even() == reading.recipe().light().even();
        if (!reading.oneBit()) {
            if (now.light().even()) {
                even =
                        evened(
                                sameLight
                                        ? reading.light()
                                        : LightEvener.estimate(
                                                reading.grey(), reading.masked().erased()));
            }
            measured = sameLight ? measured : Levels.measure(even, new BitSet());
        }
        Levels levels = TonedSheet.adjusted(measured, now.light());
        return levels.found()
                ? Optional.of(TonedSheet.tone(even, levels, now, pxPerMm, Progress.SILENT))
                : Optional.empty();
    }

    private GreySheet evened(LightField light) {
        double w = reading.grey().width();
        double h = reading.grey().height();
        return LightEvener.even(grey, light, x / w, y / h, (x + width) / w, (y + height) / h);
    }

    private double percent(DecisionRecipe decision) {
        if (decision.method() == DecisionRecipe.Method.ADAPTIVE) {
            return HALF;
        }
        return decision.inkPercent() == DecisionRecipe.CALM
                ? reading.inkPercent()
                : decision.inkPercent();
    }
}

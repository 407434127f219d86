package neattrace.job.pipeline;

import neattrace.goods.GoodsFit;
import neattrace.job.WantedGoods;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/**
 * A drawing as it comes out on goods: at another size its lines are scaled with it, or stay as wide
 * as they lie on the sheet. Areas and flats are the same either way, because they reach beneath the
 * lines to their middles, and those stay where they are.
 *
 * @param drawing with the lines it has there
 * @param fit how large it comes out
 */
public record GoodsDrawing(Drawing drawing, GoodsFit fit) {

    /** Lines this near to the width they should have are not drawn again, share of it. */
    private static final double NEAR = 0.002;

    /** Each round leaves a small part of what the last one left. */
    private static final int ROUNDS = 4;

    /**
     * As it comes out. Where lines keep their width they are traced again, which takes as long as
     * tracing the drawing; no line gets thinner than 1.6 px of the sheet.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static GoodsDrawing of(
            Pipeline pipeline, Drawing drawing, WantedGoods wanted, Progress progress)
            throws PictureException {
        GoodsFit fit = fit(drawing, wanted);
        if (!wanted.weightsKept() || drawing.lines().isEmpty()) {
            return new GoodsDrawing(drawing, fit);
        }
        // Wider lines make a drawing larger, which then is scaled less: a little to and fro.
        double widths = 1;
        Drawing now = drawing;
        for (int k = 0; k < ROUNDS && Math.abs(widths * fit.factor() - 1) > NEAR; k++) {
            widths = 1 / fit.factor();
            now = drawing.withLines(pipeline.widened(drawing.traced(), widths, progress));
            fit = fit(now, wanted);
        }
        return new GoodsDrawing(now, fit);
    }

    /** How large a drawing comes out on goods with the lines it has. */
    public static GoodsFit fit(Drawing drawing, WantedGoods wanted) {
        Extent extent = drawing.extent();
        return GoodsFit.of(wanted.goods(), extent.widthMm(), extent.heightMm());
    }
}

package neattrace.goods.transfer;

import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.Sizing;
import neattrace.goods.making.TransferRecipe;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;

/**
 * A drawing as lines to be transferred.
 *
 * @param drawing it is made of
 * @param goods its size and margin
 * @param recipe how it is made
 * @param factor how many times as large as drawn it comes out
 * @param lines all of them, mm on the drawing's page
 * @param tiles the sheets it takes
 */
public record TransferStencil(
        Drawing drawing,
        Goods goods,
        TransferRecipe recipe,
        double factor,
        List<StencilLine> lines,
        Tiles tiles) {

    /** A place that was decided about lies no farther off, mm on the drawing's page. */
    private static final double SAME_MM = 0.6;

    public TransferStencil {
        lines = List.copyOf(lines);
    }

    /**
     * Makes one. As long as it takes to find the drawing's lines, which the pipeline keeps.
     *
     * @throws IllegalArgumentException if it takes too many sheets
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static TransferStencil of(
            Pipeline pipeline, Drawing drawing, WantedGoods wanted, Progress progress) {
        Goods goods = wanted.goods();
        TransferRecipe recipe = wanted.making().transfer();
        double factor = GoodsDrawing.fit(drawing, wanted).factor();
        boolean page = goods.sizing().fit() == Sizing.Fit.PAGE;
        double half = recipe.outsideMm();
        Tiles tiles =
                Tiles.of(
                        factor * drawing.extent().widthMm() + half,
                        factor * drawing.extent().heightMm() + half,
                        page ? goods.sizing().widthMm() : recipe.sheetWidthMm(),
                        page ? goods.sizing().heightMm() : recipe.sheetHeightMm(),
                        page ? Math.max(0, goods.edges().safeMm() - half) : goods.edges().safeMm(),
                        recipe.overlapMm());
        return new TransferStencil(
                drawing,
                goods,
                recipe,
                factor,
                pipeline.made(
                        TransferLines.LINES,
                        TransferLines.of(
                                drawing,
                                pipeline.study(drawing.traced(), progress.part(0, 0.6)),
                                recipe.edges()),
                        progress.part(0.6, 1)),
                tiles);
    }

    /** Places on details so small that they vanish at this size, mm on the drawing's page. */
    public List<Point> details() {
        double least = goods.detail().areaMm() / factor;
        return lines.stream()
                .filter(line -> !line.bold() && line.lengthMm() < least)
                .map(StencilLine::at)
                .toList();
    }

    /** Details that nobody has taken out yet. */
    public List<Point> undecided() {
        double least = goods.detail().areaMm() / factor;
        return lines.stream()
                .filter(line -> !line.bold() && line.lengthMm() < least && !isDropped(line))
                .map(StencilLine::at)
                .toList();
    }

    /** Whether a line was taken out at a place, mm on the drawing's page. */
    public static boolean isAt(StencilLine line, Point at) {
        return !line.bold() && line.at().distance(at) < SAME_MM;
    }

    /** Whether a line was taken out. */
    public boolean isDropped(StencilLine line) {
        return recipe.dropped().stream().anyMatch(at -> isAt(line, at));
    }

    /** The lines that are drawn: without details that were taken out. */
    List<StencilLine> drawn() {
        Set<Integer> out = new TreeSet<>();
        lines.stream().filter(this::isDropped).map(StencilLine::of).forEach(out::add);
        return lines.stream().filter(line -> !out.contains(line.of())).toList();
    }

    /** From the drawing's page to a sheet, mm. */
    public AffineTransform onSheet(int sheet) {
        double[] origin = tiles.origins().get(sheet);
        return from(-origin[0], -origin[1]);
    }

    /** From the drawing's page to one on which the whole begins at a place; mirrored as a whole. */
    AffineTransform from(double x, double y) {
        double half = recipe.outsideMm() / 2;
        AffineTransform map = AffineTransform.getTranslateInstance(x + half, y + half);
        if (recipe.mirrored()) {
            map.translate(factor * drawing.extent().widthMm(), 0);
            map.scale(-1, 1);
        }
        map.scale(factor, factor);
        map.translate(-drawing.extent().left(), -drawing.extent().top());
        return map;
    }
}

package neattrace.print;

import java.util.List;
import neattrace.goods.GoodsFit;
import neattrace.goods.Needs.Coloured;
import neattrace.job.pipeline.Extent;
import neattrace.press.PressProfile;

/** Art in its size on goods: on a page as large as the finished thing, in its middle. */
public final class GoodsPage {

    private GoodsPage() {}

    /**
     * A plan placed as it comes out on goods. On goods of lines alone nothing lies beneath the
     * lines.
     *
     * @param art a plan of the drawing's whole page
     * @param fit the goods, and how large the drawing comes out on them
     * @param extent of the drawing's ink on its page
     */
    public static PrintPlan place(PrintPlan art, GoodsFit fit, Extent extent, PressProfile press) {
        boolean lines = fit.goods().needs().coloured() == Coloured.NO;
        PrintPlan own = lines ? withoutFlats(art) : art;
        return place(own, fit, extent, press, 0);
    }

    /**
     * The same, whatever lies beneath the lines, on a page that is larger than the finished thing.
     *
     * @param bleedMm how much larger at every side; it is cropped in the end
     */
    public static PrintPlan place(
            PrintPlan own, GoodsFit fit, Extent extent, PressProfile press, double bleedMm) {
        double k = fit.factor();
        double width = fit.thingWidthMm() + 2 * bleedMm;
        double height = fit.thingHeightMm() + 2 * bleedMm;
        if (!(extent.widthMm() > 0)) {
            return new PrintPage(own.title(), width, height, bleedMm, List.of()).plan(press);
        }
        double middleX = (extent.left() + extent.right()) / 2;
        double middleY = (extent.top() + extent.bottom()) / 2;
        Placement placement =
                new Placement(
                        own,
                        width / 2 + k * (own.widthMm() / 2 - middleX),
                        height / 2 + k * (own.heightMm() / 2 - middleY),
                        0,
                        k);
        return new PrintPage(own.title(), width, height, bleedMm, List.of(placement)).plan(press);
    }

    /** A plan of lines alone. */
    public static PrintPlan withoutFlats(PrintPlan art) {
        return new PrintPlan(
                art.title(),
                art.widthMm(),
                art.heightMm(),
                art.trimMm(),
                art.layers().stream()
                        .filter(layer -> layer.kind() != PrintLayer.Kind.FLAT)
                        .toList(),
                art.press());
    }
}

package neattrace.print.ready;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Needs;
import neattrace.goods.UsualGoods;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.GoodsPage;
import neattrace.print.Plans;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;

/**
 * A drawing as it goes to the press.
 *
 * @param art it is made of
 * @param goods it is printed on; usual ones if nobody has said
 * @param factor how many times as large as on its page it comes out
 * @param origin where the page's corner comes to lie, mm on the sheet
 * @param terms it was made ready by
 * @param plain the plan without traps and what lies beneath black
 * @param ready the plan with all of it
 * @param oneColour what became of its areas in one colour
 */
public record PressSheet(
        PressArt art,
        Goods goods,
        double factor,
        Point origin,
        PressTerms terms,
        PrintPlan plain,
        ReadyPlan ready,
        Optional<OneColourArt> oneColour) {

    /**
     * Makes a drawing ready for the press.
     *
     * @param fit the goods and its size on them; empty for the page as it is
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PressSheet of(Drawing drawing, Optional<GoodsFit> fit, Progress progress) {
        return of(PressArt.of(drawing), fit, progress);
    }

    /**
     * The same of what goes to the press.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PressSheet of(PressArt art, Optional<GoodsFit> fit, Progress progress) {
        Goods goods = fit.map(GoodsFit::goods).orElse(UsualGoods.UNDECIDED);
        return of(art, fit, goods, progress);
    }

    /**
     * The page as it is, on goods of a register, an ink limit and a ground.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PressSheet page(Drawing drawing, Goods goods, Progress progress) {
        return of(PressArt.of(drawing), Optional.empty(), goods, progress);
    }

    private static PressSheet of(
            PressArt from, Optional<GoodsFit> fit, Goods goods, Progress progress) {
        PressSection press = from.press();
        PressProfile profile = press.profile();
        double factor = fit.map(GoodsFit::factor).orElse(1.0);
        progress.report("Laying out the inks", 0);
        Optional<OneColourArt> one = from.oneColour(factor);
        Artwork art = one.map(OneColourArt::art).orElseGet(from::inInks);
        boolean lines = goods.needs().coloured() == Needs.Coloured.NO;
        PrintPlan all = PrintPage.of(Plans.of(art.forFiles(factor))).plan(profile);
        PrintPlan own = lines ? GoodsPage.withoutFlats(all) : all;
        double bleed = goods.kind() == GoodsKind.PRINT ? goods.edges().bleedMm() : 0;
        PrintPlan plain =
                fit.map(there -> GoodsPage.place(own, there, from.extent(), profile, bleed))
                        .orElse(own);
        Point origin =
                fit.map(there -> origin(plain, from.extent(), factor)).orElse(new Point(0, 0));
        PressTerms terms =
                PressTerms.of(
                        press,
                        goods.printing(),
                        goods.ground(),
                        at -> at.times(factor).plus(origin));
        ReadyPlan ready = PressReady.of(plain, terms, progress.part(0.2, 1));
        return new PressSheet(from, goods, factor, origin, terms, plain, ready, one);
    }

    private static Point origin(PrintPlan placed, Extent extent, double factor) {
        return new Point(
                placed.widthMm() / 2 - factor * (extent.left() + extent.right()) / 2,
                placed.heightMm() / 2 - factor * (extent.top() + extent.bottom()) / 2);
    }

    /** A place on the drawing's page, mm, where it lies on the sheet. */
    public Point onSheet(Point page) {
        return page.times(factor).plus(origin);
    }

    /** A place on the sheet, mm, where it lies on the drawing's page. */
    public Point onPage(Point sheet) {
        return sheet.minus(origin).times(1 / factor);
    }

    /** In one colour, how much of the edges between colours still differs, 0 to 1; else 1. */
    public double keptShare() {
        return oneColour.map(OneColourArt::keptShare).orElse(1.0);
    }

    /** All that is laid down. */
    public PrintPlan plan() {
        return ready.plan();
    }
}

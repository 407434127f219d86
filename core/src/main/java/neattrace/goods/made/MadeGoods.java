package neattrace.goods.made;

import java.util.List;
import neattrace.goods.GoodsKind;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.page.ColouringPage;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PageFacts;
import neattrace.goods.page.PagePlan;
import neattrace.goods.stencil.StencilFacts;
import neattrace.goods.stencil.StencilPlan;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.transfer.TransferFacts;
import neattrace.goods.transfer.TransferPlan;
import neattrace.goods.transfer.TransferStencil;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapFacts;
import neattrace.goods.wrap.WrapPlan;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/**
 * Pages, stencils, shirts and mugs as they come out.
 *
 * @param wanted what was made
 * @param pages at true size; none if there is nothing to make
 * @param told what was measured and what a person should know, in plain words
 */
public record MadeGoods(WantedGoods wanted, List<PrintPlan> pages, List<String> told) {

    public MadeGoods {
        pages = List.copyOf(pages);
        told = List.copyOf(told);
    }

    /** Whether goods of a kind are made here. */
    public static boolean makes(GoodsKind kind) {
        return switch (kind) {
            case COLOURING_PAGE, CUT_STENCIL, TRANSFER_STENCIL, SHIRT, MUG -> true;
            default -> false;
        };
    }

    /**
     * Makes goods.
     *
     * @throws IllegalArgumentException if they cannot be made as they are wanted, in plain words
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static MadeGoods of(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress)
            throws PictureException {
        Drawing made = GoodsDrawing.of(pipeline, drawing, wanted, progress).drawing();
        String title = drawing.job().title();
        return switch (wanted.goods().kind()) {
            case COLOURING_PAGE -> {
                ColouringPage page =
                        ColouringPage.of(
                                made,
                                PageAreas.of(pipeline, made, progress),
                                wanted,
                                true,
                                progress);
                yield new MadeGoods(
                        wanted, List.of(PagePlan.of(page, press)), PageFacts.of(page).lines());
            }
            case CUT_STENCIL -> {
                StencilSet set = StencilSet.of(made, wanted, progress);
                yield new MadeGoods(
                        wanted, StencilPlan.of(set, title, press), StencilFacts.of(set).lines());
            }
            case TRANSFER_STENCIL -> {
                TransferStencil stencil = TransferStencil.of(pipeline, made, wanted, progress);
                yield new MadeGoods(
                        wanted,
                        TransferPlan.pages(stencil, press),
                        TransferFacts.of(stencil).lines());
            }
            case SHIRT -> {
                ClothPrint print = ClothPrint.of(made, wanted, progress);
                PrintPlan plan = ClothPlan.of(print, press);
                yield new MadeGoods(
                        wanted,
                        List.of(plan),
                        ClothFacts.of(print, plan, ClothFacts.thin(pipeline, print, progress))
                                .lines());
            }
            case MUG -> {
                Wrap wrap = Wrap.of(List.of(made), wanted);
                yield new MadeGoods(
                        wanted, List.of(WrapPlan.of(wrap, press)), WrapFacts.of(wrap).lines());
            }
            default ->
                    throw new IllegalArgumentException(
                            wanted.goods().words() + " is made elsewhere");
        };
    }
}

package neattrace.goods.made;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Transforms;
import neattrace.goods.GoodsKind;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.cloth.Garment;
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
import neattrace.goods.wrap.CupPicture;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapArt;
import neattrace.goods.wrap.WrapFacts;
import neattrace.goods.wrap.WrapPlan;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.print.Plans;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Pages, stencils, shirts and mugs as they come out.
 *
 * @param wanted what was made
 * @param pages at true size; none if there is nothing to make
 * @param told what was measured and what a person should know, in plain words
 * @param scene how they are looked at, and what can be taken in hand
 */
public record MadeGoods(WantedGoods wanted, List<PrintPlan> pages, List<String> told, Scene scene) {

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
        return switch (wanted.goods().kind()) {
            case COLOURING_PAGE -> page(pipeline, made, wanted, press, progress);
            case CUT_STENCIL -> stencils(pipeline, made, wanted, press, progress);
            case TRANSFER_STENCIL -> transfer(pipeline, made, wanted, press, progress);
            case SHIRT -> print(pipeline, made, wanted, press, progress);
            case MUG -> wrap(made, wanted, press);
            default ->
                    throw new IllegalArgumentException(
                            wanted.goods().words() + " is made elsewhere");
        };
    }

    /**
     * Their pages as printers get them: shirts in an ink for each screen, mugs with traps and black
     * as the job says, and everything else as it is.
     *
     * @throws IllegalArgumentException as {@link #of}
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static List<PrintPlan> pressed(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress)
            throws PictureException {
        Drawing made = GoodsDrawing.of(pipeline, drawing, wanted, progress).drawing();
        return switch (wanted.goods().kind()) {
            case SHIRT ->
                    List.of(
                            ClothPlan.ready(
                                            ClothPrint.of(pipeline, made, wanted, progress),
                                            press,
                                            progress)
                                    .plan());
            case MUG -> {
                Wrap wrap = Wrap.of(List.of(WrapArt.of(made)), wanted);
                yield List.of(WrapPlan.ready(wrap, List.of(made), press, progress));
            }
            default -> of(pipeline, drawing, wanted, press, progress).pages();
        };
    }

    private static MadeGoods page(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress) {
        ColouringPage page =
                ColouringPage.of(
                        drawing, PageAreas.of(pipeline, drawing, progress), wanted, true, progress);
        PrintPlan plan = PagePlan.of(page, press);
        return new MadeGoods(
                wanted,
                List.of(plan),
                PageFacts.of(page).lines(),
                Scene.of(List.of(seen(wanted, plan, page.onPage())))
                        .with(new AreaGrips(page).grips()));
    }

    private static MadeGoods stencils(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress) {
        StencilSet set = StencilSet.of(pipeline, drawing, wanted, progress);
        List<PrintPlan> pages = StencilPlan.of(set, drawing.job().title(), press);
        TieGrips grips = new TieGrips(set);
        List<Scene.Page> seen = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            Rgb paint =
                    set.sheets()
                            .get(i)
                            .swatch()
                            .map(one -> press.preview(one.build()))
                            .orElse(Plans.SCREEN_BLACK);
            PrintPlan painted = painted(pages.get(i), paint);
            seen.add(seen(wanted, painted, set.onSheet()));
        }
        Scene scene = Scene.of(seen);
        return new MadeGoods(
                wanted,
                pages,
                StencilFacts.of(set).lines(),
                pages.isEmpty() ? scene : scene.with(grips.grips()).with(grips));
    }

    /** Openings look like what is painted through them. */
    private static PrintPlan painted(PrintPlan page, Rgb paint) {
        return page.with(
                page.layers().stream()
                        .map(one -> one.isTechnical() ? one.withScreen(paint) : one)
                        .toList());
    }

    private static MadeGoods transfer(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress) {
        TransferStencil stencil = TransferStencil.of(pipeline, drawing, wanted, progress);
        List<PrintPlan> pages = TransferPlan.pages(stencil, press);
        List<Scene.Page> seen = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            seen.add(
                    seen(
                            wanted,
                            pages.get(i),
                            Transforms.toJts(stencil.onSheet(i % stencil.tiles().count()))));
        }
        return new MadeGoods(
                wanted,
                pages,
                TransferFacts.of(stencil).lines(),
                Scene.of(seen).with(new LineGrips(stencil).grips()));
    }

    private static MadeGoods print(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress) {
        ClothPrint print = ClothPrint.of(pipeline, drawing, wanted, progress);
        PrintPlan plan = ClothPlan.of(print, press);
        Garment garment = Garment.of(print, plan, press);
        ClothGrips grips = new ClothGrips(print, garment);
        int thin = ClothFacts.thin(pipeline, print, progress);
        return new MadeGoods(
                wanted,
                List.of(plan),
                ClothFacts.of(print, plan, thin).lines(),
                Scene.of(
                                List.of(
                                        new Scene.Page(
                                                garment.plan(),
                                                Optional.empty(),
                                                grips.onGarment())))
                        .with(grips.grips()));
    }

    private static MadeGoods wrap(Drawing drawing, WantedGoods wanted, PressProfile press) {
        Wrap wrap = Wrap.of(List.of(WrapArt.of(drawing)), wanted);
        PrintPlan plan = WrapPlan.of(wrap, List.of(drawing), press);
        AffineTransformation first =
                wrap.motifs().isEmpty()
                        ? new AffineTransformation()
                        : wrap.onWrap(wrap.motifs().get(0));
        return new MadeGoods(
                wanted,
                List.of(plan),
                WrapFacts.of(wrap).lines(),
                Scene.of(List.of(seen(wanted, plan, first)))
                        .with(new MotifGrips(wrap).grips())
                        .with(CupPicture.of(plan, wrap.cup(), ground(wanted))));
    }

    private static Scene.Page seen(
            WantedGoods wanted, PrintPlan plan, AffineTransformation drawing) {
        return new Scene.Page(plan, Optional.of(ground(wanted)), drawing);
    }

    private static Rgb ground(WantedGoods wanted) {
        return wanted.goods().ground().colour();
    }
}

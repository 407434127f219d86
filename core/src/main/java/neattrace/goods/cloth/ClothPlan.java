package neattrace.goods.cloth;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Extent;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.press.black.BlackSchool;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressReady;
import neattrace.print.ready.PressTerms;
import neattrace.print.ready.ReadyPlan;
import neattrace.stage.Progress;

/** A print on cloth as a plan: each ink a layer of its own, on a page as large as the print. */
public final class ClothPlan {

    private static final Cmyk BLACK = new Cmyk(0, 0, 0, 100);

    private ClothPlan() {}

    /** The plan of a print. */
    public static PrintPlan of(ClothPrint print, PressProfile press) {
        return of(print, inInks(print, press), press);
    }

    /**
     * The plan of a print made ready for screens: each colour an ink of its own, trapped, with
     * white beneath on dark cloth, what the cloth shows left out.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static ReadyPlan ready(ClothPrint print, PressProfile press, Progress progress) {
        Job job = print.drawing().job();
        Artwork art = inInks(print, press);
        Extent extent = print.drawing().extent();
        PressTerms terms =
                PressTerms.of(
                        job.press().withSchool(BlackSchool.K_ONLY).withChoices(List.of()),
                        print.goods().printing(),
                        print.goods().ground(),
                        at ->
                                new Point(at.x() - extent.left(), at.y() - extent.top())
                                        .times(print.factor()));
        return PressReady.of(of(print, art, press), terms, progress);
    }

    /** As it is printed: each colour an ink of its own, merged and left out as was decided. */
    private static Artwork inInks(ClothPrint print, PressProfile press) {
        Job job = print.drawing().job();
        return Artwork.of(print.drawing(), press)
                .with(PressPalette.of(PressPalette.spots(job.swatches(), press), job.press()));
    }

    private static PrintPlan of(ClothPrint print, Artwork whole, PressProfile press) {
        Artwork art = whole.forFiles(print.factor());
        // Black is one ink on cloth, and nothing lies beneath it to deepen it.
        PrintPlan plan = Plans.of(art.withBlack(BlackRule.K_ONLY));
        List<PrintLayer> layers = new ArrayList<>(plan.layers());
        print.signature()
                .ifPresent(
                        letters ->
                                layers.add(
                                        new PrintLayer(
                                                "Signature " + Plans.SCREEN_BLACK.hex(),
                                                Kind.LINES,
                                                Plans.SCREEN_BLACK,
                                                BLACK.toString(),
                                                List.of(
                                                        PrintObject.of(
                                                                new PrintShape.Filled(letters),
                                                                Tints.of(BLACK))),
                                                List.of())));
        Extent extent = print.drawing().extent();
        AffineTransform map = AffineTransform.getScaleInstance(print.factor(), print.factor());
        map.translate(-extent.left(), -extent.top());
        return PrintPage.mapped(
                plan.with(layers),
                map,
                Math.max(1, print.widthMm()),
                Math.max(1, print.heightMm()),
                press);
    }
}

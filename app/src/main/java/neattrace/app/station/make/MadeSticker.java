package neattrace.app.station.make;

import java.util.List;
import neattrace.app.work.Shown;
import neattrace.export.PlanPainter;
import neattrace.goods.Remark;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.print.Artwork;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Geometry;

/**
 * A drawing made into a sticker.
 *
 * @param of what it was made of
 * @param wanted the goods it was made for
 * @param sticker with its cut lines
 * @param plan all of it where it lies on the drawing's page
 * @param painter of what is printed
 * @param facts what was measured
 * @param printed where something is printed: the face, and what runs on beyond the cut
 * @param page the silhouette on the drawing's page
 * @param factor how many times as large as the drawing it is
 */
record MadeSticker(
        Artwork of,
        WantedGoods wanted,
        Sticker sticker,
        PrintPlan plan,
        PlanPainter painter,
        StickerFacts facts,
        Geometry printed,
        Geometry page,
        double factor) {

    /**
     * Makes one to be looked at.
     *
     * @param before what was made last, of which the silhouette is kept if it is the same; may be
     *     null
     */
    static MadeSticker of(Pipeline pipeline, Shown shown, WantedGoods wanted, MadeSticker before)
            throws PictureException {
        GoodsDrawing drawing = GoodsDrawing.of(pipeline, shown.drawing(), wanted, Progress.SILENT);
        double factor = drawing.fit().factor();
        Artwork art =
                drawing.drawing() == shown.drawing()
                        ? shown.art()
                        : Artwork.of(drawing.drawing(), shown.art().press());
        StickerRecipe recipe = wanted.sticker().on(wanted.goods());
        boolean known =
                before != null
                        && before.of == shown.art()
                        && art == shown.art()
                        && !before.wanted.weightsKept()
                        && before.sticker.recipe().enclosed() == recipe.enclosed();
        Geometry page = known ? before.page : Sticker.silhouette(art, recipe.enclosed());
        Sticker sticker = Sticker.of(art, page, factor, recipe).fitted(drawing.fit());
        PrintPlan plan = StickerPlan.of(sticker);
        return new MadeSticker(
                shown.art(),
                wanted,
                sticker,
                plan,
                new PlanPainter(plan.printed()),
                StickerFacts.of(sticker),
                StickerPlan.printedUpTo(sticker),
                page,
                sticker.factor());
    }

    /**
     * The plan as it goes into files, colours running on beneath their neighbours.
     *
     * @param printers whether it is made ready for the press
     */
    static PrintPlan forFiles(Pipeline pipeline, Shown shown, WantedGoods wanted, boolean printers)
            throws PictureException {
        Sticker sticker =
                GoodsSticker.of(
                        pipeline, shown.drawing(), wanted, shown.art().press(), Progress.SILENT);
        return printers
                ? StickerPlan.readyPage(sticker, Progress.SILENT)
                : StickerPlan.page(sticker);
    }

    /** Whether it is still what a drawing would be made into. */
    boolean isOf(Shown shown, WantedGoods now) {
        return of == shown.art()
                && wanted.goods().equals(now.goods())
                && wanted.weightsKept() == now.weightsKept()
                && wanted.sticker().equals(now.sticker());
    }

    /** What a person should know, in plain sentences. */
    List<String> told() {
        return facts.findings().stream().map(Remark::words).toList();
    }
}

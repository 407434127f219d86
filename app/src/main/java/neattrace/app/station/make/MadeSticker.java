package neattrace.app.station.make;

import java.util.List;
import java.util.Optional;
import neattrace.app.work.Shown;
import neattrace.export.PlanPainter;
import neattrace.goods.GoodsKind;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.print.Artwork;
import neattrace.print.PrintPlan;
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

    /** The goods of a job that a sticker is made for: the first of its kind. */
    static Optional<WantedGoods> wanted(Job job) {
        return job.goods().wanted().stream()
                .filter(
                        one ->
                                one.goods().kind() == GoodsKind.STICKER
                                        || one.goods().kind() == GoodsKind.STICKER_SHEET)
                .findFirst();
    }

    /**
     * Makes one to be looked at.
     *
     * @param before what was made last, of which the silhouette is kept if it is the same; may be
     *     null
     */
    static MadeSticker of(Shown shown, WantedGoods wanted, MadeSticker before) {
        double factor = GoodsDrawing.fit(shown.drawing(), wanted).factor();
        StickerRecipe recipe = wanted.sticker().on(wanted.goods());
        boolean known =
                before != null
                        && before.of == shown.art()
                        && before.sticker.recipe().enclosed() == recipe.enclosed();
        Geometry page = known ? before.page : Sticker.silhouette(shown.art(), recipe.enclosed());
        Sticker sticker = Sticker.of(shown.art(), page, factor, recipe);
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
                factor);
    }

    /** The plan as it goes into files, colours running on beneath their neighbours. */
    static PrintPlan forFiles(Shown shown, WantedGoods wanted) {
        double factor = GoodsDrawing.fit(shown.drawing(), wanted).factor();
        StickerRecipe recipe = wanted.sticker().on(wanted.goods());
        return StickerPlan.page(Sticker.of(shown.art().forFiles(factor), factor, recipe));
    }

    /** Whether it is still what a drawing would be made into. */
    boolean isOf(Shown shown, WantedGoods now) {
        return of == shown.art()
                && wanted.goods().equals(now.goods())
                && wanted.sticker().equals(now.sticker());
    }

    /** What a person should know, in plain sentences. */
    List<String> told() {
        return facts.findings().stream().map(StickerFacts.Remark::words).toList();
    }
}

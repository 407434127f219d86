package neattrace.goods.sticker;

import java.util.Optional;
import neattrace.goods.GoodsKind;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressTerms;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/** A drawing as the sticker that the goods of its job ask for. */
public final class GoodsSticker {

    private GoodsSticker() {}

    /** The goods of a job that a sticker is made for: the first of its kind. */
    public static Optional<WantedGoods> wanted(Job job) {
        return job.goods().wanted().stream()
                .filter(one -> one.goods().kind().isSticker())
                .findFirst();
    }

    /** Those of a kind, else any that a sticker is made for, else usual ones of the kind. */
    public static WantedGoods wanted(Job job, GoodsKind kind) {
        return job.goods().wanted().stream()
                .filter(one -> one.goods().kind() == kind)
                .findFirst()
                .or(() -> wanted(job))
                .orElseGet(() -> job.goods().firstOf(kind));
    }

    /**
     * The sticker as it goes into files, in the inks it is printed in, colours running on beneath
     * their neighbours.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Sticker of(
            Pipeline pipeline,
            Drawing drawing,
            WantedGoods wanted,
            PressProfile press,
            Progress progress)
            throws PictureException {
        GoodsDrawing made = GoodsDrawing.of(pipeline, drawing, wanted, progress);
        double factor = made.fit().factor();
        Job job = made.drawing().job();
        Artwork seen = Artwork.of(made.drawing(), press);
        StickerRecipe recipe = wanted.sticker().on(wanted.goods());
        Artwork printed =
                new PressArt(seen, made.drawing().extent(), job.swatches(), job.press())
                        .printed(factor);
        Sticker sticker =
                Sticker.of(
                                printed.forFiles(factor),
                                Sticker.silhouette(seen, recipe.enclosed()),
                                factor,
                                recipe)
                        .fitted(made.fit());
        return sticker.with(
                PressTerms.of(
                        job.press(),
                        wanted.goods().printing(),
                        wanted.goods().ground(),
                        at -> at.times(sticker.factor())));
    }
}

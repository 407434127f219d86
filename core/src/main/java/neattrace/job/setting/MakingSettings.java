package neattrace.job.setting;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import neattrace.goods.Sizing;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TransferRecipe;
import neattrace.job.Job;
import neattrace.job.WantedGoods;

/** What can be set about how goods other than stickers are made, by the goods' id. */
public final class MakingSettings {

    private final int id;

    private MakingSettings(int id) {
        this.id = id;
    }

    /** What can be set about the goods with an id. */
    public static MakingSettings of(int id) {
        return new MakingSettings(id);
    }

    private Makings makings(Job job) {
        return job.goods().of(id).map(one -> one.making()).orElse(Makings.USUAL);
    }

    private Job changed(Job job, Function<Makings, Makings> change) {
        return job.changed(id, one -> one.withMaking(change.apply(one.making())));
    }

    private Quantity quantity(
            String what,
            String name,
            String unit,
            double[] range,
            ToDoubleFunction<Makings> get,
            BiFunction<Makings, Double, Makings> put) {
        return keyed("made-" + what, name, unit, range, get, put);
    }

    private <T> Option<T> option(
            String what,
            String name,
            List<T> choices,
            Function<T, String> words,
            Function<Makings, T> get,
            BiFunction<Makings, T, Makings> put) {
        return keyed("made-" + what, name, choices, words, get, put);
    }

    /** A number of how goods are made, whatever its key begins with. */
    Quantity keyed(
            String what,
            String name,
            String unit,
            double[] range,
            ToDoubleFunction<Makings> get,
            BiFunction<Makings, Double, Makings> put) {
        return Quantity.of(
                GoodsSettings.key(what, id),
                name,
                unit,
                range[0],
                range[1],
                range[2],
                job -> get.applyAsDouble(makings(job)),
                (job, v) -> changed(job, one -> put.apply(one, v)));
    }

    /** The same of a choice. */
    <T> Option<T> keyed(
            String what,
            String name,
            List<T> choices,
            Function<T, String> words,
            Function<Makings, T> get,
            BiFunction<Makings, T, Makings> put) {
        return new Option<>(
                GoodsSettings.key(what, id),
                name,
                choices,
                words,
                job -> get.apply(makings(job)),
                (job, v) -> changed(job, one -> put.apply(one, v)));
    }

    /** Clear on the inner side of a book's page. */
    public Quantity gutter() {
        return quantity(
                "gutter",
                "Gutter",
                "mm",
                new double[] {0, PageRecipe.MOST_GUTTER_MM, 1},
                one -> one.page().gutterMm(),
                (one, v) -> one.withPage(one.page().withGutterMm(v)));
    }

    /** What a page's lines are printed in. */
    public Option<PageRecipe.Tint> tint() {
        return option(
                "tint",
                "Tint",
                List.of(PageRecipe.Tint.values()),
                PageRecipe.Tint::label,
                one -> one.page().tint(),
                (one, v) -> one.withPage(one.page().withTint(v)));
    }

    /** How dark they are. */
    public Quantity tintPercent() {
        return quantity(
                "tint-percent",
                "How dark",
                "%",
                new double[] {PageRecipe.LEAST_TINT, 100, 5},
                one -> one.page().tintPercent(),
                (one, v) -> one.withPage(one.page().withTintPercent(v)));
    }

    /** Whether areas bear the numbers of their swatches. */
    public Option<Boolean> numbers() {
        return option(
                "numbers",
                "Numbers",
                List.of(false, true),
                is -> is ? "numbers" : "nothing",
                one -> one.page().numbers(),
                (one, v) -> one.withPage(one.page().withNumbers(v)));
    }

    /** Whether a small coloured picture stands in a corner. */
    public Option<Boolean> sample() {
        return option(
                "sample",
                "Coloured sample",
                List.of(false, true),
                is -> is ? "a small coloured picture" : "nothing",
                one -> one.page().sample(),
                (one, v) -> one.withPage(one.page().withSample(v)));
    }

    /** What a page is coloured with. */
    public Option<PageRecipe.Pencil> pencil() {
        return option(
                "pencil",
                "Coloured with",
                List.of(PageRecipe.Pencil.values()),
                PageRecipe.Pencil::label,
                one -> one.page().pencil(),
                (one, v) -> one.withPage(one.page().withPencil(v)));
    }

    /** What a cut stencil loses. */
    public Option<StencilRecipe.Away> away() {
        return option(
                "away",
                "Cut away",
                List.of(StencilRecipe.Away.values()),
                StencilRecipe.Away::label,
                one -> one.stencil().away(),
                (one, v) -> one.withStencil(one.stencil().withAway(v)));
    }

    /** How wide its ties are. */
    public Quantity tie() {
        return quantity(
                "tie",
                "Ties",
                "mm",
                new double[] {0.2, 50, 0.25},
                one -> one.stencil().tieMm(),
                (one, v) -> one.withStencil(one.stencil().withTieMm(v)));
    }

    /** Islands up to this size fall out of it. */
    public Quantity drop() {
        return quantity(
                "drop",
                "Islands that fall out",
                "mm²",
                new double[] {0, 10_000, 1},
                one -> one.stencil().dropMm2(),
                (one, v) -> one.withStencil(one.stencil().withDropMm2(v)));
    }

    /** Whether narrow webs are made as wide as they must be. */
    public Option<Boolean> thickened() {
        return option(
                "thickened",
                "Narrow webs",
                List.of(false, true),
                is -> is ? "are thickened" : "stay as drawn",
                one -> one.stencil().thickened(),
                (one, v) -> one.withStencil(one.stencil().withThickened(v)));
    }

    /** The weight of a transfer stencil's lines; the outside is never thinner. */
    public Quantity weight() {
        return quantity(
                "weight",
                "Weight of lines",
                "mm",
                new double[] {0.1, 10, 0.1},
                one -> one.transfer().weightMm(),
                (one, v) -> {
                    TransferRecipe recipe = one.transfer();
                    return one.withTransfer(
                            recipe.withOutsideMm(Math.max(v, recipe.outsideMm())).withWeightMm(v));
                });
    }

    /** That of its outside. */
    public Quantity outside() {
        return quantity(
                "outside",
                "Weight of the outside",
                "mm",
                new double[] {0.1, 10, 0.1},
                one -> one.transfer().outsideMm(),
                (one, v) -> {
                    TransferRecipe recipe = one.transfer();
                    return one.withTransfer(
                            recipe.withWeightMm(Math.min(v, recipe.weightMm())).withOutsideMm(v));
                });
    }

    /** What its lines are drawn in. */
    public Option<TransferRecipe.Colour> lineColour() {
        return option(
                "line-colour",
                "Colour of lines",
                List.of(TransferRecipe.Colour.values()),
                TransferRecipe.Colour::label,
                one -> one.transfer().colour(),
                (one, v) -> one.withTransfer(one.transfer().withColour(v)));
    }

    /** Whether it is laid face down. */
    public Option<Boolean> mirrored() {
        return option(
                "mirrored",
                "Mirrored",
                List.of(false, true),
                is -> is ? "mirrored" : "as drawn",
                one -> one.transfer().mirrored(),
                (one, v) -> one.withTransfer(one.transfer().withMirrored(v)));
    }

    /** Whether a guide sheet goes with it. */
    public Option<Boolean> guide() {
        return option(
                "guide",
                "Guide sheet",
                List.of(false, true),
                is -> is ? "goes with it" : "is left out",
                one -> one.transfer().guide(),
                (one, v) -> one.withTransfer(one.transfer().withGuide(v)));
    }

    /** Where a print goes on cloth. */
    public Option<ClothRecipe.Place> place() {
        return new Option<>(
                GoodsSettings.key("made-place", id),
                "Place on cloth",
                List.of(ClothRecipe.Place.values()),
                ClothRecipe.Place::label,
                job -> makings(job).cloth().place(),
                (job, v) -> job.changed(id, one -> placed(one, v)));
    }

    /** A print as wide as is usual at its place is as wide as is usual at the next. */
    private static WantedGoods placed(WantedGoods goods, ClothRecipe.Place place) {
        Makings making = goods.making();
        Sizing sizing = goods.goods().sizing();
        boolean usual =
                sizing.fit() == Sizing.Fit.WIDTH
                        && sizing.widthMm() == ClothPlaces.widthMm(making.cloth().place());
        WantedGoods moved = goods.withMaking(making.withCloth(making.cloth().withPlace(place)));
        double wide = ClothPlaces.widthMm(place);
        return usual
                ? moved.withGoods(
                        goods.goods()
                                .withSizing(new Sizing(Sizing.Fit.WIDTH, wide, wide, sizing.ppi())))
                : moved;
    }

    /** For which garments it is. */
    public Option<ClothRecipe.Size> garments() {
        return option(
                "garments",
                "Garments",
                List.of(ClothRecipe.Size.values()),
                ClothRecipe.Size::label,
                one -> one.cloth().size(),
                (one, v) -> one.withCloth(one.cloth().withSize(v)));
    }

    /** How high the small letters of a signature are. */
    public Quantity signature() {
        return quantity(
                "signature",
                "Small letters of the signature",
                "mm",
                new double[] {0.5, 50, 0.5},
                one -> one.cloth().signatureMm(),
                (one, v) -> one.withCloth(one.cloth().withSignatureMm(v)));
    }

    /** From which side films are seen. */
    public Option<Boolean> films() {
        return option(
                "films",
                "Films",
                List.of(false, true),
                is -> is ? "mirrored" : "right-reading",
                one -> one.cloth().mirrored(),
                (one, v) -> one.withCloth(one.cloth().withMirrored(v)));
    }

    /** How wide a mug is. */
    public Quantity diameter() {
        return quantity(
                "diameter",
                "Width of the mug",
                "mm",
                new double[] {30, 300, 1},
                one -> one.wrap().diameterMm(),
                (one, v) -> one.withWrap(one.wrap().withDiameterMm(v)));
    }

    /** In which hand it is held. */
    public Option<Boolean> leftHanded() {
        return option(
                "hand",
                "Hand",
                List.of(false, true),
                is -> is ? "left hand" : "right hand",
                one -> one.wrap().leftHanded(),
                (one, v) -> one.withWrap(one.wrap().withLeftHanded(v)));
    }
}

package neattrace.job.setting;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import neattrace.goods.Detail;
import neattrace.goods.Edges;
import neattrace.goods.Goods;
import neattrace.goods.Printing;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.press.BlackRule;

/** What can be set about goods of a job, by their id. A job without them stays as it is. */
public final class GoodsSettings {

    private static final double USUAL_STEP_MM = 0.05;

    private final int id;

    private GoodsSettings(int id) {
        this.id = id;
    }

    /** What can be set about the goods with an id. */
    public static GoodsSettings of(int id) {
        return new GoodsSettings(id);
    }

    /** Width of the finished thing or of its page. */
    public Quantity width() {
        return quantity(
                "width",
                "Width",
                "mm",
                new double[] {Sizing.LEAST_MM, Sizing.MOST_MM, 5},
                goods -> goods.sizing().widthMm(),
                (goods, v) -> goods.withSizing(goods.sizing().withWidthMm(v)));
    }

    /** Its height. */
    public Quantity height() {
        return quantity(
                "height",
                "Height",
                "mm",
                new double[] {Sizing.LEAST_MM, Sizing.MOST_MM, 5},
                goods -> goods.sizing().heightMm(),
                (goods, v) -> goods.withSizing(goods.sizing().withHeightMm(v)));
    }

    /** Pixels an inch it wants. */
    public Quantity ppi() {
        return quantity(
                "ppi",
                "Resolution",
                "ppi",
                new double[] {Sizing.LEAST_PPI, Sizing.MOST_PPI, 50},
                goods -> goods.sizing().ppi(),
                (goods, v) -> goods.withSizing(goods.sizing().withPpi(v)));
    }

    /** The thinnest line it holds. */
    public Quantity line() {
        return quantity(
                "line",
                "Thinnest line",
                "mm",
                new double[] {0, Detail.MOST_MM, USUAL_STEP_MM},
                goods -> goods.detail().lineMm(),
                (goods, v) -> goods.withDetail(goods.detail().withLineMm(v)));
    }

    /** The narrowest paper between lines. */
    public Quantity gap() {
        return quantity(
                "gap",
                "Narrowest gap",
                "mm",
                new double[] {0, Detail.MOST_MM, USUAL_STEP_MM},
                goods -> goods.detail().gapMm(),
                (goods, v) -> goods.withDetail(goods.detail().withGapMm(v)));
    }

    /** The widest circle that fits into the smallest area. */
    public Quantity area() {
        return quantity(
                "area",
                "Smallest area",
                "mm",
                new double[] {0, Detail.MOST_MM, 0.1},
                goods -> goods.detail().areaMm(),
                (goods, v) -> goods.withDetail(goods.detail().withAreaMm(v)));
    }

    /** How high small letters at least are. */
    public Quantity xHeight() {
        return quantity(
                "x-height",
                "Least height of letters",
                "mm",
                new double[] {0, Detail.MOST_MM, 0.1},
                goods -> goods.detail().xHeightMm(),
                (goods, v) -> goods.withDetail(goods.detail().withXHeightMm(v)));
    }

    /** From where it is looked at. */
    public Quantity viewing() {
        return quantity(
                "viewing",
                "Viewing distance",
                "mm",
                new double[] {Detail.NEAREST_MM, Detail.FARTHEST_MM, 50},
                goods -> goods.detail().viewingMm(),
                (goods, v) -> goods.withDetail(goods.detail().withViewingMm(v)));
    }

    /** How many inks the printer takes; 0 for any number. */
    public Quantity inks() {
        return quantity(
                "inks",
                "Most inks",
                "",
                new double[] {0, Printing.MOST_INKS, 1},
                goods -> goods.printing().mostInks(),
                (goods, v) -> goods.withPrinting(goods.printing().withMostInks(Quantity.whole(v))));
    }

    /** The most ink in one place; 0 for no limit. */
    public Quantity inkLimit() {
        return quantity(
                "ink-limit",
                "Ink limit",
                "%",
                new double[] {0, Printing.MOST_INK, 10},
                goods -> goods.printing().inkLimit(),
                (goods, v) -> goods.withPrinting(goods.printing().withInkLimit(v)));
    }

    /** A border round the silhouette. */
    public Quantity border() {
        return quantity(
                "border",
                "Border",
                "mm",
                new double[] {0, Edges.MOST_MM, 0.5},
                goods -> goods.edges().borderMm(),
                (goods, v) -> goods.withEdges(goods.edges().withBorderMm(v)));
    }

    /** How far printing runs on beyond the cut. */
    public Quantity bleed() {
        return quantity(
                "bleed",
                "Bleed",
                "mm",
                new double[] {0, Edges.MOST_MM, 0.5},
                goods -> goods.edges().bleedMm(),
                (goods, v) -> goods.withEdges(goods.edges().withBleedMm(v)));
    }

    /** What is kept clear along the edge of the page. */
    public Quantity margin() {
        return quantity(
                "margin",
                "Margin",
                "mm",
                new double[] {0, Edges.MOST_MM, 1},
                goods -> goods.edges().safeMm(),
                (goods, v) -> goods.withEdges(goods.edges().withSafeMm(v)));
    }

    /** How many are to be made. */
    public Quantity pieces() {
        return Quantity.of(
                key("pieces"),
                "Pieces",
                "",
                0,
                WantedGoods.MOST_PIECES,
                10,
                job -> job.goods().of(id).map(WantedGoods::pieces).orElse(0),
                (job, v) -> changed(job, one -> one.withPieces(Quantity.whole(v))));
    }

    /** What is given of its size. */
    public Option<Sizing.Fit> fit() {
        return new Option<>(
                key("fit"),
                "Size",
                Arrays.asList(Sizing.Fit.values()),
                fit ->
                        switch (fit) {
                            case WIDTH -> "wide";
                            case HEIGHT -> "high";
                            case PAGE -> "on a page";
                            case SCANNED -> "as large as the scan";
                        },
                job -> goods(job).sizing().fit(),
                (job, v) -> set(job, goods -> goods.withSizing(goods.sizing().withFit(v))));
    }

    /** What becomes of the width of lines at another size. */
    public Option<Boolean> weightsKept() {
        return new Option<>(
                key("lines"),
                "Width of lines",
                List.of(false, true),
                kept -> kept ? "as wide as drawn" : "scaled with the drawing",
                job -> job.goods().of(id).map(WantedGoods::weightsKept).orElse(false),
                (job, v) -> changed(job, one -> one.withWeightsKept(v)));
    }

    /** No curve of a sticker's cut is tighter. */
    public Quantity radius() {
        return sticker(
                "radius",
                "Tightest curve",
                new double[] {CutRecipe.LEAST_RADIUS_MM, CutRecipe.MOST_RADIUS_MM, 0.25},
                sticker -> sticker.cut().radiusMm(),
                (sticker, v) -> sticker.withCut(sticker.cut().withRadiusMm(v)));
    }

    /** Pieces of a sticker whose borders are no farther apart share its cut. */
    public Quantity join() {
        return sticker(
                "join",
                "Pieces joined",
                new double[] {0, CutRecipe.MOST_MM, 0.5},
                sticker -> sticker.cut().joinMm(),
                (sticker, v) -> sticker.withCut(sticker.cut().withJoinMm(v)));
    }

    /** How far a sticker's backing reaches beyond its cut. */
    public Quantity backing() {
        return sticker(
                "backing",
                "Backing",
                new double[] {0, StickerRecipe.MOST_MM, 0.5},
                StickerRecipe::backingMm,
                StickerRecipe::withBackingMm);
    }

    /** What becomes of a sticker's loose pieces. */
    public Option<Loose> loose() {
        return sticker(
                "loose",
                "Loose pieces",
                List.of(Loose.values()),
                Loose::label,
                sticker -> sticker.cut().loose(),
                (sticker, v) -> sticker.withCut(sticker.cut().withLoose(v)));
    }

    /** Whether holes of a sticker are cut out. */
    public Option<Boolean> holes() {
        return sticker(
                "holes",
                "Holes",
                List.of(false, true),
                holes -> holes ? "cut out" : "left whole",
                sticker -> sticker.cut().holes(),
                (sticker, v) -> sticker.withCut(sticker.cut().withHoles(v)));
    }

    /** Whether paper that the drawing encloses belongs to a sticker. */
    public Option<Boolean> enclosed() {
        return sticker(
                "enclosed",
                "Enclosed paper",
                List.of(true, false),
                is -> is ? "belongs to it" : "is left out",
                StickerRecipe::enclosed,
                StickerRecipe::withEnclosed);
    }

    /** What runs on beyond a sticker's cut. */
    public Option<Boolean> carried() {
        return sticker(
                "carried",
                "What runs on beyond the cut",
                List.of(false, true),
                carried -> carried ? "the edge's own colours" : "the border",
                StickerRecipe::carried,
                StickerRecipe::withCarried);
    }

    private <T> Option<T> sticker(
            String what,
            String name,
            List<T> choices,
            Function<T, String> words,
            Function<StickerRecipe, T> get,
            BiFunction<StickerRecipe, T, StickerRecipe> put) {
        return MakingSettings.of(id)
                .keyed(
                        what,
                        name,
                        choices,
                        words,
                        one -> get.apply(one.sticker()),
                        (one, v) -> one.withSticker(put.apply(one.sticker(), v)));
    }

    private Quantity sticker(
            String what,
            String name,
            double[] range,
            ToDoubleFunction<StickerRecipe> get,
            BiFunction<StickerRecipe, Double, StickerRecipe> put) {
        return MakingSettings.of(id)
                .keyed(
                        what,
                        name,
                        "mm",
                        range,
                        one -> get.applyAsDouble(one.sticker()),
                        (one, v) -> one.withSticker(put.apply(one.sticker(), v)));
    }

    /** How black is printed on it. */
    public Option<BlackRule> black() {
        return new Option<>(
                key("black"),
                "Black",
                List.of(BlackRule.values()),
                rule -> rule == BlackRule.RICH ? "rich black" : "black ink alone",
                job -> goods(job).printing().black(),
                (job, v) -> set(job, goods -> goods.withPrinting(goods.printing().withBlack(v))));
    }

    private Quantity quantity(
            String what,
            String name,
            String unit,
            double[] range,
            ToDoubleFunction<Goods> get,
            BiFunction<Goods, Double, Goods> put) {
        return Quantity.of(
                key(what),
                name,
                unit,
                range[0],
                range[1],
                range[2],
                job -> get.applyAsDouble(goods(job)),
                (job, v) -> set(job, goods -> put.apply(goods, v)));
    }

    private String key(String what) {
        return key(what, id);
    }

    static String key(String what, int id) {
        return "goods-" + what + "-" + id;
    }

    private Goods goods(Job job) {
        return job.goods().of(id).map(WantedGoods::goods).orElse(UsualGoods.UNDECIDED);
    }

    private Job set(Job job, Function<Goods, Goods> change) {
        return changed(job, one -> one.withGoods(change.apply(one.goods())));
    }

    private Job changed(Job job, UnaryOperator<WantedGoods> change) {
        return job.changed(id, change);
    }
}

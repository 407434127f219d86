package neattrace.inspection;

import java.util.List;
import neattrace.goods.Costs;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.PageMend;
import neattrace.job.GoodsSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.trace.LineLimits;

/**
 * Goods that a drawing is held against.
 *
 * @param id in the job; 0 as long as nobody has said what it is for
 * @param key what they are called in findings; empty as long as nobody has said
 * @param forSale whether they are sold
 * @param weightsKept whether lines are as wide on them as on the sheet
 * @param mends areas of a colouring page that were made large enough
 * @param fit the goods, and how large the drawing comes out on them
 */
record Wished(
        int id,
        String key,
        boolean forSale,
        boolean weightsKept,
        List<PageMend> mends,
        GoodsFit fit) {

    Wished {
        mends = List.copyOf(mends);
    }

    /**
     * What a drawing is held against: the goods of its brief, or usual figures if there are none.
     */
    static List<Wished> of(Drawing drawing) {
        GoodsSection section = drawing.job().goods();
        if (section.wanted().isEmpty()) {
            return List.of(
                    new Wished(0, "", true, false, List.of(), fit(UsualGoods.UNDECIDED, drawing)));
        }
        return section.wanted().stream().map(one -> of(one, section, drawing)).toList();
    }

    private static Wished of(WantedGoods one, GoodsSection section, Drawing drawing) {
        return new Wished(
                one.id(),
                section.key(one),
                one.forSale(),
                one.weightsKept(),
                one.making().page().mends(),
                fit(one.goods(), drawing));
    }

    private static GoodsFit fit(Goods goods, Drawing drawing) {
        Extent extent = drawing.extent();
        return GoodsFit.of(goods, extent.widthMm(), extent.heightMm());
    }

    Goods goods() {
        return fit.goods();
    }

    boolean isDecided() {
        return id > 0;
    }

    /** A length on the goods, in mm on the page. */
    double onPage(double mm) {
        return mm / fit.factor();
    }

    /** A length on the page, in mm on the goods. */
    double onGoods(double mm) {
        return mm * fit.factor();
    }

    /** What lines are held against, mm on the page. */
    LineLimits lineLimits() {
        return new LineLimits(
                onPage(goods().detail().lineMm()),
                onPage(goods().detail().gapMm()),
                onPage(goods().detail().seenMm()),
                widths());
    }

    /** How many times as wide as on the page lines are beneath the scale of the drawing. */
    double widths() {
        return weightsKept ? 1 / fit.factor() : 1;
    }

    /** Its keys, for findings. */
    List<String> keys() {
        return isDecided() ? List.of(key) : List.of();
    }

    /** The same of several. */
    static List<String> keys(List<Wished> all) {
        return all.stream().filter(Wished::isDecided).map(Wished::key).toList();
    }

    /** What was left, for these goods alone. */
    String left(String what) {
        return isDecided() ? what + "@" + id : what;
    }

    /** "on the 60 mm sticker", or nothing; it is said where lines are not scaled. */
    String on() {
        String lines = weightsKept ? ", lines as wide as drawn" : "";
        return isDecided() ? " on the " + goods().words() + lines : "";
    }

    /** The same at the beginning of a sentence: "The 60 mm sticker". */
    String subject() {
        return "T" + the().substring(1);
    }

    /** "the 60 mm sticker", or "the goods". */
    String the() {
        return isDecided() ? "the " + goods().words() : "the goods";
    }

    /** Goods without what changes nothing that is made: what they cost, and who is owed. */
    static WantedGoods plain(WantedGoods goods) {
        return goods.withCosts(Costs.UNKNOWN).withOwed(List.of());
    }
}

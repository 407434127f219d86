package neattrace.inspection;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.goods.cut.BladeDrift;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.WantedGoods;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** What a blade, or a thumb that peels, would make of a sticker. */
final class StickerFindings {

    /** Curves down to so much of the least radius are as asked for. */
    private static final double SAME = 0.98;

    private static final Kind SMALL =
            kind("sticker-small", Cost.PLACE, "%d stickers are hard to peel");
    private static final Kind TIGHT =
            kind("sticker-cut-tight", Cost.PLACE, "%d cuts turn too tightly");
    private static final Kind BLEED =
            kind("sticker-bleed-short", Cost.RUN, "%d bleeds are shorter than blades drift");
    private static final Kind BORDER =
            kind("sticker-border-thin", Cost.RUN, "%d borders are thinner than blades drift");

    static final List<Kind> KINDS = List.of(LooseFindings.KIND, SMALL, TIGHT, BLEED, BORDER);

    private final WantedGoods goods;
    private final Wished wished;
    private final MakeInspection.Cut cut;
    private final Leaving left;

    StickerFindings(WantedGoods goods, Wished wished, MakeInspection.Cut cut, Leaving left) {
        this.goods = goods;
        this.wished = wished;
        this.cut = cut;
        this.left = left;
    }

    static Kind kind(String key, Cost cost, String many) {
        return new Kind(GangInspection.STATION, key, Severity.LOOK, cost, many);
    }

    static Place place(StickerCut cut, Wished wished) {
        Envelope box = cut.area().getEnvelopeInternal();
        Coordinate middle = box.centre();
        return new Place.Box(
                new Point(wished.onPage(middle.x), wished.onPage(middle.y)),
                wished.onPage(box.getWidth()),
                wished.onPage(box.getHeight()));
    }

    List<Finding> small() {
        return cut.cuts().stream()
                .filter(StickerCut::isSmall)
                .filter(one -> !isLeft("small", one))
                .map(
                        one ->
                                Finding.of(
                                                SMALL,
                                                String.format(
                                                        Locale.ROOT,
                                                        "A sticker of %.0f × %.0f mm",
                                                        one.widthMm(),
                                                        one.heightMm()),
                                                "Under 12 mm a sticker is hard to peel; it tears or"
                                                        + " stays on the backing.",
                                                leave("small", one))
                                        .at(place(one, wished))
                                        .measuring(
                                                Measure.mm(Math.max(one.widthMm(), one.heightMm())))
                                        .against(StickerCut.PEELS_MM)
                                        .on(wished.keys()))
                .toList();
    }

    List<Finding> tight() {
        double least = goods.sticker().cut().radiusMm();
        return cut.cuts().stream()
                .filter(one -> one.leastRadiusMm() < SAME * least)
                .filter(one -> !isLeft("tight", one))
                .map(
                        one ->
                                Finding.of(
                                                TIGHT,
                                                String.format(
                                                        Locale.ROOT,
                                                        "A cut turns by %.2f mm",
                                                        one.leastRadiusMm()),
                                                "Tighter than was asked for: the blade drags there,"
                                                        + " and corners lift. A wider border rounds"
                                                        + " it.",
                                                leave("tight", one))
                                        .at(place(one, wished))
                                        .measuring(Measure.mm(one.leastRadiusMm()))
                                        .against(least)
                                        .on(wished.keys()))
                .toList();
    }

    private boolean isLeft(String what, StickerCut one) {
        return left.isLeft(wished.left(what), place(one, wished).at());
    }

    private Answer leave(String what, StickerCut one) {
        return left.leave(wished.left(what), place(one, wished).at());
    }

    /** A border that the drift of a blade uses up; none at all is meant so. */
    Optional<Finding> border() {
        boolean thin = goods.goods().edges().borderMm() > 0 && cut.nearestMm() < BladeDrift.MOST_MM;
        return thin
                ? drift(
                        BORDER,
                        "border",
                        "The border is " + Words.mm(cut.nearestMm()) + " at its narrowest",
                        "Blades drift by 0.3 to 0.5 mm: where it is narrower the cut runs into the"
                                + " drawing.",
                        cut.nearestMm())
                : Optional.empty();
    }

    /** A bleed that it uses up; white beyond white is seen by nobody. */
    Optional<Finding> bleed() {
        StickerRecipe recipe = goods.sticker().on(goods.goods());
        boolean plain = recipe.border().total() == 0 && !recipe.carriesEdge();
        return !plain && recipe.bleedMm() < BladeDrift.MOST_MM
                ? drift(
                        BLEED,
                        "bleed",
                        "Colour runs on " + Words.mm(recipe.bleedMm()) + " beyond the cut",
                        "Blades drift by 0.3 to 0.5 mm: a hair of bare vinyl shows where it does not"
                                + " run on so far. 2 mm are usual.",
                        recipe.bleedMm())
                : Optional.empty();
    }

    private Optional<Finding> drift(
            Kind kind, String what, String title, String reason, double mm) {
        String key = wished.left(what);
        return left.isLeft(key)
                ? Optional.empty()
                : Optional.of(
                        Finding.of(kind, title + wished.on(), reason, left.leave(key))
                                .measuring(Measure.mm(mm))
                                .against(BladeDrift.MOST_MM)
                                .on(wished.keys()));
    }
}

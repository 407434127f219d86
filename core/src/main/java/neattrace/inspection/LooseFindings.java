package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.geom.Point;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.LooseChoice;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Settled;
import neattrace.job.WantedGoods;
import org.locationtech.jts.geom.Coordinate;

/**
 * Pieces of a sticker that lie too far from the rest to share its cut, and nobody has decided on.
 */
final class LooseFindings {

    static final Kind KIND =
            StickerFindings.kind(
                    "sticker-piece-loose", Cost.PLACE, "%d loose pieces to decide about");

    private final WantedGoods goods;
    private final Wished wished;
    private final Leaving left;

    LooseFindings(WantedGoods goods, Wished wished, Leaving left) {
        this.goods = goods;
        this.wished = wished;
        this.left = left;
    }

    /** What is said for all holds for pieces that are not told singly, and for those to come. */
    static List<Answer> forAll(List<Wished> stickers) {
        return List.of(
                new Answer.Change(
                        Loose.OWN.key(),
                        "Stickers of their own",
                        "All loose pieces",
                        (job, drawing) -> allOwn(job, stickers)),
                all(Loose.BRIDGE, "Bridge all"),
                all(Loose.LEAVE, "Leave all out"));
    }

    private static Job allOwn(Job job, List<Wished> stickers) {
        Job next = job;
        for (Wished wished : stickers) {
            next = next.withSettled(Settled.whole(GangInspection.STATION, wished.left("loose")));
        }
        return next;
    }

    private static Answer all(Loose as, String label) {
        return new Answer.Change(
                as.key(),
                label,
                "All loose pieces",
                (job, drawing) -> {
                    GoodsSection goods = job.goods();
                    for (WantedGoods one : goods.wanted()) {
                        StickerRecipe sticker = one.sticker();
                        goods =
                                one.goods().kind().isSticker()
                                        ? goods.with(
                                                one.withSticker(
                                                        sticker.withCut(
                                                                sticker.cut().withLoose(as))))
                                        : goods;
                    }
                    return job.withGoods(goods);
                });
    }

    /** Pieces that became stickers because nobody has said otherwise. */
    List<Finding> of(List<StickerCut> all) {
        CutRecipe recipe = goods.sticker().cutAt(wished.fit().factor());
        List<Finding> found = new ArrayList<>();
        if (recipe.loose() != Loose.OWN || left.isLeft(wished.left("loose"))) {
            return found;
        }
        for (StickerCut cut : all.subList(1, all.size())) {
            if (!recipe.isDecided(cut.area())) {
                double away = cut.area().distance(all.get(0).area());
                found.add(
                        Finding.of(
                                        KIND,
                                        String.format(
                                                Locale.ROOT,
                                                "A piece lies %.1f mm away%s",
                                                away,
                                                wished.on()),
                                        "Its border does not reach the rest. It can be a sticker of"
                                                + " its own, be held by a bridge of the border’s"
                                                + " colour, or be left out.",
                                        decide(cut, Loose.OWN, "Its own sticker"),
                                        decide(cut, Loose.BRIDGE, "Bridge it"),
                                        decide(cut, Loose.LEAVE, "Leave it out"))
                                .at(StickerFindings.place(cut, wished))
                                .measuring(Measure.mm(away))
                                .on(wished.keys()));
            }
        }
        return found;
    }

    private Answer decide(StickerCut cut, Loose as, String label) {
        Coordinate at = cut.area().getInteriorPoint().getCoordinate();
        LooseChoice choice =
                new LooseChoice(new Point(wished.onPage(at.x), wished.onPage(at.y)), as);
        return new Answer.Change(
                as.key(),
                label,
                "A loose piece",
                (job, drawing) -> decided(job, goods.id(), choice));
    }

    private static Job decided(Job job, int id, LooseChoice choice) {
        return job.changed(
                id,
                one -> {
                    List<LooseChoice> pieces = new ArrayList<>(one.sticker().pieces());
                    pieces.add(choice);
                    return one.withSticker(one.sticker().withPieces(pieces));
                });
    }
}

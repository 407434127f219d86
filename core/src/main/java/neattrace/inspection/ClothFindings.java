package neattrace.inspection;

import static neattrace.inspection.GoodsAnswers.change;
import static neattrace.inspection.GoodsAnswers.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.flat.Swatch;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.making.ClothRecipe;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Extent;
import neattrace.press.DeltaE2000;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;

/** Inks like the cloth, and signatures that fill in or draw the eye. */
final class ClothFindings {

    private static final Kind SAME =
            kind("cloth-colour-printed", Cost.RUN, "%d inks are the cloth's own colour");
    private static final Kind SMALL = kind("signature-small", Cost.RUN, "%d signatures fill in");
    private static final Kind LARGE =
            kind("signature-large", Cost.PLACE, "%d signatures draw the eye");

    static final List<Kind> KINDS = List.of(SAME, SMALL, LARGE);

    private final WantedGoods goods;
    private final Wished wished;
    private final List<Swatch> swatches;
    private final Extent extent;
    private final Leaving left;

    ClothFindings(
            WantedGoods goods, Wished wished, List<Swatch> swatches, Extent extent, Leaving left) {
        this.goods = goods;
        this.wished = wished;
        this.swatches = swatches;
        this.extent = extent;
        this.left = left;
    }

    private static Kind kind(String key, Cost cost, String many) {
        return new Kind(GangInspection.STATION, key, Severity.LOOK, cost, many);
    }

    List<Finding> findings() {
        List<Finding> found = new ArrayList<>();
        for (Swatch swatch : swatches) {
            String what = wished.left("cloth-" + swatch.id());
            if (isCloth(swatch) && !left.isLeft(what)) {
                found.add(
                        Finding.of(
                                        SAME,
                                        swatch.name() + " is the cloth’s own colour" + wished.on(),
                                        "Bare cloth shows the same, and an ink less is printed."
                                                + " Leave the areas bare at Flats, or keep it where"
                                                + " it covers something.",
                                        left.leaveAll("Print it all the same", what))
                                .on(wished.keys()));
            }
        }
        ClothRecipe recipe = goods.making().cloth();
        if (!recipe.signature().isEmpty()) {
            signature(recipe, found);
        }
        return found;
    }

    private boolean isCloth(Swatch swatch) {
        Rgb cloth = wished.goods().ground().colour();
        Rgb ink = PressProfile.bundled().preview(swatch.build());
        return DeltaE2000.between(ink.toLab(), cloth.toLab()) < ClothFacts.SAME;
    }

    private void signature(ClothRecipe recipe, List<Finding> found) {
        double least = wished.goods().detail().xHeightMm();
        double high =
                wished.onGoods(extent.heightMm()) * ClothPlaces.step(recipe.size(), recipe.place());
        double most = ClothFacts.LARGE * high;
        if (recipe.signatureMm() < least && !left.isLeft(wished.left("signature-small"))) {
            found.add(
                    told(
                            SMALL,
                            mm("Letters of %.1f mm", recipe.signatureMm()),
                            mm("Under %.1f mm small letters fill in on cloth.", least),
                            least,
                            "signature-small"));
        } else if (recipe.signatureMm() > most
                && most > least
                && !left.isLeft(wished.left("signature-large"))) {
            found.add(
                    told(
                            LARGE,
                            mm("A signature of %.1f mm letters", recipe.signatureMm()),
                            "It draws the eye from the drawing.",
                            Math.floor(most * 10) / 10,
                            "signature-large"));
        }
    }

    private Finding told(Kind kind, String title, String reason, double better, String what) {
        return Finding.of(
                        kind,
                        title + wished.on(),
                        reason,
                        change(
                                "resize",
                                mm("Make them %.1f mm", better),
                                wished,
                                cloth(one -> one.withSignatureMm(better))),
                        left.leave(wished.left(what)))
                .measuring(Measure.mm(goods.making().cloth().signatureMm()))
                .against(better)
                .on(wished.keys());
    }

    private static UnaryOperator<WantedGoods> cloth(UnaryOperator<ClothRecipe> change) {
        return one -> one.withMaking(one.making().withCloth(change.apply(one.making().cloth())));
    }
}

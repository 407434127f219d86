package neattrace.goods.made;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.goods.making.Motif;
import neattrace.goods.making.WrapRecipe;
import neattrace.goods.wrap.Wrap;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Extent;

/** Motifs of a wrap in hand, each a whole. */
final class MotifGrips {

    private static final double STEP = 1.08;
    private static final double FINE_STEP = 1.01;
    private static final double TURN_DEGREES = 15;

    /** Another one lies so far beside the first, mm. */
    private static final double BESIDE_MM = 8;

    private final Wrap wrap;

    MotifGrips(Wrap wrap) {
        this.wrap = wrap;
    }

    List<Grip> grips() {
        List<Grip> grips = new ArrayList<>();
        for (int i = 0; i < wrap.motifs().size(); i++) {
            grips.add(grip(i));
        }
        return grips;
    }

    private Grip grip(int index) {
        Motif motif = wrap.motifs().get(index);
        return Grip.of(
                        0,
                        new Point(motif.xMm(), motif.yMm()),
                        corners(motif),
                        true,
                        String.format(
                                Locale.ROOT,
                                "Motif %d, %.0f mm wide%s%s",
                                index + 1,
                                motif.widthMm(),
                                motif.turnDegrees() == 0
                                        ? ""
                                        : String.format(
                                                Locale.ROOT, ", turned %.0f°", motif.turnDegrees()),
                                motif.mirrored() ? ", mirrored" : ""))
                .with(Act.ANOTHER, "Another", (goods, fine) -> another(goods, index))
                .with(
                        Act.MIRROR,
                        "Mirror it",
                        (goods, fine) -> changed(goods, index, Motif::turnedOver))
                .with(
                        Act.LARGER,
                        "Larger",
                        (goods, fine) ->
                                changed(goods, index, one -> sized(one, fine ? FINE_STEP : STEP)))
                .with(
                        Act.SMALLER,
                        "Smaller",
                        (goods, fine) ->
                                changed(
                                        goods,
                                        index,
                                        one -> sized(one, 1 / (fine ? FINE_STEP : STEP))))
                .with(
                        Act.TURN,
                        "Turn",
                        (goods, fine) ->
                                changed(goods, index, one -> one.turned(fine ? 1 : TURN_DEGREES)))
                .with(
                        Act.TURN_BACK,
                        "Turn back",
                        (goods, fine) ->
                                changed(goods, index, one -> one.turned(fine ? -1 : -TURN_DEGREES)))
                .with(Act.REMOVE, "Take it off", (goods, fine) -> without(goods, index))
                .moving((goods, to) -> changed(goods, index, one -> one.at(to.x(), to.y())));
    }

    private List<Point> corners(Motif motif) {
        Extent extent = wrap.drawings().get(motif.drawing()).extent();
        double high = motif.widthMm() * extent.heightMm() / extent.widthMm();
        double turn = Math.toRadians(motif.turnDegrees());
        List<Point> corners = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            double x = (k == 0 || k == 3 ? -0.5 : 0.5) * motif.widthMm();
            double y = (k < 2 ? -0.5 : 0.5) * high;
            corners.add(
                    new Point(
                            motif.xMm() + x * Math.cos(turn) - y * Math.sin(turn),
                            motif.yMm() + x * Math.sin(turn) + y * Math.cos(turn)));
        }
        return corners;
    }

    private WantedGoods changed(WantedGoods goods, int index, UnaryOperator<Motif> change) {
        List<Motif> motifs = motifs(goods);
        if (index < motifs.size()) {
            motifs.set(index, change.apply(motifs.get(index)));
        }
        return with(goods, motifs);
    }

    /** A wrap whose last motif is taken off would be laid anew; it keeps one. */
    private WantedGoods without(WantedGoods goods, int index) {
        List<Motif> motifs = motifs(goods);
        if (motifs.size() > 1 && index < motifs.size()) {
            motifs.remove(index);
        }
        return with(goods, motifs);
    }

    private WantedGoods another(WantedGoods goods, int index) {
        List<Motif> motifs = motifs(goods);
        if (motifs.size() < WrapRecipe.MOST_MOTIFS && index < motifs.size()) {
            Motif of = motifs.get(index);
            double width = wrap.goods().sizing().widthMm();
            double x = of.xMm() + BESIDE_MM < width ? of.xMm() + BESIDE_MM : of.xMm() - BESIDE_MM;
            motifs.add(of.at(x, of.yMm() + BESIDE_MM / 2));
        }
        return with(goods, motifs);
    }

    /** All as they lie now: what lay by itself lies by hand from the first change on. */
    private List<Motif> motifs(WantedGoods goods) {
        List<Motif> kept = goods.making().wrap().motifs();
        return new ArrayList<>(kept.isEmpty() ? wrap.motifs() : kept);
    }

    private static WantedGoods with(WantedGoods goods, List<Motif> motifs) {
        WrapRecipe recipe = goods.making().wrap().withMotifs(motifs);
        return goods.withMaking(goods.making().withWrap(recipe));
    }

    private static Motif sized(Motif one, double times) {
        return one.sized(Math.max(2, Math.min(2000, one.widthMm() * times)));
    }
}

package neattrace.goods.made;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.stencil.CutStencil;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.stencil.Tie;
import neattrace.job.WantedGoods;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Ties of cut stencils in hand: refused, moved, added, allowed again. */
final class TieGrips implements Scene.Adding {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final StencilSet set;
    private final AffineTransformation onDrawing;

    TieGrips(StencilSet set) {
        this.set = set;
        this.onDrawing = Transforms.inverse(set.onSheet());
    }

    List<Grip> grips() {
        List<Grip> grips = new ArrayList<>();
        for (int page = 0; page < set.sheets().size(); page++) {
            CutStencil stencil = set.sheets().get(page).stencil();
            for (Tie tie : stencil.ties()) {
                grips.add(tie(page, tie));
            }
        }
        for (TieChoice choice : set.recipe().ties()) {
            if (!choice.wanted()) {
                grips.add(refused(choice));
            }
        }
        grips.sort(
                Comparator.comparingInt(Grip::page)
                        .thenComparingDouble(one -> Math.rint(one.at().y() / 10))
                        .thenComparingDouble(one -> one.at().x()));
        return grips;
    }

    private Grip tie(int page, Tie tie) {
        return Grip.of(
                        page,
                        tie.middle(),
                        ring(tie.shape().getExteriorRing().getCoordinates()),
                        true,
                        String.format(
                                Locale.ROOT,
                                "Tie, %.1f mm long and %.1f mm wide%s",
                                tie.lengthMm(),
                                tie.widthMm(),
                                tie.byHand() ? ", put here by hand" : ""))
                .with(
                        Act.REMOVE,
                        "Refuse it",
                        (goods, fine) -> ties(goods, all -> without(all, tie)))
                .moving((goods, to) -> ties(goods, all -> moved(all, tie, to)));
    }

    private Grip refused(TieChoice choice) {
        Point at = Transforms.apply(set.onSheet(), choice.at());
        double r = set.recipe().tieMm() / 2;
        List<Point> cross =
                List.of(
                        at.plus(new Point(-r, -r)),
                        at.plus(new Point(r, r)),
                        at,
                        at.plus(new Point(r, -r)),
                        at.plus(new Point(-r, r)));
        Grip.Change allow = (goods, fine) -> ties(goods, all -> left(all, choice));
        return Grip.of(page(at), at, cross, false, "No tie here")
                .looking(Grip.Look.POSSIBLE)
                .with(Act.SWITCH, "Allow one again", allow);
    }

    /** The sheet that has something to cut there. */
    private int page(Point at) {
        Geometry spot = FACTORY.createPoint(new Coordinate(at.x(), at.y()));
        for (int page = 0; page < set.sheets().size(); page++) {
            if (set.sheets().get(page).stencil().away().isWithinDistance(spot, 0.5)) {
                return page;
            }
        }
        return 0;
    }

    @Override
    public String label() {
        return "Tie here";
    }

    @Override
    public Optional<WantedGoods> at(WantedGoods goods, int page, Point mm) {
        return Optional.of(
                ties(
                        goods,
                        all -> {
                            all.add(new TieChoice(Transforms.apply(onDrawing, mm), true));
                            return all;
                        }));
    }

    private List<TieChoice> without(List<TieChoice> all, Tie tie) {
        Optional<TieChoice> own = own(all, tie);
        own.ifPresent(all::remove);
        if (own.isEmpty()) {
            all.add(new TieChoice(Transforms.apply(onDrawing, tie.middle()), false));
        }
        return all;
    }

    private List<TieChoice> moved(List<TieChoice> all, Tie tie, Point to) {
        without(all, tie);
        all.add(new TieChoice(Transforms.apply(onDrawing, to), true));
        return all;
    }

    private static List<TieChoice> left(List<TieChoice> all, TieChoice one) {
        all.remove(one);
        return all;
    }

    /** What put a tie where it is: the nearest place that was asked for. */
    private Optional<TieChoice> own(List<TieChoice> all, Tie tie) {
        return !tie.byHand()
                ? Optional.empty()
                : all.stream()
                        .filter(TieChoice::wanted)
                        .min(
                                Comparator.comparingDouble(
                                        one ->
                                                Transforms.apply(set.onSheet(), one.at())
                                                        .distance(tie.middle())));
    }

    private static WantedGoods ties(WantedGoods goods, UnaryOperator<List<TieChoice>> change) {
        StencilRecipe recipe = goods.making().stencil();
        List<TieChoice> ties = change.apply(new ArrayList<>(recipe.ties()));
        return goods.withMaking(goods.making().withStencil(recipe.withTies(ties)));
    }

    static List<Point> ring(Coordinate[] ring) {
        return Arrays.stream(ring).map(one -> new Point(one.x, one.y)).toList();
    }
}

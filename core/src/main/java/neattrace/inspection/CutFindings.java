package neattrace.inspection;

import static neattrace.inspection.GoodsAnswers.change;
import static neattrace.inspection.GoodsAnswers.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.stencil.CutStencil;
import neattrace.goods.stencil.Island;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.stencil.Tie;
import neattrace.goods.stencil.Web;
import neattrace.job.WantedGoods;

/** What would fall out of cut stencils, tear or flap. */
final class CutFindings {

    private static final Kind LOOSE =
            kind("stencil-falls-apart", Severity.STOP, Cost.RUN, "%d sheets fall into pieces");
    private static final Kind FEW =
            kind("stencil-island-loose", Severity.LOOK, Cost.PLACE, "%d islands hang by one tie");
    private static final Kind TINY =
            kind("stencil-island-tiny", Severity.LOOK, Cost.PLACE, "%d islands are hardly a tie");
    private static final Kind NARROW =
            kind("stencil-web-narrow", Severity.LOOK, Cost.PLACE, "%d webs will tear");
    private static final Kind LONG =
            kind("stencil-web-long", Severity.LOOK, Cost.PLACE, "%d webs will flap");
    private static final Kind WIDE =
            kind("stencil-ties-wide", Severity.LOOK, Cost.RUN, "%d stencils are mostly ties");

    private static final Kind ADRIFT =
            kind("stencil-tie-adrift", Severity.LOOK, Cost.PLACE, "%d ties by hand are nowhere");

    private static final Kind HEAVY =
            kind("stencil-island-heavy", Severity.LOOK, Cost.PLACE, "%d islands want more ties");
    private static final Kind TIP =
            kind("stencil-tip-bends", Severity.LOOK, Cost.PLACE, "%d tips will bend up");

    static final List<Kind> KINDS =
            List.of(LOOSE, FEW, ADRIFT, HEAVY, WIDE, NARROW, LONG, TIP, TINY);

    /** Islands up to so many times the square of a tie's width are hardly worth their ties. */
    private static final double HARDLY = 1;

    private final StencilSet set;
    private final Wished wished;
    private final Leaving left;
    private final List<Finding> found = new ArrayList<>();

    CutFindings(StencilSet set, Wished wished, Leaving left) {
        this.set = set;
        this.wished = wished;
        this.left = left;
    }

    private static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(GangInspection.STATION, key, severity, cost, many);
    }

    List<Finding> findings() {
        for (StencilSet.Named sheet : set.sheets()) {
            String on = set.hasRegister() ? " on the sheet of " + sheet.name() : wished.on();
            CutStencil stencil = sheet.stencil();
            if (stencil.cut().isEmpty()) {
                continue;
            }
            if (!stencil.isOnePiece()) {
                found.add(loose(stencil, on));
            }
            if (stencil.tieMm2() > stencil.cut().getArea() && !left.isLeft(wished.left("ties"))) {
                found.add(wide(stencil, on));
            }
            stencil.islands().forEach(one -> island(one, on));
            stencil.islands().forEach(one -> heavy(one, stencil, on));
            stencil.webs().forEach(one -> web(one, on));
            stencil.webs().forEach(one -> tip(one, on));
        }
        set.adrift().forEach(this::adrift);
        return found;
    }

    private void adrift(TieChoice choice) {
        found.add(
                Finding.of(
                                ADRIFT,
                                "A tie that was put by hand is nowhere" + wished.on(),
                                "No tie can run near where it was put: the drawing has changed, or"
                                        + " there is nothing to hold.",
                                change(
                                        "forget",
                                        "Forget it",
                                        wished,
                                        recipe(
                                                one -> {
                                                    List<TieChoice> left =
                                                            new ArrayList<>(one.ties());
                                                    left.remove(choice);
                                                    return one.withTies(left);
                                                })))
                        .at(new Place.Spot(choice.at(), wished.onPage(4)))
                        .on(wished.keys()));
    }

    private Finding loose(CutStencil stencil, String on) {
        return Finding.of(
                        LOOSE,
                        "It falls into " + stencil.pieces() + " pieces" + on,
                        "What no tie holds falls out when it is cut.",
                        change(
                                "ties-anew",
                                "Lay all ties anew",
                                wished,
                                recipe(one -> one.withTies(List.of()))))
                .measuring(Measure.count(stencil.pieces()))
                .on(wished.keys());
    }

    private Finding wide(CutStencil stencil, String on) {
        double half = Math.max(0.2, Math.rint(5 * set.recipe().tieMm()) / 10);
        return Finding.of(
                        WIDE,
                        mm("Ties of %.1f mm take more than is left", set.recipe().tieMm()) + on,
                        "Little is left to paint through. Narrower ties, or a larger sheet, leave"
                                + " more.",
                        change(
                                "narrower-ties",
                                mm("Make them %.1f mm", half),
                                wished,
                                recipe(one -> one.withTieMm(half))),
                        left.leave(wished.left("ties")))
                .measuring(new Measure(stencil.tieMm2(), "mm²"))
                .on(wished.keys());
    }

    private void island(Island island, String on) {
        Point at = onDrawing(island.middle());
        double area = island.shape().getArea();
        double tie = set.recipe().tieMm();
        Place place = box(island);
        if (island.ties() < 2 && !left.isLeft(wished.left("few"), at)) {
            found.add(
                    Finding.of(
                                    FEW,
                                    "An island hangs by "
                                            + (island.ties() == 0 ? "no tie" : "one tie")
                                            + on,
                                    "It turns about a single tie, and tears off.",
                                    drop(area),
                                    left.leave(wished.left("few"), at))
                            .at(place)
                            .measuring(new Measure(area, "mm²"))
                            .on(wished.keys()));
        } else if (area < HARDLY * tie * tie && !left.isLeft(wished.left("tiny"), at)) {
            found.add(
                    Finding.of(
                                    TINY,
                                    mm("An island of %.1f mm²", area) + on,
                                    "It is smaller than the ties that hold it. Let it fall out, and"
                                            + " it is painted over.",
                                    drop(area),
                                    left.leave(wished.left("tiny"), at))
                            .at(place)
                            .measuring(new Measure(area, "mm²"))
                            .against(HARDLY * tie * tie)
                            .on(wished.keys()));
        }
    }

    private void heavy(Island island, CutStencil stencil, String on) {
        Point at = onDrawing(island.middle());
        if (!island.isHeavy() || left.isLeft(wished.left("heavy"), at)) {
            return;
        }
        List<Point> ties = new ArrayList<>();
        // Those it has stay where they are: ties are laid anew round what was put by hand.
        for (Tie tie : stencil.ties()) {
            if (!tie.byHand() && (tie.one() == island.piece() || tie.other() == island.piece())) {
                ties.add(onDrawing(tie.middle()));
            }
        }
        ties.add(onDrawing(island.farthest()));
        found.add(
                Finding.of(
                                HEAVY,
                                mm("An island of %.1f cm² hangs by", island.shape().getArea() / 100)
                                        + mm(" %.1f mm of ties", island.tiesMm())
                                        + on,
                                mm(
                                        "Parts of it reach %.0f mm beyond its ties: it lifts when"
                                                + " paint is laid over it, and tears off.",
                                        island.reachMm()),
                                change("tie", "Hold it by one more tie", wished, tied(ties)),
                                left.leave(wished.left("heavy"), at))
                        .at(box(island))
                        .measuring(new Measure(island.loadMm2(), "mm²"))
                        .against(island.bearsMm2())
                        .on(wished.keys()));
    }

    private static UnaryOperator<WantedGoods> tied(List<Point> places) {
        return recipe(
                one -> {
                    List<TieChoice> ties = new ArrayList<>(one.ties());
                    places.forEach(at -> ties.add(new TieChoice(at, true)));
                    return one.withTies(ties);
                });
    }

    private Answer.Change drop(double areaMm2) {
        // Rounded up, so that the island itself is among those that fall out.
        double up = Math.ceil(areaMm2 * 10) / 10;
        return change(
                "drop",
                "Let islands this small fall out",
                wished,
                recipe(one -> one.withDropMm2(Math.max(up, one.dropMm2()))));
    }

    private void web(Web web, String on) {
        Point at = onDrawing(web.at());
        Place place = new Place.Spot(at, wished.onPage(Math.max(4, 2 * web.widthMm())));
        double least = set.goods().detail().webMm();
        if (web.holds() && !left.isLeft(wished.left("web"), at)) {
            List<Answer> answers = new ArrayList<>();
            if (!set.recipe().thickened()) {
                answers.add(
                        change(
                                "thicken",
                                "Make webs as wide as they must be",
                                wished,
                                recipe(one -> one.withThickened(true))));
            }
            answers.add(left.leave(wished.left("web"), at));
            found.add(
                    Finding.of(
                                    NARROW,
                                    mm("A web of %.1f mm", web.widthMm()) + on,
                                    mm("Under %.1f mm it tears when the stencil is lifted.", least),
                                    answers.toArray(Answer[]::new))
                            .at(place)
                            .measuring(Measure.mm(web.widthMm()))
                            .against(least)
                            .on(wished.keys()));
        }
        if (web.flaps() && !left.isLeft(wished.left("flap"), at)) {
            found.add(
                    Finding.of(
                                    LONG,
                                    mm("A web %.0f mm long", web.lengthMm()) + on,
                                    mm(
                                            "It is longer than %.0f times its width: it flaps, and"
                                                    + " paint creeps beneath.",
                                            Web.FLAPS),
                                    change("tie", "Hold it by a tie", wished, tied(List.of(at))),
                                    left.leave(wished.left("flap"), at))
                            .at(place)
                            .measuring(Measure.mm(web.lengthMm()))
                            .against(Web.FLAPS * web.meanMm())
                            .on(wished.keys()));
        }
    }

    private void tip(Web web, String on) {
        Point at = onDrawing(web.at());
        if (!web.bends() || left.isLeft(wished.left("tip"), at)) {
            return;
        }
        found.add(
                Finding.of(
                                TIP,
                                mm("A tip %.0f mm long", web.lengthMm())
                                        + mm(" and %.1f mm wide", web.meanMm())
                                        + on,
                                "Nothing holds its end: it bends up, and paint creeps beneath.",
                                change("tie", "Hold it by a tie", wished, tied(List.of(at))),
                                left.leave(wished.left("tip"), at))
                        .at(new Place.Spot(at, wished.onPage(Math.max(4, web.lengthMm()))))
                        .measuring(Measure.mm(web.lengthMm()))
                        .against(Web.BENDS * web.meanMm())
                        .on(wished.keys()));
    }

    private static UnaryOperator<WantedGoods> recipe(UnaryOperator<StencilRecipe> change) {
        return one ->
                one.withMaking(one.making().withStencil(change.apply(one.making().stencil())));
    }

    private Place box(Island island) {
        var box = island.shape().getEnvelopeInternal();
        double k = set.room().factor();
        Point middle = onDrawing(new Point(box.centre().x, box.centre().y));
        return new Place.Box(middle, box.getWidth() / k, box.getHeight() / k);
    }

    private Point onDrawing(Point onSheet) {
        return set.onDrawing(onSheet);
    }
}

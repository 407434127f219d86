package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.Needs.Coloured;
import neattrace.job.PressSection;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackRecipe;
import neattrace.press.black.BlackSchool;
import neattrace.press.black.BlackShapes;
import neattrace.print.PrintShape;
import neattrace.print.Shapes;
import neattrace.print.ready.PressTerms;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What becomes of black: solids that print grey, fringes round it. */
final class BlackFindings {

    static final Kind GREY =
            new Kind(
                    PressInspection.STATION,
                    "black-grey",
                    Severity.LOOK,
                    Cost.RUN,
                    "%d solid blacks print grey");

    static final Kind UNEVEN =
            new Kind(
                    PressInspection.STATION,
                    "black-over-nothing",
                    Severity.LOOK,
                    Cost.RUN,
                    "%d solid blacks print in two depths");

    static final Kind FRINGED =
            new Kind(
                    PressInspection.STATION,
                    "black-fringed",
                    Severity.LOOK,
                    Cost.RUN,
                    "Colours show beside black");

    /** Black ink alone looks grey on solids so wide, mm (common practice, no source). */
    private static final double SOLID_MM = 5;

    private static final double FINE_MM = 0.02;

    /** So much of another depth is seen, mm2 (common practice, no source). */
    private static final double SEEN_MM2 = 4;

    private final PressSection press;
    private final List<Wished> printed;
    private final List<Outline> black;
    private final List<FlatLayer> flats;
    private final Leaving left;

    /**
     * Findings.
     *
     * @param black all of it, mm on the page
     * @param flats what lies beneath it
     */
    BlackFindings(
            PressSection press,
            List<Wished> wished,
            List<Outline> black,
            List<FlatLayer> flats,
            Leaving left) {
        this.press = press;
        this.black = black;
        this.flats = flats;
        this.left = left;
        // Where inks are counted black is one of them, and nothing lies beneath it.
        this.printed =
                wished.stream()
                        .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                        .filter(one -> one.goods().printing().mostInks() == 0)
                        .toList();
    }

    /** Solids without colours beneath them: all grey, or in two depths. */
    List<Finding> solids() {
        boolean alone = press.choices().stream().anyMatch(one -> !one.rich());
        if (printed.isEmpty() || press.school() != BlackSchool.K_ONLY && !alone) {
            return List.of();
        }
        Wished wished = printed.get(0);
        List<Polygon> pieces = new ArrayList<>();
        black.forEach(one -> pieces.addAll(Shapes.toPolygons(new PrintShape.Curved(one), FINE_MM)));
        Geometry solid = BlackShapes.core(pieces, wished.onPage(SOLID_MM) / 2);
        Geometry rich = BlackShapes.underlay(pieces, onPage(wished), press.choices());
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < solid.getNumGeometries(); i++) {
            Geometry one = solid.getGeometryN(i);
            if (one.isEmpty() || rich.intersects(one)) {
                continue;
            }
            var inside = one.getInteriorPoint();
            Point at = new Point(inside.getX(), inside.getY());
            Kind kind = isOverBoth(one, wished) ? UNEVEN : GREY;
            if (!left.isLeft("grey", at)) {
                found.add(solid(kind, wished, at));
            }
        }
        return found;
    }

    /** How black is printed, in mm of the page. */
    private BlackRecipe onPage(Wished wished) {
        BlackRecipe goods =
                PressTerms.of(press, wished.goods().printing(), wished.goods().ground()).black();
        return new BlackRecipe(
                goods.school(),
                goods.underlay(),
                wished.onPage(goods.keptBackMm()),
                wished.onPage(goods.boldMm()));
    }

    /** Whether a part of it that is seen lies over colour, and another over nothing. */
    private boolean isOverBoth(Geometry solid, Wished wished) {
        double seen = SEEN_MM2 / (wished.onGoods(1) * wished.onGoods(1));
        List<Geometry> over =
                flats.stream()
                        .map(
                                one ->
                                        OverlayNGRobust.overlay(
                                                solid, one.shape(), OverlayNG.INTERSECTION))
                        .toList();
        double covered = over.isEmpty() ? 0 : OverlayNGRobust.union(over).getArea();
        return covered > seen && solid.getArea() - covered > seen;
    }

    private Finding solid(Kind kind, Wished wished, Point at) {
        List<Answer> answers = new ArrayList<>();
        answers.add(
                new Answer.Change(
                        "rich-here",
                        "Make this one rich",
                        "Black",
                        (job, drawing) -> job.withPress(rich(job.press(), at, wished))));
        if (press.school() == BlackSchool.K_ONLY) {
            answers.add(
                    new Answer.Change(
                            "rich",
                            "Make black rich where bold",
                            "Black",
                            (job, drawing) ->
                                    job.withPress(job.press().withSchool(BlackSchool.KEPT_BACK))));
        }
        answers.add(left.leave("grey", at));
        return Finding.of(
                        kind,
                        kind == UNEVEN
                                ? "Solid black lies half over colour, half over nothing"
                                        + wished.on()
                                : "Solid black prints grey" + wished.on(),
                        kind == UNEVEN
                                ? "Where it has colour beneath it it is deep, and grey beside that."
                                        + " Rich black lays C60 M40 Y40 beneath all of it."
                                : "Black ink alone is weak on solids of 5 mm and more. Rich black"
                                        + " lays C60 M40 Y40 beneath it.",
                        answers.toArray(Answer[]::new))
                .measuring(new Measure(SOLID_MM, "mm"))
                .at(new Place.Spot(at, wished.onPage(SOLID_MM)))
                .on(Wished.keys(printed));
    }

    /** Without what was chosen there before, and rich where the rule would not have it so. */
    private static PressSection rich(PressSection press, Point at, Wished wished) {
        double reach = wished.onPage(BlackShapes.REACH_MM + SOLID_MM);
        List<BlackChoice> choices =
                new ArrayList<>(
                        press.choices().stream()
                                .filter(one -> one.rich() || one.at().distance(at) > reach)
                                .toList());
        choices.add(new BlackChoice(at, true));
        return press.withChoices(choices);
    }

    /** What was set at Press holds for all goods. */
    private double registerMm(Wished wished) {
        return press.registerMm() == PressSection.AUTO
                ? wished.goods().printing().registerMm()
                : press.registerMm();
    }

    List<Finding> fringed() {
        List<Wished> off = printed.stream().filter(one -> registerMm(one) > 0).toList();
        if (press.school() != BlackSchool.AS_DRAWN
                || off.isEmpty()
                || black.isEmpty()
                || left.isLeft("fringed")) {
            return List.of();
        }
        double register = registerMm(off.get(0));
        return List.of(
                Finding.of(
                                FRINGED,
                                "Colours will show beside black" + off.get(0).on(),
                                String.format(
                                        Locale.ROOT,
                                        "They lie beneath all of it, and plates lie off by %.2f mm.",
                                        register),
                                new Answer.Change(
                                        "keep-back",
                                        "Keep them back from its edge",
                                        "Black",
                                        (job, drawing) ->
                                                job.withPress(
                                                        job.press()
                                                                .withSchool(
                                                                        BlackSchool.KEPT_BACK))),
                                left.leave("fringed"))
                        .measuring(new Measure(register, "mm"))
                        .on(Wished.keys(off)));
    }
}

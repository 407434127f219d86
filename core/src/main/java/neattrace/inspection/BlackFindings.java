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
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.Needs.Coloured;
import neattrace.press.black.BlackSchool;
import neattrace.press.black.BlackShapes;
import neattrace.print.PrintShape;
import neattrace.print.Shapes;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** What becomes of black: solids that print grey, fringes round it. */
final class BlackFindings {

    static final Kind GREY =
            new Kind(
                    PressInspection.STATION,
                    "black-grey",
                    Severity.LOOK,
                    Cost.RUN,
                    "%d solid blacks print grey");

    static final Kind FRINGED =
            new Kind(
                    PressInspection.STATION,
                    "black-fringed",
                    Severity.LOOK,
                    Cost.RUN,
                    "Colours show beside black");

    static final List<Kind> KINDS = List.of(GREY, FRINGED);

    /** Black ink alone looks grey on solids so wide, mm (common practice, no source). */
    private static final double SOLID_MM = 5;

    private static final double FINE_MM = 0.02;

    private final BlackSchool school;
    private final List<Wished> printed;
    private final List<Outline> black;
    private final Leaving left;

    BlackFindings(BlackSchool school, List<Wished> wished, List<Outline> black, Leaving left) {
        this.school = school;
        this.black = black;
        this.left = left;
        // Where inks are counted black is one of them, and nothing lies beneath it.
        this.printed =
                wished.stream()
                        .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                        .filter(one -> one.goods().printing().mostInks() == 0)
                        .toList();
    }

    List<Finding> grey() {
        if (school != BlackSchool.K_ONLY || printed.isEmpty()) {
            return List.of();
        }
        Wished wished = printed.get(0);
        List<Polygon> pieces = new ArrayList<>();
        black.forEach(one -> pieces.addAll(Shapes.toPolygons(new PrintShape.Curved(one), FINE_MM)));
        Geometry solid = BlackShapes.core(pieces, wished.onPage(SOLID_MM) / 2);
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < solid.getNumGeometries(); i++) {
            if (solid.getGeometryN(i).isEmpty()) {
                continue;
            }
            var inside = solid.getGeometryN(i).getInteriorPoint();
            Point at = new Point(inside.getX(), inside.getY());
            if (!left.isLeft("grey", at)) {
                found.add(grey(wished, at));
            }
        }
        return found;
    }

    private Finding grey(Wished wished, Point at) {
        return Finding.of(
                        GREY,
                        "Solid black prints grey" + wished.on(),
                        "Black ink alone is weak on solids of 5 mm and more. Rich black lays C60"
                                + " M40 Y40 beneath it.",
                        rich(),
                        left.leave("grey", at))
                .measuring(new Measure(SOLID_MM, "mm"))
                .at(new Place.Spot(at, wished.onPage(SOLID_MM)))
                .on(Wished.keys(printed));
    }

    private static Answer.Change rich() {
        return new Answer.Change(
                "rich",
                "Make it rich where bold",
                "Black",
                (job, drawing) -> job.withPress(job.press().withSchool(BlackSchool.KEPT_BACK)));
    }

    List<Finding> fringed() {
        List<Wished> off =
                printed.stream().filter(one -> one.goods().printing().registerMm() > 0).toList();
        if (school != BlackSchool.AS_DRAWN
                || off.isEmpty()
                || black.isEmpty()
                || left.isLeft("fringed")) {
            return List.of();
        }
        double register = off.get(0).goods().printing().registerMm();
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

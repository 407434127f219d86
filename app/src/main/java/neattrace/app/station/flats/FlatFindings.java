package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.station.LeftAlone;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.Swatch;
import neattrace.flat.review.FlatFinding;
import neattrace.flat.review.FlatReview;
import neattrace.geom.Point;
import neattrace.job.colouring.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.region.Area;

/** What is doubtful about flats, with what can be done about it. */
final class FlatFindings {

    private static final int MOST_FINDINGS = 400;

    /** With more bare areas than this, one answer for all is offered. */
    private static final int MANY = 5;

    /** An area up to this size is a speck, mm2. */
    private static final double SPECK = 2;

    private final FlatsDesk desk;
    private final LeftAlone left;

    FlatFindings(FlatsDesk desk) {
        this.desk = desk;
        this.left = new LeftAlone(desk.workspace());
    }

    List<Finding> of(Shown shown) {
        Drawing drawing = shown.drawing();
        List<Finding> findings = new ArrayList<>();
        drawing.attachment().lost().forEach(lost -> findings.add(lost(lost)));
        drawing.job().groups().forEach(group -> scattered(drawing, group, findings));
        drawing.lostForms().forEach(form -> findings.add(lost(form)));
        List<FlatFinding> doubtful =
                FlatReview.of(
                        drawing.areas(),
                        drawing.attachment().swatchOf(),
                        drawing.job().swatches(),
                        drawing.resolution().mmPerPx(),
                        desk.workspace().press(),
                        drawing.job().flat().limits());
        acrossCuts(drawing).forEach(finding -> add(drawing, finding, findings));
        for (FlatFinding finding : doubtful) {
            if (!(finding instanceof FlatFinding.UsedOnce)) {
                add(drawing, finding, findings);
            }
        }
        bare(drawing, findings);
        // Often a colour is meant to be used once, so this comes last.
        for (FlatFinding finding : doubtful) {
            if (finding instanceof FlatFinding.UsedOnce) {
                add(drawing, finding, findings);
            }
        }
        return findings.size() > MOST_FINDINGS ? findings.subList(0, MOST_FINDINGS) : findings;
    }

    /** A place of the page on the untouched scan, where findings that were left are kept. */
    private static Point source(Drawing drawing, Point mm) {
        Point px = mm.times(drawing.resolution().pxPerMm());
        return drawing.reading().frame().toSource().apply(px);
    }

    private Finding lost(Fill lost) {
        return new Finding(
                lost.anchor(),
                4,
                "A colour lost its area",
                "The area it was laid in is gone or has been joined to another.",
                Mark.at(lost.anchor(), "lost colour", false),
                List.of(
                        new Answer(
                                "Forget it",
                                () ->
                                        desk.change(
                                                "Forget a lost colour",
                                                job ->
                                                        job.withFills(
                                                                job.fills().stream()
                                                                        .filter(
                                                                                f ->
                                                                                        !f.equals(
                                                                                                lost))
                                                                        .toList())))));
    }

    /** A group some of whose areas are gone. */
    private void scattered(Drawing drawing, AreaGroup group, List<Finding> findings) {
        List<Point> kept = Colouring.stillThere(drawing, group);
        int gone = group.anchors().size() - kept.size();
        if (gone == 0) {
            return;
        }
        findings.add(
                Finding.general(
                        String.format(Locale.ROOT, "“%s” lost %d of its areas", group.name(), gone),
                        "They are gone or open to the page. They are kept in mind, in case they come"
                                + " back.",
                        new Answer(
                                "Forget them",
                                () ->
                                        desk.change(
                                                "Forget areas of a group",
                                                job -> Colouring.without(job, group, kept)))));
    }

    private Finding lost(Form form) {
        return Finding.general(
                form.words() + ": nothing to lie on",
                "The area is gone or too small for it. It is kept, in case the area comes back.",
                new Answer(
                        "Forget it",
                        () ->
                                desk.changeFlat(
                                        "Forget a form",
                                        flat ->
                                                flat.withForms(
                                                        flat.forms().stream()
                                                                .filter(one -> !one.equals(form))
                                                                .toList()))));
    }

    private void add(Drawing drawing, FlatFinding finding, List<Finding> findings) {
        if (finding instanceof FlatFinding.TooManyInks inks) {
            findings.add(
                    Finding.general(
                            inks.inks() + " colours, and the printer takes " + inks.limit(),
                            "Each colour is an ink and costs. Replace those that matter least, at"
                                    + " Palette."));
        } else if (finding instanceof FlatFinding.Alike alike) {
            alike(drawing, alike, findings);
        } else if (finding instanceof FlatFinding.SameAcrossCut same) {
            acrossCut(drawing, same, findings);
        } else if (finding instanceof FlatFinding.WideLeak leak) {
            leak(drawing, leak, findings);
        } else if (finding instanceof FlatFinding.TooSmall small) {
            tooSmall(drawing, small, findings);
        } else if (finding instanceof FlatFinding.Crowded crowded) {
            crowded(drawing, crowded, findings);
        } else if (finding instanceof FlatFinding.UsedOnce once) {
            usedOnce(drawing, once, findings);
        }
    }

    private static List<FlatFinding> acrossCuts(Drawing drawing) {
        return FlatReview.acrossCuts(
                drawing.areas(),
                drawing.attachment().swatchOf(),
                drawing.job().swatches(),
                drawing.resolution().mmPerPx(),
                drawing.job().close().cuts(),
                drawing.knife());
    }

    private void acrossCut(
            Drawing drawing, FlatFinding.SameAcrossCut same, List<Finding> findings) {
        Point at = same.cut().middle();
        if (LeftAlone.isLeft(drawing, "cut", source(drawing, at))) {
            return;
        }
        Area side = drawing.areas().at(same.at()).orElseThrow();
        findings.add(
                new Finding(
                        at,
                        6,
                        same.swatch().name() + " lies on both sides of a cut",
                        "A cut parts what should differ: one side is still to be coloured, or the"
                                + " colour is on the wrong side.",
                        Mark.line(same.cut().line(), at, "one colour on both sides"),
                        List.of(
                                new Answer("Colour one side", () -> colourFound(side)),
                                left.leave("cut", source(drawing, at)))));
    }

    private void alike(Drawing drawing, FlatFinding.Alike alike, List<Finding> findings) {
        String kind =
                "alike "
                        + Math.min(alike.kept().id(), alike.other().id())
                        + " "
                        + Math.max(alike.kept().id(), alike.other().id());
        if (LeftAlone.isLeft(drawing, kind)) {
            return;
        }
        int from = alike.other().id();
        int into = alike.kept().id();
        findings.add(
                Finding.general(
                        String.format(
                                Locale.ROOT,
                                "%s and %s are all but one colour",
                                alike.kept().name(),
                                alike.other().name()),
                        String.format(
                                Locale.ROOT,
                                "They differ by %.1f (CIEDE2000); under %.0f hardly anybody sees it,"
                                        + " and each costs an ink.",
                                alike.difference(),
                                FlatReview.ALIKE),
                        new Answer(
                                "Make them " + alike.kept().name(),
                                () ->
                                        desk.change(
                                                "Merge swatches",
                                                job -> Colouring.merged(job, from, into))),
                        left.leave(kind)));
    }

    private void leak(Drawing drawing, FlatFinding.WideLeak leak, List<Finding> findings) {
        double mmPerPx = drawing.resolution().mmPerPx();
        Point at = leak.gap().place().times(mmPerPx);
        if (LeftAlone.isLeft(drawing, "leak", source(drawing, at)) || leak.gap().decided()) {
            return;
        }
        String measure = String.format(Locale.ROOT, "%.2f mm", leak.widthMm());
        findings.add(
                new Finding(
                        at,
                        Math.max(4, 3 * leak.widthMm()),
                        "Two colours meet in a gap of " + measure,
                        "Only an unseen line keeps them apart; the gap is wide enough to be seen.",
                        new Mark(
                                at,
                                leak.gap().from().times(mmPerPx),
                                leak.gap().to().times(mmPerPx),
                                measure,
                                false,
                                true),
                        List.of(left.leave("leak", source(drawing, at)))));
    }

    private void tooSmall(Drawing drawing, FlatFinding.TooSmall small, List<Finding> findings) {
        Point at = drawing.anchorMm(small.area());
        if (LeftAlone.isLeft(drawing, "small", source(drawing, at))) {
            return;
        }
        String measure = String.format(Locale.ROOT, "%.2f mm wide", small.widthMm());
        findings.add(
                new Finding(
                        at,
                        3,
                        "An area only " + measure,
                        String.format(
                                Locale.ROOT,
                                "A pencil or a blade needs %.1f mm to get in (set at Finish).",
                                drawing.job().flat().limits().leastAreaMm()),
                        Mark.at(at, measure, false),
                        List.of(
                                left.leave("small", source(drawing, at)),
                                new Answer(
                                        "Leave it bare",
                                        () -> desk.colour(List.of(small.area()), Fill.PAPER)))));
    }

    private void crowded(Drawing drawing, FlatFinding.Crowded crowded, List<Finding> findings) {
        String kind = "crowded " + crowded.swatch().id();
        if (LeftAlone.isLeft(drawing, kind)) {
            return;
        }
        findings.add(
                Finding.general(
                        crowded.swatch().name() + " is all " + crowded.where(),
                        String.format(
                                Locale.ROOT,
                                "All %d areas of it lie there. A colour that comes back elsewhere"
                                        + " holds a sheet together.",
                                crowded.areas().size()),
                        left.leave(kind)));
    }

    private void usedOnce(Drawing drawing, FlatFinding.UsedOnce once, List<Finding> findings) {
        Swatch swatch = once.swatch();
        String kind = "once " + swatch.id();
        if (LeftAlone.isLeft(drawing, kind)) {
            return;
        }
        Point at = drawing.anchorMm(once.area());
        findings.add(
                new Finding(
                        at,
                        Math.max(4, 2.5 * once.area().radiusPx() * drawing.resolution().mmPerPx()),
                        swatch.name() + " is used once",
                        "One area only: meant, or a slip? In print it is an ink of its own.",
                        Mark.at(at, swatch.name(), false),
                        List.of(left.leave(kind))));
    }

    private void bare(Drawing drawing, List<Finding> findings) {
        List<Area> bare = drawing.emptyAreas();
        if (bare.size() > MANY) {
            findings.add(
                    Finding.general(
                            bare.size() + " areas are still bare",
                            "They follow below, the smallest first: those are the ones missed.",
                            new Answer(
                                    "Leave them all bare", () -> desk.colour(bare, Fill.PAPER))));
        }
        for (Area area : bare) {
            if (findings.size() >= MOST_FINDINGS) {
                return;
            }
            findings.add(empty(drawing, area));
        }
    }

    private Finding empty(Drawing drawing, Area area) {
        double squareMm = drawing.squareMm(area);
        Point at = drawing.anchorMm(area);
        String measure =
                squareMm < 1
                        ? String.format(Locale.ROOT, "%.2f mm² without colour", squareMm)
                        : String.format(Locale.ROOT, "%.0f mm² without colour", squareMm);
        return new Finding(
                at,
                Math.max(3, 2.5 * area.radiusPx() * drawing.resolution().mmPerPx()),
                measure,
                squareMm < SPECK
                        ? "A speck this small is easily missed and prints white."
                        : "An enclosed area that is still bare.",
                Mark.at(at, measure, false),
                List.of(
                        new Answer("Colour it", () -> colourFound(area)),
                        new Answer("Leave it bare", () -> desk.colour(List.of(area), Fill.PAPER))));
    }

    private void colourFound(Area area) {
        if (desk.inHand().get() == Fill.PAPER) {
            desk.workspace().say("Pick a swatch first: press its number.");
        } else {
            desk.colour(List.of(area));
        }
    }
}

package neattrace.app.station.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.station.LeftAlone;
import neattrace.app.table.Mark;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.advice.LocalAdvice;
import neattrace.sheet.blemish.Blemish;
import neattrace.sheet.speck.Speck;
import neattrace.sheet.speck.SpeckReport;

/** What was found at places of a sheet: blemishes, patches, specks. */
final class PlaceFindings {

    private static final int MOST_SPECKS = 40;

    private final Desk desk;
    private final LeftAlone left;

    PlaceFindings(Desk desk, LeftAlone left) {
        this.desk = desk;
        this.left = left;
    }

    Optional<Finding> blemish(Drawing drawing, Blemish blemish) {
        double mm = drawing.resolution().mmPerPx();
        Point middle = middle(blemish.x(), blemish.y(), blemish.width(), blemish.height());
        Point source = drawing.reading().frame().toSource().apply(middle);
        String what = blemish.kind().name().toLowerCase(Locale.ROOT);
        if (LeftAlone.isLeft(drawing, what, source)) {
            return Optional.empty();
        }
        String size =
                String.format(
                        Locale.ROOT, "%.0f × %.0f mm", blemish.width() * mm, blemish.height() * mm);
        String title =
                switch (blemish.kind()) {
                    case SPINE -> "A dark strip along the edge";
                    case EDGE -> "The sheet's own edge";
                    case MARK -> "A faint mark or stamp";
                    case SMUDGE -> "A smudge";
                };
        Answer mask =
                new Answer(
                        "Mask it off",
                        () ->
                                desk.change(
                                        "Mask off",
                                        r ->
                                                r.withMask(
                                                        new Mask(
                                                                blemish.shape(),
                                                                Mask.Kind.ERASE))));
        Answer leave = left.leave(what, source);
        // A line along the border that does not touch it may be a frame that was drawn.
        boolean inside =
                blemish.x() > 0
                        && blemish.y() > 0
                        && blemish.x() + blemish.width() < drawing.reading().map().width()
                        && blemish.y() + blemish.height() < drawing.reading().map().height();
        boolean careful =
                blemish.kind() == Blemish.Kind.EDGE && inside
                        || blemish.cutsInk()
                        || blemish.kind() != Blemish.Kind.EDGE && blemish.inkPieces() > 0;
        return Optional.of(
                place(
                        drawing,
                        blemish.x(),
                        blemish.y(),
                        blemish.width(),
                        blemish.height(),
                        title + ", " + size,
                        reason(blemish),
                        careful ? List.of(leave, mask) : List.of(mask, leave)));
    }

    private static String reason(Blemish blemish) {
        if (blemish.cutsInk()) {
            return "Parts of the drawing reach in here; a mask would cut them off.";
        }
        if (blemish.inkPieces() > 0) {
            return blemish.inkPieces() == 1
                    ? "1 piece of ink lies within and would go with it."
                    : blemish.inkPieces() + " pieces of ink lie within and would go with it.";
        }
        return "It is no ink as it is; masked off it can never become any.";
    }

    Optional<Finding> local(Drawing drawing, LocalAdvice advice) {
        Point middle = middle(advice.x(), advice.y(), advice.width(), advice.height());
        Point source = drawing.reading().frame().toSource().apply(middle);
        if (LeftAlone.isLeft(drawing, "local", source)) {
            return Optional.empty();
        }
        String title =
                advice.lighter()
                        ? String.format(Locale.ROOT, "%d faint lines are lost here", advice.now())
                        : String.format(Locale.ROOT, "%d slits are plugged here", advice.now());
        String reason =
                String.format(
                        Locale.ROOT,
                        "With ink from %.0f %% in here, %s remain.",
                        advice.inkPercent(),
                        advice.then() == 0 ? "none" : String.valueOf(advice.then()));
        Answer patch =
                new Answer(
                        String.format(Locale.ROOT, "Patch: ink from %.0f %%", advice.inkPercent()),
                        () -> patch(advice.shape(), advice.inkPercent()));
        return Optional.of(
                place(
                        drawing,
                        advice.x(),
                        advice.y(),
                        advice.width(),
                        advice.height(),
                        title,
                        reason,
                        List.of(patch, left.leave("local", source))));
    }

    private void patch(SheetShape shape, double percent) {
        desk.change(
                "Patch", r -> r.withDecision(r.decision().withPatch(new Patch(shape, percent))));
    }

    void specks(Drawing drawing, List<Finding> found) {
        int listed = 0;
        int more = 0;
        for (Speck speck : drawing.reading().specks().doubtful()) {
            Point middle = new Point(speck.x(), speck.y());
            Point source = drawing.reading().frame().toSource().apply(middle);
            if (LeftAlone.isLeft(drawing, "speck", source)) {
                continue;
            }
            if (listed == MOST_SPECKS) {
                more++;
                continue;
            }
            found.add(speck(drawing, speck, source));
            listed++;
        }
        int unlisted = drawing.reading().specks().unlisted() + more;
        if (unlisted > 0) {
            found.add(
                    Finding.general(
                            unlisted + " more specks are in doubt",
                            "The largest are listed; the rest stays as the program decided. As"
                                    + " these are settled, the next ones come up. A speck size in mm"
                                    + " decides about all of them at once."));
        }
    }

    private Finding speck(Drawing drawing, Speck speck, Point source) {
        boolean gone = speck.fate() == Speck.Fate.DROPPED;
        String kind = speck.ink() ? "dot" : "pinhole";
        String title =
                String.format(
                        Locale.ROOT,
                        "A %s of %.2f mm was %s",
                        kind,
                        speck.diameterMm(),
                        gone ? "dropped" : "kept");
        double radius = 1.2 * speck.diameterMm() * drawing.reading().scanPxPerMm();
        SheetShape spot = new SheetShape.Brush(List.of(source), Math.max(2, radius));
        Answer right = new Answer("That is right", () -> left.settle("speck", source));
        Mask.Kind kindOfMask =
                gone ? Mask.Kind.PROTECT : speck.ink() ? Mask.Kind.ERASE : Mask.Kind.FILL;
        String other = gone ? "Keep it" : speck.ink() ? "Drop it" : "Fill it";
        Answer otherwise =
                new Answer(
                        other,
                        () ->
                                desk.change(
                                        other.replace("it", "a " + kind),
                                        r -> r.withMask(new Mask(spot, kindOfMask))));
        double mm = drawing.resolution().mmPerPx();
        Point at = new Point(speck.x() * mm, speck.y() * mm);
        SpeckRecipe sizes = drawing.reading().recipe().specks();
        boolean byScan = speck.ink() ? sizes.dustByScan() : sizes.pinholesByScan();
        SpeckReport report = drawing.reading().specks();
        return new Finding(
                at,
                2,
                title,
                byScan
                        ? "By its size, darkness, shape and company it may be either: dust, or"
                                + " part of the drawing?"
                        : String.format(
                                Locale.ROOT,
                                "Near the limit of %.2f mm: %s, or part of the drawing?",
                                (speck.ink() ? report.dust() : report.pinholes()).limitMm(),
                                speck.ink() ? "dust" : "a pinhole"),
                Mark.at(at, title, false),
                List.of(right, otherwise));
    }

    private static Point middle(int x, int y, int width, int height) {
        return new Point(x + width / 2.0, y + height / 2.0);
    }

    /** A finding about a rectangle of the sheet, in sheet px. */
    private static Finding place(
            Drawing drawing,
            int x,
            int y,
            int width,
            int height,
            String title,
            String reason,
            List<Answer> answers) {
        double mm = drawing.resolution().mmPerPx();
        Point middle = middle(x, y, width, height).times(mm);
        double reach = Math.max(width, height) * mm / 2;
        Point box = new Point(width * mm / 2, height * mm / 2);
        Mark mark = Mark.box(middle.minus(box), middle.plus(box), title);
        return new Finding(middle, Math.max(2, 0.75 * reach), title, reason, mark, answers);
    }
}

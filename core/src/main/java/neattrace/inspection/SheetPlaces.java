package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.review.Blemish;
import neattrace.sheet.speck.Speck;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.sweep.LocalAdvice;

/** What was found at places of a sheet: blemishes, patches, specks. */
final class SheetPlaces {

    private final SheetInspection.Reads reads;
    private final Leaving left;
    private final double mmPerPx;

    SheetPlaces(SheetInspection.Reads reads) {
        this.reads = reads;
        this.left = reads.left();
        this.mmPerPx = reads.sheet().mmPerPx();
    }

    /** What is probably no drawing. */
    Optional<Group> blemishes(Kind kind, List<Blemish> blemishes) {
        List<Finding> found = new ArrayList<>();
        for (Blemish blemish : blemishes) {
            Place.Box box = box(blemish.x(), blemish.y(), blemish.width(), blemish.height());
            if (!left.isLeft(key(blemish), box.at())) {
                found.add(blemish(kind, blemish, box));
            }
        }
        return Group.of(found, Integer.MAX_VALUE, all -> List.of());
    }

    private static String key(Blemish blemish) {
        return blemish.kind().name().toLowerCase(Locale.ROOT);
    }

    private Finding blemish(Kind kind, Blemish blemish, Place.Box box) {
        Mask mask = new Mask(blemish.shape(), Mask.Kind.ERASE);
        Answer erase = recipe("mask", "Mask it off", "Mask off", r -> r.withMask(mask));
        Answer leave = left.leave(key(blemish), box.at());
        return Finding.of(
                        kind,
                        String.format(
                                Locale.ROOT,
                                "%s, %.0f × %.0f mm",
                                what(blemish.kind()),
                                box.widthMm(),
                                box.heightMm()),
                        reason(blemish),
                        isDelicate(blemish)
                                ? new Answer[] {leave, erase}
                                : new Answer[] {erase, leave})
                .at(box)
                .measuring(new Measure(box.widthMm() * box.heightMm(), "mm²"));
    }

    private static String what(Blemish.Kind kind) {
        return switch (kind) {
            case SPINE -> "A dark strip along the edge";
            case EDGE -> "The sheet's own edge";
            case MARK -> "A faint mark or stamp";
            case SMUDGE -> "A smudge";
        };
    }

    /** Whether a mask might take something of the drawing away. */
    private boolean isDelicate(Blemish blemish) {
        // A line along the border that does not touch it may be a frame that was drawn.
        boolean inside =
                blemish.x() > 0
                        && blemish.y() > 0
                        && blemish.x() + blemish.width() < reads.ink().map().width()
                        && blemish.y() + blemish.height() < reads.ink().map().height();
        boolean edge = blemish.kind() == Blemish.Kind.EDGE;
        return edge && inside || blemish.cutsInk() || !edge && blemish.inkPieces() > 0;
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

    /** Parts of the sheet that want another threshold. */
    Optional<Group> local(List<LocalAdvice> advices) {
        Kind kind = SheetInspection.LOST_DETAIL;
        List<Finding> found = new ArrayList<>();
        for (LocalAdvice advice : advices) {
            Place.Box box = box(advice.x(), advice.y(), advice.width(), advice.height());
            if (!left.isLeft("local", box.at())) {
                found.add(local(kind, advice, box));
            }
        }
        return Group.of(
                found,
                Integer.MAX_VALUE,
                all ->
                        List.of(
                                Group.each(all, "patch", "Patch all " + all.size()),
                                Group.each(all, Leaving.LEAVE, "Leave all as they are")));
    }

    private Finding local(Kind kind, LocalAdvice advice, Place.Box box) {
        String what =
                advice.lighter() ? "%d faint lines are lost here" : "%d slits are plugged here";
        Patch patch = new Patch(advice.shape(), advice.inkPercent());
        return Finding.of(
                        kind,
                        String.format(Locale.ROOT, what, advice.now()),
                        String.format(
                                Locale.ROOT,
                                "With ink from %.0f %% in here, %s remain.",
                                advice.inkPercent(),
                                advice.then() == 0 ? "none" : String.valueOf(advice.then())),
                        recipe(
                                "patch",
                                String.format(
                                        Locale.ROOT,
                                        "Patch: ink from %.0f %%",
                                        advice.inkPercent()),
                                "Patch",
                                r -> r.withDecision(r.decision().withPatch(patch))),
                        left.leave("local", box.at()))
                .at(box)
                .measuring(Measure.count(advice.now()));
    }

    /** Small pieces that may be dust or part of the drawing, largest first. */
    Optional<Group> specks() {
        SpeckReport report = reads.ink().specks();
        List<Finding> found = new ArrayList<>();
        for (Speck speck : report.doubtful()) {
            Point at = new Point(speck.x(), speck.y()).times(mmPerPx);
            if (!left.isLeft("speck", at)) {
                found.add(speck(speck, at));
            }
        }
        return Group.of(
                        found,
                        SpeckReport.MOST,
                        all ->
                                List.of(
                                        Group.each(
                                                all,
                                                Leaving.LEAVE,
                                                "All " + all.size() + " are right"),
                                        Group.each(all, "turn", "Turn all round")))
                .map(group -> group.and(report.unlisted()));
    }

    private Finding speck(Speck speck, Point at) {
        boolean gone = speck.fate() == Speck.Fate.DROPPED;
        String kind = speck.ink() ? "dot" : "pinhole";
        double radius = 1.2 * speck.diameterMm() * reads.ink().scanPxPerMm();
        Point source = reads.ink().frame().toSource().apply(new Point(speck.x(), speck.y()));
        SheetShape spot = new SheetShape.Brush(List.of(source), Math.max(2, radius));
        Mask mask =
                new Mask(
                        spot,
                        gone ? Mask.Kind.PROTECT : speck.ink() ? Mask.Kind.ERASE : Mask.Kind.FILL);
        String other = gone ? "Keep it" : speck.ink() ? "Drop it" : "Fill it";
        return Finding.of(
                        SheetInspection.SPECK,
                        String.format(
                                Locale.ROOT,
                                "A %s of %.2f mm was %s",
                                kind,
                                speck.diameterMm(),
                                gone ? "dropped" : "kept"),
                        doubt(speck),
                        left.leave("That is right", "speck", at),
                        recipe(
                                "turn",
                                other,
                                other.replace("it", "a " + kind),
                                r -> r.withMask(mask)))
                .at(new Place.Spot(at, 2))
                .measuring(Measure.mm(speck.diameterMm()));
    }

    private String doubt(Speck speck) {
        SpeckRecipe sizes = reads.ink().recipe().specks();
        if (speck.ink() ? sizes.dustByScan() : sizes.pinholesByScan()) {
            return "By its size, darkness, shape and company it may be either: dust, or part of the"
                    + " drawing?";
        }
        SpeckReport report = reads.ink().specks();
        return String.format(
                Locale.ROOT,
                "Near the limit of %.2f mm: %s, or part of the drawing?",
                (speck.ink() ? report.dust() : report.pinholes()).limitMm(),
                speck.ink() ? "dust" : "a pinhole");
    }

    /** A rectangle of the sheet, in sheet px. */
    private Place.Box box(int x, int y, int width, int height) {
        Point middle = new Point(x + width / 2.0, y + height / 2.0).times(mmPerPx);
        return new Place.Box(middle, width * mmPerPx, height * mmPerPx);
    }

    private static Answer recipe(
            String key, String label, String what, UnaryOperator<SheetRecipe> change) {
        return new Answer.Change(
                key, label, what, (job, drawing) -> job.withRecipe(change.apply(job.recipe())));
    }
}

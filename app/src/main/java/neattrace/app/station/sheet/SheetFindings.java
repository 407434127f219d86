package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Settled;
import neattrace.job.pipeline.Drawing;
import neattrace.raster.Resolution;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.Mask;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Colour;
import neattrace.sheet.PencilRecipe.Use;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.advice.LocalAdvice;
import neattrace.sheet.blemish.Blemish;
import neattrace.sheet.review.SheetReview;
import neattrace.sheet.speck.Speck;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.tilt.Tilt;

/** Puts what was found on a sheet into words, with answers. */
final class SheetFindings {

    /** A finding is the same one again within this distance, mm. */
    private static final double SAME_PLACE_MM = 3;

    private static final int MOST_SPECKS = 40;
    private static final double LEAST_TILT = 0.05;

    private final Desk desk;

    SheetFindings(Desk desk) {
        this.desk = desk;
    }

    List<Finding> of(Shown shown) {
        Drawing drawing = shown.drawing();
        List<Finding> found = new ArrayList<>();
        if (!drawing.traced().scan().stated()) {
            found.add(resolution());
        }
        SheetReview review = desk.workspace().reviewProperty().get();
        boolean ready = review != null && review.reading() == drawing.reading();
        if (ready) {
            whole(drawing, review).forEach(found::add);
            review.blemishes().stream()
                    .filter(blemish -> blemish.inkPieces() > 0)
                    .forEach(blemish -> blemish(drawing, blemish).ifPresent(found::add));
            review.local().forEach(advice -> local(drawing, advice).ifPresent(found::add));
            tilt(drawing, review).ifPresent(found::add);
            review.pencil().flatMap(colour -> pencil(drawing, colour)).ifPresent(found::add);
        }
        dropped(drawing).ifPresent(found::add);
        specks(drawing, found);
        if (ready) {
            // The lines of an under-drawing are faint marks too, and have an answer of their own.
            boolean pencil = review.pencil().isPresent() && !isLeft(drawing, "pencil");
            review.blemishes().stream()
                    .filter(blemish -> blemish.inkPieces() == 0)
                    .filter(blemish -> !(pencil && blemish.kind() == Blemish.Kind.MARK))
                    .filter(blemish -> !isFaintLine(blemish, review))
                    .forEach(blemish -> blemish(drawing, blemish).ifPresent(found::add));
            coarse(drawing, review).ifPresent(found::add);
            review.crop().flatMap(crop -> crop(drawing, crop)).ifPresent(found::add);
        }
        return found;
    }

    /** Faint lines that want a patch are no stamp. */
    private static boolean isFaintLine(Blemish blemish, SheetReview review) {
        return review.local().stream()
                .anyMatch(
                        advice ->
                                advice.lighter()
                                        && blemish.x() < advice.x() + advice.width()
                                        && blemish.y() < advice.y() + advice.height()
                                        && advice.x() < blemish.x() + blemish.width()
                                        && advice.y() < blemish.y() + blemish.height());
    }

    private Answer leave(String what, Point source) {
        return new Answer("Leave it", () -> settle(what, source));
    }

    private void settle(String what, Point source) {
        desk.workspace()
                .change("Leave a finding", job -> job.withSettled(new Settled(what, source)));
    }

    private static boolean isLeft(Drawing drawing, String what, Point source) {
        double reach = SAME_PLACE_MM * drawing.reading().scanPxPerMm();
        return drawing.job().isSettled(what, source, reach);
    }

    private static boolean isLeft(Drawing drawing, String what) {
        return isLeft(drawing, what, new Point(0, 0));
    }

    private Answer leave(String what) {
        return leave(what, new Point(0, 0));
    }

    private Finding resolution() {
        return Finding.general(
                "The file does not say its resolution",
                "300 ppi is assumed. Every size in mm hangs on it.",
                new Answer("300 ppi is right", () -> ppi(Resolution.ASSUMED_PPI)),
                new Answer("It is 600 ppi", () -> ppi(600)));
    }

    private void ppi(double value) {
        desk.workspace().change("Resolution", (Job job) -> job.withPpi(value));
    }

    private List<Finding> whole(Drawing drawing, SheetReview review) {
        List<Finding> found = new ArrayList<>();
        boolean nothing = drawing.reading().map().inkPixels() == 0;
        if (nothing) {
            boolean masks = !drawing.reading().masked().erased().isEmpty();
            List<Answer> answers = new ArrayList<>();
            if (masks) {
                answers.add(
                        new Answer(
                                "Take all masks away",
                                () ->
                                        desk.change(
                                                "Take all masks away",
                                                r -> r.withMasks(List.of()))));
            }
            found.add(
                    new Finding(
                            null,
                            0,
                            "Nothing on this sheet is ink",
                            drawing.reading().notes().stream().findFirst().orElse("")
                                    + " The threshold, the light or the masks leave nothing over.",
                            null,
                            answers));
        }
        boolean negative = drawing.job().recipe().negative();
        boolean ground = review.corners().isPresent();
        if (review.inkShare() > SheetReview.NEGATIVE_INK
                && !ground
                && !isLeft(drawing, "negative")) {
            found.add(
                    Finding.general(
                            String.format(
                                    Locale.ROOT,
                                    "%.0f %% of the sheet is ink",
                                    100 * review.inkShare()),
                            negative
                                    ? "It was turned round. Was it dark on light after all?"
                                    : "That is a lot for line art. Is it white on black?",
                            new Answer(
                                    "Turn it round",
                                    () ->
                                            desk.change(
                                                    "Turn dark and light round",
                                                    r -> r.withNegative(!r.negative()))),
                            leave("negative")));
        }
        if (review.corners().isPresent() && !isLeft(drawing, "ground")) {
            found.add(
                    Finding.general(
                            "The sheet lies on a darker ground",
                            "A photo, by the looks of it. Its four corners were found; the sheet"
                                    + " can be straightened by them and the ground cut off.",
                            new Answer(
                                    "Straighten it",
                                    () ->
                                            desk.change(
                                                    "Corners",
                                                    r ->
                                                            r.withFrame(
                                                                    r.frame()
                                                                            .withCorners(
                                                                                    review.corners()
                                                                                            .get())))),
                            leave("ground")));
        }
        if (review.midtones() > SheetReview.PHOTO_MIDTONES && !isLeft(drawing, "photo")) {
            found.add(
                    Finding.general(
                            String.format(
                                    Locale.ROOT,
                                    "%.0f %% of the sheet is grey",
                                    100 * review.midtones()),
                            "Neither paper nor ink: this looks like a photo or a painting rather"
                                    + " than a drawing in line. It can be traced all the same.",
                            leave("photo")));
        }
        return found;
    }

    private Optional<Finding> blemish(Drawing drawing, Blemish blemish) {
        double mm = drawing.resolution().mmPerPx();
        Point middle = middle(blemish.x(), blemish.y(), blemish.width(), blemish.height());
        Point source = drawing.reading().frame().toSource().apply(middle);
        String what = blemish.kind().name().toLowerCase(Locale.ROOT);
        if (isLeft(drawing, what, source)) {
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
        Answer leave = leave(what, source);
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

    private Optional<Finding> local(Drawing drawing, LocalAdvice advice) {
        Point middle = middle(advice.x(), advice.y(), advice.width(), advice.height());
        Point source = drawing.reading().frame().toSource().apply(middle);
        if (isLeft(drawing, "local", source)) {
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
                        List.of(patch, leave("local", source))));
    }

    private void patch(SheetShape shape, double percent) {
        desk.change(
                "Patch", r -> r.withDecision(r.decision().withPatch(new Patch(shape, percent))));
    }

    private Optional<Finding> tilt(Drawing drawing, SheetReview review) {
        Tilt tilt = review.tilt();
        boolean worthIt = tilt.confidence() >= Tilt.SURE && Math.abs(tilt.degrees()) >= LEAST_TILT;
        if (!worthIt || isLeft(drawing, "tilt")) {
            return Optional.empty();
        }
        double by = Math.rint(tilt.degrees() * 100) / 100;
        return Optional.of(
                Finding.general(
                        String.format(Locale.ROOT, "The drawing lies turned by %.2f°", by),
                        String.format(
                                Locale.ROOT,
                                "Measured by its long straight lines, %.0f %% sure.",
                                100 * tilt.confidence()),
                        new Answer(
                                "Level it",
                                () ->
                                        desk.change(
                                                "Level",
                                                r ->
                                                        r.withFrame(
                                                                r.frame()
                                                                        .withTilt(
                                                                                r.frame()
                                                                                                .tiltDegrees()
                                                                                        + by)))),
                        leave("tilt")));
    }

    private Optional<Finding> pencil(Drawing drawing, Colour colour) {
        if (isLeft(drawing, "pencil")) {
            return Optional.empty();
        }
        String name = colour.name().toLowerCase(Locale.ROOT);
        return Optional.of(
                Finding.general(
                        "There is " + name + " under-drawing",
                        "As grey it may count as ink. The dark ink over it stays whole.",
                        new Answer(
                                "Drop the " + name,
                                () ->
                                        desk.change(
                                                "Drop the " + name,
                                                r ->
                                                        r.withPencil(
                                                                new PencilRecipe(
                                                                        Use.DROP, colour)))),
                        leave("pencil")));
    }

    private Optional<Finding> dropped(Drawing drawing) {
        SpeckReport report = drawing.reading().specks();
        boolean automatic = drawing.job().recipe().speckMm() == SheetRecipe.AUTOMATIC;
        if (report.dropped() == 0 || !automatic || isLeft(drawing, "dropped")) {
            return Optional.empty();
        }
        String pattern =
                report.inPattern() == 0
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                " %d that line up like stippling were left alone.",
                                report.inPattern());
        return Optional.of(
                Finding.general(
                        report.dropped() + " specks were dropped",
                        String.format(
                                Locale.ROOT,
                                "The paper has grain; dots under %.2f mm are taken for dust.%s",
                                report.limitMm(),
                                pattern),
                        new Answer("That is right", () -> settle("dropped", new Point(0, 0))),
                        new Answer(
                                "Keep them",
                                () -> desk.change("Keep specks", r -> r.withSpeckMm(0)))));
    }

    private void specks(Drawing drawing, List<Finding> found) {
        int listed = 0;
        for (Speck speck : drawing.reading().specks().doubtful()) {
            Point middle = new Point(speck.x(), speck.y());
            Point source = drawing.reading().frame().toSource().apply(middle);
            if (listed == MOST_SPECKS || isLeft(drawing, "speck", source)) {
                continue;
            }
            found.add(speck(drawing, speck, source));
            listed++;
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
        Answer right = new Answer("That is right", () -> settle("speck", source));
        Mask.Kind kindOfMask = gone || !speck.ink() ? Mask.Kind.PROTECT : Mask.Kind.ERASE;
        Answer otherwise =
                new Answer(
                        gone ? "Keep it" : "Drop it",
                        () ->
                                desk.change(
                                        gone ? "Keep a speck" : "Drop a speck",
                                        r -> r.withMask(new Mask(spot, kindOfMask))));
        boolean canChange = gone || speck.ink();
        double mm = drawing.resolution().mmPerPx();
        Point at = new Point(speck.x() * mm, speck.y() * mm);
        return new Finding(
                at,
                2,
                title,
                "Near the limit of "
                        + String.format(
                                Locale.ROOT, "%.2f mm", drawing.reading().specks().limitMm())
                        + ": dust, or part of the drawing?",
                Mark.at(at, title, false),
                canChange ? List.of(right, otherwise) : List.of(right));
    }

    private Optional<Finding> coarse(Drawing drawing, SheetReview review) {
        boolean enlarged = drawing.job().recipe().frame().enlarge() > 1;
        if (!review.fitness().tooCoarse() || enlarged || isLeft(drawing, "coarse")) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.general(
                        String.format(
                                Locale.ROOT,
                                "The thinnest lines are only %.1f px wide",
                                review.fitness().thinnestPx()),
                        String.format(
                                Locale.ROOT,
                                "Edges come out smoother if the grey is enlarged first. Next time"
                                        + " scan at %.0f ppi.",
                                review.fitness().nextPpi()),
                        new Answer(
                                "Enlarge it twice",
                                () ->
                                        desk.change(
                                                "Enlarge",
                                                r -> r.withFrame(r.frame().withEnlarge(2)))),
                        leave("coarse")));
    }

    private Optional<Finding> crop(Drawing drawing, Crop crop) {
        if (isLeft(drawing, "crop")) {
            return Optional.empty();
        }
        double mm = 1 / drawing.reading().scanPxPerMm();
        return Optional.of(
                Finding.general(
                        String.format(
                                Locale.ROOT,
                                "The drawing needs only %.0f × %.0f mm",
                                crop.width() * mm,
                                crop.height() * mm),
                        "That is all its ink and 5 mm of paper round it.",
                        new Answer(
                                "Crop to it",
                                () ->
                                        desk.change(
                                                "Crop",
                                                r ->
                                                        r.withFrame(
                                                                r.frame()
                                                                        .withCrop(
                                                                                Optional.of(
                                                                                        crop))))),
                        leave("crop")));
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

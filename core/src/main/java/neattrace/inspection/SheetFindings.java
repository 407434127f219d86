package neattrace.inspection;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Measure;
import neattrace.geom.Point;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Use;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.review.ScanFitness;
import neattrace.sheet.review.SheetReview;
import neattrace.sheet.review.Tilt;

/** What a review says about a sheet as a whole. */
final class SheetFindings {

    /** Less of a tilt nobody sees, degrees. */
    private static final double LEAST_TILT = 0.05;

    private final SheetInspection.Reads reads;
    private final SheetReview review;
    private final SheetRecipe recipe;
    private final Leaving left;

    SheetFindings(SheetInspection.Reads reads, SheetReview review) {
        this.reads = reads;
        this.review = review;
        this.recipe = reads.ink().recipe();
        this.left = reads.left();
    }

    Optional<Finding> noInk() {
        if (reads.ink().map().inkPixels() > 0) {
            return Optional.empty();
        }
        boolean masked = !reads.ink().masked().erased().isEmpty();
        Answer unmask =
                change(
                        "unmask",
                        "Take all masks away",
                        "Take all masks away",
                        r -> r.withMasks(List.of()));
        return Optional.of(
                Finding.of(
                        SheetInspection.NO_INK,
                        "Nothing on this sheet is ink",
                        reads.ink().notes().stream().findFirst().orElse("")
                                + " The threshold, the light or the masks leave nothing over.",
                        masked ? new Answer[] {unmask} : new Answer[0]));
    }

    Optional<Finding> negative() {
        boolean muchInk = review.inkShare() > SheetReview.NEGATIVE_INK;
        if (!muchInk || review.corners().isPresent() || left.isLeft("negative")) {
            return Optional.empty();
        }
        double percent = 100 * review.inkShare();
        return Optional.of(
                Finding.of(
                                SheetInspection.NEGATIVE,
                                String.format(Locale.ROOT, "%.0f %% of the sheet is ink", percent),
                                recipe.negative()
                                        ? "It was turned round. Was it dark on light after all?"
                                        : "That is a lot for line art. Is it white on black?",
                                change(
                                        "turn",
                                        "Turn it round",
                                        "Turn dark and light round",
                                        r -> r.withNegative(!r.negative())),
                                left.leave("negative"))
                        .measuring(new Measure(percent, "%")));
    }

    Optional<Finding> ground() {
        if (review.corners().isEmpty() || left.isLeft("ground")) {
            return Optional.empty();
        }
        List<Point> corners = review.corners().get();
        return Optional.of(
                Finding.of(
                        SheetInspection.GROUND,
                        "The sheet lies on a darker ground",
                        "A photo, by the looks of it. Its four corners were found; the sheet"
                                + " can be straightened by them and the ground cut off.",
                        change(
                                "straighten",
                                "Straighten it",
                                "Corners",
                                r -> r.withFrame(r.frame().withCorners(corners))),
                        left.leave("ground")));
    }

    Optional<Finding> photo() {
        if (review.midtones() <= SheetReview.PHOTO_MIDTONES || left.isLeft("photo")) {
            return Optional.empty();
        }
        double percent = 100 * review.midtones();
        return Optional.of(
                Finding.of(
                                SheetInspection.PHOTO,
                                String.format(Locale.ROOT, "%.0f %% of the sheet is grey", percent),
                                "Neither paper nor ink: this looks like a photo or a painting"
                                        + " rather than a drawing in line. It can be traced all the"
                                        + " same.",
                                left.leave("photo"))
                        .measuring(new Measure(percent, "%")));
    }

    Optional<Finding> tilt() {
        Tilt tilt = review.tilt();
        boolean worthIt = tilt.confidence() >= Tilt.SURE && Math.abs(tilt.degrees()) >= LEAST_TILT;
        if (!worthIt || left.isLeft("tilt")) {
            return Optional.empty();
        }
        double by = Math.rint(tilt.degrees() * 100) / 100;
        return Optional.of(
                Finding.of(
                                SheetInspection.TILTED,
                                String.format(Locale.ROOT, "The drawing lies turned by %.2f°", by),
                                String.format(
                                        Locale.ROOT,
                                        "Measured by its long straight lines, %.0f %% sure.",
                                        100 * tilt.confidence()),
                                change(
                                        "level",
                                        "Level it",
                                        "Level",
                                        r ->
                                                r.withFrame(
                                                        r.frame()
                                                                .withTilt(
                                                                        r.frame().tiltDegrees()
                                                                                + by))),
                                left.leave("tilt"))
                        .measuring(new Measure(by, "°")));
    }

    Optional<Finding> pencil() {
        if (review.pencil().isEmpty() || left.isLeft("pencil")) {
            return Optional.empty();
        }
        PencilRecipe.Colour colour = review.pencil().get();
        String name = colour.name().toLowerCase(Locale.ROOT);
        return Optional.of(
                Finding.of(
                        SheetInspection.UNDER_DRAWING,
                        "There is " + name + " under-drawing",
                        "As grey it may count as ink. The dark ink over it stays whole.",
                        change(
                                "drop",
                                "Drop the " + name,
                                "Drop the " + name,
                                r -> r.withPencil(new PencilRecipe(Use.DROP, colour))),
                        left.leave("pencil")));
    }

    Optional<Finding> coarse() {
        ScanFitness fitness = review.fitness();
        boolean enlarged = recipe.frame().enlarge() > 1;
        if (!fitness.tooCoarse() || enlarged || left.isLeft("coarse")) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                                SheetInspection.COARSE,
                                String.format(
                                        Locale.ROOT,
                                        "The thinnest lines are only %.1f px wide",
                                        fitness.thinnestPx()),
                                String.format(
                                        Locale.ROOT,
                                        "Edges come out smoother if the grey is enlarged first."
                                                + " Next time scan at %.0f ppi.",
                                        fitness.nextPpi()),
                                change(
                                        "enlarge",
                                        "Enlarge it twice",
                                        "Enlarge",
                                        r -> r.withFrame(r.frame().withEnlarge(2))),
                                left.leave("coarse"))
                        .measuring(new Measure(fitness.thinnestPx(), "px"))
                        .against(ScanFitness.THIN_PX));
    }

    Optional<Finding> crop() {
        if (review.crop().isEmpty() || left.isLeft("crop")) {
            return Optional.empty();
        }
        Crop crop = review.crop().get();
        double mm = 1 / reads.ink().scanPxPerMm();
        return Optional.of(
                Finding.of(
                        SheetInspection.CROP,
                        String.format(
                                Locale.ROOT,
                                "The drawing needs only %.0f × %.0f mm",
                                crop.width() * mm,
                                crop.height() * mm),
                        "That is all its ink and 5 mm of paper round it.",
                        change(
                                "crop",
                                "Crop to it",
                                "Crop",
                                r -> r.withFrame(r.frame().withCrop(Optional.of(crop)))),
                        left.leave("crop")));
    }

    private static Answer change(
            String key, String label, String what, UnaryOperator<SheetRecipe> change) {
        return new Answer.Change(
                key, label, what, (job, drawing) -> job.withRecipe(change.apply(job.recipe())));
    }
}

package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.station.LeftAlone;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.raster.Resolution;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Colour;
import neattrace.sheet.PencilRecipe.Use;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.review.SheetReview;
import neattrace.sheet.speck.SpeckReport;
import neattrace.sheet.tilt.Tilt;

/** What was found about a sheet as a whole. */
final class WholeFindings {

    private static final double LEAST_TILT = 0.05;

    private final Desk desk;
    private final LeftAlone left;

    WholeFindings(Desk desk, LeftAlone left) {
        this.desk = desk;
        this.left = left;
    }

    /** What the file's reader found wrong: it stops the job, since nobody sees what is missing. */
    Optional<Finding> damage(Drawing drawing) {
        List<String> damage = drawing.picture().damage();
        if (damage.isEmpty() || LeftAlone.isLeft(drawing, "damage")) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.general(
                        "The picture's file is damaged",
                        String.join(" ", damage)
                                + " Parts of the drawing may be missing. Scan it again, or get the"
                                + " file once more.",
                        left.leave("damage")));
    }

    /** Which of several pages is used, and the next one. */
    Optional<Finding> pages(Drawing drawing) {
        int pages = drawing.picture().pages();
        if (pages <= 1 || LeftAlone.isLeft(drawing, "pages")) {
            return Optional.empty();
        }
        int page = drawing.job().source().opening().page();
        List<Answer> answers = new ArrayList<>();
        int next = (page + 1) % pages;
        int last = Math.floorMod(page - 1, pages);
        answers.add(new Answer("Take number " + (next + 1), () -> page(next)));
        if (last != next) {
            answers.add(new Answer("Take number " + (last + 1), () -> page(last)));
        }
        answers.add(left.leave("pages"));
        return Optional.of(
                Finding.general(
                        "The file holds " + pages + " pictures",
                        "Number "
                                + (page + 1)
                                + " is on the table. What is decided stays where it is.",
                        answers.toArray(Answer[]::new)));
    }

    private void page(int page) {
        desk.workspace()
                .change(
                        "Take number " + (page + 1),
                        (Job job) ->
                                job.withSource(
                                        job.source()
                                                .withOpening(
                                                        job.source().opening().withPage(page))));
    }

    Finding resolution(Drawing drawing) {
        double claimed = drawing.traced().scan().claimed();
        return Finding.general(
                claimed > 0
                        ? "The file's resolution is no measure"
                        : "The file does not say its resolution",
                (claimed > 0
                                ? String.format(
                                        Locale.ROOT,
                                        "It says %.0f ppi, which cameras and screens write whatever"
                                                + " the size. ",
                                        claimed)
                                : "")
                        + "300 ppi is assumed. Every size in mm hangs on it.",
                new Answer("300 ppi is right", () -> ppi(Resolution.ASSUMED_PPI)),
                new Answer("It is 600 ppi", () -> ppi(600)));
    }

    private void ppi(double value) {
        desk.workspace().change("Resolution", (Job job) -> job.withPpi(value));
    }

    /** What kind of picture it is, where that is not a drawing in dark line on light paper. */
    List<Finding> nature(Drawing drawing, SheetReview review) {
        return Stream.of(
                        nothing(drawing),
                        negative(drawing, review),
                        ground(drawing, review),
                        photo(drawing, review))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Finding> nothing(Drawing drawing) {
        if (drawing.reading().map().inkPixels() > 0) {
            return Optional.empty();
        }
        Answer unmask =
                new Answer(
                        "Take all masks away",
                        () -> desk.change("Take all masks away", r -> r.withMasks(List.of())));
        boolean masked = !drawing.reading().masked().erased().isEmpty();
        return Optional.of(
                new Finding(
                        null,
                        0,
                        "Nothing on this sheet is ink",
                        drawing.reading().notes().stream().findFirst().orElse("")
                                + " The threshold, the light or the masks leave nothing over.",
                        null,
                        masked ? List.of(unmask) : List.of()));
    }

    private Optional<Finding> negative(Drawing drawing, SheetReview review) {
        boolean muchInk = review.inkShare() > SheetReview.NEGATIVE_INK;
        boolean ground = review.corners().isPresent();
        if (!muchInk || ground || LeftAlone.isLeft(drawing, "negative")) {
            return Optional.empty();
        }
        Answer turn =
                new Answer(
                        "Turn it round",
                        () ->
                                desk.change(
                                        "Turn dark and light round",
                                        r -> r.withNegative(!r.negative())));
        return Optional.of(
                Finding.general(
                        String.format(
                                Locale.ROOT,
                                "%.0f %% of the sheet is ink",
                                100 * review.inkShare()),
                        drawing.job().recipe().negative()
                                ? "It was turned round. Was it dark on light after all?"
                                : "That is a lot for line art. Is it white on black?",
                        turn,
                        left.leave("negative")));
    }

    private Optional<Finding> ground(Drawing drawing, SheetReview review) {
        if (review.corners().isEmpty() || LeftAlone.isLeft(drawing, "ground")) {
            return Optional.empty();
        }
        List<Point> corners = review.corners().get();
        Answer straighten =
                new Answer(
                        "Straighten it",
                        () ->
                                desk.change(
                                        "Corners",
                                        r -> r.withFrame(r.frame().withCorners(corners))));
        return Optional.of(
                Finding.general(
                        "The sheet lies on a darker ground",
                        "A photo, by the looks of it. Its four corners were found; the sheet"
                                + " can be straightened by them and the ground cut off.",
                        straighten,
                        left.leave("ground")));
    }

    private Optional<Finding> photo(Drawing drawing, SheetReview review) {
        boolean grey = review.midtones() > SheetReview.PHOTO_MIDTONES;
        if (!grey || LeftAlone.isLeft(drawing, "photo")) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.general(
                        String.format(
                                Locale.ROOT,
                                "%.0f %% of the sheet is grey",
                                100 * review.midtones()),
                        "Neither paper nor ink: this looks like a photo or a painting rather"
                                + " than a drawing in line. It can be traced all the same.",
                        left.leave("photo")));
    }

    Optional<Finding> tilt(Drawing drawing, SheetReview review) {
        Tilt tilt = review.tilt();
        boolean worthIt = tilt.confidence() >= Tilt.SURE && Math.abs(tilt.degrees()) >= LEAST_TILT;
        if (!worthIt || LeftAlone.isLeft(drawing, "tilt")) {
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
                        left.leave("tilt")));
    }

    Optional<Finding> pencil(Drawing drawing, Colour colour) {
        if (LeftAlone.isLeft(drawing, "pencil")) {
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
                        left.leave("pencil")));
    }

    Optional<Finding> dropped(Drawing drawing) {
        SpeckReport report = drawing.reading().specks();
        SpeckRecipe sizes = drawing.job().recipe().specks();
        boolean automatic = sizes.dustByScan() || sizes.pinholesByScan();
        if (report.dropped() == 0 || !automatic || LeftAlone.isLeft(drawing, "dropped")) {
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
                        dropped(report),
                        String.format(
                                Locale.ROOT,
                                "The largest is %.2f mm. By size, darkness, shape and company they"
                                        + " are dust, not dots of the drawing.%s",
                                Math.max(report.dust().limitMm(), report.pinholes().limitMm()),
                                pattern),
                        new Answer("That is right", () -> left.settle("dropped", new Point(0, 0))),
                        new Answer(
                                "Keep them",
                                () ->
                                        desk.change(
                                                "Keep specks",
                                                r -> r.withSpecks(SpeckRecipe.KEEP_ALL)))));
    }

    private static String dropped(SpeckReport report) {
        int dust = report.dust().dropped();
        int pinholes = report.pinholes().dropped();
        if (pinholes == 0) {
            return dust + (dust == 1 ? " speck was dropped" : " specks were dropped");
        }
        String filled = pinholes + (pinholes == 1 ? " pinhole" : " pinholes");
        return dust == 0
                ? filled + (pinholes == 1 ? " was filled" : " were filled")
                : dust + (dust == 1 ? " speck" : " specks") + " dropped, " + filled + " filled";
    }

    Optional<Finding> coarse(Drawing drawing, SheetReview review) {
        boolean enlarged = drawing.job().recipe().frame().enlarge() > 1;
        if (!review.fitness().tooCoarse() || enlarged || LeftAlone.isLeft(drawing, "coarse")) {
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
                        left.leave("coarse")));
    }

    Optional<Finding> crop(Drawing drawing, Crop crop) {
        if (LeftAlone.isLeft(drawing, "crop")) {
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
                        left.leave("crop")));
    }
}

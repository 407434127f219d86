package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Severity;
import neattrace.job.LogSection;
import neattrace.job.pipeline.Drawing;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.Blemish;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Same;

/** What is doubtful about a sheet. */
final class SheetInspection {

    static final String STATION = "sheet";

    static final Kind DAMAGED =
            kind("file-damaged", Severity.STOP, Cost.RUN, "%d damaged pictures");
    static final Kind NO_INK = kind("no-ink", Severity.STOP, Cost.RUN, "%d sheets without ink");
    static final Kind RESOLUTION =
            kind("resolution-unknown", Severity.LOOK, Cost.RUN, "%d resolutions unknown");
    static final Kind PAGES =
            kind("several-pictures", Severity.INFO, Cost.WORK, "%d files of several pictures");
    static final Kind NEGATIVE =
            kind("white-on-black", Severity.LOOK, Cost.RUN, "%d sheets nearly all ink");
    static final Kind GROUND =
            kind("sheet-on-ground", Severity.LOOK, Cost.RUN, "%d sheets on a darker ground");
    static final Kind PHOTO =
            kind("not-line-art", Severity.LOOK, Cost.WORK, "%d pictures that are no line art");
    static final Kind INKY_BLEMISH =
            kind("blemish-in-ink", Severity.LOOK, Cost.PLACE, "%d places that may be no drawing");
    static final Kind LOST_DETAIL =
            kind("detail-lost", Severity.LOOK, Cost.PLACE, "%d places want another threshold");
    static final Kind TILTED = kind("tilted", Severity.LOOK, Cost.WORK, "%d tilts");
    static final Kind UNDER_DRAWING =
            kind("under-drawing", Severity.LOOK, Cost.PLACE, "%d under-drawings");
    static final Kind DROPPED =
            kind("specks-dropped", Severity.INFO, Cost.PLACE, "%d lots of specks dropped");
    static final Kind SPECK =
            kind("speck-in-doubt", Severity.LOOK, Cost.PLACE, "%d specks: dust or drawing?");
    static final Kind BLEMISH =
            kind("blemish", Severity.INFO, Cost.LITTLE, "%d blemishes that are no ink");
    static final Kind COARSE =
            kind("scan-coarse", Severity.LOOK, Cost.WORK, "%d scans too coarse for their lines");
    static final Kind CROP = kind("crop", Severity.INFO, Cost.LITTLE, "%d sheets to be cropped");

    static final Inspection<Reads> SHEET =
            new Inspection<>(
                    STATION,
                    List.of(
                            DAMAGED,
                            NO_INK,
                            RESOLUTION,
                            PAGES,
                            NEGATIVE,
                            GROUND,
                            PHOTO,
                            INKY_BLEMISH,
                            LOST_DETAIL,
                            TILTED,
                            UNDER_DRAWING,
                            DROPPED,
                            SPECK,
                            BLEMISH,
                            COARSE,
                            CROP),
                    Reads::of,
                    reads -> new SheetInspection(reads).groups());

    /**
     * What is read.
     *
     * @param page which of a file's pictures is used, from 0
     * @param decided whether somebody has said what it is for
     */
    record Reads(
            Same<Picture> picture,
            int page,
            Resolution scan,
            Same<InkReading> reading,
            Optional<Same<SheetReview>> review,
            Resolution sheet,
            boolean decided,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.picture()),
                    drawing.job().source().opening().page(),
                    drawing.traced().scan(),
                    Same.of(drawing.reading()),
                    known.review().map(Same::of),
                    drawing.resolution(),
                    !drawing.job().goods().wanted().isEmpty(),
                    drawing.job().log().settledAlone());
        }

        InkReading ink() {
            return reading.value();
        }

        Leaving left() {
            return new Leaving(STATION, ink(), sheet.pxPerMm(), log);
        }
    }

    private final Reads reads;
    private final Leaving left;
    private final List<Group> groups = new ArrayList<>();

    private SheetInspection(Reads reads) {
        this.reads = reads;
        this.left = reads.left();
    }

    private static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        SourceFindings source = new SourceFindings(reads);
        SheetPlaces places = new SheetPlaces(reads);
        add(source.damage());
        add(source.resolution());
        add(source.pages());
        if (reads.review().isEmpty()) {
            places.specks().ifPresent(groups::add);
            add(source.dropped());
            return groups;
        }
        SheetReview review = reads.review().get().value();
        SheetFindings whole = new SheetFindings(reads, review);
        add(whole.noInk());
        add(whole.negative());
        add(whole.ground());
        add(whole.photo());
        places.local(review.local()).ifPresent(groups::add);
        places.blemishes(
                        INKY_BLEMISH,
                        review.blemishes().stream().filter(one -> one.inkPieces() > 0).toList())
                .ifPresent(groups::add);
        add(whole.pencil());
        places.specks().ifPresent(groups::add);
        add(whole.tilt());
        add(whole.coarse());
        add(source.dropped());
        // Crops and stains without ink are nothing to goods, which take the ink alone.
        if (!reads.decided()) {
            add(whole.crop());
            places.blemishes(BLEMISH, faint(review)).ifPresent(groups::add);
        }
        return groups;
    }

    private void add(Optional<Finding> finding) {
        finding.ifPresent(one -> groups.add(Group.of(one)));
    }

    /** Blemishes that are no ink, but for those that have an answer of their own. */
    private List<Blemish> faint(SheetReview review) {
        // The lines of an under-drawing are faint marks too.
        boolean pencil = review.pencil().isPresent() && !left.isLeft("pencil");
        return review.blemishes().stream()
                .filter(one -> one.inkPieces() == 0)
                .filter(one -> !(pencil && one.kind() == Blemish.Kind.MARK))
                .filter(one -> !isFaintLine(one, review))
                .toList();
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
}

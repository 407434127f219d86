package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.goods.Detail;
import neattrace.job.LogSection;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.raster.Resolution;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Same;
import neattrace.trace.Deviation;
import neattrace.trace.InkEdit;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.Tracing;
import neattrace.trace.review.LineFinding;

/** What is doubtful about lines. */
final class LineInspection {

    static final String STATION = "line";

    private static final Kind NOISE =
            kind("nothing-traced", Severity.STOP, Cost.RUN, "%d sheets of noise");
    private static final Kind EDIT =
            kind("edit-adrift", Severity.LOOK, Cost.PLACE, "%d edits whose ink is gone");
    private static final Kind POINT =
            kind("point-adrift", Severity.LOOK, Cost.PLACE, "%d changed points are gone");
    private static final Kind DEVIATION =
            kind("off-the-scan", Severity.INFO, Cost.LITTLE, "%d places where curves cut short");

    static final Inspection<Reads> LINE =
            new Inspection<>(
                    STATION,
                    Stream.of(
                                    Stream.of(NOISE, EDIT, POINT),
                                    StudyWords.WHATEVER_FOR.stream(),
                                    Stream.of(DEVIATION))
                            .flatMap(kinds -> kinds)
                            .toList(),
                    Reads::of,
                    reads -> new LineInspection(reads).groups());

    /** Less than this far off nobody sees, px. */
    private static final double WORTH_A_LOOK_PX = 0.5;

    private static final int MOST_DEVIATIONS = 20;

    /** A closer fit follows the grain if a place is hardly farther off than that. */
    private static final double BEYOND_GRAIN = 1.01;

    /**
     * What is read.
     *
     * @param resolution of the sheet
     * @param emptiness why there are no lines, if there are none
     */
    record Reads(
            Same<InkReading> reading,
            Same<Tracing> tracing,
            Optional<Same<LineStudy>> study,
            LineRecipe line,
            List<InkEdit> adriftEdits,
            List<PointEdit> adriftPoints,
            Resolution resolution,
            Optional<String> emptiness,
            List<Wished> wished,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.reading()),
                    Same.of(drawing.tracing()),
                    known.study().map(Same::of),
                    drawing.job().line(),
                    drawing.work().adriftEdits(),
                    drawing.work().adriftPoints(),
                    drawing.resolution(),
                    drawing.traced().emptiness(),
                    Wished.of(drawing),
                    drawing.job().log().settledAlone());
        }
    }

    private final Reads reads;
    private final List<Group> groups = new ArrayList<>();

    private LineInspection(Reads reads) {
        this.reads = reads;
    }

    static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        if (reads.tracing().value().isNoise()) {
            groups.add(Group.of(noise()));
        }
        drop(reads.adriftEdits().stream().map(LineInspection::adrift).toList());
        drop(reads.adriftPoints().stream().map(LineInspection::adrift).toList());
        Leaving left =
                new Leaving(
                        STATION,
                        reads.reading().value(),
                        reads.resolution().pxPerMm(),
                        reads.log());
        LineFindings told = new LineFindings(left, reads.line().edits());
        reads.study()
                .ifPresent(
                        study ->
                                groups.addAll(
                                        told.groups(mattering(study.value()), Optional.empty())));
        Group.of(deviations(), MOST_DEVIATIONS, all -> List.of(closer())).ifPresent(groups::add);
        return groups;
    }

    /** Blots and dents too small for any of the goods are nothing to look at. */
    private List<LineFinding> mattering(LineStudy study) {
        double least =
                reads.wished().stream().mapToDouble(LineInspection::smallestMm).min().orElse(0);
        return study.findings().stream()
                .filter(one -> !isOfSize(one.kind()) || one.measureMm() >= least)
                .toList();
    }

    private static boolean isOfSize(LineFinding.Kind kind) {
        return switch (kind) {
            case NUB, DENT, BREAK, CUT_TIP -> true;
            default -> false;
        };
    }

    /** Nobody minds what is not seen, nor half the width of the thinnest line; mm on the page. */
    private static double smallestMm(Wished wished) {
        Detail detail = wished.goods().detail();
        return wished.isDecided()
                ? wished.onPage(Math.max(detail.seenMm(), detail.lineMm() / 2))
                : 0;
    }

    private void drop(List<Finding> found) {
        Group.of(found, "drop", "Drop all " + found.size()).ifPresent(groups::add);
    }

    private Finding noise() {
        return Finding.of(
                NOISE,
                "Nothing was traced",
                reads.emptiness().orElse(""),
                new Answer.Change(
                        "drop-specks",
                        "Drop specks under 1 mm",
                        "Specks",
                        (job, drawing) ->
                                job.withRecipe(job.recipe().withSpecks(SpeckRecipe.under(1)))));
    }

    private static Finding adrift(InkEdit edit) {
        return Finding.of(
                        EDIT,
                        edit.what() + ": the ink it was made for is gone",
                        "The sheet has changed since. The edit is kept and does what it still can.",
                        new Answer.Change(
                                "drop",
                                "Drop the edit",
                                "Drop an edit",
                                (job, drawing) ->
                                        job.withLine(
                                                job.line()
                                                        .withEdits(
                                                                without(
                                                                        job.line().edits(),
                                                                        edit)))))
                .at(new Place.Spot(edit.at(), 4));
    }

    private static Finding adrift(PointEdit edit) {
        return Finding.of(
                        POINT,
                        "A changed point is no longer there",
                        "The curve has been drawn anew since. The change is kept, in case it comes"
                                + " back.",
                        new Answer.Change(
                                "drop",
                                "Drop the change",
                                "Drop a changed point",
                                (job, drawing) ->
                                        job.withLine(
                                                job.line()
                                                        .withPoints(
                                                                without(
                                                                        job.line().points(),
                                                                        edit)))))
                .at(new Place.Spot(edit.at(), 4));
    }

    /** Without the first that equals one. */
    private static <T> List<T> without(List<T> all, T one) {
        List<T> rest = new ArrayList<>(all);
        rest.remove(one);
        return rest;
    }

    private List<Finding> deviations() {
        Tracing tracing = reads.tracing().value();
        double seenMm =
                reads.wished().stream()
                        .filter(Wished::isDecided)
                        .mapToDouble(one -> one.onPage(one.goods().detail().seenMm()))
                        .min()
                        .orElse(0);
        double worthALook =
                Math.max(
                        Math.max(WORTH_A_LOOK_PX, BEYOND_GRAIN * tracing.boundPx()),
                        seenMm * reads.resolution().pxPerMm());
        return tracing.deviations().stream()
                .filter(deviation -> deviation.distance() > worthALook)
                .map(this::deviation)
                .toList();
    }

    private Finding deviation(Deviation deviation) {
        double scale = reads.resolution().mmPerPx();
        double mm = deviation.distance() * scale;
        Point at = deviation.at().times(scale);
        return Finding.of(
                        DEVIATION,
                        String.format(Locale.ROOT, "%.3f mm off the scan", mm),
                        "The curve cuts this place short. A closer fit follows it, with more"
                                + " points.",
                        closer())
                .at(new Place.Spot(at, 2.5))
                .measuring(Measure.mm(mm))
                .against(reads.line().maxErrorPx() * scale);
    }

    private Answer closer() {
        double closer = Math.max(LineRecipe.LEAST_ERROR_PX, reads.line().maxErrorPx() / 2);
        return new Answer.Change(
                "closer",
                "Fit more closely",
                "Closeness",
                (job, drawing) -> job.withLine(job.line().withMaxErrorPx(closer)));
    }
}

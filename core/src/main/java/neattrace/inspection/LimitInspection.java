package neattrace.inspection;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Severity;
import neattrace.job.Lettering;
import neattrace.job.LogSection;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import neattrace.trace.InkEdit;
import neattrace.trace.LineLimits;
import neattrace.trace.review.LineFinding;

/** Lines that goods cannot hold at the size they are made in. */
final class LimitInspection {

    /** Two findings this near are about the same gap. */
    private static final double SAME_MM = 1;

    private static final Kind LETTERING =
            LineInspection.kind(
                    "lettering-thin", Severity.LOOK, Cost.RUN, "%d letterings too thin");

    private static final List<Kind> KINDS =
            Stream.concat(StudyWords.AGAINST_GOODS.stream(), Stream.of(LETTERING)).toList();

    static final Inspection<Reads> LIMITS =
            new Inspection<>(
                    LineInspection.STATION,
                    KINDS,
                    Reads::of,
                    (Reads reads, Run<Reads, List<Group>> run) -> groups(reads, run));

    /** Lines, and the limits they are held against, mm on the page. */
    private record Held(Same<LineStudy> study, List<LineLimits> limits) {}

    /** What does not hold, for each of the limits. */
    private static final Stage<Held, List<List<LineFinding>>> AGAINST =
            new Stage<>("Looking through the lines", LimitInspection::against);

    /** What is read. */
    record Reads(
            Same<InkReading> reading,
            Optional<Same<LineStudy>> study,
            List<Wished> wished,
            List<InkEdit> edits,
            List<Lettering> lettering,
            double pxPerMm,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.reading()),
                    known.study().map(Same::of),
                    Wished.of(drawing),
                    drawing.job().line().edits(),
                    drawing.job().brief().lettering(),
                    drawing.resolution().pxPerMm(),
                    drawing.job().log().settledAlone());
        }
    }

    private LimitInspection() {}

    /** What was held against the same limits before is not held against them again. */
    private static List<List<LineFinding>> against(
            Held held, Run<Held, List<List<LineFinding>>> run) {
        Map<LineLimits, List<LineFinding>> known = new HashMap<>();
        run.before()
                .filter(made -> made.input().study().equals(held.study()))
                .ifPresent(
                        made -> {
                            for (int k = 0; k < made.output().size(); k++) {
                                known.put(made.input().limits().get(k), made.output().get(k));
                            }
                        });
        return held.limits().stream()
                .map(limits -> known.computeIfAbsent(limits, held.study().value()::against))
                .toList();
    }

    private static List<Group> groups(Reads reads, Run<Reads, List<Group>> run) throws IOException {
        if (reads.study().isEmpty()) {
            return List.of();
        }
        List<LineLimits> limits = reads.wished().stream().map(Wished::lineLimits).toList();
        List<List<LineFinding>> found = run.get(AGAINST, new Held(reads.study().get(), limits));
        Leaving left =
                new Leaving(
                        LineInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
        LineFindings told = new LineFindings(left, reads.edits());
        List<Group> groups = new ArrayList<>();
        List<Finding> letters = new ArrayList<>();
        for (int k = 0; k < found.size(); k++) {
            Wished wished = reads.wished().get(k);
            List<LineFinding> besides = new ArrayList<>(found.get(k));
            if (!wished.isDecided()) {
                besides.removeIf(one -> isStacked(one, reads.study().get().value()));
            }
            for (Lettering one : reads.lettering()) {
                List<LineFinding> within =
                        besides.stream().filter(line -> one.holds(line.at())).toList();
                besides.removeAll(within);
                thinnest(within).flatMap(mm -> thin(one, mm, wished, left)).ifPresent(letters::add);
            }
            groups.addAll(told.groups(besides, Optional.of(wished)));
        }
        Group.of(letters, Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        return groups;
    }

    /** As long as nobody has said what it is for, strokes that are to be one are told as that. */
    private static boolean isStacked(LineFinding tight, LineStudy study) {
        return tight.kind() == LineFinding.Kind.TIGHT
                && study.findings().stream()
                        .filter(one -> one.kind() == LineFinding.Kind.STACKED)
                        .anyMatch(one -> one.at().distance(tight.at()) < SAME_MM);
    }

    private static Optional<Double> thinnest(List<LineFinding> within) {
        return within.stream()
                .filter(line -> line.kind() == LineFinding.Kind.THIN)
                .map(LineFinding::measureMm)
                .min(Double::compare);
    }

    /** Letters are told as one, not stroke by stroke. */
    private static Optional<Finding> thin(
            Lettering one, double pageMm, Wished wished, Leaving left) {
        double mm = wished.onGoods(pageMm);
        double least = wished.goods().detail().lineMm();
        return LetteringFinding.of(
                LETTERING,
                one,
                mm,
                least,
                "Letters are only " + Words.under(mm, least) + " thin",
                wished.subject()
                        + " holds lines from "
                        + Words.mm(least)
                        + " on; thinner strokes of letters break.",
                wished,
                left);
    }
}

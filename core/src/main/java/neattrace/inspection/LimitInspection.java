package neattrace.inspection;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.finding.Group;
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

    static final Inspection<Reads> LIMITS =
            new Inspection<>(
                    LineInspection.STATION,
                    StudyWords.AGAINST_GOODS,
                    Reads::of,
                    (Reads reads, Run<Reads, List<Group>> run) -> groups(reads, run));

    /** Lines, and the limits they are held against, mm on the page. */
    private record Held(Same<LineStudy> study, List<LineLimits> limits) {}

    /** What does not hold, for each of the limits. */
    private static final Stage<Held, List<List<LineFinding>>> AGAINST =
            new Stage<>(
                    "Looking through the lines",
                    (held, run) ->
                            held.limits().stream().map(held.study().value()::against).toList());

    /** What is read. */
    record Reads(
            Same<InkReading> reading,
            Optional<Same<LineStudy>> study,
            List<Wished> wished,
            List<InkEdit> edits,
            double pxPerMm,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.reading()),
                    known.study().map(Same::of),
                    Wished.of(drawing),
                    drawing.job().line().edits(),
                    drawing.resolution().pxPerMm(),
                    drawing.job().log());
        }
    }

    private LimitInspection() {}

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
        for (int k = 0; k < found.size(); k++) {
            groups.addAll(told.groups(found.get(k), Optional.of(reads.wished().get(k))));
        }
        return groups;
    }
}

package neattrace.job.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Gap;
import neattrace.region.Mend;
import neattrace.region.OpenLine;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;

/**
 * Closes gaps of a job, and leaves them open. Every operation takes a job and gives the changed
 * one.
 */
public final class Closing {

    /** How far an end runs on beyond the ink it should have met, mm. */
    private static final double PAST_MM = 0.5;

    private Closing() {}

    /**
     * Closes a gap in the way that the job says.
     *
     * @param study of the drawing's lines, which closing in ink needs
     * @param mmPerPx of the drawing's sheet
     * @return empty if the lines have to be known and are not
     */
    public static Optional<Job> close(Job job, Gap gap, Optional<LineStudy> study, double mmPerPx) {
        if (job.close().mend() == Mend.UNSEEN) {
            return Optional.of(decide(job, gap.place().times(mmPerPx), true));
        }
        return edit(gap, job.close().mend(), study, mmPerPx)
                .map(edit -> job.withLine(job.line().with(edit)));
    }

    /** Keeps the gap at a place, mm, closed or open from now on. */
    public static Job decide(Job job, Point place, boolean closed) {
        return job.withClose(job.close().with(place, closed));
    }

    /**
     * What is drawn to close a gap; nothing if it is closed unseen, or the lines are not known.
     *
     * @param mmPerPx of the sheet
     */
    public static Optional<InkEdit> edit(
            Gap gap, Mend mend, Optional<LineStudy> study, double mmPerPx) {
        if (mend == Mend.UNSEEN) {
            return Optional.empty();
        }
        Point from = gap.from().times(mmPerPx);
        Point to = gap.to().times(mmPerPx);
        return study.map(LineStudy::mender)
                .map(
                        mender ->
                                mend == Mend.INK
                                        ? mender.closeGap(from, to)
                                        : mender.runPast(from, to, PAST_MM));
    }

    /**
     * The line that closes a gap, mm: over its narrowest place, or as it would be drawn.
     *
     * @param mmPerPx of the sheet
     */
    public static List<Point> way(Gap gap, Mend mend, Optional<LineStudy> study, double mmPerPx) {
        List<InkShape> drawn =
                edit(gap, mend, study, mmPerPx).map(InkEdit::drawn).orElse(List.of());
        for (InkShape shape : drawn) {
            if (shape instanceof InkShape.Stroke stroke) {
                return IntStream.range(0, stroke.x().length)
                        .mapToObj(i -> new Point(stroke.x()[i], stroke.y()[i]))
                        .toList();
            }
        }
        return List.of(
                gap.from().times(mmPerPx), gap.place().times(mmPerPx), gap.to().times(mmPerPx));
    }

    /** Marks lines as meant to end in the open; those marked already stay. */
    public static Job leaveOpen(Job job, List<OpenLine> lines) {
        List<OpenLine> all = new ArrayList<>(job.close().openLines());
        lines.stream().filter(line -> !all.contains(line)).forEach(all::add);
        return job.withClose(job.close().withOpenLines(all));
    }
}

package neattrace.job.pipeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.progress.Progress;
import neattrace.region.Gap;
import neattrace.region.OpenLine;
import neattrace.trace.LineNet;
import neattrace.trace.mend.LineMender;
import neattrace.trace.review.LineFinding;
import neattrace.trace.review.LineReview;
import neattrace.trace.review.WidthTable;

/**
 * What is known about a drawing's lines as lines; beside the work, because nothing waits for it.
 *
 * @param traced the lines it is about
 * @param mender tools for them, as they are before the weight of all lines is changed
 * @param net the lines as they are in the end
 * @param widths how wide those are; empty if there are none
 * @param findings what is doubtful about them
 */
public record LineStudy(
        Traced traced,
        LineMender mender,
        LineNet net,
        Optional<WidthTable> widths,
        List<LineFinding> findings) {

    /** More lines than this are noise, and nobody would look through findings about them. */
    private static final int MOST_LINES = 60_000;

    /** The middle of a line, found again, lies no farther off, mm. */
    private static final double ON_LINE_MM = 0.1;

    /** The edge of ink may lie so much farther out than its middle says, mm. */
    private static final double BESIDE_MM = 0.15;

    /** The free end that an opening lies at is as near as this, mm. */
    private static final double TIP_MM = 0.5;

    public LineStudy {
        findings = List.copyOf(findings);
    }

    /**
     * Studies the lines.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static LineStudy of(Traced traced, Progress progress) {
        double pxPerMm = traced.resolution().pxPerMm();
        progress.report("Finding the lines", 0);
        LineNet base = traced.work().base().get();
        progress.report("Finding the lines", 0.4);
        LineNet net = traced.work().net().get();
        progress.report("Finding the lines", 0.6);
        LineMender mender = new LineMender(base, pxPerMm);
        List<LineFinding> findings =
                net.lines().size() > MOST_LINES
                        ? List.of()
                        : LineReview.of(
                                mender,
                                traced.work().edited(),
                                net,
                                traced.ink(),
                                pxPerMm,
                                traced.job().line().limits(),
                                progress.part(0.6, 1));
        return new LineStudy(
                traced, new LineMender(base, pxPerMm), net, WidthTable.of(net, pxPerMm), findings);
    }

    /**
     * The whole line at a place, as one that is meant to end in the open.
     *
     * @param place near its middle, mm
     * @param reachMm how far off the place may be, mm
     */
    public Optional<OpenLine> openLineAt(Point place, double reachMm) {
        List<Point> middle = mender.strokeAt(place, reachMm);
        if (middle.size() < 2) {
            return Optional.empty();
        }
        double widest = 0;
        for (Point at : middle) {
            widest = Math.max(widest, mender.widthAt(at, ON_LINE_MM).orElse(0.0));
        }
        return Optional.of(new OpenLine(middle, widest / 2 + BESIDE_MM));
    }

    /** The lines whose free ends lie at one side of an opening or the other. */
    public List<OpenLine> openLinesAt(Gap gap) {
        double mmPerPx = traced.resolution().mmPerPx();
        List<OpenLine> lines = new ArrayList<>();
        for (Point side : List.of(gap.from(), gap.to())) {
            mender.tip(side.times(mmPerPx), TIP_MM)
                    .flatMap(tip -> openLineAt(tip, TIP_MM))
                    .filter(line -> !lines.contains(line))
                    .ifPresent(lines::add);
        }
        return lines;
    }

    /** Whether it would come out the same for other lines. */
    public boolean fits(Traced other) {
        return other.work().base() == traced.work().base()
                && other.work().net() == traced.work().net()
                && other.resolution().equals(traced.resolution())
                && other.job().line().limits().equals(traced.job().line().limits());
    }
}

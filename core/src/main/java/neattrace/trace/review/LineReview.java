package neattrace.trace.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.trace.LineLimits;
import neattrace.trace.LineNet;
import neattrace.trace.mend.LineMender;

/** Looks through a drawing's lines. Time grows with their length times their distance. */
public final class LineReview {

    private LineReview() {}

    /**
     * Everything doubtful, kind by kind, the worst of each first.
     *
     * @param net lines of {@code map}
     * @param limits what the goods can hold
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static List<LineFinding> of(
            LineNet net, InkMap map, double pxPerMm, LineLimits limits, Progress progress) {
        LineMender mender = new LineMender(net, pxPerMm);
        List<LineFinding> findings = new ArrayList<>();
        progress.report("Looking through the lines", 0);
        findings.addAll(new EndCheck(net, mender, map, pxPerMm).findings());
        progress.report("Looking through the lines", 0.3);
        findings.addAll(new ShapeCheck(net, mender, map, pxPerMm).findings());
        progress.report("Looking through the lines", 0.5);
        findings.addAll(new LimitCheck(net, map, pxPerMm, limits).findings());
        findings.sort(
                Comparator.comparing(LineFinding::kind)
                        .thenComparing(LineReview::severity, Comparator.reverseOrder()));
        progress.report("Looking through the lines", 1);
        return findings;
    }

    /** What is worse by being smaller counts the other way round. */
    private static double severity(LineFinding finding) {
        return switch (finding.kind()) {
            case THIN, TIGHT, UNSEEN, BREAK -> -finding.measureMm();
            default -> finding.measureMm();
        };
    }
}

package neattrace.trace.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.trace.LineLimits;
import neattrace.trace.LineNet;
import neattrace.trace.mend.LineMender;

/** Looks through a drawing's lines. Time grows with their length times their distance. */
public final class LineReview {

    private LineReview() {}

    /**
     * Everything doubtful whatever it is for, kind by kind, the worst of each first. The shape of
     * lines is looked at as they were drawn, because that is what edits change.
     *
     * @param drawn tools for the lines before the weight of all of them was changed
     * @param drawnInk the ink they are lines of
     * @param net the lines in the end; those of {@code drawn} if no weight was changed
     * @param ink the ink they are lines of
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static List<LineFinding> of(
            LineMender drawn,
            InkMap drawnInk,
            LineNet net,
            InkMap ink,
            double pxPerMm,
            Progress progress) {
        List<LineFinding> findings = new ArrayList<>();
        progress.report("Looking through the lines", 0);
        findings.addAll(new EndCheck(drawn, drawnInk, pxPerMm).findings());
        progress.report("Looking through the lines", 0.3);
        findings.addAll(new ShapeCheck(drawn, drawnInk, pxPerMm).findings());
        progress.report("Looking through the lines", 0.5);
        boolean asDrawn = net == drawn.net();
        findings.addAll(new StackCheck(net, ink, pxPerMm, asDrawn).findings());
        progress.report("Looking through the lines", 1);
        return sorted(findings);
    }

    /**
     * What the goods cannot hold, kind by kind, the worst of each first.
     *
     * @param net the lines in the end
     * @param ink the ink they are lines of
     * @param limits what the goods can hold
     * @param asDrawn whether edits of these lines are edits of the ink as it was drawn; if not,
     *     because the weight of all lines was changed since, nothing is offered to mend
     */
    public static List<LineFinding> against(
            LineNet net, InkMap ink, double pxPerMm, LineLimits limits, boolean asDrawn) {
        return sorted(new LimitCheck(net, ink, pxPerMm, limits, asDrawn).findings());
    }

    private static List<LineFinding> sorted(List<LineFinding> findings) {
        return findings.stream()
                .sorted(
                        Comparator.comparing(LineFinding::kind)
                                .thenComparing(LineReview::severity, Comparator.reverseOrder()))
                .toList();
    }

    /** What is worse by being smaller counts the other way round. */
    private static double severity(LineFinding finding) {
        return switch (finding.kind()) {
            case THIN, TIGHT, UNSEEN, BREAK -> -finding.measureMm();
            default -> finding.measureMm();
        };
    }
}

package neattrace.job.pipeline;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.region.Gap;
import neattrace.region.OpenLine;
import neattrace.stage.Progress;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.trace.LineLimits;
import neattrace.trace.LineNet;
import neattrace.trace.mend.LineMender;
import neattrace.trace.review.LineFinding;
import neattrace.trace.review.LineReview;
import neattrace.trace.review.WidthTable;

/**
 * What is known about a drawing's lines as lines; beside the work, because nothing waits for it.
 *
 * @param about the ink it is about, and what its lines are held against
 * @param mender tools for them, as they are before the weight of all lines is changed
 * @param net the lines as they are in the end
 * @param widths how wide those are; empty if there are none
 * @param findings what is doubtful about them
 */
public record LineStudy(
        About about,
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

    /**
     * What a study reads.
     *
     * @param sheet the sheet's ink before any edits
     * @param edited with edits
     * @param ink as it is in the end
     */
    public record About(
            Same<InkMap> sheet, Same<InkMap> edited, Same<InkMap> ink, Resolution resolution) {

        static About of(Traced traced) {
            return new About(
                    Same.of(traced.reading().map()),
                    Same.of(traced.work().edited()),
                    Same.of(traced.ink()),
                    traced.resolution());
        }
    }

    public LineStudy {
        findings = List.copyOf(findings);
    }

    static LineStudy make(About about, Run<About, LineStudy> run) throws IOException {
        double pxPerMm = about.resolution().pxPerMm();
        Progress progress = run.progress();
        progress.report("Finding the lines", 0);
        LineNet drawn = run.get(LineStages.DRAWN_NET, about.edited());
        progress.report("Finding the lines", 0.4);
        LineNet net =
                about.ink().equals(about.edited()) ? drawn : run.get(LineStages.NET, about.ink());
        progress.report("Finding the lines", 0.6);
        LineMender mender = new LineMender(drawn, pxPerMm);
        List<LineFinding> findings =
                net.lines().size() > MOST_LINES
                        ? List.of()
                        : LineReview.of(
                                mender,
                                about.edited().value(),
                                net,
                                about.ink().value(),
                                pxPerMm,
                                progress.part(0.6, 1));
        return new LineStudy(
                about, new LineMender(drawn, pxPerMm), net, WidthTable.of(net, pxPerMm), findings);
    }

    /**
     * What goods cannot hold of the lines as they are in the end.
     *
     * @param limits mm on the page
     */
    public List<LineFinding> against(LineLimits limits) {
        return net.lines().size() > MOST_LINES
                ? List.of()
                : LineReview.against(
                        net,
                        about.ink().value(),
                        about.resolution().pxPerMm(),
                        limits,
                        net == mender.net());
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
        double mmPerPx = about.resolution().mmPerPx();
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
        return about.equals(About.of(other));
    }

    /** Whether it is about lines of the same sheet, edited since perhaps. */
    public boolean isOnSheetOf(Traced other) {
        return about.sheet().equals(Same.of(other.reading().map()))
                && about.resolution().equals(other.resolution());
    }
}

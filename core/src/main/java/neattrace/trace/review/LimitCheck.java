package neattrace.trace.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.LineLimits;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.review.LineFinding.Kind;

/** Lines and gaps against what the goods can hold and what the eye can see. */
final class LimitCheck {

    /** Shorter stretches than so many widths are the ends of lines. */
    private static final double LEAST_WIDTHS = 3;

    /** Short lines are told of if nearly all that lies between their ends is so near. */
    private static final double SHORT_WIDTHS = 1.5;

    private static final double MOST_OF_IT = 0.9;

    /** A line is thickened to a little more, so that it holds though it is measured anew. */
    private static final double SPARE = 1.05;

    /** Ends that thin out are left out over so many usual widths. */
    private static final double END_WIDTHS = 3;

    private final LineNet net;
    private final InkMap map;
    private final double pxPerMm;
    private final LineLimits limits;
    private final boolean asDrawn;

    /**
     * A check.
     *
     * @param asDrawn whether edits of these lines are edits of the ink as it was drawn; if not,
     *     because the weight of all lines was changed since, nothing is offered to mend
     */
    LimitCheck(LineNet net, InkMap map, double pxPerMm, LineLimits limits, boolean asDrawn) {
        this.asDrawn = asDrawn;
        this.net = net;
        this.map = map;
        this.pxPerMm = pxPerMm;
        this.limits = limits;
    }

    /** Line by line, side by side: each is looked at alone. */
    List<LineFinding> findings() {
        SideGaps gaps = new SideGaps(map);
        List<LineFinding> findings =
                new ArrayList<>(
                        net.lines().parallelStream()
                                .flatMap(line -> of(line, gaps).stream())
                                .toList());
        for (SolidBlack dot : net.solids()) {
            double across = 2 * dot.largestRadius() / pxPerMm;
            // A dot is an area, not a line: it grows with the drawing.
            if (dot.radius().length < 6 && across < limits.seenMm()) {
                Point at = dot.at().times(1 / pxPerMm);
                findings.add(new LineFinding(Kind.UNSEEN, at, at, at, across, Optional.empty()));
            }
        }
        return findings;
    }

    private List<LineFinding> of(InkLine line, SideGaps gaps) {
        List<LineFinding> found = new ArrayList<>();
        thin(line, found);
        gaps(line, gaps, found);
        return found;
    }

    /** Paper beside a line that is narrower than it may be. */
    private void gaps(InkLine line, SideGaps gaps, List<LineFinding> found) {
        double usual = line.usualWidth();
        // Of a short line it may be all that lies between its ends.
        double all = MOST_OF_IT * (line.size() - 2 * SideGaps.skipped(line));
        double least = Math.min(LEAST_WIDTHS * usual, Math.max(SHORT_WIDTHS * usual, all));
        // Wider lines on both sides take of the paper; those across are like it.
        double taken = (limits.widths() - 1) * usual;
        double limit = limits.leastGapMm() * pxPerMm;
        for (int side = -1; side <= 1; side += 2) {
            gaps.each(
                    line,
                    side,
                    limit + Math.max(0, taken),
                    (of, at, from, to, gap) -> {
                        double mean = SideGaps.mean(gap, from, to) - taken;
                        if (to - from >= least
                                && mean < limit
                                && SideGaps.tells(of, at, from, to)) {
                            found.add(tight(of, at, from, to, gap, Math.max(0, mean)));
                        }
                    });
        }
    }

    private void thin(InkLine line, List<LineFinding> found) {
        double least = Math.max(limits.leastLineMm(), limits.seenMm()) * pxPerMm / limits.widths();
        int n = line.size();
        int skip = line.closed() ? 0 : (int) Math.min(n / 3.0, END_WIDTHS * line.usualWidth());
        int from = -1;
        for (int i = skip; i <= n - skip; i++) {
            boolean is = i < n - skip && line.width()[i] < least;
            if (is && from < 0) {
                from = i;
            } else if (!is && from >= 0) {
                thinStretch(line, from, i - 1, found);
                from = -1;
            }
        }
    }

    private void thinStretch(InkLine line, int from, int to, List<LineFinding> found) {
        int thinnest = from;
        for (int i = from; i <= to; i++) {
            thinnest = line.width()[i] < line.width()[thinnest] ? i : thinnest;
        }
        if (to - from < LEAST_WIDTHS * line.width()[thinnest]) {
            return;
        }
        double mm = line.width()[thinnest] / pxPerMm * limits.widths();
        boolean thin = mm < limits.leastLineMm();
        PenTrack track = PenTrack.of(line, from, to);
        double least = Math.max(limits.leastLineMm(), limits.seenMm()) * pxPerMm / limits.widths();
        double[] wide = track.width().clone();
        for (int i = 0; i < wide.length; i++) {
            wide[i] = Math.max(wide[i], SPARE * least);
        }
        Point at = line.at(thinnest).times(1 / pxPerMm);
        InkEdit fix =
                new InkEdit(
                        "Line thickened",
                        at,
                        List.of(),
                        List.of(track.withWidth(wide).onPage(pxPerMm)));
        found.add(
                new LineFinding(
                        thin ? Kind.THIN : Kind.UNSEEN,
                        at,
                        line.at(from).times(1 / pxPerMm),
                        line.at(to).times(1 / pxPerMm),
                        mm,
                        asDrawn ? Optional.of(fix) : Optional.empty()));
    }

    private LineFinding tight(InkLine line, int side, int from, int to, double[] gap, double mean) {
        return new LineFinding(
                Kind.TIGHT,
                SideGaps.middle(line, side, from, to, gap).times(1 / pxPerMm),
                line.at(from).times(1 / pxPerMm),
                line.at(to).times(1 / pxPerMm),
                mean / pxPerMm,
                Optional.empty());
    }
}

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

    /** Ends that thin out are left out over so many usual widths. */
    private static final double END_WIDTHS = 3;

    /** Strokes this near to each other, as a share of their width, were meant to be one. */
    private static final double STACKED_GAP = 0.4;

    /** And run side by side for at least so many widths. */
    private static final double STACKED_WIDTHS = 8;

    private final LineNet net;
    private final InkMap map;
    private final double pxPerMm;
    private final LineLimits limits;
    private final boolean asDrawn;
    private final List<LineFinding> findings = new ArrayList<>();

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

    List<LineFinding> findings() {
        for (InkLine line : net.lines()) {
            thin(line);
            for (int side = -1; side <= 1; side += 2) {
                tight(line, side);
            }
        }
        for (SolidBlack dot : net.solids()) {
            double across = 2 * dot.largestRadius() / pxPerMm;
            if (dot.radius().length < 6 && across < limits.seenMm()) {
                Point at = dot.at().times(1 / pxPerMm);
                findings.add(new LineFinding(Kind.UNSEEN, at, at, at, across, Optional.empty()));
            }
        }
        return findings;
    }

    private void thin(InkLine line) {
        double least = Math.max(limits.leastLineMm(), limits.seenMm()) * pxPerMm;
        int n = line.size();
        int skip = line.closed() ? 0 : (int) Math.min(n / 3.0, END_WIDTHS * line.usualWidth());
        int from = -1;
        for (int i = skip; i <= n - skip; i++) {
            boolean is = i < n - skip && line.width()[i] < least;
            if (is && from < 0) {
                from = i;
            } else if (!is && from >= 0) {
                thinStretch(line, from, i - 1);
                from = -1;
            }
        }
    }

    private void thinStretch(InkLine line, int from, int to) {
        int thinnest = from;
        for (int i = from; i <= to; i++) {
            thinnest = line.width()[i] < line.width()[thinnest] ? i : thinnest;
        }
        if (to - from < LEAST_WIDTHS * line.width()[thinnest]) {
            return;
        }
        double mm = line.width()[thinnest] / pxPerMm;
        boolean thin = mm < limits.leastLineMm();
        PenTrack track = PenTrack.of(line, from, to);
        double least = Math.max(limits.leastLineMm(), limits.seenMm()) * pxPerMm;
        double[] wide = track.width().clone();
        for (int i = 0; i < wide.length; i++) {
            wide[i] = Math.max(wide[i], least);
        }
        Point at = line.at(thinnest).times(1 / pxPerMm);
        InkEdit fix =
                new InkEdit(
                        "Line thickened",
                        at,
                        List.of(),
                        List.of(track.withWidth(wide).onPage(pxPerMm)));
        findings.add(
                new LineFinding(
                        thin ? Kind.THIN : Kind.UNSEEN,
                        at,
                        line.at(from).times(1 / pxPerMm),
                        line.at(to).times(1 / pxPerMm),
                        mm,
                        asDrawn ? Optional.of(fix) : Optional.empty()));
    }

    /** Stretches along which the next ink to one side is too near. */
    private void tight(InkLine line, int side) {
        double most = Math.max(limits.leastGapMm() * pxPerMm, STACKED_GAP * line.usualWidth());
        int n = line.size();
        int skip = (int) Math.min(n / 3.0, 1.5 * line.usualWidth() + 2);
        double[] gap = new double[n];
        int from = -1;
        for (int i = skip; i <= n - skip; i++) {
            boolean near = false;
            if (i < n - skip) {
                gap[i] = gap(line, i, side, most);
                near = gap[i] < most;
            }
            if (near && from < 0) {
                from = i;
            } else if (!near && from >= 0) {
                tightStretch(line, side, from, i - 1, gap);
                from = -1;
            }
        }
    }

    /** Paper from the line's edge to the next ink, px; {@code most} if there is none nearer. */
    private double gap(InkLine line, int i, int side, double most) {
        int n = line.size();
        Point along = line.at(Math.min(n - 1, i + 2)).minus(line.at(Math.max(0, i - 2))).unit();
        double nx = -along.y() * side;
        double ny = along.x() * side;
        double edge = line.width()[i] / 2;
        double way = edge + 0.75;
        if (isInk(line, i, nx, ny, way)) {
            return most;
        }
        while (way < edge + most) {
            way += 0.5;
            if (isInk(line, i, nx, ny, way)) {
                return way - 0.25 - edge;
            }
        }
        return most;
    }

    private boolean isInk(InkLine line, int i, double nx, double ny, double way) {
        return map.isInk(
                (int) Math.floor(line.x()[i] + nx * way), (int) Math.floor(line.y()[i] + ny * way));
    }

    private void tightStretch(InkLine line, int side, int from, int to, double[] gap) {
        double usual = line.usualWidth();
        if (to - from < LEAST_WIDTHS * usual) {
            return;
        }
        double mean = 0;
        for (int i = from; i <= to; i++) {
            mean += gap[i] / (to - from + 1);
        }
        int middle = (from + to) / 2;
        Point along = line.at(to).minus(line.at(from)).unit();
        Point out = new Point(-along.y() * side, along.x() * side);
        double reach = line.width()[middle] / 2 + gap[middle] / 2;
        Point at = line.at(middle).plus(out.times(reach)).times(1 / pxPerMm);
        // Each gap is met from both its lines; the side above or to the left tells it.
        if (out.y() > 0 || out.y() == 0 && out.x() > 0) {
            return;
        }
        boolean stacked = mean < STACKED_GAP * usual && to - from > STACKED_WIDTHS * (usual + mean);
        if (!stacked && mean >= limits.leastGapMm() * pxPerMm) {
            return;
        }
        Optional<InkEdit> fix =
                stacked && asDrawn
                        ? Optional.of(united(line, from, to, side, gap, at))
                        : Optional.empty();
        findings.add(
                new LineFinding(
                        stacked ? Kind.STACKED : Kind.TIGHT,
                        at,
                        line.at(from).times(1 / pxPerMm),
                        line.at(to).times(1 / pxPerMm),
                        (stacked ? to - from : mean) / pxPerMm,
                        fix));
    }

    /** Fills the paper between two strokes, so that they are one line. */
    private InkEdit united(InkLine line, int from, int to, int side, double[] gap, Point at) {
        int count = to - from + 1;
        double[] x = new double[count];
        double[] y = new double[count];
        double[] wide = new double[count];
        for (int k = 0; k < count; k++) {
            int i = from + k;
            Point along =
                    line.at(Math.min(line.size() - 1, i + 3))
                            .minus(line.at(Math.max(0, i - 3)))
                            .unit();
            double reach = line.width()[i] / 2 + gap[i] / 2;
            x[k] = line.x()[i] - along.y() * side * reach;
            y[k] = line.y()[i] + along.x() * side * reach;
            wide[k] = gap[i] + 2;
        }
        return new InkEdit(
                "Strokes united", at, List.of(), List.of(new PenTrack(x, y, wide).onPage(pxPerMm)));
    }
}

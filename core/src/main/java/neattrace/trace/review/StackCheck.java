package neattrace.trace.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.review.LineFinding.Kind;

/** Strokes side by side that were meant to be one line. */
final class StackCheck {

    /** Strokes this near to each other, as a share of their width, were meant to be one. */
    private static final double STACKED_GAP = 0.4;

    /** And run side by side for at least so many widths. */
    private static final double STACKED_WIDTHS = 8;

    private final LineNet net;
    private final InkMap map;
    private final double pxPerMm;
    private final boolean asDrawn;
    private final List<LineFinding> findings = new ArrayList<>();

    /**
     * A check.
     *
     * @param asDrawn whether edits of these lines are edits of the ink as it was drawn
     */
    StackCheck(LineNet net, InkMap map, double pxPerMm, boolean asDrawn) {
        this.net = net;
        this.map = map;
        this.pxPerMm = pxPerMm;
        this.asDrawn = asDrawn;
    }

    List<LineFinding> findings() {
        SideGaps gaps = new SideGaps(map);
        for (InkLine line : net.lines()) {
            for (int side = -1; side <= 1; side += 2) {
                gaps.each(line, side, STACKED_GAP * line.usualWidth(), this::stretch);
            }
        }
        return findings;
    }

    /** Whether a stretch of the gap between two strokes is one within a line. */
    private static boolean isStacked(InkLine line, int from, int to, double mean) {
        double usual = line.usualWidth();
        return mean < STACKED_GAP * usual && to - from > STACKED_WIDTHS * (usual + mean);
    }

    private void stretch(InkLine line, int side, int from, int to, double[] gap) {
        boolean stacked = isStacked(line, from, to, SideGaps.mean(gap, from, to));
        if (!stacked || !SideGaps.tells(line, side, from, to)) {
            return;
        }
        Point at = SideGaps.middle(line, side, from, to, gap).times(1 / pxPerMm);
        findings.add(
                new LineFinding(
                        Kind.STACKED,
                        at,
                        line.at(from).times(1 / pxPerMm),
                        line.at(to).times(1 / pxPerMm),
                        (to - from) / pxPerMm,
                        asDrawn
                                ? Optional.of(united(line, from, to, side, gap, at))
                                : Optional.empty()));
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

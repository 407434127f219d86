package neattrace.trace.centre;

import java.awt.geom.Path2D;
import java.util.Arrays;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.SolidBlack;

/**
 * A stretch of pen track: places a pixel or so apart with the pen's width, in px. The arrays are
 * handed over, not copied, and must not be written to.
 *
 * @param x across
 * @param y down
 * @param width the pen's diameter at each place
 */
public record PenTrack(double[] x, double[] y, double[] width) {

    /** All of a line. */
    public static PenTrack of(InkLine line) {
        return new PenTrack(line.x(), line.y(), line.width());
    }

    /** Samples {@code from} to {@code to} of a line, both included; round a ring if need be. */
    public static PenTrack of(InkLine line, int from, int to) {
        int n = line.size();
        int count = (from <= to ? to - from : to + n - from) + 1;
        double[] x = new double[count];
        double[] y = new double[count];
        double[] width = new double[count];
        for (int k = 0; k < count; k++) {
            int i = (from + k) % n;
            x[k] = line.x()[i];
            y[k] = line.y()[i];
            width[k] = line.width()[i];
        }
        return new PenTrack(x, y, width);
    }

    /** All of a line with other widths, led back to its start if it is closed. */
    public static PenTrack whole(InkLine line, double[] widths) {
        PenTrack track = of(line).withWidth(widths);
        return line.closed() ? track.closed() : track;
    }

    /**
     * The discs of a solid black.
     *
     * @param factor by which they are larger than just fits
     * @param rimPx by which their diameters are larger besides
     */
    public static PenTrack of(SolidBlack solid, double factor, double rimPx) {
        double[] wide = new double[solid.radius().length];
        Arrays.setAll(wide, i -> 2 * factor * solid.radius()[i] + rimPx);
        return new PenTrack(solid.x(), solid.y(), wide);
    }

    /** Number of places. */
    public int size() {
        return x.length;
    }

    /** Place {@code i}. */
    public Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** The same path with other widths. */
    public PenTrack withWidth(double[] next) {
        return new PenTrack(x, y, next);
    }

    /** The same led back to its start. */
    public PenTrack closed() {
        int n = x.length;
        double[] cx = Arrays.copyOf(x, n + 1);
        double[] cy = Arrays.copyOf(y, n + 1);
        double[] cw = Arrays.copyOf(width, n + 1);
        cx[n] = x[0];
        cy[n] = y[0];
        cw[n] = width[0];
        return new PenTrack(cx, cy, cw);
    }

    /** The same with so many samples that any left out lies within {@code slack} px of the rest. */
    public PenTrack thinned(double slack) {
        boolean[] keep = new boolean[x.length];
        keep[0] = true;
        keep[x.length - 1] = true;
        split(0, x.length - 1, slack, keep);
        int count = 0;
        for (boolean one : keep) {
            count += one ? 1 : 0;
        }
        double[] nx = new double[count];
        double[] ny = new double[count];
        double[] nw = new double[count];
        int k = 0;
        for (int i = 0; i < keep.length; i++) {
            if (keep[i]) {
                nx[k] = x[i];
                ny[k] = y[i];
                nw[k++] = width[i];
            }
        }
        return new PenTrack(nx, ny, nw);
    }

    /** Douglas and Peucker's way (1973), with the width as a third coordinate. */
    private void split(int from, int to, double slack, boolean[] keep) {
        double worst = slack;
        int at = -1;
        double dx = x[to] - x[from];
        double dy = y[to] - y[from];
        double square = dx * dx + dy * dy;
        for (int i = from + 1; i < to; i++) {
            double t = square == 0 ? 0 : ((x[i] - x[from]) * dx + (y[i] - y[from]) * dy) / square;
            t = Math.max(0, Math.min(1, t));
            double off = Math.hypot(x[i] - x[from] - t * dx, y[i] - y[from] - t * dy);
            double wide = width[from] + t * (width[to] - width[from]);
            off = Math.max(off, Math.abs(width[i] - wide) / 2);
            if (off > worst) {
                worst = off;
                at = i;
            }
        }
        if (at > 0) {
            keep[at] = true;
            split(from, at, slack, keep);
            split(at, to, slack, keep);
        }
    }

    /** The shape it covers, px. */
    public Path2D outline() {
        return onPage(1).outline(1);
    }

    /** As a shape on the page, mm. */
    public InkShape.Stroke onPage(double pxPerMm) {
        PenTrack few = thinned(0.05);
        return new InkShape.Stroke(
                Arrays.stream(few.x).map(v -> v / pxPerMm).toArray(),
                Arrays.stream(few.y).map(v -> v / pxPerMm).toArray(),
                Arrays.stream(few.width).map(v -> v / pxPerMm).toArray());
    }
}

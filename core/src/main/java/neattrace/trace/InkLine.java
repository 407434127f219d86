package neattrace.trace;

import java.util.Arrays;
import neattrace.geom.Point;

/**
 * One line of a drawing: the path of its middle and how wide it is along it. Samples lie about a
 * pixel apart; the arrays are handed over, not copied, and must not be written to.
 *
 * @param x across, px
 * @param y down, px
 * @param width of the ink across the path at each sample, px
 * @param closed whether the last sample joins the first one
 * @param start the node it begins at, or -1 if closed without one
 * @param end the node it ends at, or -1
 */
public record InkLine(double[] x, double[] y, double[] width, boolean closed, int start, int end) {

    public InkLine {
        if (x.length < 2 || y.length != x.length || width.length != x.length) {
            throw new IllegalArgumentException("a line needs two samples or more, all complete");
        }
    }

    /** Number of samples. */
    public int size() {
        return x.length;
    }

    /** Where sample {@code i} lies. */
    public Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** The way from the start to each sample, px. A new array. */
    public double[] way() {
        double[] way = new double[x.length];
        for (int i = 1; i < way.length; i++) {
            way[i] = way[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return way;
    }

    /** Its length, px. */
    public double length() {
        double length = closed ? at(0).distance(at(size() - 1)) : 0;
        for (int i = 1; i < x.length; i++) {
            length += Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return length;
    }

    /** The width that half of its length falls short of, px. */
    public double usualWidth() {
        double[] sorted = width.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}

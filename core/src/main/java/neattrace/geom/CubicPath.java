package neattrace.geom;

import java.awt.geom.AffineTransform;
import java.util.Arrays;
import java.util.BitSet;

/**
 * A path of cubic Bezier segments from a start to an end, some of them known to be straight.
 * Coordinates lie in one array: the start, then six numbers a segment (first control point, second
 * control point, end). Immutable.
 */
public final class CubicPath implements CubicSegments {

    private static final int STRIDE = 6;

    private final double[] coords;
    private final BitSet straight;

    private CubicPath(double[] coords, BitSet straight) {
        this.coords = coords;
        this.straight = straight;
    }

    /**
     * A path from raw numbers.
     *
     * @param coords two numbers for the start and six a segment; copied
     * @param straight the segments that are exact straight lines; copied
     * @throws IllegalArgumentException if the length fits no path or a number is not finite
     */
    public static CubicPath of(double[] coords, BitSet straight) {
        if (coords.length < 2 + STRIDE || coords.length % STRIDE != 2) {
            throw new IllegalArgumentException("two numbers and six a segment: " + coords.length);
        }
        for (double value : coords) {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("coordinates must be finite");
            }
        }
        return new CubicPath(coords.clone(), (BitSet) straight.clone());
    }

    /** Number of segments; there is one point more. */
    @Override
    public int size() {
        return coords.length / STRIDE;
    }

    @Override
    public boolean isStraight(int i) {
        return straight.get(i);
    }

    /** Point {@code i}, from 0 to {@link #size}. */
    @Override
    public Point point(int i) {
        return new Point(coords[STRIDE * i], coords[STRIDE * i + 1]);
    }

    @Override
    public Point control(int i, int which) {
        int at = STRIDE * i + 2 + 2 * which;
        return new Point(coords[at], coords[at + 1]);
    }

    @Override
    public Point at(int i, double t) {
        return new Point(evaluate(i, t, 0), evaluate(i, t, 1));
    }

    private double evaluate(int i, double t, int axis) {
        int at = STRIDE * i + axis;
        return Bernstein.at(coords[at], coords[at + 2], coords[at + 4], coords[at + 6], t);
    }

    @Override
    public CubicPath mapped(AffineTransform map) {
        double[] mapped = new double[coords.length];
        map.transform(coords, 0, mapped, 0, coords.length / 2);
        return new CubicPath(mapped, straight);
    }

    /** Every coordinate times {@code factor}. */
    public CubicPath scaled(double factor) {
        return new CubicPath(Arrays.stream(coords).map(v -> v * factor).toArray(), straight);
    }

    /** The same path from its end to its start. */
    public CubicPath reversed() {
        double[] turned = new double[coords.length];
        for (int k = 0; k < coords.length; k += 2) {
            turned[k] = coords[coords.length - 2 - k];
            turned[k + 1] = coords[coords.length - 1 - k];
        }
        BitSet lines = new BitSet();
        for (int i = 0; i < size(); i++) {
            lines.set(size() - 1 - i, straight.get(i));
        }
        return new CubicPath(turned, lines);
    }

    /** Length, from {@code pieces} chords a segment. */
    public double length(int pieces) {
        double length = 0;
        for (int i = 0; i < size(); i++) {
            for (int k = 0; k < pieces; k++) {
                length += at(i, (double) k / pieces).distance(at(i, (k + 1.0) / pieces));
            }
        }
        return length;
    }

    /**
     * The path as chords whose distance from the curve is at most {@code tolerance}.
     *
     * @return x and y of each vertex from the start to the end
     */
    public double[] flatten(double tolerance) {
        double[] xy = new double[64];
        int used = 0;
        for (int i = 0; i < size(); i++) {
            int pieces = pieces(i, tolerance);
            if (used + 2 * pieces + 2 > xy.length) {
                xy = Arrays.copyOf(xy, Math.max(2 * xy.length, used + 2 * pieces + 2));
            }
            for (int k = 0; k < pieces; k++) {
                double t = (double) k / pieces;
                xy[used++] = evaluate(i, t, 0);
                xy[used++] = evaluate(i, t, 1);
            }
        }
        Point end = point(size());
        xy[used++] = end.x();
        xy[used++] = end.y();
        return Arrays.copyOf(xy, used);
    }
}

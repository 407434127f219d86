package neattrace.geom;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Arrays;
import java.util.BitSet;

/**
 * A closed path of cubic Bezier segments, some of which are known to be straight.
 *
 * <p>Segment {@code i} runs from point {@code i} over two control points to point {@code i + 1};
 * the last one closes the loop. Coordinates lie in one primitive array, six numbers a segment:
 * start, first control point, second control point. Immutable; every query is linear in the
 * segments.
 */
public final class CubicLoop implements CubicSegments {

    private static final int STRIDE = 6;

    private final double[] coords;
    private final BitSet straight;

    private CubicLoop(double[] coords, BitSet straight) {
        this.coords = coords;
        this.straight = straight;
    }

    /**
     * A loop from raw numbers.
     *
     * @param coords six numbers a segment: x and y of the start, of the first and of the second
     *     control point; copied
     * @param straight the segments that are exact straight lines; copied
     * @throws IllegalArgumentException if the length is no positive multiple of six or a number is
     *     not finite
     */
    public static CubicLoop of(double[] coords, BitSet straight) {
        if (coords.length == 0 || coords.length % STRIDE != 0) {
            throw new IllegalArgumentException("six numbers a segment, got " + coords.length);
        }
        for (double value : coords) {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("coordinates must be finite");
            }
        }
        return new CubicLoop(coords.clone(), (BitSet) straight.clone());
    }

    /** A closed polygon; {@code xy} holds x and y of each vertex, the first not repeated. */
    public static CubicLoop polygon(double... xy) {
        int n = xy.length / 2;
        double[] coords = new double[n * STRIDE];
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            for (int axis = 0; axis < 2; axis++) {
                double from = xy[2 * i + axis];
                double to = xy[2 * j + axis];
                coords[STRIDE * i + axis] = from;
                coords[STRIDE * i + 2 + axis] = from + (to - from) / 3;
                coords[STRIDE * i + 4 + axis] = from + (to - from) * 2 / 3;
            }
        }
        BitSet straight = new BitSet(n);
        straight.set(0, n);
        return of(coords, straight);
    }

    /** Number of segments, which is also the number of points. */
    @Override
    public int size() {
        return coords.length / STRIDE;
    }

    @Override
    public boolean isStraight(int i) {
        return straight.get(i);
    }

    @Override
    public Point point(int i) {
        int at = STRIDE * (i % size());
        return new Point(coords[at], coords[at + 1]);
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
        int next = STRIDE * ((i + 1) % size()) + axis;
        return Bernstein.at(coords[at], coords[at + 2], coords[at + 4], coords[next], t);
    }

    /**
     * The enclosed area with its sign: positive if the loop runs clockwise on screen (y down).
     * Exact for cubics, by Green's theorem.
     */
    public double signedArea() {
        double twice = 0;
        int n = size();
        for (int i = 0; i < n; i++) {
            int at = STRIDE * i;
            int next = STRIDE * ((i + 1) % n);
            double x0 = coords[at];
            double y0 = coords[at + 1];
            double x1 = coords[at + 2];
            double y1 = coords[at + 3];
            double x2 = coords[at + 4];
            double y2 = coords[at + 5];
            double x3 = coords[next];
            double y3 = coords[next + 1];
            twice +=
                    (6 * cross(x0, y0, x1, y1)
                                    + 3 * cross(x0, y0, x2, y2)
                                    + cross(x0, y0, x3, y3)
                                    + 3 * cross(x1, y1, x2, y2)
                                    + 3 * cross(x1, y1, x3, y3)
                                    + 6 * cross(x2, y2, x3, y3))
                            / 10;
        }
        return twice / 2;
    }

    private static double cross(double ax, double ay, double bx, double by) {
        return ax * by - ay * bx;
    }

    @Override
    public CubicLoop mapped(AffineTransform map) {
        double[] mapped = new double[coords.length];
        map.transform(coords, 0, mapped, 0, coords.length / 2);
        return new CubicLoop(mapped, straight);
    }

    /** The same loop, begun at where segment {@code i} starts. */
    public CubicLoop startingAt(int i) {
        double[] turned = new double[coords.length];
        int at = STRIDE * i;
        System.arraycopy(coords, at, turned, 0, coords.length - at);
        System.arraycopy(coords, 0, turned, coords.length - at, at);
        BitSet flags = new BitSet();
        for (int k = 0; k < size(); k++) {
            flags.set(k, straight.get((k + i) % size()));
        }
        return new CubicLoop(turned, flags);
    }

    /** Every coordinate times {@code factor}. */
    public CubicLoop scaled(double factor) {
        double[] scaled = new double[coords.length];
        Arrays.setAll(scaled, i -> coords[i] * factor);
        return new CubicLoop(scaled, straight);
    }

    /**
     * The loop as a polygon whose distance from the curve is at most {@code tolerance}.
     *
     * @return x and y of each vertex, the first not repeated
     */
    public double[] flatten(double tolerance) {
        double[] xy = new double[64];
        int used = 0;
        for (int i = 0; i < size(); i++) {
            int pieces = pieces(i, tolerance);
            if (used + 2 * pieces > xy.length) {
                xy = Arrays.copyOf(xy, Math.max(2 * xy.length, used + 2 * pieces));
            }
            for (int k = 0; k < pieces; k++) {
                double t = (double) k / pieces;
                xy[used++] = evaluate(i, t, 0);
                xy[used++] = evaluate(i, t, 1);
            }
        }
        return Arrays.copyOf(xy, used);
    }

    /** Length of the loop, from a polygon within {@code tolerance}. */
    public double length(double tolerance) {
        double[] xy = flatten(tolerance);
        double length = 0;
        for (int i = 0, n = xy.length; i < n; i += 2) {
            length += Math.hypot(xy[(i + 2) % n] - xy[i], xy[(i + 3) % n] - xy[i + 1]);
        }
        return length;
    }

    /** The smallest and largest x and y of all control points: minX, minY, maxX, maxY. */
    public double[] bounds() {
        double[] box = {coords[0], coords[1], coords[0], coords[1]};
        for (int i = 0; i < coords.length; i += 2) {
            box[0] = Math.min(box[0], coords[i]);
            box[1] = Math.min(box[1], coords[i + 1]);
            box[2] = Math.max(box[2], coords[i]);
            box[3] = Math.max(box[3], coords[i + 1]);
        }
        return box;
    }

    /** Appends the loop to {@code path} as one closed subpath. */
    public void appendTo(Path2D path) {
        int n = size();
        path.moveTo(coords[0], coords[1]);
        for (int i = 0; i < n; i++) {
            int at = STRIDE * i;
            int next = STRIDE * ((i + 1) % n);
            if (straight.get(i)) {
                path.lineTo(coords[next], coords[next + 1]);
            } else {
                path.curveTo(
                        coords[at + 2],
                        coords[at + 3],
                        coords[at + 4],
                        coords[at + 5],
                        coords[next],
                        coords[next + 1]);
            }
        }
        path.closePath();
    }
}

package neattrace.trace.fit;

import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;

/**
 * A fitted loop and how far it lies from the contour it was fitted to, in source pixels. Immutable.
 */
public final class FittedLoop {

    private final CubicLoop loop;
    private final List<Piece> pieces;
    private final double sum;
    private final int samples;
    private final double max;
    private final Point worst;

    private FittedLoop(CubicLoop loop, List<Piece> pieces, int samples, Point somewhere) {
        this.loop = loop;
        this.pieces = List.copyOf(pieces);
        double total = 0;
        double most = -1;
        int count = 0;
        Point at = somewhere;
        for (Piece piece : pieces) {
            total += piece.error().sum();
            count += piece.error().count();
            if (piece.error().max() > most) {
                most = piece.error().max();
                at = piece.error().at();
            }
        }
        this.sum = total;
        this.samples = pieces.isEmpty() ? samples : count;
        this.max = Math.max(0, most);
        this.worst = at;
    }

    /** A loop of pieces, each of which starts where the one before it ends. */
    static FittedLoop of(List<Piece> pieces) {
        double[] coords = new double[6 * pieces.size()];
        BitSet straight = new BitSet();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            int at = 6 * i;
            coords[at] = piece.start().x();
            coords[at + 1] = piece.start().y();
            coords[at + 2] = piece.first().x();
            coords[at + 3] = piece.first().y();
            coords[at + 4] = piece.second().x();
            coords[at + 5] = piece.second().y();
            straight.set(i, piece.straight());
        }
        return new FittedLoop(CubicLoop.of(coords, straight), pieces, 0, null);
    }

    /**
     * A contour as the polygon that it is: for what is too small to be curves, or crosses as such.
     */
    public static FittedLoop polygon(double[] contour) {
        Point first = new Point(contour[0], contour[1]);
        return new FittedLoop(CubicLoop.polygon(contour), List.of(), contour.length / 2, first);
    }

    /** The curve. */
    public CubicLoop loop() {
        return loop;
    }

    /** Its pieces; none if it is a polygon. */
    List<Piece> pieces() {
        return pieces;
    }

    /** Largest distance of the contour from segment {@code i} of the curve, px. */
    public double deviation(int i) {
        return pieces.isEmpty() ? 0 : pieces.get(i).error().max();
    }

    /** Mean distance of the contour's samples, px. */
    public double meanDeviation() {
        return samples == 0 ? 0 : sum / samples;
    }

    /** Largest distance, px. */
    public double maxDeviation() {
        return max;
    }

    /** The contour's place of the largest distance. */
    public Point worst() {
        return worst;
    }

    /** How many samples the mean is over. */
    public int samples() {
        return samples;
    }
}

package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;

/**
 * Fits one closed contour with cubic curves. Time grows with the contour's length times the log of
 * the number of pieces.
 */
public final class LoopFitter {

    /** Distance of samples along the contour, px. */
    static final double STEP_PX = 0.5;

    /** A loop that encloses less than this share of its contour has collapsed. */
    private static final double LEAST_SHARE = 0.5;

    private LoopFitter() {}

    /**
     * Fits a contour.
     *
     * @param contour x and y of each vertex in source pixels, the first not repeated; at least
     *     three vertices
     * @param maxErrorPx the largest distance a sample may keep from the curve, above 0
     */
    public static FittedLoop fit(double[] contour, double maxErrorPx) {
        Samples samples = Samples.along(contour, STEP_PX);
        List<Corner> corners = CornerFinder.find(samples);
        List<Piece> pieces = new ArrayList<>();
        if (corners.isEmpty()) {
            pieces.addAll(CircleFinder.find(samples));
        }
        if (corners.isEmpty() && pieces.isEmpty()) {
            pieces.addAll(fit(Section.ring(samples).parts(), maxErrorPx));
        } else if (pieces.isEmpty()) {
            List<Section> sections = new ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                Corner to = corners.get((i + 1) % corners.size());
                sections.addAll(Section.between(samples, corners.get(i), to).parts());
            }
            pieces.addAll(fit(sections, maxErrorPx));
        }
        FittedLoop fitted = assemble(pieces);
        return isWhole(fitted.loop(), contour) ? fitted : polygon(contour);
    }

    private static List<Piece> fit(List<Section> sections, double maxErrorPx) {
        return sections.parallelStream()
                .flatMap(section -> SectionFitter.fit(section, maxErrorPx).stream())
                .toList();
    }

    /** Whether a loop encloses about what its contour does, the same way round. */
    private static boolean isWhole(CubicLoop loop, double[] contour) {
        double twice = 0;
        for (int i = 0, n = contour.length; i < n; i += 2) {
            twice += contour[i] * contour[(i + 3) % n] - contour[(i + 2) % n] * contour[i + 1];
        }
        double share = loop.signedArea() * 2 / twice;
        return share > LEAST_SHARE && share < 1 / LEAST_SHARE;
    }

    /** What is too small to be curves stays the polygon that it is. */
    private static FittedLoop polygon(double[] contour) {
        Point first = new Point(contour[0], contour[1]);
        return new FittedLoop(CubicLoop.polygon(contour), 0, 0, first, contour.length / 2);
    }

    private static FittedLoop assemble(List<Piece> pieces) {
        double[] coords = new double[6 * pieces.size()];
        BitSet straight = new BitSet();
        double sum = 0;
        int count = 0;
        double worst = -1;
        Point worstAt = null;
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
            sum += piece.error().sum();
            count += piece.error().count();
            if (piece.error().max() > worst) {
                worst = piece.error().max();
                worstAt = piece.error().at();
            }
        }
        return new FittedLoop(
                CubicLoop.of(coords, straight),
                count == 0 ? 0 : sum / count,
                Math.max(0, worst),
                worstAt,
                count);
    }
}

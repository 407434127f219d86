package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;

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
        List<Corner> corners =
                CornerSettler.settle(samples, CornerFinder.find(samples), maxErrorPx);
        List<Piece> pieces = new ArrayList<>();
        if (corners.isEmpty()) {
            pieces.addAll(CircleFinder.find(samples));
        }
        if (corners.isEmpty() && pieces.isEmpty()) {
            pieces.addAll(fit(Section.ringParts(samples, maxErrorPx), maxErrorPx));
        } else if (pieces.isEmpty()) {
            List<Section> sections = new ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                Corner to = corners.get((i + 1) % corners.size());
                sections.addAll(Section.between(samples, corners.get(i), to).parts(maxErrorPx));
            }
            pieces.addAll(fit(sections, maxErrorPx));
        }
        FittedLoop fitted = FittedLoop.of(pieces);
        return isWhole(fitted.loop(), contour) ? fitted : FittedLoop.polygon(contour);
    }

    static List<Piece> fit(List<Section> sections, double maxErrorPx) {
        return sections.parallelStream()
                .flatMap(section -> SectionFitter.fit(section, maxErrorPx).stream())
                .toList();
    }

    /** Whether a loop encloses about what its contour does, the same way round. */
    static boolean isWhole(CubicLoop loop, double[] contour) {
        double twice = 0;
        for (int i = 0, n = contour.length; i < n; i += 2) {
            twice += contour[i] * contour[(i + 3) % n] - contour[(i + 2) % n] * contour[i + 1];
        }
        double share = loop.signedArea() * 2 / twice;
        return share > LEAST_SHARE && share < 1 / LEAST_SHARE;
    }
}

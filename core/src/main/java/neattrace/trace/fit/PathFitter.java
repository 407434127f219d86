package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;

/**
 * Fits an open path, such as the middle of a line, with cubic curves; the ends stay where they are.
 */
public final class PathFitter {

    private PathFitter() {}

    /**
     * Fits.
     *
     * @param xy x and y of each vertex, two vertices or more
     * @param maxErrorPx the largest distance a sample may keep from the curve, above 0
     */
    public static CubicPath fit(double[] xy, double maxErrorPx) {
        return path(pieces(xy, Double.NaN, Double.NaN, maxErrorPx));
    }

    /**
     * The pieces of a path.
     *
     * @param startAngle the direction in which it leaves its start, radians; not a number if free
     * @param endAngle the direction in which it comes to its end
     */
    static List<Piece> pieces(double[] xy, double startAngle, double endAngle, double maxErrorPx) {
        Samples samples = Samples.alongOpen(xy, LoopFitter.STEP_PX);
        int last = samples.size() - 1;
        List<Corner> corners = new ArrayList<>();
        corners.add(new Corner(0, samples.at(0), false));
        corners.addAll(CornerFinder.find(samples));
        corners.add(new Corner(last, samples.at(last), false));
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i + 1 < corners.size(); i++) {
            boolean atStart = i == 0;
            boolean atEnd = i + 2 == corners.size();
            Section whole =
                    Sections.open(
                            samples,
                            corners.get(i),
                            corners.get(i + 1),
                            atStart ? startAngle : Double.NaN,
                            atEnd ? endAngle : Double.NaN);
            for (Section part : SectionCutter.parts(whole, maxErrorPx)) {
                pieces.addAll(SectionFitter.fit(part, maxErrorPx));
            }
        }
        return pieces;
    }

    private static CubicPath path(List<Piece> pieces) {
        double[] coords = new double[2 + 6 * pieces.size()];
        BitSet straight = new BitSet();
        put(coords, 0, pieces.get(0).start());
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            put(coords, 6 * i + 2, piece.first());
            put(coords, 6 * i + 4, piece.second());
            put(coords, 6 * i + 6, piece.end());
            straight.set(i, piece.straight());
        }
        return CubicPath.of(coords, straight);
    }

    private static void put(double[] coords, int at, Point point) {
        coords[at] = point.x();
        coords[at + 1] = point.y();
    }
}

package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;

/**
 * Where ties could run: along the medial axis of what is cut away, where it parts two pieces. Of
 * each stretch the narrowest place is kept.
 */
final class Crossings {

    /** Stretches are so long, as a share of the smaller piece's side; and within bounds, mm. */
    private static final double STRETCH = 0.2;

    private static final double SHORTEST_MM = 0.6;
    private static final double LONGEST_MM = 3;

    /** A stretch of the axis between two pieces. */
    private record Stretch(int one, int other, int column, int row) {}

    /** The narrowest place of a stretch so far: two pixels of paper that face each other. */
    private static final class Narrowest {
        private int from;
        private int to;
        private long squared = Long.MAX_VALUE;
    }

    private Crossings() {}

    /**
     * All places, the shortest first.
     *
     * @param sides the square root of each piece's area, mm
     */
    static List<Crossing> of(SheetRaster raster, double[] sides) {
        DistanceTransform nearest = DistanceTransform.of(raster.map(true));
        Map<Stretch, Narrowest> found = new HashMap<>();
        int width = raster.width();
        int[] piece = raster.piece();
        for (int y = 0; y + 1 < raster.height(); y++) {
            for (int x = 0; x + 1 < width; x++) {
                int at = y * width + x;
                if (piece[at] < 0) {
                    look(raster, nearest, at, at + 1, sides, found);
                    look(raster, nearest, at, at + width, sides, found);
                }
            }
        }
        List<Crossing> crossings = new ArrayList<>();
        for (Map.Entry<Stretch, Narrowest> one : found.entrySet()) {
            crossings.add(crossing(raster, one.getKey(), one.getValue()));
        }
        // Equal lengths are common on a raster; places decide then, so that the same comes again.
        crossings.sort(
                Comparator.comparingDouble(Crossing::lengthMm)
                        .thenComparingDouble(one -> one.middle().y())
                        .thenComparingDouble(one -> one.middle().x()));
        return crossings;
    }

    private static void look(
            SheetRaster raster,
            DistanceTransform nearest,
            int at,
            int beside,
            double[] sides,
            Map<Stretch, Narrowest> found) {
        int[] piece = raster.piece();
        if (piece[beside] >= 0) {
            return;
        }
        int from = nearest.nearestPaper(at);
        int to = nearest.nearestPaper(beside);
        if (from < 0 || to < 0 || piece[from] == piece[to]) {
            return;
        }
        boolean swap = piece[from] > piece[to];
        int one = swap ? piece[to] : piece[from];
        int other = swap ? piece[from] : piece[to];
        double side =
                raster.pxPerMm()
                        * Math.max(
                                SHORTEST_MM,
                                Math.min(LONGEST_MM, STRETCH * Math.min(sides[one], sides[other])));
        int width = raster.width();
        Stretch stretch =
                new Stretch(one, other, (int) (at % width / side), (int) ((at / width) / side));
        long dx = from % width - to % width;
        long dy = from / width - to / width;
        long squared = dx * dx + dy * dy;
        Narrowest best = found.computeIfAbsent(stretch, key -> new Narrowest());
        if (squared < best.squared) {
            best.squared = squared;
            best.from = swap ? to : from;
            best.to = swap ? from : to;
        }
    }

    private static Crossing crossing(SheetRaster raster, Stretch stretch, Narrowest place) {
        Point from = new Point(raster.x(place.from), raster.y(place.from));
        Point to = new Point(raster.x(place.to), raster.y(place.to));
        return new Crossing(
                stretch.one(),
                stretch.other(),
                from.plus(to).times(0.5),
                to.minus(from).unit(),
                // From edge to edge of the pixels.
                Math.max(0, from.distance(to) - 1 / raster.pxPerMm()));
    }
}

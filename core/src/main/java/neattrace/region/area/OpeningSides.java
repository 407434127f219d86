package neattrace.region.area;

import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;

/**
 * The ink on both sides of an opening.
 *
 * @param from the ink pixel nearest to its middle
 * @param to the ink pixel on the other side
 */
record OpeningSides(int from, int to) {

    /** The opening that has a pixel in its middle. */
    static OpeningSides at(InkMap map, DistanceTransform side, int pixel) {
        int first = side.nearestInk(pixel);
        return new OpeningSides(first, opposite(map, side, pixel, first));
    }

    /** Of the ink nearest to pixels near by, that farthest away. */
    private static int opposite(InkMap map, DistanceTransform side, int pixel, int first) {
        int width = map.width();
        int px = pixel % width;
        int py = pixel / width;
        int best = first;
        long bestDistance = -1;
        for (int dy = -2; dy <= 2; dy++) {
            for (int dx = -2; dx <= 2; dx++) {
                int x = px + dx;
                int y = py + dy;
                if (x < 0 || y < 0 || x >= width || y >= map.height()) {
                    continue;
                }
                int near = y * width + x;
                int feature = side.squared(near) < 0 ? near : side.nearestInk(near);
                long fx = feature % width - first % width;
                long fy = feature / width - first / width;
                if (fx * fx + fy * fy > bestDistance) {
                    bestDistance = fx * fx + fy * fy;
                    best = feature;
                }
            }
        }
        return best;
    }
}

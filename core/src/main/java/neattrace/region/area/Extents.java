package neattrace.region.area;

import java.util.Arrays;
import neattrace.raster.InkMap;
import neattrace.raster.distance.OtherSide;

/** How large areas are, where each is widest, and how much of the sheet's border each has. */
final class Extents {

    final long[] pixels;

    /** For each area its first pixel farthest from ink, and the square of that distance, px. */
    final int[] widest;

    final int[] squared;

    final int[] border;

    Extents(int areas) {
        pixels = new long[areas];
        widest = new int[areas];
        squared = new int[areas];
        border = new int[areas];
        Arrays.fill(squared, -1);
    }

    /**
     * Takes in some rows, and replaces basins by their labels there.
     *
     * @param basins the basin of each pixel, at the end its label
     * @param labels the label of each basin
     */
    void measure(InkMap map, OtherSide side, int[] basins, int[] labels, int fromRow, int toRow) {
        int width = map.width();
        for (int y = fromRow; y < toRow; y++) {
            int end = y == 0 || y == map.height() - 1 ? 1 : width - 1;
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (basins[i] < 0) {
                    continue;
                }
                int label = labels[basins[i]];
                basins[i] = label;
                int distance = side.squared(i);
                if (distance < 0) {
                    continue;
                }
                pixels[label]++;
                if (distance > squared[label]) {
                    squared[label] = distance;
                    widest[label] = i;
                }
                if (x < 1 || x >= end) {
                    border[label]++;
                }
            }
        }
    }

    /** Takes in what was measured of rows further down. */
    void add(Extents below) {
        for (int label = 0; label < pixels.length; label++) {
            pixels[label] += below.pixels[label];
            border[label] += below.border[label];
            if (below.squared[label] > squared[label]) {
                squared[label] = below.squared[label];
                widest[label] = below.widest[label];
            }
        }
    }
}

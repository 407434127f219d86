package neattrace.region.area;

import java.util.Arrays;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;

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
    void measure(
            InkMap map,
            DistanceTransform side,
            int[] basins,
            int[] labels,
            int fromRow,
            int toRow) {
        int width = map.width();
        for (int y = fromRow; y < toRow; y++) {
            int end = y == 0 || y == map.height() - 1 ? 1 : width - 1;
            int row = y * width;
            int to = row + width;
            for (int from = row; from < to; ) {
                int basin = basins[from];
                int i = from;
                if (basin < 0) {
                    from++;
                    continue;
                }
                int label = labels[basin];
                int paper = 0;
                int most = squared[label];
                int place = widest[label];
                while (i < to && basins[i] == basin) {
                    basins[i] = label;
                    int distance = side.squared(i);
                    paper += distance < 0 ? 0 : 1;
                    if (distance > most) {
                        most = distance;
                        place = i;
                    }
                    i++;
                }
                pixels[label] += paper;
                squared[label] = most;
                widest[label] = place;
                border[label] += along(side, from, i, row, end);
                from = i;
            }
        }
    }

    /**
     * How many pixels of a run are paper at the sheet's border: in a row all from {@code end} on.
     */
    private static int along(DistanceTransform side, int from, int to, int row, int end) {
        int count = from == row && side.squared(from) >= 0 ? 1 : 0;
        for (int i = Math.max(from, row + Math.max(1, end)); i < to; i++) {
            count += side.squared(i) >= 0 ? 1 : 0;
        }
        return count;
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

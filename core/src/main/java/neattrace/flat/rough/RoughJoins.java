package neattrace.flat.rough;

import java.util.Arrays;
import java.util.List;
import neattrace.press.DeltaE2000;
import neattrace.press.Rgb;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.Join;
import neattrace.region.area.Affinity;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Progress;

/**
 * Closes lines that were left open where the rough shows that two colours meet. An opening is
 * closed only if it is narrower than both sides and each side has one clear colour of its own, so
 * that a dab that runs over a line parts nothing.
 */
public final class RoughJoins {

    /** A colour must cover this share of a stretch of paper to be its own. */
    private static final double CLEAR = 0.75;

    private RoughJoins() {}

    /**
     * Finds the joins.
     *
     * @param ink the drawing's ink
     * @param side how far its paper is from it
     * @param rough same proportion as the drawing, any size
     * @param mmPerPx of the drawing
     */
    public static List<Join> find(
            InkMap ink, DistanceTransform side, Picture rough, double mmPerPx, Progress progress) {
        Colours colours = new Colours(ink.width(), ink.height(), rough);
        return AreaFinder.partings(ink, side, colours, mmPerPx, progress);
    }

    /** The colours of every basin while it grows. */
    private static final class Colours implements Affinity {

        private final int width;
        private final int height;
        private final Picture rough;
        private ColourCount[] counts = new ColourCount[1024];

        Colours(int width, int height, Picture rough) {
            this.width = width;
            this.height = height;
            this.rough = rough;
        }

        @Override
        public void added(int basin, int pixel) {
            if (basin >= counts.length) {
                counts = Arrays.copyOf(counts, Math.max(basin + 1, 2 * counts.length));
            }
            if (counts[basin] == null) {
                counts[basin] = new ColourCount();
            }
            int x = (int) ((pixel % width + 0.5) * rough.width() / width);
            int y = (int) ((pixel / width + 0.5) * rough.height() / height);
            counts[basin].add(rough.rgbAt(x, y));
        }

        @Override
        public void merged(int from, int into) {
            counts[into].addAll(counts[from]);
            counts[from] = null;
        }

        @Override
        public boolean differ(int a, int b) {
            if (counts[a].share() < CLEAR || counts[b].share() < CLEAR) {
                return false;
            }
            Rgb first = counts[a].usual();
            Rgb second = counts[b].usual();
            return DeltaE2000.between(first.toLab(), second.toLab()) > RoughColours.SAME_COLOUR;
        }
    }
}

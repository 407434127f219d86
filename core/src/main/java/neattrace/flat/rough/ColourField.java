package neattrace.flat.rough;

import java.util.Arrays;
import neattrace.array.IntList;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.AreaMap;

/** Which colour of a rough each pixel of paper has. */
final class ColourField {

    static final int NONE = -1;

    /** Colours nearer to ink than this many pixels, of drawing and rough, are not sure. */
    private static final double UNSURE_PX = 2;

    /** Parts of neighbours' colours that differ by less are of one flat, 0 to 255. */
    private static final int FLAT = 12;

    private final InkMap ink;
    private final AreaMap areas;
    private final Picture rough;
    private final int width;
    private final int height;

    /** Colour by pixel; {@link #NONE} on ink and where none is known. */
    final int[] colours;

    private double endsAtLines;
    private double usualAtLines;

    private ColourField(InkMap ink, AreaMap areas, Picture rough) {
        this.ink = ink;
        this.areas = areas;
        this.rough = rough;
        this.width = ink.width();
        this.height = ink.height();
        this.colours = new int[width * height];
    }

    /** Reads the field. */
    static ColourField of(InkMap ink, DistanceTransform side, AreaMap areas, Picture rough) {
        ColourField field = new ColourField(ink, areas, rough);
        field.sow(side);
        field.grow();
        field.drop(side);
        return field;
    }

    private int rgbAt(int x, int y) {
        return rough.rgbAt(
                (int) ((x + 0.5) * rough.width() / width),
                (int) ((y + 0.5) * rough.height() / height));
    }

    /** Colours where they are sure: off the lines, and off the soft edges between colours. */
    private void sow(DistanceTransform side) {
        double scale = Math.max(1, (double) width / rough.width());
        double sure = UNSURE_PX * (1 + scale);
        int step = (int) Math.ceil(scale);
        RoughPalette palette = new RoughPalette();
        Arrays.fill(colours, NONE);
        for (int y = step; y < height - step; y++) {
            for (int x = step; x < width - step; x++) {
                int i = y * width + x;
                if (side.squared(i) > sure * sure && isFlat(x, y, step)) {
                    colours[i] = 0;
                    palette.count(rgbAt(x, y));
                }
            }
        }
        palette.settle();
        for (int y = step; y < height - step; y++) {
            for (int x = step; x < width - step; x++) {
                int i = y * width + x;
                if (colours[i] != NONE) {
                    colours[i] = palette.colour(rgbAt(x, y));
                }
            }
        }
    }

    private boolean isFlat(int x, int y, int step) {
        int rgb = rgbAt(x, y);
        return isLike(rgb, rgbAt(x - step, y))
                && isLike(rgb, rgbAt(x + step, y))
                && isLike(rgb, rgbAt(x, y - step))
                && isLike(rgb, rgbAt(x, y + step));
    }

    private static boolean isLike(int a, int b) {
        return Math.abs((a >> 16 & 0xff) - (b >> 16 & 0xff)) <= FLAT
                && Math.abs((a >> 8 & 0xff) - (b >> 8 & 0xff)) <= FLAT
                && Math.abs((a & 0xff) - (b & 0xff)) <= FLAT;
    }

    /** Lets colours spread over the paper of their areas, all at the same pace. */
    private void grow() {
        IntList front = new IntList();
        for (int i = 0; i < colours.length; i++) {
            if (colours[i] != NONE && isAtTheEdge(i)) {
                front.add(i);
            }
        }
        for (int done = 0; done < front.size(); done++) {
            spread(front.get(done), front);
        }
    }

    /** Whether a pixel has a neighbour without colour. */
    private boolean isAtTheEdge(int i) {
        int x = i % width;
        return x > 0 && colours[i - 1] == NONE
                || x < width - 1 && colours[i + 1] == NONE
                || i >= width && colours[i - width] == NONE
                || i + width < colours.length && colours[i + width] == NONE;
    }

    private void spread(int from, IntList front) {
        int x = from % width;
        spread(from, x > 0 ? from - 1 : -1, front);
        spread(from, x < width - 1 ? from + 1 : -1, front);
        spread(from, from - width, front);
        spread(from, from + width < colours.length ? from + width : -1, front);
    }

    private void spread(int from, int to, IntList front) {
        if (to >= 0 && colours[to] == NONE && !ink.isInk(to) && isOneArea(from, to)) {
            colours[to] = colours[from];
            front.add(to);
        }
    }

    boolean isOneArea(int a, int b) {
        return areas.label(a) == areas.label(b);
    }

    /** Patches that were not meant take the colour of what lies round them. */
    private void drop(DistanceTransform side) {
        Patches patches = Patches.of(this, ink, side, areas);
        endsAtLines = patches.endsAtLines();
        usualAtLines = patches.usualAtLines();
        boolean dropped = false;
        for (int i = 0; i < colours.length; i++) {
            int patch = patches.patchOf[i];
            if (patch >= 0 && !patches.isMeant(patch)) {
                colours[i] = NONE;
                dropped = true;
            }
        }
        if (dropped) {
            grow();
        }
    }

    /** How much of what is not its area's usual colour touches lines and ends at them, 0 to 1. */
    double endsAtLines() {
        return endsAtLines;
    }

    /** Along which share of the lines beside colour both areas have their usual colours, 0 to 1. */
    double usualAtLines() {
        return usualAtLines;
    }

    /** Whether the colour changes from a pixel of paper to the next one in the same area. */
    boolean changes(int a, int b) {
        return colours[a] != colours[b]
                && colours[a] != NONE
                && colours[b] != NONE
                && isOneArea(a, b);
    }
}

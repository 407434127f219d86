package neattrace.goods.stencil;

import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.function.IntUnaryOperator;
import neattrace.array.UnionFind;

/**
 * Where a narrow part of a sheet holds: at how many separate places it goes over into what is wide
 * enough, and where it is narrowest on the widest way from one of them to another (pixels are
 * joined from the deepest on until two places are, as in maximum spanning trees). Tips beside that
 * way do not count.
 *
 * @param places at how many it goes over into what is wide enough
 * @param neck the pixel of the raster where it is narrowest; -1 with less than two places
 */
record WebNeck(int places, int neck) {

    /** Room round the part: gaps of a pixel between contacts are the raster's. */
    private static final int ROOM = 3;

    /**
     * Looks at a part.
     *
     * @param pixels of it, row by row, as the raster numbers them
     * @param width of the raster
     * @param isWide whether a pixel belongs to what is wide enough; beyond the raster is not asked
     * @param depth squared distance of a pixel from what is cut
     */
    static WebNeck of(int[] pixels, int width, IntPredicate isWide, IntUnaryOperator depth) {
        int left = width;
        int right = 0;
        for (int pixel : pixels) {
            left = Math.min(left, pixel % width);
            right = Math.max(right, pixel % width);
        }
        int top = pixels[0] / width;
        int bottom = pixels[pixels.length - 1] / width;
        Grid grid =
                new Grid(
                        left - ROOM,
                        top - ROOM,
                        right - left + 2 * ROOM + 1,
                        bottom - top + 2 * ROOM + 1);
        for (int pixel : pixels) {
            int x = pixel % width;
            int y = pixel / width;
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    boolean within = x + dx >= 0 && x + dx < width && y + dy >= 0;
                    if (within && isWide.test(pixel + dy * width + dx)) {
                        grid.contact[grid.at(x + dx, y + dy)] = true;
                    }
                }
            }
        }
        int places = grid.places();
        return new WebNeck(places, places < 2 ? -1 : grid.neck(pixels, width, depth));
    }

    /** The part and its surroundings, small. */
    private static final class Grid {

        private final int left;
        private final int top;
        private final int width;
        private final boolean[] contact;

        /** Number of the place from 1; pixels that were joined follow them. */
        private final int[] node;

        private final UnionFind joined;
        private int nodes;

        Grid(int left, int top, int width, int height) {
            this.left = left;
            this.top = top;
            this.width = width;
            this.contact = new boolean[width * height];
            this.node = new int[width * height];
            this.joined = new UnionFind(width * height + 1);
        }

        int at(int x, int y) {
            return (y - top) * width + x - left;
        }

        int places() {
            int[] stack = new int[contact.length];
            for (int i = 0; i < contact.length; i++) {
                if (!contact[i] || node[i] != 0) {
                    continue;
                }
                int place = ++nodes;
                int size = 0;
                node[i] = place;
                stack[size++] = i;
                while (size > 0) {
                    int from = stack[--size];
                    for (int dy = -2; dy <= 2; dy++) {
                        for (int dx = -2; dx <= 2; dx++) {
                            int beside = from + dy * width + dx;
                            if (contact[beside] && node[beside] == 0) {
                                node[beside] = place;
                                stack[size++] = beside;
                            }
                        }
                    }
                }
            }
            return nodes;
        }

        int neck(int[] pixels, int rasterWidth, IntUnaryOperator depth) {
            int places = nodes;
            long[] deepest = new long[pixels.length];
            for (int k = 0; k < pixels.length; k++) {
                deepest[k] = (long) -depth.applyAsInt(pixels[k]) << 32 | k;
            }
            Arrays.sort(deepest);
            for (long key : deepest) {
                int pixel = pixels[(int) key];
                int here = at(pixel % rasterWidth, pixel / rasterWidth);
                node[here] = ++nodes;
                for (int dy = -1; dy <= 1; dy++) {
                    for (int dx = -1; dx <= 1; dx++) {
                        int beside = node[here + dy * width + dx];
                        if (beside != 0 && join(node[here], beside, places)) {
                            return pixel;
                        }
                    }
                }
            }
            return pixels[(int) deepest[deepest.length - 1]];
        }

        /** Joins two; whether two places would be joined by that, which have the lowest numbers. */
        private boolean join(int one, int other, int places) {
            int a = joined.find(one);
            int b = joined.find(other);
            if (a != b && a <= places && b <= places) {
                return true;
            }
            joined.unite(a, b);
            return false;
        }
    }
}

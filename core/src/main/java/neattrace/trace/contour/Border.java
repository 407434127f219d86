package neattrace.trace.contour;

import java.util.Arrays;
import neattrace.raster.InkMap;

/**
 * The border between a piece of ink and the paper beside it, as the sides of ink pixels it runs
 * along.
 *
 * @param sides four times the pixel's index plus the side: 0 east, 1 south, 2 west, 3 north
 */
record Border(int[] sides) {

    static final int EAST = 0;
    static final int WEST = 2;

    /** East, south, west, north. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};

    /** The column beyond a side. */
    static int dx(int side) {
        return DX[side & 3];
    }

    /** The row beyond a side. */
    static int dy(int side) {
        return DY[side & 3];
    }

    /**
     * Follows borders of one map.
     *
     * <p>Not safe for use by several threads.
     */
    static final class Follower {

        private final InkMap map;
        private int[] sides = new int[4096];

        Follower(InkMap map) {
            this.map = map;
        }

        /** The border that runs along a side of an ink pixel, from there on. */
        Border from(int start) {
            int width = map.width();
            int x = (start >>> 2) % width;
            int y = (start >>> 2) / width;
            int side = start & 3;
            int used = 0;
            do {
                if (used == sides.length) {
                    sides = Arrays.copyOf(sides, sides.length * 2);
                }
                sides[used++] = y * width + x << 2 | side;
                int ahead = (side + 1) % 4;
                int aheadX = x + DX[ahead];
                int aheadY = y + DY[ahead];
                if (map.isInk(aheadX + DX[side], aheadY + DY[side])) {
                    x = aheadX + DX[side];
                    y = aheadY + DY[side];
                    side = (side + 3) % 4;
                } else if (map.isInk(aheadX, aheadY)) {
                    x = aheadX;
                    y = aheadY;
                } else {
                    side = ahead;
                }
            } while ((y * width + x << 2 | side) != start);
            return new Border(Arrays.copyOf(sides, used));
        }
    }

    /** Whether it encloses paper. */
    boolean isHole(int width) {
        long area = 0;
        for (int at : sides) {
            int side = at & 3;
            if (side == WEST) {
                area -= (at >>> 2) % width;
            } else if (side == EAST) {
                area += (at >>> 2) % width + 1;
            }
        }
        return area < 0;
    }

    /** The same from the side on that a row by row scan meets first, which is a western one. */
    Border fromFirst() {
        int first = -1;
        for (int k = 0; k < sides.length; k++) {
            if ((sides[k] & 3) == WEST && (first < 0 || sides[k] < sides[first])) {
                first = k;
            }
        }
        int[] turned = new int[sides.length];
        System.arraycopy(sides, first, turned, 0, sides.length - first);
        System.arraycopy(sides, 0, turned, sides.length - first, first);
        return new Border(turned);
    }

    /** The index of the pixel it begins at. */
    int pixel() {
        return sides[0] >>> 2;
    }
}

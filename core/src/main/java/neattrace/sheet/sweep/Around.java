package neattrace.sheet.sweep;

/**
 * The eight neighbours of a pixel as the bits of a number, lowest first: above, right, below, left,
 * then the corners from the upper right one round. Neighbours that are joined with each other
 * already, being neighbours too, have to be met once only; which those are is listed for each of
 * the 256 ways in which neighbours may be there.
 */
final class Around {

    static final int COUNT = 8;

    private static final int[] DX = {0, 1, 0, -1, 1, 1, -1, -1};
    private static final int[] DY = {-1, 0, 1, 0, -1, 1, 1, -1};

    private final int[] meets = new int[1 << COUNT];

    /**
     * All ways.
     *
     * @param diagonal whether pixels that touch at a corner are joined
     */
    Around(boolean diagonal) {
        for (int there = 0; there < meets.length; there++) {
            meets[there] = meets(there, diagonal);
        }
    }

    private static int meets(int there, boolean diagonal) {
        int met = 0;
        for (int side = 0; side < 4; side++) {
            boolean before = side > 0 && areJoined(there, side - 1, diagonal);
            boolean round = side == 3 && areJoined(there, 3, diagonal);
            met |= is(there, side) && !before && !round ? 1 << side : 0;
        }
        for (int corner = 0; diagonal && corner < 4; corner++) {
            boolean alone = !is(there, corner) && !is(there, (corner + 1) % 4);
            met |= is(there, 4 + corner) && alone ? 1 << 4 + corner : 0;
        }
        return met;
    }

    /**
     * Whether a side and the next one round are both there and joined, by the corner if need be.
     */
    private static boolean areJoined(int there, int side, boolean diagonal) {
        return is(there, side) && is(there, (side + 1) % 4) && (diagonal || is(there, 4 + side));
    }

    private static boolean is(int there, int k) {
        return (there >> k & 1) != 0;
    }

    /** Of the neighbours that are there those to be met. */
    int meets(int there) {
        return meets[there];
    }

    /** The highest bits of the bytes that stand for neighbours that come before a pixel. */
    static long earlier() {
        long earlier = 0;
        for (int k = 0; k < COUNT; k++) {
            boolean before = DY[k] < 0 || DY[k] == 0 && DX[k] < 0;
            earlier |= before ? 0x80L << 8 * k : 0;
        }
        return earlier;
    }

    /** From a pixel's column to that of a neighbour. */
    static int dx(int k) {
        return DX[k];
    }

    /** From its row to that of a neighbour. */
    static int dy(int k) {
        return DY[k];
    }
}

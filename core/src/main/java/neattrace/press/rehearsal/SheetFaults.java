package neattrace.press.rehearsal;

/** What was seen on one sheet, square by square. For one thread. */
final class SheetFaults {

    /** Narrower and shorter is not seen, nor more than how pixels fall, mm. */
    private static final double SEEN_WIDE_MM = 0.06;

    private static final double SEEN_LONG_MM = 0.4;

    /** The tip of a corner is less, a line across a square more. */
    private static final double LINE_MM2 = 0.15;

    private final double mmPerPx;
    private final double spreadMm;
    private final int across;

    /** Faulty pixels by fault and square, and the box they lie in. */
    private final int[][] count;

    private final short[][] left;
    private final short[][] right;
    private final short[][] top;
    private final short[][] bottom;

    /** Pixels of thin things, and those of them that are printed over. */
    private final int[] thin;

    private final int[] covered;

    SheetFaults(int across, int down, double mmPerPx, double spreadMm) {
        this.mmPerPx = mmPerPx;
        this.spreadMm = spreadMm;
        this.across = across;
        int cells = across * down;
        count = new int[2][cells];
        left = new short[2][cells];
        right = new short[2][cells];
        top = new short[2][cells];
        bottom = new short[2][cells];
        thin = new int[cells];
        covered = new int[cells];
    }

    /**
     * A pixel.
     *
     * @param fault 0 none, 1 paper, 2 colour beside black
     * @param isThin whether it belongs to something thin and light
     * @param more whether an ink lies there that should not
     */
    void see(int x, int y, int fault, boolean isThin, boolean more) {
        int cell = cell(y) * across + cell(x);
        if (isThin) {
            thin[cell]++;
            covered[cell] += more ? 1 : 0;
        }
        if (fault == 0) {
            return;
        }
        int f = fault - 1;
        if (count[f][cell]++ == 0) {
            left[f][cell] = (short) x;
            right[f][cell] = (short) x;
            top[f][cell] = (short) y;
            bottom[f][cell] = (short) y;
            return;
        }
        left[f][cell] = (short) Math.min(left[f][cell], x);
        right[f][cell] = (short) Math.max(right[f][cell], x);
        top[f][cell] = (short) Math.min(top[f][cell], y);
        bottom[f][cell] = (short) Math.max(bottom[f][cell], y);
    }

    private int cell(int px) {
        return (int) (px * mmPerPx / Rehearsal.CELL_MM);
    }

    int cells() {
        return thin.length;
    }

    /** How far edges grow, mm. */
    double spreadMm() {
        return spreadMm;
    }

    /** Pixels of paper (0) or colour (1) in a square. */
    int count(int fault, int cell) {
        return count[fault][cell];
    }

    /** How wide they are: their area by the longer side of their box, mm. */
    double widthMm(int fault, int cell) {
        int length =
                1
                        + Math.max(
                                right[fault][cell] - left[fault][cell],
                                bottom[fault][cell] - top[fault][cell]);
        return count[fault][cell] * mmPerPx / length;
    }

    /** How long, mm. */
    double lengthMm(int fault, int cell) {
        return mmPerPx
                * (1
                        + Math.max(
                                right[fault][cell] - left[fault][cell],
                                bottom[fault][cell] - top[fault][cell]));
    }

    /** How much of what is thin in a square is printed over, 0 to 1; 0 if there is little of it. */
    double drowned(int cell) {
        return thin[cell] * mmPerPx * mmPerPx < LINE_MM2 ? 0 : (double) covered[cell] / thin[cell];
    }

    /** Whether what is wrong in a square can be seen. */
    boolean isSeen(int fault, int cell) {
        return count[fault][cell] > 0
                && widthMm(fault, cell) >= SEEN_WIDE_MM
                && lengthMm(fault, cell) >= SEEN_LONG_MM;
    }

    double sliverMm2() {
        return squareMm(0);
    }

    double fringeMm2() {
        return squareMm(1);
    }

    private double squareMm(int fault) {
        long sum = 0;
        for (int cell = 0; cell < thin.length; cell++) {
            sum += isSeen(fault, cell) ? count[fault][cell] : 0;
        }
        return sum * mmPerPx * mmPerPx;
    }
}

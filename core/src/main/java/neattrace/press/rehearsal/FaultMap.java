package neattrace.press.rehearsal;

/** On how many of a hundred sheets each square of a page fails. Immutable. */
public final class FaultMap {

    private final int across;
    private final int down;
    private final byte[][] sheets;

    /**
     * A map.
     *
     * @param sheets by fault and square, 0 to 100; handed over
     */
    FaultMap(int across, int down, byte[][] sheets) {
        this.across = across;
        this.down = down;
        this.sheets = sheets;
    }

    /**
     * How often anything round a place fails in some way, of a hundred sheets: the worst square
     * counts.
     *
     * @param reachMm how far round it
     */
    public double at(Fault fault, double xMm, double yMm, double reachMm) {
        byte[] own = sheets[fault.ordinal()];
        int most = 0;
        for (int y = cell(yMm - reachMm, down); y <= cell(yMm + reachMm, down); y++) {
            for (int x = cell(xMm - reachMm, across); x <= cell(xMm + reachMm, across); x++) {
                most = Math.max(most, own[y * across + x]);
            }
        }
        return most;
    }

    private static int cell(double mm, int cells) {
        return Math.max(0, Math.min(cells - 1, (int) (mm / Rehearsal.CELL_MM)));
    }
}

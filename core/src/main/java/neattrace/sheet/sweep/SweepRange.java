package neattrace.sheet.sweep;

/**
 * Which thresholds are looked at, and what between them is of no account; all in 255ths of the way
 * from paper to ink.
 *
 * @param low lowest threshold, 1 to 254
 * @param high highest threshold, above low, at most 255
 * @param faintest fainter than this is a stain on the paper and no faint line
 * @param darkest darker than this is ink and no plugged slit
 */
public record SweepRange(int low, int high, int faintest, int darkest) {

    private static final int FAINTEST = 46;
    private static final int DARKEST = 214;

    public SweepRange {
        if (!(low >= 1 && low < high && high <= 255)) {
            throw new IllegalArgumentException("thresholds must rise from 1 to 255");
        }
    }

    /** Nothing is favoured. */
    public static SweepRange of(int low, int high) {
        return favouring(low, high, 1, 1);
    }

    /**
     * Where darkness on open paper and brightness in hatching have been multiplied, the greys of
     * stains and of plugged slits have as well.
     */
    public static SweepRange favouring(int low, int high, double faintGain, double openGain) {
        int darkest = (int) Math.rint(255 - (255 - DARKEST) * openGain);
        return new SweepRange(low, high, (int) Math.rint(FAINTEST * faintGain), darkest);
    }
}

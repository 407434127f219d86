package neattrace.raster;

/**
 * Pixels per inch, and whether the file said so.
 *
 * @param ppi pixels per inch, above zero
 * @param stated false if the file had no resolution and {@link #ASSUMED_PPI} was taken
 * @param claimed what a file said that had none all the same: cameras and screens write 72 and 96
 *     whatever they look at; 0 if it said nothing of the kind
 */
public record Resolution(double ppi, boolean stated, double claimed) {

    /** Taken where a file does not say: the usual print resolution (common practice, no source). */
    public static final double ASSUMED_PPI = 300;

    /** Millimetres in an inch, exact by definition (international yard and pound, 1959). */
    public static final double MM_PER_INCH = 25.4;

    /** Below this and above {@link #MOST_PPI} a number is a slip, not a scan's resolution. */
    public static final double LEAST_PPI = 10;

    public static final double MOST_PPI = 20_000;

    public Resolution {
        if (!(ppi > 0 && ppi < 1e6)) {
            throw new IllegalArgumentException("ppi must be above zero: " + ppi);
        }
    }

    /** A resolution that was stated, or assumed for want of one. */
    public Resolution(double ppi, boolean stated) {
        this(ppi, stated, 0);
    }

    /** Where the file does not say. */
    public static Resolution assumed() {
        return new Resolution(ASSUMED_PPI, false);
    }

    /** Where what the file says is no measure. */
    public static Resolution assumedInsteadOf(double claimed) {
        return new Resolution(ASSUMED_PPI, false, claimed);
    }

    /** Whether a number can be a scan's resolution. */
    public static boolean isSensible(double ppi) {
        return ppi >= LEAST_PPI && ppi <= MOST_PPI;
    }

    /** Millimetres a pixel. */
    public double mmPerPx() {
        return MM_PER_INCH / ppi;
    }

    /** Pixels a millimetre. */
    public double pxPerMm() {
        return ppi / MM_PER_INCH;
    }
}

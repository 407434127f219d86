package neattrace.flat;

/**
 * What the goods ask of flats.
 *
 * @param leastAreaMm an area's widest place must be as wide as this, mm; common practice, no
 *     source: a pencil's point colours 1 mm, a cutter's blade turns in 2 mm
 * @param mostInks how many colours the printer takes; 0 for no limit
 */
public record FlatLimits(double leastAreaMm, int mostInks) {

    /** For coloured pencils, and any number of colours. */
    public static final FlatLimits USUAL = new FlatLimits(1, 0);

    /** No least width is larger, mm. */
    public static final double MOST_AREA_MM = 50;

    /** The most inks that can be counted up to. */
    public static final int MOST_INKS = 1000;

    public FlatLimits {
        if (!(leastAreaMm >= 0 && leastAreaMm <= MOST_AREA_MM)) {
            throw new IllegalArgumentException("the least area must be 0 to 50 mm wide");
        }
        if (mostInks < 0 || mostInks > MOST_INKS) {
            throw new IllegalArgumentException("the limit of inks must be 0 to 1000");
        }
    }
}

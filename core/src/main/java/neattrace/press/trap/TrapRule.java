package neattrace.press.trap;

/**
 * How traps are made.
 *
 * @param widthMm how far one colour runs on beneath the other; 0 for no traps
 * @param spotMm the same where one of the two has an ink of its own, which never shares enough with
 *     its neighbour to hide what shows between them; 0 for no traps
 * @param registerMm how far plates may lie off
 * @param inkLimit the most ink in one place, percent; 0 for any
 */
public record TrapRule(double widthMm, double spotMm, double registerMm, double inkLimit) {

    /** The widest traps, and the farthest plates lie off, mm. */
    public static final double MOST_MM = 5;

    /** A hair more, so that edges which just touch when plates lie off leave nothing, mm. */
    static final double HAIR_MM = 0.01;

    /** Colours whose L* differ by less meet half way. */
    static final double EQUAL = 3;

    /** Ink of both in so small a share is no help, percent. */
    static final double TOO_LITTLE = 25;

    /** What both have is enough if it is no lighter than the lighter one by more, L*. */
    static final double ENOUGH = 8;

    /** One rule for all inks. */
    public TrapRule(double widthMm, double registerMm, double inkLimit) {
        this(widthMm, widthMm, registerMm, inkLimit);
    }

    public TrapRule {
        boolean spots = spotMm >= 0 && spotMm <= MOST_MM;
        if (!(spots
                && widthMm >= 0
                && widthMm <= MOST_MM
                && registerMm >= 0
                && registerMm <= MOST_MM)) {
            throw new IllegalArgumentException("traps and tolerances are 0 to 5 mm");
        }
        if (!(inkLimit >= 0)) {
            throw new IllegalArgumentException("an ink limit is at least 0 %");
        }
    }

    /** The wider of both. */
    double widestMm() {
        return Math.max(widthMm, spotMm);
    }
}

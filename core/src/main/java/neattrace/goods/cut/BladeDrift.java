package neattrace.goods.cut;

/** How far blades lie off in practice (common practice, no source). */
public final class BladeDrift {

    /** Most drift so far, mm. */
    public static final double USUAL_MM = 0.3;

    /** Some drift so far, mm: what bears less shows it. */
    public static final double MOST_MM = 0.5;

    private BladeDrift() {}
}

package neattrace.press.black;

import neattrace.press.Cmyk;

/**
 * How black is printed.
 *
 * @param school which of the black has colours beneath it
 * @param underlay those colours, without black
 * @param keptBackMm how far they are kept back from the black's edge
 * @param boldMm from this width on black has colours beneath it
 */
public record BlackRecipe(BlackSchool school, Cmyk underlay, double keptBackMm, double boldMm) {

    /** What lies beneath rich black (common practice, no source). */
    public static final Cmyk USUAL_UNDERLAY = new Cmyk(60, 40, 40, 0);

    /** A strip of colour beneath black is at least so wide, mm; less is not seen. */
    public static final double NARROWEST_MM = 0.2;

    /** A hair more, so that edges which just touch when plates lie off leave nothing, mm. */
    private static final double HAIR_MM = 0.01;

    public BlackRecipe {
        if (underlay.k() != 0) {
            throw new IllegalArgumentException("beneath black lie cyan, magenta and yellow");
        }
        if (!(keptBackMm >= 0 && boldMm >= 0 && boldMm < 1000)) {
            throw new IllegalArgumentException("lengths are at least 0 mm");
        }
    }

    /** As plates that may lie off by so much allow: bold is what leaves a strip to be seen. */
    public static BlackRecipe of(BlackSchool school, Cmyk underlay, double registerMm) {
        double back = registerMm == 0 ? 0 : registerMm + HAIR_MM;
        return new BlackRecipe(school, underlay, back, 2 * registerMm + NARROWEST_MM);
    }
}

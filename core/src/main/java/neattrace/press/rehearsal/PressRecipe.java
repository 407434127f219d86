package neattrace.press.rehearsal;

/**
 * A press to rehearse on.
 *
 * @param registerMm how far any two plates may lie off from one another, anywhere on the sheet
 * @param gain how dots grow
 * @param linesPerMm ruling of the screen, by which edges grow with the dots
 * @param seed of all that happens by chance
 */
public record PressRecipe(double registerMm, DotGain gain, double linesPerMm, long seed) {

    /** 150 lines an inch (common practice, no source). */
    public static final double USUAL_RULING = 150 / 25.4;

    public PressRecipe {
        if (!(registerMm >= 0 && registerMm <= 5 && linesPerMm > 0)) {
            throw new IllegalArgumentException("plates lie off by 0 to 5 mm");
        }
    }

    /** With usual dots. */
    public static PressRecipe of(double registerMm, long seed) {
        return new PressRecipe(registerMm, DotGain.COATED, USUAL_RULING, seed);
    }
}

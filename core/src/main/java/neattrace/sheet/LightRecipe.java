package neattrace.sheet;

/**
 * How brightness becomes darkness of ink.
 *
 * @param even whether uneven light and paper tone are evened first
 * @param paper brightness of bare paper after evening, 0 to 255; {@link #MEASURED} measures it
 * @param ink brightness of solid ink after evening; {@link #MEASURED} measures it
 * @param faint how much more easily faint lines on open paper count as ink, 0 to 100
 * @param open how much more easily paper between close lines stays paper, 0 to 100
 */
public record LightRecipe(boolean even, double paper, double ink, double faint, double open) {

    /** The scan decides. */
    public static final double MEASURED = -1;

    /** Paper and ink must differ by this much. */
    public static final double LEAST_CONTRAST = 12;

    /** Evened, measured, no favour to either side. */
    public static final LightRecipe AUTOMATIC = new LightRecipe(true, MEASURED, MEASURED, 0, 0);

    public LightRecipe {
        if (!(paper == MEASURED || paper >= 0 && paper <= 255)
                || !(ink == MEASURED || ink >= 0 && ink <= 255)) {
            throw new IllegalArgumentException("paper and ink have a brightness of 0 to 255");
        }
        if (paper != MEASURED && ink != MEASURED && paper - ink < LEAST_CONTRAST) {
            throw new IllegalArgumentException("paper must be clearly brighter than ink");
        }
        if (!(faint >= 0 && faint <= 100 && open >= 0 && open <= 100)) {
            throw new IllegalArgumentException("faint and open go from 0 to 100");
        }
    }

    /** What darkness on open paper is multiplied by, 1 to 2. */
    public double faintGain() {
        return 1 + faint / 100;
    }

    /** What brightness in dense hatching is multiplied by, 1 to 2. */
    public double openGain() {
        return 1 + open / 100;
    }

    /** The same, evened or not. */
    public LightRecipe withEven(boolean next) {
        return new LightRecipe(next, paper, ink, faint, open);
    }

    /** The same with another paper white. */
    public LightRecipe withPaper(double next) {
        return new LightRecipe(even, next, ink, faint, open);
    }

    /** The same with another ink black. */
    public LightRecipe withInk(double next) {
        return new LightRecipe(even, paper, next, faint, open);
    }

    /** The same with another favour to faint lines. */
    public LightRecipe withFaint(double next) {
        return new LightRecipe(even, paper, ink, next, open);
    }

    /** The same with another favour to open hatching. */
    public LightRecipe withOpen(double next) {
        return new LightRecipe(even, paper, ink, faint, next);
    }
}

package neattrace.flat;

import neattrace.press.Cmyk;

/**
 * Colours for new swatches, so that each one starts as a usable colour of its own. Builds chosen by
 * us: two or three inks, no black, well below any ink limit.
 */
public final class StarterColours {

    private static final String[] NAMES = {
        "Coral", "Marigold", "Fern", "Lagoon", "Heather", "Sand", "Brick", "Moss", "Harbour", "Rose"
    };

    private static final double[][] BUILDS = {
        {0, 62, 52, 0},
        {0, 28, 84, 0},
        {56, 8, 78, 0},
        {66, 4, 28, 0},
        {38, 48, 4, 0},
        {6, 14, 38, 0},
        {18, 78, 74, 0},
        {44, 26, 82, 0},
        {86, 48, 20, 0},
        {2, 52, 12, 0}
    };

    private StarterColours() {}

    /** A new swatch with this id; ids beyond the list begin again with a number to the name. */
    public static Swatch swatch(int id) {
        int place = Math.floorMod(id - 1, NAMES.length);
        int lap = Math.max(0, id - 1) / NAMES.length;
        double[] build = BUILDS[place];
        return new Swatch(
                id,
                lap == 0 ? NAMES[place] : NAMES[place] + " " + (lap + 1),
                new Cmyk(build[0], build[1], build[2], build[3]));
    }
}

package neattrace.flat.exchange;

import java.util.HashMap;
import java.util.Map;
import neattrace.press.Lab;

/** Plain names for colours, each used once: "Deep green", "Pale red", "Pale red 2". */
public final class ColourNames {

    private static final String[] HUES = {
        "red", "orange", "yellow", "green", "sea green", "sky blue", "blue", "violet", "pink"
    };

    /** Where each hue ends, in degrees of L*a*b* hue; what is left is red again. */
    private static final double[] ENDS = {50, 80, 108, 165, 205, 255, 298, 328, 358};

    private final Map<String, Integer> used = new HashMap<>();

    /** Names that must not be given again, such as those of a palette. */
    public ColourNames taken(Iterable<String> names) {
        names.forEach(name -> used.merge(name, 1, Integer::sum));
        return this;
    }

    /** A name for a colour that was not given before. */
    public String name(Lab colour) {
        String name = describe(colour);
        int count = used.merge(name, 1, Integer::sum);
        return count == 1 ? name : name + " " + count;
    }

    private static String describe(Lab colour) {
        if (colour.chroma() < 7) {
            return colour.l() > 85 ? "Pale grey" : colour.l() < 30 ? "Near black" : "Grey";
        }
        String hue = hue(colour.hue());
        boolean earthy = colour.hue() > 35 && colour.hue() < 95 && colour.l() < 60;
        if (earthy && colour.chroma() < 60) {
            hue = "brown";
        }
        String tone = colour.l() > 80 ? "Pale " : colour.l() < 40 ? "Deep " : "";
        String name = tone + hue;
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    private static String hue(double degrees) {
        for (int i = 0; i < ENDS.length; i++) {
            if (degrees < ENDS[i]) {
                return HUES[i];
            }
        }
        return HUES[0];
    }
}

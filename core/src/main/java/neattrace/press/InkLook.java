package neattrace.press;

import java.util.Map;

/**
 * What tints look like: process inks by the press profile; an ink of its own lets through of the
 * light what its full tone does, in the share that its dots cover (Murray and Davies, Journal of
 * the Franklin Institute 221, 1936; taken part by part of XYZ). White lies beneath and changes
 * nothing on paper. Safe for use by several threads.
 */
public final class InkLook {

    private static final Lab GREY = new Lab(50, 0, 0);

    private final PressProfile press;

    /** On a press. */
    public InkLook(PressProfile press) {
        this.press = press;
    }

    /** Beside their paper, which is white: L*a*b* under D50. */
    public Lab of(Tints tints) {
        Lab process = press.lab(tints.process());
        if (!hasSpots(tints)) {
            return process;
        }
        double[] xyz = process.toXyzD50();
        double[] white = Lab.d50();
        for (Map.Entry<Colorant, Double> one : tints.percent().entrySet()) {
            if (one.getKey().kind() != Colorant.Kind.SPOT) {
                continue;
            }
            double[] solid = one.getKey().look().orElse(GREY).toXyzD50();
            double share = one.getValue() / 100;
            for (int k = 0; k < 3; k++) {
                double through = Math.max(0, solid[k] / white[k]);
                xyz[k] *= 1 - share + share * through;
            }
        }
        return Lab.ofXyzD50(xyz);
    }

    /** On screen. */
    public Rgb screen(Tints tints) {
        return hasSpots(tints) ? of(tints).toScreen() : press.preview(tints.process());
    }

    private static boolean hasSpots(Tints tints) {
        return tints.percent().entrySet().stream()
                .anyMatch(one -> one.getKey().kind() == Colorant.Kind.SPOT && one.getValue() > 0);
    }
}

package neattrace.press;

import java.util.Map;

/**
 * What tints look like: process inks by the press profile; an ink of its own lets through of the
 * light what its full tone does, in the share that its dots cover (Murray and Davies, Journal of
 * the Franklin Institute 221, 1936; taken part by part of XYZ). White lies beneath and changes
 * nothing on paper. Safe for use by several threads.
 */
public final class InkLook {

    /** White ink is a little less than white, as a part of the screen's. */
    private static final double WHITE_INK = 0.95;

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

    /**
     * On screen, on a ground of a colour: inks let through what it throws back; white covers it.
     *
     * @param ground paper or cloth
     */
    public Rgb screen(Tints tints, Rgb ground) {
        Rgb inks = screen(tints);
        double white = tints.of(Colorant.WHITE) / 100;
        return new Rgb(
                mixed(inks.r(), ground.r(), white),
                mixed(inks.g(), ground.g(), white),
                mixed(inks.b(), ground.b(), white));
    }

    private static int mixed(int ink, int ground, double white) {
        double below = white * Rgb.linear(WHITE_INK) + (1 - white) * Rgb.linear(ground / 255.0);
        return Rgb.coded(Rgb.linear(ink / 255.0) * below);
    }

    private static boolean hasSpots(Tints tints) {
        return tints.percent().entrySet().stream()
                .anyMatch(one -> one.getKey().kind() == Colorant.Kind.SPOT && one.getValue() > 0);
    }
}

package neattrace.press;

/**
 * How near ink comes to a colour on screen.
 *
 * @param wish the colour on screen
 * @param build the nearest build
 * @param printed what that looks like
 * @param difference between the two, CIEDE2000
 */
public record Reach(Rgb wish, Cmyk build, Rgb printed, double difference) {

    /** From here on a colour looks other beside what was meant (CIEDE2000). */
    public static final double SEEN = 3;

    private static final double LITTLE = 2;

    /** How near a press comes with so much ink at most, percent. */
    public static Reach of(Rgb wish, PressProfile press, double limit) {
        return of(wish, press.nearest(wish, limit), press);
    }

    /** How near a build comes. */
    public static Reach of(Rgb wish, Cmyk build, PressProfile press) {
        Rgb printed = press.preview(build);
        return new Reach(wish, build, printed, DeltaE2000.between(wish.toLab(), printed.toLab()));
    }

    /** Whether one sees that it is another colour. */
    public boolean isSeen() {
        return difference >= SEEN;
    }

    /** What is lost, in a few words; empty if nothing is seen. */
    public String lost() {
        if (!isSeen()) {
            return "";
        }
        Lab from = wish.toLab();
        Lab to = printed.toLab();
        double chroma = from.chroma() - to.chroma();
        double light = to.l() - from.l();
        String shine = chroma > LITTLE ? "duller" : chroma < -LITTLE ? "more colourful" : "";
        String tone = light > LITTLE ? "lighter" : light < -LITTLE ? "darker" : "";
        if (shine.isEmpty() && tone.isEmpty()) {
            return "another hue";
        }
        return shine.isEmpty() || tone.isEmpty() ? shine + tone : shine + " and " + tone;
    }
}

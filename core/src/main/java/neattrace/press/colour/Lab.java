package neattrace.press.colour;

/**
 * A CIE L*a*b* colour.
 *
 * @param l lightness, 0 black to 100 white
 * @param a green (negative) to red
 * @param b blue (negative) to yellow
 */
public record Lab(double l, double a, double b) {

    private static final double EPSILON = 216.0 / 24389;
    private static final double KAPPA = 24389.0 / 27;

    /** From XYZ relative to the white point: each 1 for white. */
    public static Lab ofXyz(double x, double y, double z) {
        double fx = f(x);
        double fy = f(y);
        double fz = f(z);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double f(double t) {
        return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
    }

    /** Colourfulness: distance from grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Hue angle in degrees, 0 to 360. */
    public double hue() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }
}

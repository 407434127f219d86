package neattrace.press;

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

    /** The sRGB colour that looks like it under D65; what no screen shows is cut off. */
    public Rgb toRgb() {
        double fy = (l + 16) / 116;
        double x = 0.9505 * g(fy + a / 500);
        double y = l > KAPPA * EPSILON ? fy * fy * fy : l / KAPPA;
        double z = 1.0890 * g(fy - b / 200);
        return new Rgb(
                part(3.2406 * x - 1.5372 * y - 0.4986 * z),
                part(-0.9689 * x + 1.8758 * y + 0.0415 * z),
                part(0.0557 * x - 0.2040 * y + 1.0570 * z));
    }

    private static double g(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
    }

    private static int part(double linear) {
        double value =
                linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, value)));
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

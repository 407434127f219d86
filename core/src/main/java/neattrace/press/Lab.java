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

    /** The light of press profiles (ICC.1:2010, 7.2.16), XYZ. */
    static double[] d50() {
        return new double[] {0.9642, 1, 0.8249};
    }

    /** The colour in XYZ under D50: {@code l} 100 is (0.9642, 1, 0.8249). */
    public double[] toXyzD50() {
        double fy = (l + 16) / 116;
        double[] white = d50();
        return new double[] {
            white[0] * g(fy + a / 500),
            l > KAPPA * EPSILON ? fy * fy * fy : l / KAPPA,
            white[2] * g(fy - b / 200)
        };
    }

    /** From XYZ under D50. */
    static Lab ofXyzD50(double[] xyz) {
        double[] white = d50();
        return ofXyz(xyz[0] / white[0], xyz[1] / white[1], xyz[2] / white[2]);
    }

    /**
     * The sRGB colour that looks like it, from D50 to D65 by Bradford's matrix (ICC.1:2010, E.2);
     * what no screen shows is cut off.
     */
    public Rgb toScreen() {
        double[] at = toXyzD50();
        double x = 0.9555766 * at[0] - 0.0230393 * at[1] + 0.0631636 * at[2];
        double y = -0.0282895 * at[0] + 1.0099416 * at[1] + 0.0210077 * at[2];
        double z = 0.0122982 * at[0] - 0.0204830 * at[1] + 1.3299098 * at[2];
        return Lab.ofXyz(x / 0.9505, y, z / 1.0890).toRgb();
    }

    /** The sRGB colour that looks like it under D65; what no screen shows is cut off. */
    public Rgb toRgb() {
        double fy = (l + 16) / 116;
        double x = 0.9505 * g(fy + a / 500);
        double y = l > KAPPA * EPSILON ? fy * fy * fy : l / KAPPA;
        double z = 1.0890 * g(fy - b / 200);
        return new Rgb(
                Rgb.coded(3.2406 * x - 1.5372 * y - 0.4986 * z),
                Rgb.coded(-0.9689 * x + 1.8758 * y + 0.0415 * z),
                Rgb.coded(0.0557 * x - 0.2040 * y + 1.0570 * z));
    }

    private static double g(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
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

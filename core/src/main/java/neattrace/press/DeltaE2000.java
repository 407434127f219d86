package neattrace.press;

/** The CIEDE2000 colour difference. About 1 is just noticeable side by side. */
public final class DeltaE2000 {

    private static final double POW25_7 = Math.pow(25, 7);

    private DeltaE2000() {}

    /** The difference of two colours with all weights one; symmetric, 0 for equal colours. */
    public static double between(Lab first, Lab second) {
        double meanChroma7 = Math.pow((first.chroma() + second.chroma()) / 2, 7);
        double g = 0.5 * (1 - Math.sqrt(meanChroma7 / (meanChroma7 + POW25_7)));
        double a1 = first.a() * (1 + g);
        double a2 = second.a() * (1 + g);
        double c1 = Math.hypot(a1, first.b());
        double c2 = Math.hypot(a2, second.b());
        double h1 = hue(a1, first.b());
        double h2 = hue(a2, second.b());

        double dL = second.l() - first.l();
        double dC = c2 - c1;
        double dh = 0;
        if (c1 * c2 != 0) {
            dh = h2 - h1;
            dh -= dh > 180 ? 360 : 0;
            dh += dh < -180 ? 360 : 0;
        }
        double dH = 2 * Math.sqrt(c1 * c2) * sin(dh / 2);

        double meanL = (first.l() + second.l()) / 2;
        double meanC = (c1 + c2) / 2;
        double meanH = meanHue(c1, c2, h1, h2);
        double t =
                1
                        - 0.17 * cos(meanH - 30)
                        + 0.24 * cos(2 * meanH)
                        + 0.32 * cos(3 * meanH + 6)
                        - 0.20 * cos(4 * meanH - 63);
        double turn = 30 * Math.exp(-Math.pow((meanH - 275) / 25, 2));
        double meanC7 = Math.pow(meanC, 7);
        double rotation = -sin(2 * turn) * 2 * Math.sqrt(meanC7 / (meanC7 + POW25_7));
        double offL = Math.pow(meanL - 50, 2);
        double partL = dL / (1 + 0.015 * offL / Math.sqrt(20 + offL));
        double partC = dC / (1 + 0.045 * meanC);
        double partH = dH / (1 + 0.015 * meanC * t);
        return Math.sqrt(partL * partL + partC * partC + partH * partH + rotation * partC * partH);
    }

    private static double meanHue(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return h1 + h2;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return (h1 + h2) / 2;
        }
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}

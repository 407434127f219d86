package neattrace.goods;

/**
 * How large the finished thing is.
 *
 * @param fit what is given and what follows from the drawing
 * @param widthMm of the finished thing or of its page; no matter if its height is given
 * @param heightMm its height; no matter if its width is given
 * @param ppi pixels an inch it wants at its final size
 */
public record Sizing(Fit fit, double widthMm, double heightMm, double ppi) {

    /** What is given. */
    public enum Fit {
        /** The width; the height follows. */
        WIDTH,
        /** The height; the width follows. */
        HEIGHT,
        /** A page with margins, on which the drawing is as large as may be. */
        PAGE,
        /** Nothing: as large as it was scanned. */
        SCANNED
    }

    /** No thing is smaller or larger, mm. */
    public static final double LEAST_MM = 1;

    public static final double MOST_MM = 20_000;

    /** Bounds of its resolution, pixels an inch. */
    public static final double LEAST_PPI = 10;

    public static final double MOST_PPI = 9600;

    public Sizing {
        length("width", widthMm);
        length("height", heightMm);
        Range.check("the resolution", ppi, LEAST_PPI, MOST_PPI, "ppi");
    }

    private static void length(String what, double mm) {
        Range.check("the " + what, mm, LEAST_MM, MOST_MM, "mm");
    }

    public Sizing withFit(Fit value) {
        return new Sizing(value, widthMm, heightMm, ppi);
    }

    public Sizing withWidthMm(double value) {
        return new Sizing(fit, value, heightMm, ppi);
    }

    public Sizing withHeightMm(double value) {
        return new Sizing(fit, widthMm, value, ppi);
    }

    public Sizing withPpi(double value) {
        return new Sizing(fit, widthMm, heightMm, value);
    }
}

package neattrace.goods;

/**
 * How fine it may be; 0 asks for nothing.
 *
 * @param lineMm the thinnest line that holds
 * @param gapMm paper between lines narrower than this fills in
 * @param areaMm the widest circle that fits into an area is at least as wide
 * @param webMm what holds two parts together is at least as wide
 * @param xHeightMm small letters are at least as high
 * @param viewingMm from where it is looked at
 */
public record Detail(
        double lineMm,
        double gapMm,
        double areaMm,
        double webMm,
        double xHeightMm,
        double viewingMm) {

    /** An eye of normal acuity tells apart what is one minute of arc wide (H. Snellen, 1862). */
    private static final double MINUTE = Math.toRadians(1 / 60.0);

    /** No line, gap, area, web or letter is asked to be wider, mm. */
    public static final double MOST_MM = 50;

    /** Bounds of the distance it is seen from, mm. */
    public static final double NEAREST_MM = 50;

    public static final double FARTHEST_MM = 100_000;

    public Detail {
        Range.check("the thinnest line", lineMm, 0, MOST_MM, "mm");
        Range.check("the narrowest gap", gapMm, 0, MOST_MM, "mm");
        Range.check("the smallest area", areaMm, 0, MOST_MM, "mm");
        Range.check("the narrowest web", webMm, 0, MOST_MM, "mm");
        Range.check("the least height of letters", xHeightMm, 0, MOST_MM, "mm");
        Range.check("the viewing distance", viewingMm, NEAREST_MM, FARTHEST_MM, "mm");
    }

    /** What is narrower than this is not seen, mm: at 400 mm 0.116, at 700 mm 0.204. */
    public double seenMm() {
        return viewingMm * Math.tan(MINUTE);
    }

    public Detail withLineMm(double value) {
        return new Detail(value, gapMm, areaMm, webMm, xHeightMm, viewingMm);
    }

    public Detail withGapMm(double value) {
        return new Detail(lineMm, value, areaMm, webMm, xHeightMm, viewingMm);
    }

    public Detail withAreaMm(double value) {
        return new Detail(lineMm, gapMm, value, webMm, xHeightMm, viewingMm);
    }

    public Detail withWebMm(double value) {
        return new Detail(lineMm, gapMm, areaMm, value, xHeightMm, viewingMm);
    }

    public Detail withXHeightMm(double value) {
        return new Detail(lineMm, gapMm, areaMm, webMm, value, viewingMm);
    }

    public Detail withViewingMm(double value) {
        return new Detail(lineMm, gapMm, areaMm, webMm, xHeightMm, value);
    }
}

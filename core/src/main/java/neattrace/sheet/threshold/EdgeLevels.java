package neattrace.sheet.threshold;

/**
 * What edges have in common; darkness in 255ths of the way from paper to ink.
 *
 * @param half the threshold at which edges lie where they truly are
 * @param blurPx standard deviation of the blur, px; pixels themselves count for about 0.3
 * @param paperSpread how much darker than usual paper beside an edge is at places, a standard
 *     deviation
 * @param inkSpread how much paler than usual ink is, the same way
 * @param penPx how wide most lines are, px
 * @param edges how many were looked at; 0 if there are none and the rest is assumed
 */
public record EdgeLevels(
        double half, double blurPx, double paperSpread, double inkSpread, double penPx, int edges) {

    /** Half way from paper to ink, for sheets without edges. */
    public static final EdgeLevels ASSUMED = new EdgeLevels(127.5, 0.5, 0, 0, 4, 0);

    /**
     * How dark the middle of a gap of paper between two edges of solid ink gets by blur alone, and
     * how bright that of a line of ink.
     *
     * @param toEdgePx from the middle to either edge
     * @return 0 to 255
     */
    public double across(double toEdgePx) {
        return 255 * 2 * (1 - normal(toEdgePx / Math.max(0.3, blurPx)));
    }

    /** The normal distribution; M. Abramowitz and I. Stegun, 1964, 26.2.17, for x of 0 and more. */
    private static double normal(double x) {
        double t = 1 / (1 + 0.2316419 * x);
        double poly =
                t
                        * (0.319381530
                                + t
                                        * (-0.356563782
                                                + t
                                                        * (1.781477937
                                                                + t
                                                                        * (-1.821255978
                                                                                + t
                                                                                        * 1.330274429))));
        return 1 - Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI) * poly;
    }
}

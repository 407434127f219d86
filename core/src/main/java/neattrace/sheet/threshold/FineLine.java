package neattrace.sheet.threshold;

/**
 * A line finer than a few times the blur never shows its full darkness: what is seen at its middle
 * is that of a box of the line's width under a bell curve. How steep its edges are, how wide it
 * looks and how dark its middle is tell how dark it would be.
 */
final class FineLine {

    private static final int ROUNDS = 30;
    private static final double MOST = 1.2;

    private FineLine() {}

    /**
     * The contrast of the ink itself.
     *
     * @param peak contrast that is seen at the middle of lines
     * @param level contrast at which their width was measured
     * @param widthPx that width
     * @param blurPx the blur that steep edges would tell if the peak were all
     */
    static double contrast(double peak, double level, double widthPx, double blurPx) {
        double slope = peak / (blurPx * Math.sqrt(2 * Math.PI));
        double contrast = peak;
        double blur = blurPx;
        for (int round = 0; round < ROUNDS; round++) {
            double width = Math.max(0.5, widthPx - 2 * (contrast / 2 - level) / slope);
            // The other edge takes some of the steepness away.
            double alone = 1 - Math.exp(-width * width / (2 * blur * blur));
            blur = contrast * alone / (slope * Math.sqrt(2 * Math.PI));
            double shown = 1 - new EdgeLevels(0, blur, 0, 0, 0, 0).across(width / 2) / 255;
            double next = Math.min(MOST * peak, peak / Math.max(0.5, shown));
            contrast = (contrast + next) / 2;
        }
        return contrast;
    }
}

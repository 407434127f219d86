package neattrace.goods;

/**
 * How large a drawing comes out on goods.
 *
 * @param goods which
 * @param widthMm of the drawing as it was scanned
 * @param heightMm its height
 * @param factor how many times as large it comes out
 */
public record GoodsFit(Goods goods, double widthMm, double heightMm, double factor) {

    /**
     * Fits a drawing: its ink, less than the page it was scanned on.
     *
     * @param widthMm of the drawing as it was scanned; 0 for an empty one, which keeps its size
     */
    public static GoodsFit of(Goods goods, double widthMm, double heightMm) {
        return new GoodsFit(goods, widthMm, heightMm, factor(goods, widthMm, heightMm));
    }

    private static double factor(Goods goods, double widthMm, double heightMm) {
        if (!(widthMm > 0 && heightMm > 0)) {
            return 1;
        }
        Sizing sizing = goods.sizing();
        double border = 2 * goods.edges().borderMm();
        double rim = border + 2 * goods.edges().safeMm();
        return switch (sizing.fit()) {
            case WIDTH -> inner(sizing.widthMm(), border) / widthMm;
            case HEIGHT -> inner(sizing.heightMm(), border) / heightMm;
            case PAGE ->
                    Math.min(
                            inner(sizing.widthMm(), rim) / widthMm,
                            inner(sizing.heightMm(), rim) / heightMm);
            case SCANNED -> 1;
        };
    }

    /** What is left within a rim, but something. */
    private static double inner(double mm, double rim) {
        return Math.max(mm / 10, mm - rim);
    }

    /** Width of the drawing on the goods, mm. */
    public double artWidthMm() {
        return widthMm * factor;
    }

    /** Its height there, mm. */
    public double artHeightMm() {
        return heightMm * factor;
    }

    /** Width of the finished thing, mm. */
    public double thingWidthMm() {
        return goods.sizing().fit() == Sizing.Fit.PAGE
                ? goods.sizing().widthMm()
                : artWidthMm() + 2 * goods.edges().borderMm();
    }

    /** Its height, mm. */
    public double thingHeightMm() {
        return goods.sizing().fit() == Sizing.Fit.PAGE
                ? goods.sizing().heightMm()
                : artHeightMm() + 2 * goods.edges().borderMm();
    }

    /** Pixels an inch that a scan is left with there. */
    public double ppi(double scanPpi) {
        return scanPpi / factor;
    }
}

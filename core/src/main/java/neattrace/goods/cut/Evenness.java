package neattrace.goods.cut;

/**
 * How even a border is drawn. The finer, the nearer to what was asked for; the coarser, the fewer
 * curves. All but the first are for silhouettes so full of nooks that fine ones take too many.
 *
 * @param outMm so much farther out than the border what curves are fitted to lies
 * @param spare so many times the least radius its curves have
 * @param leastMm and at least so large a radius
 * @param blur of its way, times the least radius
 */
record Evenness(double outMm, double spare, double leastMm, double blur) {

    /** The finest first. */
    static final Evenness[] ALL = {
        new Evenness(0.02, 1.08, 0, 0.3),
        new Evenness(0.05, 1.1, 0, 0.3),
        new Evenness(0.08, 1.12, 0, 0.35),
        new Evenness(0.11, 1.2, 0, 0.4),
        new Evenness(0.13, 1.35, 0, 0.4),
        new Evenness(0.14, 1.6, 1.5, 0.4),
        new Evenness(0.15, 2, 2, 0.4),
        new Evenness(0.2, 3, 3, 0.5),
        new Evenness(0.25, 5, 5, 0.5),
        new Evenness(0.3, 8, 8, 0.5),
        new Evenness(0.3, 14, 14, 0.5),
        new Evenness(0.4, 30, 30, 0.5)
    };

    /** The cut line may be so much nearer than the border, mm. */
    static final double NEARER_MM = 0.046;

    /** Of arcs of the border, share of it. */
    private static final double CHORDS = 2e-4;

    /** No blur is wider, mm: it takes tips nearer. */
    private static final double MOST_BLUR_MM = 0.5;

    double radius(CutRecipe recipe) {
        return Math.max(leastMm, spare * recipe.radiusMm());
    }

    /** Wide curves have to lie farther out to be as few. */
    double outMm(CutRecipe recipe) {
        return outMm * Math.max(1, recipe.radiusMm());
    }

    double blurMm(CutRecipe recipe) {
        return Math.min(MOST_BLUR_MM, blur * recipe.radiusMm());
    }

    /** How far curves may be off: as far as keeps them from coming too near. */
    double errorMm(CutRecipe recipe) {
        double tip = Math.max(recipe.radiusMm(), recipe.borderMm() + outMm(recipe));
        double nearer = blurMm(recipe) * blurMm(recipe) / (2 * tip);
        return Math.max(0.02, outMm(recipe) + NEARER_MM - nearer - CHORDS * recipe.borderMm());
    }
}

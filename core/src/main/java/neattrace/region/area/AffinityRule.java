package neattrace.region.area;

/** Parts basins of different kinds at every opening narrower than both sides. */
final class AffinityRule implements NeckRule {

    /** An opening is at most this share as wide as the narrower of the two sides. */
    private static final double NARROWER = 0.7;

    private final Affinity kinship;

    AffinityRule(Affinity kinship) {
        this.kinship = kinship;
    }

    @Override
    public boolean parts(double neck, double peak, int pixel, int a, int b) {
        return neck <= NARROWER * peak && kinship.differ(a, b);
    }

    @Override
    public void added(int basin, int pixel) {
        kinship.added(basin, pixel);
    }

    @Override
    public void merged(int from, int into) {
        kinship.merged(from, into);
    }
}

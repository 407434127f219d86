package neattrace.raster.reading;

/**
 * How a file is opened.
 *
 * @param page which of several pictures or pages, from 0
 * @param upright whether it is turned as the file says; jobs of earlier versions took pixels as
 *     they are stored
 * @param ppi at what resolution pages without pixels are rendered; 0 leaves it to the page
 */
public record Opening(int page, boolean upright, double ppi) {

    /** The first page, the right way up. */
    public static final Opening USUAL = new Opening(0, true, 0);

    /** As it was before pages could be chosen and the file's own way up was obeyed. */
    public static final Opening AS_STORED = new Opening(0, false, 0);

    /** The most pages that can be chosen from. */
    public static final int MOST_PAGES = 10_000;

    /** Bounds of the resolution at which a page is rendered, ppi. */
    public static final double LEAST_PPI = 50;

    public static final double MOST_PPI = 4800;

    public Opening {
        if (page < 0 || page >= MOST_PAGES) {
            throw new IllegalArgumentException("pages go from 1 to 10000");
        }
        if (!(ppi == 0 || ppi >= LEAST_PPI && ppi <= MOST_PPI)) {
            throw new IllegalArgumentException("pages are rendered at 50 to 4800 ppi");
        }
    }

    /** The same with another page. */
    public Opening withPage(int other) {
        return new Opening(other, upright, ppi);
    }

    /** The same rendered at another resolution. */
    public Opening withPpi(double other) {
        return new Opening(page, upright, other);
    }
}

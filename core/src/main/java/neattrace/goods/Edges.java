package neattrace.goods;

/**
 * What lies round the drawing.
 *
 * @param borderMm a border of one colour round its silhouette; 0 for none
 * @param bleedMm so far what is printed runs on beyond the cut
 * @param safeMm nothing that matters lies nearer to the edge of the page
 */
public record Edges(double borderMm, double bleedMm, double safeMm) {

    /** None is wider, mm. */
    public static final double MOST_MM = 200;

    public Edges {
        Range.check("the border", borderMm, 0, MOST_MM, "mm");
        Range.check("the bleed", bleedMm, 0, MOST_MM, "mm");
        Range.check("the margin", safeMm, 0, MOST_MM, "mm");
    }

    public Edges withBorderMm(double value) {
        return new Edges(value, bleedMm, safeMm);
    }

    public Edges withBleedMm(double value) {
        return new Edges(borderMm, value, safeMm);
    }

    public Edges withSafeMm(double value) {
        return new Edges(borderMm, bleedMm, value);
    }
}

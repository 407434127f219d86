package neattrace.trace;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * What is done to the weight of all lines, in this order.
 *
 * @param evenMm the one width all lines are given, 0 to leave them as drawn
 * @param taperShare share of a line's length over which its free ends thin out, 0 to leave them
 * @param allMm by how much all ink is made bolder, or thinner if below 0, measured across a line
 * @param outsideMm by how much the outline round the outside is made bolder
 * @param outsideParts places on the page, mm: only the pieces of ink that lie there get a bolder
 *     outline; none for all
 */
public record WeightRecipe(
        double evenMm, double taperShare, double allMm, double outsideMm, List<Point> outsideParts)
        implements OnPage<WeightRecipe> {

    /** No line is made bolder or thinner by more, mm. */
    public static final double MOST_MM = 10;

    /** As drawn. */
    public static final WeightRecipe AS_DRAWN = new WeightRecipe(0, 0, 0, 0, List.of());

    public WeightRecipe {
        boolean fits =
                evenMm >= 0
                        && evenMm <= MOST_MM
                        && taperShare >= 0
                        && taperShare <= 1
                        && Math.abs(allMm) <= MOST_MM
                        && outsideMm >= 0
                        && outsideMm <= MOST_MM;
        if (!fits) {
            throw new IllegalArgumentException(
                    "weights are at most 10 mm and tapers at most 100 %");
        }
        outsideParts = List.copyOf(outsideParts);
    }

    /** Whether nothing is changed. */
    public boolean isAsDrawn() {
        return evenMm == 0 && taperShare == 0 && allMm == 0 && outsideMm == 0;
    }

    /** Whether lines have to be known as lines to do it. */
    public boolean needsLines() {
        return evenMm > 0 || taperShare > 0 || allMm < 0;
    }

    public WeightRecipe withEvenMm(double value) {
        return new WeightRecipe(value, taperShare, allMm, outsideMm, outsideParts);
    }

    public WeightRecipe withTaperShare(double value) {
        return new WeightRecipe(evenMm, value, allMm, outsideMm, outsideParts);
    }

    public WeightRecipe withAllMm(double value) {
        return new WeightRecipe(evenMm, taperShare, value, outsideMm, outsideParts);
    }

    public WeightRecipe withOutsideMm(double value) {
        return new WeightRecipe(evenMm, taperShare, allMm, value, outsideParts);
    }

    public WeightRecipe withOutsideParts(List<Point> value) {
        return new WeightRecipe(evenMm, taperShare, allMm, outsideMm, value);
    }

    @Override
    public WeightRecipe moved(UnaryOperator<Point> map, double growth) {
        return withOutsideParts(outsideParts.stream().map(map).toList());
    }
}

package neattrace.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * What is black and what is white.
 *
 * @param method one threshold, or one for each neighbourhood
 * @param inkPercent ink is darker than this share of the way from paper (0) to ink (100); {@link
 *     #CALM} takes the calm middle of the sheet
 * @param windowMm side of the neighbourhood of the adaptive method, mm
 * @param k how much the adaptive method lowers its threshold on even paper, 0 to 1
 * @param patches places with a threshold of their own, later ones over earlier ones
 */
public record DecisionRecipe(
        Method method, double inkPercent, double windowMm, double k, List<Patch> patches) {

    /** The threshold at which the drawing's topology is calm. */
    public static final double CALM = -1;

    /** One threshold, found for the sheet. */
    public static final DecisionRecipe AUTOMATIC =
            new DecisionRecipe(Method.ONE, CALM, 4, 0.34, List.of());

    /** Bounds of a threshold, percent. */
    public static final double LEAST_PERCENT = 1;

    public static final double MOST_PERCENT = 99;

    /** Bounds of the adaptive method's window, mm. */
    public static final double LEAST_WINDOW_MM = 0.2;

    public static final double MOST_WINDOW_MM = 50;

    /** How the threshold is made. */
    public enum Method {
        /** One threshold for the sheet, and patches. */
        ONE,
        /** J. Sauvola and M. Pietikainen, 2000. */
        ADAPTIVE
    }

    /** A place with a threshold of its own, percent. */
    public record Patch(SheetShape shape, double inkPercent) {
        public Patch {
            checkPercent(inkPercent);
        }
    }

    public DecisionRecipe {
        if (inkPercent != CALM) {
            checkPercent(inkPercent);
        }
        if (!(windowMm >= LEAST_WINDOW_MM && windowMm <= MOST_WINDOW_MM && k >= 0 && k <= 1)) {
            throw new IllegalArgumentException(
                    "the adaptive method needs a window of 0.2 to 50 mm and k from 0 to 1");
        }
        patches = List.copyOf(patches);
    }

    private static void checkPercent(double percent) {
        if (!(percent >= LEAST_PERCENT && percent <= MOST_PERCENT)) {
            throw new IllegalArgumentException("ink percent must lie between 1 and 99");
        }
    }

    /** The same with another threshold. */
    public DecisionRecipe withInkPercent(double percent) {
        return new DecisionRecipe(method, percent, windowMm, k, patches);
    }

    /** The same by another method. */
    public DecisionRecipe withMethod(Method next) {
        return new DecisionRecipe(next, inkPercent, windowMm, k, patches);
    }

    /** The same with another window and k for the adaptive method. */
    public DecisionRecipe withWindow(double mm, double nextK) {
        return new DecisionRecipe(method, inkPercent, mm, nextK, patches);
    }

    /** The same with other patches. */
    public DecisionRecipe withPatches(List<Patch> next) {
        return new DecisionRecipe(method, inkPercent, windowMm, k, next);
    }

    /** The same with one patch more. */
    public DecisionRecipe withPatch(Patch patch) {
        List<Patch> next = new ArrayList<>(patches);
        next.add(patch);
        return withPatches(next);
    }
}

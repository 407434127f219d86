package neattrace.press.separate;

import java.util.Arrays;
import java.util.List;

/**
 * Which colours are printed in another one's ink.
 *
 * @param into for each colour the one whose ink it is printed in; itself for most
 * @param lost contrast that is lost where colours meet: CIEDE2000 times mm
 * @param moved how far colours are from what they were, CIEDE2000, times the mm along which they
 *     meet others
 * @param open the same times the mm along which they meet paper
 * @param spread the same times the mm2 they cover
 */
public record Merging(List<Integer> into, double lost, double moved, double open, double spread) {

    public Merging {
        into = List.copyOf(into);
    }

    /** How many inks are left. */
    public int inks() {
        return (int) into.stream().distinct().count();
    }

    /** How much the look suffers, as a mean difference along all edges. */
    double cost() {
        return lost + moved + open;
    }

    /** Whether it is worse than another in nothing. */
    boolean isNoWorseThan(Merging other) {
        double hair = 1e-9;
        return lost <= other.lost + hair
                && moved <= other.moved + hair
                && open <= other.open + hair
                && spread <= other.spread + hair;
    }

    static List<Integer> list(int[] into) {
        return Arrays.stream(into).boxed().toList();
    }
}

package neattrace.print.ready;

import java.util.List;
import neattrace.geom.Point;
import neattrace.press.black.BlackRecipe;
import neattrace.press.trap.TrapRule;

/**
 * What a plan is made ready by.
 *
 * @param trap widths and limits
 * @param black what lies beneath black
 * @param inkLimit the most ink in one place, percent; 0 for any
 * @param untrapped places beside seams that are not trapped, mm on the page
 */
public record PressTerms(TrapRule trap, BlackRecipe black, double inkLimit, List<Point> untrapped) {

    public PressTerms {
        untrapped = List.copyOf(untrapped);
    }
}

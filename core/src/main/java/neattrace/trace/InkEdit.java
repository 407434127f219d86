package neattrace.trace;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * One change to the ink, in mm on the page.
 *
 * @param what in the user's words, such as "Ends joined"
 * @param at where to look for it
 * @param wiped ink that is taken off, before anything is drawn
 * @param drawn ink that is added
 */
public record InkEdit(String what, Point at, List<InkShape> wiped, List<InkShape> drawn)
        implements OnPage<InkEdit> {

    public InkEdit {
        wiped = List.copyOf(wiped);
        drawn = List.copyOf(drawn);
        if (wiped.isEmpty() && drawn.isEmpty()) {
            throw new IllegalArgumentException("an edit wipes or draws something");
        }
    }

    /** Several edits as one; what any of them wipes is wiped before anything is drawn. */
    public static InkEdit all(String what, List<InkEdit> edits) {
        return new InkEdit(
                what,
                edits.get(0).at,
                edits.stream().flatMap(edit -> edit.wiped.stream()).toList(),
                edits.stream().flatMap(edit -> edit.drawn.stream()).toList());
    }

    /** The same moved by a map of the plane under which lengths grow by {@code growth}. */
    @Override
    public InkEdit moved(UnaryOperator<Point> map, double growth) {
        return new InkEdit(
                what,
                map.apply(at),
                wiped.stream().map(shape -> shape.moved(map, growth)).toList(),
                drawn.stream().map(shape -> shape.moved(map, growth)).toList());
    }
}

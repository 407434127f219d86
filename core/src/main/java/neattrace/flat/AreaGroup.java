package neattrace.flat;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Areas that belong together, such as all petals: one click colours them all.
 *
 * @param name in the user's words
 * @param anchors a place in each area, mm
 */
public record AreaGroup(String name, List<Point> anchors) implements OnPage<AreaGroup> {

    public AreaGroup {
        name = name.strip();
        anchors = List.copyOf(anchors);
        if (name.isEmpty() || name.length() > Swatch.MOST_LETTERS) {
            throw new IllegalArgumentException("a group needs a name of 1 to 60 letters");
        }
    }

    /** The same moved by a map of the plane. */
    @Override
    public AreaGroup moved(UnaryOperator<Point> map, double growth) {
        return new AreaGroup(name, anchors.stream().map(map).toList());
    }
}

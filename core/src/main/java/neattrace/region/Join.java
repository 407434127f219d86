package neattrace.region;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.geom.Polyline;

/**
 * An unseen line that parts areas, from ink to ink; never printed.
 *
 * @param line its corners, two or more, mm
 */
public record Join(List<Point> line) implements OnPage<Join> {

    public Join {
        line = List.copyOf(line);
        if (line.size() < 2) {
            throw new IllegalArgumentException("an unseen line has two places or more");
        }
    }

    /** A line over the middle of an opening. */
    public static Join over(Point from, Point middle, Point to) {
        return new Join(List.of(from, middle, to));
    }

    /** The place half along it, by its corners. */
    public Point middle() {
        int half = line.size() / 2;
        return line.size() % 2 == 1
                ? line.get(half)
                : line.get(half - 1).plus(line.get(half)).times(0.5);
    }

    /** How far a place is from it, mm. */
    public double distance(Point place) {
        return Polyline.distance(line, place);
    }

    /** The same moved by a map of the plane. */
    @Override
    public Join moved(UnaryOperator<Point> map, double growth) {
        return new Join(line.stream().map(map).toList());
    }
}

package neattrace.region;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;

/**
 * An unseen line that parts areas, from ink to ink; never printed.
 *
 * @param line its corners, two or more, mm
 */
public record Join(List<Point> line) {

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
        double least = Double.MAX_VALUE;
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point along = line.get(i).minus(from);
            double whole = along.dot(along);
            double share = whole == 0 ? 0 : place.minus(from).dot(along) / whole;
            Point near = from.plus(along.times(Math.max(0, Math.min(1, share))));
            least = Math.min(least, near.distance(place));
        }
        return least;
    }

    /** The same moved by a map of the plane. */
    public Join moved(UnaryOperator<Point> map) {
        return new Join(line.stream().map(map).toList());
    }
}

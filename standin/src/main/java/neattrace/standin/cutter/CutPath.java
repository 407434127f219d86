package neattrace.standin.cutter;

import java.util.List;
import neattrace.geom.Point;

/**
 * A line a cutter runs along with its blade down.
 *
 * @param through whether it goes through the backing as well
 * @param points mm, y down; two or more
 */
public record CutPath(boolean through, List<Point> points) {

    public CutPath {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("a cut has two places or more");
        }
    }

    /** Whether it ends where it began. */
    public boolean isClosed() {
        return start().distance(end()) < 0.05;
    }

    Point start() {
        return points.get(0);
    }

    Point end() {
        return points.get(points.size() - 1);
    }

    double lengthMm() {
        double length = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            length += points.get(i).distance(points.get(i + 1));
        }
        return length;
    }
}

package neattrace.finding;

import java.util.List;
import neattrace.geom.Point;

/** Where something was found, mm on the page. */
public sealed interface Place {

    /** Its middle. */
    Point at();

    /** How wide what was found is, mm; 0 for a spot. */
    double widthMm();

    /** How high it is, mm. */
    double heightMm();

    /** How much round its middle should be seen of it, mm. */
    double reachMm();

    /** A spot without an extent of its own. */
    record Spot(Point at, double reachMm) implements Place {

        @Override
        public double widthMm() {
            return 0;
        }

        @Override
        public double heightMm() {
            return 0;
        }
    }

    /**
     * A measured stretch.
     *
     * @param from one end
     * @param to the other end
     * @param open whether it is open at that stretch, so that colour runs through
     * @param way a line that would close it; empty if there is none
     */
    record Stretch(Point at, Point from, Point to, boolean open, List<Point> way, double reachMm)
            implements Place {

        public Stretch {
            way = List.copyOf(way);
        }

        @Override
        public double widthMm() {
            return Math.abs(to.x() - from.x());
        }

        @Override
        public double heightMm() {
            return Math.abs(to.y() - from.y());
        }
    }

    /** A part of the page. */
    record Box(Point at, double widthMm, double heightMm) implements Place {

        /** Two opposite corners. */
        public List<Point> corners() {
            Point half = new Point(widthMm / 2, heightMm / 2);
            return List.of(at.minus(half), at.plus(half));
        }

        @Override
        public double reachMm() {
            return Math.max(2, 0.375 * Math.max(widthMm, heightMm));
        }
    }

    /** Along an unseen line. */
    record Line(Point at, List<Point> way, double reachMm) implements Place {

        public Line {
            way = List.copyOf(way);
        }

        @Override
        public double widthMm() {
            return spread(way.stream().mapToDouble(Point::x).toArray());
        }

        @Override
        public double heightMm() {
            return spread(way.stream().mapToDouble(Point::y).toArray());
        }

        private static double spread(double[] values) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (double value : values) {
                least = Math.min(least, value);
                most = Math.max(most, value);
            }
            return values.length == 0 ? 0 : most - least;
        }
    }
}

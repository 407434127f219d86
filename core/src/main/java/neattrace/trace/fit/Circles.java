package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * The circles that fulfil what holds at both ends of an arc: each passes through a point, or
 * touches a line. That leaves one degree of freedom; the circle of least squares is found by Gauss
 * and Newton's method.
 */
interface Circles {

    int ROUNDS = 8;

    /** Change of the free number by which slopes are measured, px. */
    double NUDGE = 1e-4;

    /** Lines that turn by less than about this into each other hold no arc, radians. */
    double LEAST_TURN = 0.1;

    /** The circle that belongs to a number; centres move by about as much as it does. */
    Circle circle(double free);

    /** The number whose circle's centre is near a place. */
    double near(Point centre);

    /** Through two points. */
    static Circles through(Point start, Point end) {
        Point middle = start.plus(end).times(0.5);
        Point across = left(end.minus(start).unit());
        return new Circles() {
            @Override
            public Circle circle(double free) {
                Point centre = middle.plus(across.times(free));
                return new Circle(centre, centre.distance(start));
            }

            @Override
            public double near(Point centre) {
                return centre.minus(middle).dot(across);
            }
        };
    }

    /** Touching a line, given by a point and its direction, and through a point beside it. */
    static Circles touching(Point on, Point direction, Point through) {
        Point across = left(direction);
        return new Circles() {
            @Override
            public Circle circle(double free) {
                Point touch = on.plus(direction.times(free));
                Point chord = through.minus(touch);
                double radius = chord.dot(chord) / (2 * chord.dot(across));
                return new Circle(touch.plus(across.times(radius)), Math.abs(radius));
            }

            @Override
            public double near(Point centre) {
                return centre.minus(on).dot(direction);
            }
        };
    }

    /**
     * Touching two lines, each given by a point and its direction of travel; null if they run
     * nearly the same way.
     */
    static Circles between(Point on, Point direction, Point nextOn, Point nextDirection) {
        Point across = left(direction);
        Point apart = across.minus(left(nextDirection));
        double square = apart.dot(apart);
        if (square < LEAST_TURN * LEAST_TURN) {
            return null;
        }
        double offset = across.dot(on) - left(nextDirection).dot(nextOn);
        Point foot = apart.times(offset / square);
        Point along = left(apart.unit());
        return new Circles() {
            @Override
            public Circle circle(double free) {
                Point centre = foot.plus(along.times(free));
                return new Circle(centre, Math.abs(across.dot(centre.minus(on))));
            }

            @Override
            public double near(Point centre) {
                return centre.minus(foot).dot(along);
            }
        };
    }

    /** The circle nearest to some points of a section, from a first guess at its centre on. */
    default Circle fit(Section section, int from, int to, Point guess) {
        double free = near(guess);
        for (int round = 0; round < ROUNDS; round++) {
            Circle at = circle(free);
            Circle beside = circle(free + NUDGE);
            double slopes = 0;
            double descent = 0;
            for (int i = from; i <= to; i++) {
                double off = off(section, i, at);
                double slope = (off(section, i, beside) - off) / NUDGE;
                slopes += slope * slope;
                descent += slope * off;
            }
            double step = slopes == 0 ? 0 : descent / slopes;
            free -= step;
            if (!(Math.abs(step) > NUDGE)) {
                break;
            }
        }
        return circle(free);
    }

    private static double off(Section section, int i, Circle circle) {
        double dx = section.x[i] - circle.centre().x();
        double dy = section.y[i] - circle.centre().y();
        return Math.sqrt(dx * dx + dy * dy) - circle.radius();
    }

    private static Point left(Point direction) {
        return new Point(-direction.y(), direction.x());
    }
}

package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A line of least squares (total least squares).
 *
 * @param centre the middle of the points that it is through
 * @param direction its direction, of length 1, either way
 * @param rms root of the mean of squares of the points' distances
 */
record Line(Point centre, Point direction, double rms) {

    /**
     * From the means of x, y, x^2, xy and y^2 of points.
     *
     * @param origin what the means are counted from
     */
    static Line of(double x, double y, double x2, double xy, double y2, Point origin) {
        double xx = x2 - x * x;
        double cross = xy - x * y;
        double yy = y2 - y * y;
        double angle = 0.5 * Math.atan2(2 * cross, xx - yy);
        double least = (xx + yy) / 2 - Math.hypot((xx - yy) / 2, cross);
        return new Line(
                origin.plus(new Point(x, y)),
                new Point(Math.cos(angle), Math.sin(angle)),
                Math.sqrt(Math.max(0, least)));
    }

    /** Through the points of a section. */
    static Line through(Section section, int from, int to) {
        Point origin = section.at(from);
        double[] means = new double[5];
        int n = to - from + 1;
        for (int i = from; i <= to; i++) {
            add(means, section.x[i] - origin.x(), section.y[i] - origin.y(), n);
        }
        return of(means[0], means[1], means[2], means[3], means[4], origin);
    }

    /** Through samples of a contour. */
    static Line through(Samples samples, int from, int to) {
        Point origin = samples.at(from);
        double[] means = new double[5];
        int n = to - from + 1;
        for (int i = from; i <= to; i++) {
            add(means, samples.x(i) - origin.x(), samples.y(i) - origin.y(), n);
        }
        return of(means[0], means[1], means[2], means[3], means[4], origin);
    }

    private static void add(double[] means, double dx, double dy, int n) {
        means[0] += dx / n;
        means[1] += dy / n;
        means[2] += dx * dx / n;
        means[3] += dx * dy / n;
        means[4] += dy * dy / n;
    }

    double distance(Point at) {
        return Math.abs(at.minus(centre).cross(direction));
    }

    Point nearest(Point at) {
        return centre.plus(direction.times(at.minus(centre).dot(direction)));
    }
}

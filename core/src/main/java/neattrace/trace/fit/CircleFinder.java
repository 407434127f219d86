package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Recognises contours that are whole circles. */
final class CircleFinder {

    /** All samples of a circle keep this close to it, px. */
    private static final double CLOSE_PX = 0.12;

    /** The arms of a quarter of a circle, by its radius. */
    private static final double QUARTER = 4.0 / 3 * (Math.sqrt(2) - 1);

    private CircleFinder() {}

    /**
     * Four quarters if the contour is a circle, else nothing.
     *
     * <p>A first circle solves a linear system (I. Kasa, "A circle fitting procedure and its error
     * analysis", IEEE Trans. Instrumentation and Measurement 25, 1976).
     */
    static List<Piece> find(Samples samples) {
        int n = samples.size();
        double mx = 0;
        double my = 0;
        for (int i = 0; i < n; i++) {
            mx += samples.x(i) / n;
            my += samples.y(i) / n;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double xz = 0;
        double yz = 0;
        double zz = 0;
        for (int i = 0; i < n; i++) {
            double dx = samples.x(i) - mx;
            double dy = samples.y(i) - my;
            double z = dx * dx + dy * dy;
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
            xz += dx * z;
            yz += dy * z;
            zz += z;
        }
        double determinant = xx * yy - xy * xy;
        if (determinant < 1e-9) {
            return List.of();
        }
        double cx = (xz * yy - yz * xy) / (2 * determinant);
        double cy = (yz * xx - xz * xy) / (2 * determinant);
        Point centre = new Point(mx + cx, my + cy);
        double radius = Math.sqrt(cx * cx + cy * cy + zz / n);
        FitError error = error(samples, centre, radius);
        return error.max() > CLOSE_PX ? List.of() : quarters(samples, centre, radius, error);
    }

    private static FitError error(Samples samples, Point centre, double radius) {
        double sum = 0;
        double squares = 0;
        double max = 0;
        int worst = 0;
        for (int i = 0; i < samples.size(); i++) {
            double d = Math.abs(samples.at(i).distance(centre) - radius);
            sum += d;
            squares += d * d;
            if (d > max) {
                max = d;
                worst = i;
            }
        }
        return new FitError(sum, squares, max, samples.at(worst), samples.size());
    }

    private static List<Piece> quarters(
            Samples samples, Point centre, double radius, FitError error) {
        Point from = samples.at(0).minus(centre);
        Point to = samples.at(samples.size() / 8).minus(centre);
        double sense = Math.signum(from.cross(to));
        List<Piece> quarters = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            Point start = on(quarter, sense, radius);
            Point end = on(quarter + 1, sense, radius);
            Point arm = end.times(QUARTER);
            Point back = start.times(QUARTER);
            quarters.add(
                    new Piece(
                            centre.plus(start),
                            centre.plus(start).plus(arm),
                            centre.plus(end).plus(back),
                            centre.plus(end),
                            false,
                            quarter == 0 ? error : new FitError(0, 0, 0, error.at(), 0)));
        }
        return quarters;
    }

    /** Where the circle meets the axes, so that its quarters are exact in any file. */
    private static Point on(int quarter, double sense, double radius) {
        int turn = Math.floorMod((int) (quarter * sense), 4);
        double x = turn == 0 ? radius : turn == 2 ? -radius : 0;
        double y = turn == 1 ? radius : turn == 3 ? -radius : 0;
        return new Point(x, y);
    }
}

package neattrace.geom;

import java.util.List;

/**
 * A projective map of the plane, as a 3 x 3 matrix in rows; affine maps are the case whose last row
 * is 0 0 1. Points are columns: (x, y) goes to ((a x + b y + c) / w, (d x + e y + f) / w) with w =
 * g x + h y + i. See R. Hartley and A. Zisserman, <i>Multiple View Geometry in Computer Vision</i>,
 * 2nd ed., 2.3 and 4.1.
 */
public record Homography(
        double a, double b, double c, double d, double e, double f, double g, double h, double i) {

    /** Leaves every point where it is. */
    public static final Homography IDENTITY = new Homography(1, 0, 0, 0, 1, 0, 0, 0, 1);

    /** Moves by a vector. */
    public static Homography translation(double dx, double dy) {
        return new Homography(1, 0, dx, 0, 1, dy, 0, 0, 1);
    }

    /** Stretches from the origin. */
    public static Homography scaling(double factor) {
        return new Homography(factor, 0, 0, 0, factor, 0, 0, 0, 1);
    }

    /** Turns clockwise as seen with y down, round a centre. */
    public static Homography rotation(double degrees, Point centre) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        return new Homography(
                cos,
                -sin,
                centre.x() - cos * centre.x() + sin * centre.y(),
                sin,
                cos,
                centre.y() - sin * centre.x() - cos * centre.y(),
                0,
                0,
                1);
    }

    /**
     * The map that takes the corners of the rectangle (0, 0) to (width, height) to four points,
     * given from the upper left clockwise.
     *
     * @throws IllegalArgumentException unless the points form a convex quadrilateral
     */
    public static Homography fromRectangle(double width, double height, List<Point> corners) {
        checkConvex(corners);
        Point p0 = corners.get(0);
        Point p1 = corners.get(1);
        Point p2 = corners.get(2);
        Point p3 = corners.get(3);
        // P. Heckbert, "Fundamentals of Texture Mapping and Image Warping", 1989, 2.2.3.
        Point s = p0.minus(p1).plus(p2).minus(p3);
        Point d1 = p1.minus(p2);
        Point d2 = p3.minus(p2);
        double g = s.cross(d2) / d1.cross(d2);
        double h = d1.cross(s) / d1.cross(d2);
        Homography unit =
                new Homography(
                        p1.x() - p0.x() + g * p1.x(),
                        p3.x() - p0.x() + h * p3.x(),
                        p0.x(),
                        p1.y() - p0.y() + g * p1.y(),
                        p3.y() - p0.y() + h * p3.y(),
                        p0.y(),
                        g,
                        h,
                        1);
        return unit.after(new Homography(1 / width, 0, 0, 0, 1 / height, 0, 0, 0, 1));
    }

    private static void checkConvex(List<Point> corners) {
        if (corners.size() != 4) {
            throw new IllegalArgumentException("four corners are needed");
        }
        for (int k = 0; k < 4; k++) {
            Point here = corners.get(k);
            Point next = corners.get((k + 1) % 4);
            Point last = corners.get((k + 2) % 4);
            if (!(next.minus(here).cross(last.minus(next)) > 0)) {
                throw new IllegalArgumentException(
                        "the corners must go round clockwise without a dent");
            }
        }
    }

    /** First {@code first}, then this. */
    public Homography after(Homography first) {
        return new Homography(
                a * first.a + b * first.d + c * first.g,
                a * first.b + b * first.e + c * first.h,
                a * first.c + b * first.f + c * first.i,
                d * first.a + e * first.d + f * first.g,
                d * first.b + e * first.e + f * first.h,
                d * first.c + e * first.f + f * first.i,
                g * first.a + h * first.d + i * first.g,
                g * first.b + h * first.e + i * first.h,
                g * first.c + h * first.f + i * first.i);
    }

    /**
     * The way back.
     *
     * @throws IllegalArgumentException if the map is flat and has none
     */
    public Homography inverse() {
        double determinant = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
        if (Math.abs(determinant) < 1e-300) {
            throw new IllegalArgumentException("a flat map has no way back");
        }
        double k = 1 / determinant;
        return new Homography(
                k * (e * i - f * h),
                k * (c * h - b * i),
                k * (b * f - c * e),
                k * (f * g - d * i),
                k * (a * i - c * g),
                k * (c * d - a * f),
                k * (d * h - e * g),
                k * (b * g - a * h),
                k * (a * e - b * d));
    }

    /** Where a point goes. */
    public Point apply(Point point) {
        double w = g * point.x() + h * point.y() + i;
        return new Point(
                (a * point.x() + b * point.y() + c) / w, (d * point.x() + e * point.y() + f) / w);
    }

    /** Whether parallels stay parallel. */
    public boolean isAffine() {
        return g == 0 && h == 0;
    }

    /** Whether it only moves points, by whole units. */
    public boolean isWholeShift() {
        return isAffine()
                && a == i
                && e == i
                && b == 0
                && d == 0
                && c / i == Math.rint(c / i)
                && f / i == Math.rint(f / i);
    }

    /** How much lengths grow near a point: the root of the area's factor. */
    public double scaleAt(Point point) {
        double w = g * point.x() + h * point.y() + i;
        Point to = apply(point);
        double xx = (a - g * to.x()) / w;
        double xy = (b - h * to.x()) / w;
        double yx = (d - g * to.y()) / w;
        double yy = (e - h * to.y()) / w;
        return Math.sqrt(Math.abs(xx * yy - xy * yx));
    }
}

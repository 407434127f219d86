package neattrace.geom;

/** A point or a vector in the plane, in the caller's unit, y down. */
public record Point(double x, double y) {

    /** This point moved by the vector {@code other}. */
    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    /** The vector from {@code other} to this point. */
    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    /** This vector stretched by {@code factor}. */
    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** Scalar product. */
    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** The z part of the cross product; positive if {@code other} turns clockwise on screen. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    /** Length of this vector. */
    public double length() {
        return Math.hypot(x, y);
    }

    /** Direction of this vector, radians, -pi to pi, clockwise on screen from the x axis. */
    public double angle() {
        return Math.atan2(y, x);
    }

    /** Distance between two points. */
    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    /** This vector with length one; the zero vector stays zero. */
    public Point unit() {
        double length = length();
        return length == 0 ? this : new Point(x / length, y / length);
    }
}

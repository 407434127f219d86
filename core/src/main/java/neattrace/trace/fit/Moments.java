package neattrace.trace.fit;

import java.util.Arrays;

/**
 * Sums over the samples of one cubic, from which the normal equations of whatever moves its control
 * points follow: a point of the curve moves by its share of what a control point does, and only the
 * part across the curve counts in full. Not thread-safe.
 */
final class Moments {

    /** The control points, and the ends with the arm that hangs on them. */
    static final int FIRST_ARM = 0;

    static final int SECOND_ARM = 1;
    static final int START = 2;
    static final int END = 3;

    /** Weight of squared distances along the curve against those across it. */
    private static final double ALONG = 0.05;

    private static final int SHARES = 4;

    /** Where the three sums of a pair of shares lie. */
    private static final int[] PAIR = new int[SHARES * SHARES];

    static {
        int at = 0;
        for (int a = 0; a < SHARES; a++) {
            for (int b = 0; b <= a; b++) {
                PAIR[SHARES * a + b] = at;
                PAIR[SHARES * b + a] = at;
                at += 3;
            }
        }
    }

    /** For each pair of shares the sums of their product times the weight in x, xy and y. */
    private final double[] products = new double[3 * SHARES * (SHARES + 1) / 2];

    /** For each share the sums of what is left over, weighted, in x and y. */
    private final double[] rights = new double[2 * SHARES];

    void clear() {
        Arrays.fill(products, 0);
        Arrays.fill(rights, 0);
    }

    /**
     * Takes in a sample.
     *
     * @param t the parameter of the place on the cubic nearest to it
     * @param starts whether the start may move, or only its arm
     * @param ends whether the end may move
     * @return the square of its distance
     */
    double add(
            Cubic cubic,
            double t,
            double px,
            double py,
            double weight,
            boolean starts,
            boolean ends) {
        double s = 1 - t;
        double first = 3 * s * s * t;
        double second = 3 * s * t * t;
        double rx = px - cubic.x(t);
        double ry = py - cubic.y(t);
        double vx = cubic.slopeX(t);
        double vy = cubic.slopeY(t);
        double scale = weight / Math.max(1e-18, vx * vx + vy * vy);
        double xx = scale * (vy * vy + ALONG * vx * vx);
        double xy = scale * (ALONG - 1) * vx * vy;
        double yy = scale * (vx * vx + ALONG * vy * vy);
        double offX = xx * rx + xy * ry;
        double offY = xy * rx + yy * ry;
        addRight(FIRST_ARM, first, offX, offY);
        addRight(SECOND_ARM, second, offX, offY);
        // Written out in the order of PAIR: this is where fitting spends its time.
        addProduct(0, first * first, xx, xy, yy);
        addProduct(3, second * first, xx, xy, yy);
        addProduct(6, second * second, xx, xy, yy);
        double start = s * s * s + first;
        double end = second + t * t * t;
        if (starts) {
            addRight(START, start, offX, offY);
            addProduct(9, start * first, xx, xy, yy);
            addProduct(12, start * second, xx, xy, yy);
            addProduct(15, start * start, xx, xy, yy);
        }
        if (ends) {
            addRight(END, end, offX, offY);
            addProduct(18, end * first, xx, xy, yy);
            addProduct(21, end * second, xx, xy, yy);
            addProduct(27, end * end, xx, xy, yy);
        }
        if (starts && ends) {
            addProduct(24, end * start, xx, xy, yy);
        }
        return rx * rx + ry * ry;
    }

    private void addRight(int share, double by, double x, double y) {
        rights[2 * share] += by * x;
        rights[2 * share + 1] += by * y;
    }

    private void addProduct(int at, double both, double xx, double xy, double yy) {
        products[at] += both * xx;
        products[at + 1] += both * xy;
        products[at + 2] += both * yy;
    }

    /** The right side for an unknown that moves a control point by (x, y). */
    double right(int share, double x, double y) {
        return x * rights[2 * share] + y * rights[2 * share + 1];
    }

    /** The product of two unknowns, which move control points by (ax, ay) and (bx, by). */
    double product(int a, int b, double ax, double ay, double bx, double by) {
        int at = PAIR[SHARES * a + b];
        return ax * bx * products[at]
                + (ax * by + ay * bx) * products[at + 1]
                + ay * by * products[at + 2];
    }
}

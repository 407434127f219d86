package neattrace.trace.contour;

/**
 * The room in which a contour may lie, and the contour that settles in it. The unknowns are the
 * displacements of the vertices along their normals.
 */
final class Corridor {

    /** Changes of curvature from here on, px^-2, may be jumps and hardly cost more. */
    private static final double JUMP = 3e-4;

    /** Weight of the walls at the start and at the end. */
    private static final double SOFT = 0.1;

    private static final double SOFT_AGAIN = 1e-2;
    private static final double HARD = 1e-7;
    private static final int MOST_STEPS = 40;

    /** A pixel side seen nearly along its own direction still leaves this much room, px. */
    private static final double LEAST_ROOM = 0.12;

    /** Room along the border of the sheet, where ink ends exactly, px. */
    private static final double BORDER_ROOM = 0.01;

    private static final double LEAST_SPACING = 0.25;

    /** How much of the way to a wall one step may take. */
    private static final double SHY = 0.9;

    private final int n;
    private final double[] x;
    private final double[] y;
    private final double[] nx;
    private final double[] ny;
    private final double[] low;
    private final double[] high;

    /** Third divided differences times 6: four factors for each run of four vertices. */
    private final double[] factor;

    /** How the curvature of the contour changes before anything is displaced. */
    private final double[] bend;

    /** Vertices are moved in place by {@link #settle}. */
    Corridor(double[] mx, double[] my, double[] x, double[] y, int width, int height) {
        this.n = x.length;
        this.x = x;
        this.y = y;
        this.nx = new double[n];
        this.ny = new double[n];
        this.low = new double[n];
        this.high = new double[n];
        this.factor = new double[4 * (n - 3)];
        this.bend = new double[n - 3];
        normals();
        walls(mx, my, width, height);
        differences();
    }

    private void normals() {
        for (int k = 0; k < n; k++) {
            int before = Math.max(0, k - 1);
            int after = Math.min(n - 1, k + 1);
            double tx = x[after] - x[before];
            double ty = y[after] - y[before];
            double length = Math.max(1e-9, Math.sqrt(tx * tx + ty * ty));
            nx[k] = -ty / length;
            ny[k] = tx / length;
        }
    }

    private void walls(double[] mx, double[] my, int width, int height) {
        for (int k = 0; k < n; k++) {
            double middle = (mx[k] - x[k]) * nx[k] + (my[k] - y[k]) * ny[k];
            // The contour runs between two pixel centres: half a pixel to each side of the middle,
            // sideways if x is whole, else up and down.
            boolean sideways = mx[k] == Math.rint(mx[k]);
            double room = 0.5 * Math.max(LEAST_ROOM, Math.abs(sideways ? nx[k] : ny[k]));
            boolean border = mx[k] == 0 || my[k] == 0 || mx[k] == width || my[k] == height;
            room = border ? BORDER_ROOM : room;
            low[k] = middle - room;
            high[k] = middle + room;
        }
    }

    private void differences() {
        double[] s = new double[n];
        for (int k = 1; k < n; k++) {
            double dx = x[k] - x[k - 1];
            double dy = y[k] - y[k - 1];
            s[k] = s[k - 1] + Math.max(LEAST_SPACING, Math.sqrt(dx * dx + dy * dy));
        }
        for (int k = 0; k + 3 < n; k++) {
            double bx = 0;
            double by = 0;
            for (int i = 0; i < 4; i++) {
                double product = 1;
                for (int j = 0; j < 4; j++) {
                    product *= j == i ? 1 : s[k + i] - s[k + j];
                }
                factor[4 * k + i] = 6 / product;
                bx += factor[4 * k + i] * x[k + i];
                by += factor[4 * k + i] * y[k + i];
            }
            double ux = nx[k + 1] + nx[k + 2];
            double uy = ny[k + 1] + ny[k + 2];
            bend[k] = (bx * ux + by * uy) / Math.max(1e-9, Math.sqrt(ux * ux + uy * uy));
        }
    }

    /**
     * Newton's method with walls that harden step by step (a barrier).
     *
     * @param again whether the contour has settled before, so that its jumps of curvature show
     */
    void settle(boolean again) {
        double[] h = new double[n];
        for (int k = 0; k < n; k++) {
            double middle = (low[k] + high[k]) / 2;
            double edge = 0.05 * (high[k] - low[k]);
            h[k] = again ? Math.max(low[k] + edge, Math.min(high[k] - edge, 0)) : middle;
        }
        BandSystem system = new BandSystem(n);
        double[] pull = pull(system, again);
        double[] diagonal = new double[n];
        double[] step = new double[n];
        double wall = again ? SOFT_AGAIN : SOFT;
        for (int steps = 0; wall > HARD && steps < MOST_STEPS; steps++) {
            newton(system, pull, h, wall, diagonal, step);
            double reach = reach(h, step);
            for (int k = 0; k < n; k++) {
                h[k] += reach * step[k];
            }
            wall *= reach > 0.5 ? 0.3 : 0.7;
        }
        for (int k = 0; k < n; k++) {
            x[k] += h[k] * nx[k];
            y[k] += h[k] * ny[k];
        }
    }

    /**
     * The cost of bending as a quadratic form of the displacements: its matrix goes into the
     * system.
     *
     * @return its slope where nothing is displaced
     */
    private double[] pull(BandSystem system, boolean again) {
        double[] slope = new double[n];
        for (int k = 0; k + 3 < n; k++) {
            double weight = again ? 1 / (1 + bend[k] * bend[k] / (JUMP * JUMP)) : 1;
            for (int i = 0; i < 4; i++) {
                double pull = weight * factor[4 * k + i];
                slope[k + i] += pull * bend[k];
                for (int j = 0; j <= i; j++) {
                    system.add(k + i, k + j, pull * factor[4 * k + j]);
                }
            }
        }
        return slope;
    }

    private void newton(
            BandSystem system,
            double[] pull,
            double[] h,
            double wall,
            double[] diagonal,
            double[] step) {
        system.times(h, step);
        for (int k = 0; k < n; k++) {
            double below = 1 / (h[k] - low[k]);
            double above = 1 / (high[k] - h[k]);
            diagonal[k] = wall * (below * below + above * above) + 1e-9;
            step[k] = wall * (below - above) - pull[k] - step[k];
        }
        system.solve(diagonal, step);
    }

    /** How much of a step leaves everything within the walls. */
    private double reach(double[] h, double[] step) {
        double reach = 1;
        for (int k = 0; k < n; k++) {
            if (step[k] < 0) {
                reach = Math.min(reach, -SHY * (h[k] - low[k]) / step[k]);
            } else if (step[k] > 0) {
                reach = Math.min(reach, SHY * (high[k] - h[k]) / step[k]);
            }
        }
        return reach;
    }
}

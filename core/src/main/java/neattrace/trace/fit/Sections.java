package neattrace.trace.fit;

/** Takes sections from samples of a contour. */
final class Sections {

    /** Samples this near a corner are rounded off by the pixel grid and are left out. */
    private static final int ROUNDED = 2;

    private Sections() {}

    static Section between(Samples samples, Corner from, Corner to) {
        int n = samples.size();
        int steps = Math.floorMod(to.index() - from.index(), n);
        if (steps == 0) {
            steps = n;
        }
        int inner = Math.max(0, steps - 2 * ROUNDED + 1);
        double[] x = new double[inner + 2];
        double[] y = new double[inner + 2];
        x[0] = from.at().x();
        y[0] = from.at().y();
        for (int k = 0; k < inner; k++) {
            x[k + 1] = samples.x(from.index() + ROUNDED + k);
            y[k + 1] = samples.y(from.index() + ROUNDED + k);
        }
        x[inner + 1] = to.at().x();
        y[inner + 1] = to.at().y();
        return new Section(
                x, y, angles(x, y, false, Section.TANGENT_REACH), Section.Kind.CURVE, true, true);
    }

    /**
     * The same of an open path, whose very ends are held in direction where an angle is given.
     *
     * @param startAngle direction of travel at the start, radians; not a number if it is free
     * @param endAngle the same at the end
     */
    static Section open(
            Samples samples, Corner from, Corner to, double startAngle, double endAngle) {
        Section free = between(samples, from, to);
        boolean startFree = Double.isNaN(startAngle);
        boolean endFree = Double.isNaN(endAngle);
        if (!startFree) {
            free.angle[0] = startAngle;
        }
        if (!endFree) {
            free.angle[free.last()] = endAngle;
        }
        return new Section(free.x, free.y, free.angle, Section.Kind.CURVE, startFree, endFree);
    }

    /** Once round, from the flattest place. */
    static Section ring(Samples samples) {
        return ring(samples, seams(samples)[0]);
    }

    static Section ring(Samples samples, int first) {
        return ring(samples, first, Section.TANGENT_REACH);
    }

    /** The same with directions taken over so many samples to each side. */
    static Section ring(Samples samples, int first, int reach) {
        int n = samples.size();
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            x[k] = samples.x(first + k);
            y[k] = samples.y(first + k);
        }
        return new Section(x, y, angles(x, y, true, reach), Section.Kind.RING, false, false);
    }

    /** Where a loop is flattest, and where it is most bent. */
    static int[] seams(Samples samples) {
        int n = samples.size();
        int reach = Math.max(2, Math.min(8, n / 6));
        int[] seams = new int[2];
        double least = Double.MAX_VALUE;
        double most = -1;
        for (int i = 0; i < n; i++) {
            double turn = samples.turn(i, reach / 2, reach);
            if (turn < least) {
                least = turn;
                seams[0] = i;
            }
            if (turn > most) {
                most = turn;
                seams[1] = i;
            }
        }
        return seams;
    }

    private static double[] angles(double[] x, double[] y, boolean ring, int most) {
        int last = x.length - 1;
        int reach = Math.min(most, last);
        double[] angles = new double[last + 1];
        for (int i = 0; i <= last; i++) {
            double dx = 0;
            double dy = 0;
            for (int k = 1; k <= reach; k++) {
                int before = ring ? Math.floorMod(i - k, last) : Math.max(0, i - k);
                int after = ring ? (i + k) % last : Math.min(last, i + k);
                dx += x[after] - x[before];
                dy += y[after] - y[before];
            }
            angles[i] = Math.atan2(dy, dx);
        }
        return angles;
    }
}

package neattrace.trace.centre;

import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;

/** A line while it is being measured: places, widths, and which of them are known. */
final class Strand {

    /** Samples from which the direction at an end is taken, at least. */
    private static final int TANGENT_SAMPLES = 4;

    final boolean closed;
    final int from;
    final int to;
    double[] x;
    double[] y;
    double[] width;

    /** Rough half width at each sample, from the skeleton, px. */
    double[] rough;

    boolean[] known;

    Strand(boolean closed, int from, int to, double[] x, double[] y, double[] rough) {
        this.closed = closed;
        this.from = from;
        this.to = to;
        this.x = x;
        this.y = y;
        this.rough = rough;
        this.width = new double[x.length];
        this.known = new boolean[x.length];
        for (int i = 0; i < x.length; i++) {
            width[i] = 2 * rough[i];
        }
    }

    int size() {
        return x.length;
    }

    Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** Keeps samples {@code first} to {@code last} only. */
    void keep(int first, int last) {
        x = Arrays.copyOfRange(x, first, last + 1);
        y = Arrays.copyOfRange(y, first, last + 1);
        width = Arrays.copyOfRange(width, first, last + 1);
        rough = Arrays.copyOfRange(rough, first, last + 1);
        known = Arrays.copyOfRange(known, first, last + 1);
    }

    /** Begins a ring at another sample. */
    void startAt(int first) {
        x = turned(x, first);
        y = turned(y, first);
        width = turned(width, first);
        rough = turned(rough, first);
        boolean[] all = new boolean[known.length];
        System.arraycopy(known, first, all, 0, known.length - first);
        System.arraycopy(known, 0, all, known.length - first, first);
        known = all;
    }

    private static double[] turned(double[] values, int first) {
        double[] all = new double[values.length];
        System.arraycopy(values, first, all, 0, values.length - first);
        System.arraycopy(values, 0, all, values.length - first, first);
        return all;
    }

    /** Adds a known sample before the first one or after the last one. */
    void add(boolean atStart, Point place, double wide) {
        extend(atStart, List.of(new double[] {place.x(), place.y(), wide}));
    }

    /** Adds known samples, x, y and width each, outwards from one of its ends. */
    void extend(boolean atStart, List<double[]> samples) {
        int n = x.length;
        int more = samples.size();
        int shift = atStart ? more : 0;
        x = room(x, shift, n + more);
        y = room(y, shift, n + more);
        width = room(width, shift, n + more);
        rough = room(rough, shift, n + more);
        boolean[] all = new boolean[n + more];
        Arrays.fill(all, true);
        System.arraycopy(known, 0, all, shift, n);
        known = all;
        for (int k = 0; k < more; k++) {
            int i = atStart ? more - 1 - k : n + k;
            x[i] = samples.get(k)[0];
            y[i] = samples.get(k)[1];
            width[i] = samples.get(k)[2];
            rough[i] = samples.get(k)[2] / 2;
        }
    }

    private static double[] room(double[] values, int shift, int length) {
        double[] more = new double[length];
        System.arraycopy(values, 0, more, shift, values.length);
        return more;
    }

    int firstKnown() {
        for (int i = 0; i < known.length; i++) {
            if (known[i]) {
                return i;
            }
        }
        return -1;
    }

    int lastKnown() {
        for (int i = known.length - 1; i >= 0; i--) {
            if (known[i]) {
                return i;
            }
        }
        return -1;
    }

    /** The known sample nearest to an end; the end's own if none is left. */
    int knownEnd(boolean atStart) {
        int known = atStart ? firstKnown() : lastKnown();
        return known >= 0 ? known : atStart ? 0 : x.length - 1;
    }

    /** The direction in which the line leaves at an end, from the known samples next to it. */
    Point outward(boolean atStart) {
        int end = knownEnd(atStart);
        int step = atStart ? 1 : -1;
        int want = (int) Math.max(TANGENT_SAMPLES, 1.5 * rough[end]);
        int inner = end;
        for (int k = 0; k < want; k++) {
            int next = inner + step;
            if (next < 0 || next >= x.length || !known[next]) {
                break;
            }
            inner = next;
        }
        return at(end).minus(at(inner)).unit();
    }
}

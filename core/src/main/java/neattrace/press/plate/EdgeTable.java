package neattrace.press.plate;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.List;

/** The edges of all objects, px, sorted into bands of rows. */
final class EdgeTable {

    /** Rows of a band. */
    static final int BAND = 16;

    private static final double FLATNESS_PX = 0.02;
    private static final int DEEPEST = 12;

    private final int bands;

    private double[] x0 = new double[1 << 12];
    private double[] y0 = new double[1 << 12];
    private double[] x1 = new double[1 << 12];
    private double[] y1 = new double[1 << 12];
    private int[] object = new int[1 << 12];
    private int size;

    private int[] start;
    private int[] sorted;

    private final boolean[] evenOdd;

    /**
     * The edges.
     *
     * @param toPixels from mm
     * @param rows of the picture
     */
    EdgeTable(List<Laid> objects, AffineTransform toPixels, int rows) {
        this.bands = (rows + BAND - 1) / BAND;
        this.evenOdd = new boolean[objects.size()];
        for (int i = 0; i < objects.size(); i++) {
            PathIterator path =
                    new FlatteningPathIterator(
                            objects.get(i).shape().getPathIterator(toPixels), FLATNESS_PX, DEEPEST);
            evenOdd[i] = path.getWindingRule() == PathIterator.WIND_EVEN_ODD;
            add(path, i, rows);
        }
        sort();
    }

    private void add(PathIterator path, int index, int rows) {
        double[] at = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (; !path.isDone(); path.next()) {
            switch (path.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    edge(x, y, startX, startY, index, rows);
                    startX = at[0];
                    startY = at[1];
                }
                case PathIterator.SEG_LINETO -> edge(x, y, at[0], at[1], index, rows);
                default -> {
                    edge(x, y, startX, startY, index, rows);
                    at[0] = startX;
                    at[1] = startY;
                }
            }
            x = at[0];
            y = at[1];
        }
        edge(x, y, startX, startY, index, rows);
    }

    private void edge(double ax, double ay, double bx, double by, int index, int rows) {
        if (ay == by || Math.max(ay, by) <= 0 || Math.min(ay, by) >= rows) {
            return;
        }
        if (size == object.length) {
            grow();
        }
        x0[size] = ax;
        y0[size] = ay;
        x1[size] = bx;
        y1[size] = by;
        object[size++] = index;
    }

    private void grow() {
        int next = 2 * object.length;
        x0 = Arrays.copyOf(x0, next);
        y0 = Arrays.copyOf(y0, next);
        x1 = Arrays.copyOf(x1, next);
        y1 = Arrays.copyOf(y1, next);
        object = Arrays.copyOf(object, next);
    }

    private void sort() {
        start = new int[bands + 1];
        for (int i = 0; i < size; i++) {
            for (int band = first(i); band <= last(i); band++) {
                start[band + 1]++;
            }
        }
        for (int band = 0; band < bands; band++) {
            start[band + 1] += start[band];
        }
        sorted = new int[start[bands]];
        int[] next = start.clone();
        for (int i = 0; i < size; i++) {
            for (int band = first(i); band <= last(i); band++) {
                sorted[next[band]++] = i;
            }
        }
    }

    private int first(int edge) {
        return Math.max(0, (int) Math.floor(Math.min(y0[edge], y1[edge]) / BAND));
    }

    private int last(int edge) {
        return Math.min(bands - 1, (int) Math.floor(Math.max(y0[edge], y1[edge]) / BAND));
    }

    int bands() {
        return bands;
    }

    boolean isEvenOdd(int index) {
        return evenOdd[index];
    }

    /** Gathers what crosses a line across a band. */
    void cross(int band, double y, Crossings into) {
        into.clear();
        for (int k = start[band]; k < start[band + 1]; k++) {
            int i = sorted[k];
            boolean down = y0[i] <= y && y < y1[i];
            if (down || y1[i] <= y && y < y0[i]) {
                double x = x0[i] + (y - y0[i]) * (x1[i] - x0[i]) / (y1[i] - y0[i]);
                into.add(x, object[i], down ? 1 : -1);
            }
        }
        into.sort();
    }
}

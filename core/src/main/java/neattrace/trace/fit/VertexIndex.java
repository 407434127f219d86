package neattrace.trace.fit;

import java.util.List;

/** Finds vertices of contours by their exact places (open addressing). */
final class VertexIndex {

    private final double[] xy;

    /** Where each contour begins among all vertices; one entry more than contours. */
    private final int[] start;

    /** One more than the vertex, 0 for none. */
    private final int[] table;

    VertexIndex(List<double[]> contours) {
        start = new int[contours.size() + 1];
        for (int i = 0; i < contours.size(); i++) {
            start[i + 1] = start[i] + contours.get(i).length / 2;
        }
        int count = start[contours.size()];
        xy = new double[2 * count];
        table = new int[Math.max(16, Integer.highestOneBit(Math.max(1, count)) * 4)];
        for (int i = 0; i < contours.size(); i++) {
            System.arraycopy(contours.get(i), 0, xy, 2 * start[i], contours.get(i).length);
        }
        for (int i = 0; i < count; i++) {
            int slot = slot(xy[2 * i], xy[2 * i + 1]);
            while (table[slot] != 0) {
                slot = (slot + 1) & (table.length - 1);
            }
            table[slot] = i + 1;
        }
    }

    private int slot(double x, double y) {
        long bits = Double.doubleToRawLongBits(x) * 0x9E3779B97F4A7C15L;
        bits = (bits ^ (bits >>> 29)) + Double.doubleToRawLongBits(y) * 0xBF58476D1CE4E5B9L;
        bits ^= bits >>> 32;
        return (int) bits & (table.length - 1);
    }

    /** A vertex at exactly this place, or -1. */
    int find(double x, double y) {
        int slot = slot(x, y);
        while (table[slot] != 0) {
            int i = table[slot] - 1;
            if (xy[2 * i] == x && xy[2 * i + 1] == y) {
                return i;
            }
            slot = (slot + 1) & (table.length - 1);
        }
        return -1;
    }

    /** The contour of a vertex. */
    int loop(int vertex) {
        int low = 0;
        int high = start.length - 2;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (start[middle] <= vertex) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Its number within its contour. */
    int vertex(int vertex) {
        return vertex - start[loop(vertex)];
    }
}

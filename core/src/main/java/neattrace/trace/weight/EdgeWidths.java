package neattrace.trace.weight;

import java.util.Arrays;
import java.util.List;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.contour.Contour;

/**
 * How wide the line is that each vertex of the ink's edge belongs to. Lines mark the edge on both
 * their sides, half of their width away from their middles; between marks widths are interpolated
 * along the edge, and smoothed, so that they change nowhere at once. Edges of solid blacks belong
 * to no line.
 */
final class EdgeWidths {

    /** Vertices of an edge lie about a pixel apart; a mark is met within so many px. */
    private static final double REACH_PX = 1.5;

    private static final int CELL_PX = 2;

    /** No line marks it. */
    private static final float UNKNOWN = -1;

    private final List<Contour> contours;
    private final float[][] widths;
    private final int columns;
    private final int rows;

    /** For each cell the last vertex in it, from 1; for each vertex the one before it there. */
    private final int[] head;

    private final int[] next;
    private final int[] contourOf;
    private final int[] firstOf;

    private EdgeWidths(List<Contour> contours, int width, int height) {
        this.contours = contours;
        columns = width / CELL_PX + 2;
        rows = height / CELL_PX + 2;
        head = new int[columns * rows];
        widths = new float[contours.size()][];
        firstOf = new int[contours.size()];
        int count = 0;
        for (int c = 0; c < widths.length; c++) {
            widths[c] = new float[contours.get(c).xy().length / 2];
            Arrays.fill(widths[c], UNKNOWN);
            firstOf[c] = count;
            count += widths[c].length;
        }
        next = new int[count];
        contourOf = new int[count];
        for (int c = 0; c < widths.length; c++) {
            double[] xy = contours.get(c).xy();
            for (int i = 0; i < widths[c].length; i++) {
                int vertex = firstOf[c] + i;
                int cell = cell(xy[2 * i], xy[2 * i + 1]);
                contourOf[vertex] = c;
                next[vertex] = head[cell];
                head[cell] = vertex + 1;
            }
        }
    }

    private int cell(double x, double y) {
        int column = (int) Math.max(0, Math.min(columns - 1.0, x / CELL_PX));
        int row = (int) Math.max(0, Math.min(rows - 1.0, y / CELL_PX));
        return row * columns + column;
    }

    /**
     * The widths at the vertices of contours, px; 0 where the edge is that of a solid black.
     *
     * @param net lines of the ink that the contours are of
     * @param smoothPx widths are smoothed over so much of the edge
     */
    static float[][] of(List<Contour> contours, LineNet net, int width, int height, int smoothPx) {
        EdgeWidths edges = new EdgeWidths(contours, width, height);
        for (SolidBlack solid : net.solids()) {
            edges.mark(solid);
        }
        for (InkLine line : net.lines()) {
            edges.mark(line);
        }
        for (float[] one : edges.widths) {
            fill(one);
            smooth(one, smoothPx);
            smooth(one, smoothPx);
        }
        return edges.widths;
    }

    private void mark(InkLine line) {
        int n = line.size();
        for (int i = 0; i < n; i++) {
            int before = Math.max(0, i - 2);
            int after = Math.min(n - 1, i + 2);
            double dx = line.x()[after] - line.x()[before];
            double dy = line.y()[after] - line.y()[before];
            double length = Math.hypot(dx, dy);
            if (length == 0) {
                continue;
            }
            double half = line.width()[i] / 2;
            for (int side = -1; side <= 1; side += 2) {
                double x = line.x()[i] - side * half * dy / length;
                double y = line.y()[i] + side * half * dx / length;
                mark(x, y, (float) line.width()[i]);
            }
        }
    }

    /** The rims of its discs, as far as they are its edge. */
    private void mark(SolidBlack solid) {
        for (int i = 0; i < solid.radius().length; i++) {
            double radius = solid.radius()[i];
            int steps = (int) Math.max(8, Math.ceil(2 * Math.PI * radius));
            for (int k = 0; k < steps; k++) {
                double turn = 2 * Math.PI * k / steps;
                mark(
                        solid.x()[i] + radius * Math.cos(turn),
                        solid.y()[i] + radius * Math.sin(turn),
                        0);
            }
        }
    }

    private void mark(double x, double y, float width) {
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int vertex = head[cell(x + dx * CELL_PX, y + dy * CELL_PX)];
                while (vertex > 0) {
                    int at = vertex - 1;
                    Contour contour = contours.get(contourOf[at]);
                    int i = at - firstOf[contourOf[at]];
                    double off = Math.hypot(contour.xy()[2 * i] - x, contour.xy()[2 * i + 1] - y);
                    if (off <= REACH_PX) {
                        widths[contourOf[at]][i] = width;
                    }
                    vertex = next[at];
                }
            }
        }
    }

    /** Between two marks along the edge the width goes evenly from one to the other. */
    private static void fill(float[] widths) {
        int n = widths.length;
        int first = 0;
        while (first < n && widths[first] == UNKNOWN) {
            first++;
        }
        if (first == n) {
            Arrays.fill(widths, 0);
            return;
        }
        int last = first;
        for (int k = 1; k <= n; k++) {
            int i = (first + k) % n;
            if (widths[i] == UNKNOWN) {
                continue;
            }
            int gap = Math.floorMod(i - last, n);
            gap = gap == 0 ? n : gap;
            for (int g = 1; g < gap; g++) {
                float share = (float) g / gap;
                widths[(last + g) % n] = (1 - share) * widths[last] + share * widths[i];
            }
            last = i;
        }
    }

    /** The mean over a stretch of the closed edge. */
    private static void smooth(float[] widths, int reach) {
        int n = widths.length;
        int half = Math.min(reach / 2, (n - 1) / 2);
        if (half < 1) {
            return;
        }
        float[] before = widths.clone();
        double sum = 0;
        for (int k = -half; k <= half; k++) {
            sum += before[Math.floorMod(k, n)];
        }
        for (int i = 0; i < n; i++) {
            widths[i] = (float) (sum / (2 * half + 1));
            sum += before[(i + half + 1) % n] - before[Math.floorMod(i - half, n)];
        }
    }
}

package neattrace.region.tree;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.PriorityQueue;
import neattrace.geom.Point;
import neattrace.raster.InkMap;

/** A way through one cell that keeps away from ink, found on a lattice. */
final class CellPath {

    /** More places than this and the lattice is coarser. */
    private static final int MOST_PLACES = 120_000;

    private static final int SMOOTHINGS = 4;
    private static final int[] DX = {1, 0, -1, 0, 1, 1, -1, -1};
    private static final int[] DY = {0, 1, 0, -1, 1, -1, 1, -1};

    private final int step;
    private final int left;
    private final int top;
    private final int columns;
    private final int rows;

    /** How far from ink or from another cell each place is, in steps; 0 where no way leads. */
    private final int[] clear;

    private CellPath(InkMap ink, int[] labels, int cell, int[] box, int step) {
        this.step = step;
        left = box[0];
        top = box[1];
        columns = (box[2] - left) / step + 1;
        rows = (box[3] - top) / step + 1;
        clear = new int[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int i = (top + row * step) * ink.width() + left + column * step;
                clear[row * columns + column] = labels[i] == cell && !ink.isInk(i) ? 1 << 20 : 0;
            }
        }
        sweep(0, 1, -1, -columns);
        sweep(clear.length - 1, -1, 1, columns);
    }

    /** City-block distances: one pass down, one up. */
    private void sweep(int from, int by, int beside, int above) {
        for (int i = from; i >= 0 && i < clear.length; i += by) {
            if (clear[i] > 0) {
                int near = Math.min(at(i, beside), at(i, above));
                clear[i] = Math.min(clear[i], near + 1);
            }
        }
    }

    private int at(int i, int offset) {
        int j = i + offset;
        boolean wraps = Math.abs(offset) == 1 && j / columns != i / columns;
        // Beyond the box there is nothing to keep away from.
        return j < 0 || j >= clear.length || wraps ? 1 << 20 : clear[j];
    }

    /** Places from one to another, both included; straight if the cell does not join them. */
    static List<Point> between(InkMap ink, int[] labels, int cell, Point from, Point to) {
        int[] box = box(ink, labels, cell, from, to);
        long size = (long) (box[2] - box[0] + 1) * (box[3] - box[1] + 1);
        int step = (int) Math.max(1, Math.ceil(Math.sqrt((double) size / MOST_PLACES)));
        for (; ; step = Math.max(1, step / 2)) {
            List<Point> path = new CellPath(ink, labels, cell, box, step).find(from, to);
            if (!path.isEmpty()) {
                return path;
            }
            if (step == 1) {
                return List.of(from, to);
            }
        }
    }

    /** The cell's bounding box together with both places, looked at in every fourth pixel. */
    private static int[] box(InkMap ink, int[] labels, int cell, Point from, Point to) {
        int[] box = {
            (int) Math.min(from.x(), to.x()),
            (int) Math.min(from.y(), to.y()),
            (int) Math.max(from.x(), to.x()),
            (int) Math.max(from.y(), to.y())
        };
        for (int y = 0; y < ink.height(); y += 4) {
            for (int x = 0; x < ink.width(); x += 4) {
                if (labels[y * ink.width() + x] == cell) {
                    box[0] = Math.min(box[0], x - 4);
                    box[1] = Math.min(box[1], y - 4);
                    box[2] = Math.max(box[2], x + 4);
                    box[3] = Math.max(box[3], y + 4);
                }
            }
        }
        box[0] = Math.max(0, box[0]);
        box[1] = Math.max(0, box[1]);
        box[2] = Math.min(ink.width() - 1, box[2]);
        box[3] = Math.min(ink.height() - 1, box[3]);
        return box;
    }

    private List<Point> find(Point from, Point to) {
        int start = nearest(from);
        int goal = nearest(to);
        if (start < 0 || goal < 0) {
            return List.of();
        }
        double[] cost = new double[clear.length];
        int[] before = new int[clear.length];
        Arrays.fill(cost, Double.MAX_VALUE);
        PriorityQueue<double[]> open = new PriorityQueue<>((a, b) -> Double.compare(a[1], b[1]));
        cost[start] = 0;
        before[start] = -1;
        open.add(new double[] {start, 0});
        while (!open.isEmpty()) {
            double[] next = open.poll();
            int i = (int) next[0];
            if (i == goal) {
                return path(before, goal, from, to);
            }
            if (next[1] > cost[i]) {
                continue;
            }
            int column = i % columns;
            int row = i / columns;
            for (int k = 0; k < 8; k++) {
                int c = column + DX[k];
                int r = row + DY[k];
                if (c < 0 || r < 0 || c >= columns || r >= rows || clear[r * columns + c] == 0) {
                    continue;
                }
                int j = r * columns + c;
                double length = k < 4 ? 1 : Math.sqrt(2);
                double sum = cost[i] + length * (1 + 4.0 / clear[j]);
                if (sum < cost[j]) {
                    cost[j] = sum;
                    before[j] = i;
                    open.add(new double[] {j, sum});
                }
            }
        }
        return List.of();
    }

    /** The place of the lattice nearest to a point that a way leads over; -1 if none is near. */
    private int nearest(Point at) {
        int column = (int) Math.round((at.x() - left) / step);
        int row = (int) Math.round((at.y() - top) / step);
        for (int reach = 0; reach < 12; reach++) {
            int best = -1;
            double least = Double.MAX_VALUE;
            for (int r = row - reach; r <= row + reach; r++) {
                for (int c = column - reach; c <= column + reach; c++) {
                    boolean inside = c >= 0 && r >= 0 && c < columns && r < rows;
                    if (inside && clear[r * columns + c] > 0) {
                        double distance = Math.hypot(c - column, r - row);
                        if (distance < least) {
                            least = distance;
                            best = r * columns + c;
                        }
                    }
                }
            }
            if (best >= 0) {
                return best;
            }
        }
        return -1;
    }

    private List<Point> path(int[] before, int goal, Point from, Point to) {
        List<Point> path = new ArrayList<>();
        path.add(to);
        for (int i = goal; i >= 0; i = before[i]) {
            path.add(new Point(left + i % columns * step + 0.5, top + i / columns * step + 0.5));
        }
        path.add(from);
        Collections.reverse(path);
        for (int pass = 0; pass < SMOOTHINGS; pass++) {
            List<Point> smooth = new ArrayList<>(path);
            for (int i = 1; i < path.size() - 1; i++) {
                Point sides = path.get(i - 1).plus(path.get(i + 1)).times(0.25);
                smooth.set(i, path.get(i).times(0.5).plus(sides));
            }
            path = smooth;
        }
        return path;
    }
}

package neattrace.region.tree;

import java.util.List;

/** Which cells are one, and how much paper they have together (union-find, paths halved). */
final class Cells {

    private final int[] parent;
    private final long[] pixels;

    Cells(List<Cell> cells) {
        parent = new int[cells.size()];
        pixels = new long[cells.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
            pixels[i] = cells.get(i).pixels();
        }
    }

    /** The lowest of the cells that are one with a cell. */
    int find(int cell) {
        int root = cell;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Paper of all cells that are one with a cell, px. */
    long pixels(int cell) {
        return pixels[find(cell)];
    }

    /** Makes two cells one; whether they were not. */
    boolean unite(int a, int b) {
        int first = Math.min(find(a), find(b));
        int second = Math.max(find(a), find(b));
        if (first == second) {
            return false;
        }
        parent[second] = first;
        pixels[first] += pixels[second];
        return true;
    }
}

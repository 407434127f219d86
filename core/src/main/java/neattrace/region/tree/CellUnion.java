package neattrace.region.tree;

import java.util.List;
import neattrace.array.UnionFind;

/** Which cells are one, and how much paper they have together. */
final class CellUnion {

    private final UnionFind sets;
    private final long[] pixels;

    CellUnion(List<Cell> cells) {
        sets = new UnionFind(cells.size());
        pixels = cells.stream().mapToLong(Cell::pixels).toArray();
    }

    /** The lowest of the cells that are one with a cell. */
    int find(int cell) {
        return sets.find(cell);
    }

    /** Paper of all cells that are one with a cell, px. */
    long pixels(int cell) {
        return pixels[find(cell)];
    }

    /** Makes two cells one; whether they were not. */
    boolean unite(int a, int b) {
        int first = find(a);
        int second = find(b);
        if (!sets.unite(first, second)) {
            return false;
        }
        pixels[Math.min(first, second)] += pixels[Math.max(first, second)];
        return true;
    }
}

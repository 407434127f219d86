package neattrace.sheet.review;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** A coarse grid of flags, and the groups they form. */
final class FlagGrid {

    private final int columns;
    private final int rows;
    private final boolean[] set;

    FlagGrid(int columns, int rows) {
        this.columns = columns;
        this.rows = rows;
        this.set = new boolean[columns * rows];
    }

    void set(int column, int row) {
        set[row * columns + column] = true;
    }

    /** Sets every cell within a group's bounds. */
    void setAll(Group group) {
        for (int r = group.r0(); r < group.r1(); r++) {
            for (int c = group.c0(); c < group.c1(); c++) {
                set(c, r);
            }
        }
    }

    /** How many cells within a group's bounds are set here. */
    int count(Group group) {
        int count = 0;
        for (int r = group.r0(); r < group.r1(); r++) {
            for (int c = group.c0(); c < group.c1(); c++) {
                count += set[r * columns + c] ? 1 : 0;
            }
        }
        return count;
    }

    /** A group's bounds in cells, ends exclusive, and how many cells it has. */
    record Group(int c0, int r0, int c1, int r1, int cells) {}

    /** Groups of set cells; cells up to {@code reach} apart belong together. */
    List<Group> groups(int reach) {
        List<Group> groups = new ArrayList<>();
        boolean[] seen = new boolean[set.length];
        Deque<Integer> open = new ArrayDeque<>();
        for (int start = 0; start < set.length; start++) {
            if (!set[start] || seen[start]) {
                continue;
            }
            int c0 = columns;
            int r0 = rows;
            int c1 = 0;
            int r1 = 0;
            int cells = 0;
            seen[start] = true;
            open.add(start);
            while (!open.isEmpty()) {
                int at = open.remove();
                int c = at % columns;
                int r = at / columns;
                c0 = Math.min(c0, c);
                r0 = Math.min(r0, r);
                c1 = Math.max(c1, c + 1);
                r1 = Math.max(r1, r + 1);
                cells++;
                int rTo = Math.min(rows - 1, r + reach);
                int cTo = Math.min(columns - 1, c + reach);
                for (int rr = Math.max(0, r - reach); rr <= rTo; rr++) {
                    for (int cc = Math.max(0, c - reach); cc <= cTo; cc++) {
                        int next = rr * columns + cc;
                        if (set[next] && !seen[next]) {
                            seen[next] = true;
                            open.add(next);
                        }
                    }
                }
            }
            groups.add(new Group(c0, r0, c1, r1, cells));
        }
        return groups;
    }
}

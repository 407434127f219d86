package neattrace.sheet.speck;

/** Which dots hang together: disjoint sets (R. E. Tarjan, J. ACM 22(2), 1975). */
final class DotSets {

    private final int[] parent;

    DotSets(int count) {
        parent = new int[count];
        for (int i = 0; i < count; i++) {
            parent[i] = i;
        }
    }

    void join(int i, int j) {
        parent[root(i)] = root(j);
    }

    private int root(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    /** Marks all in sets of so many or more. */
    void mark(int least, boolean[] members) {
        int[] sizes = new int[parent.length];
        for (int i = 0; i < parent.length; i++) {
            sizes[root(i)]++;
        }
        for (int i = 0; i < parent.length; i++) {
            members[i] |= sizes[root(i)] >= least;
        }
    }
}

package neattrace.region.tree;

/** Which cells are one (union by size of label, find with halving of paths). */
final class Cells {

    private final int[] parent;

    Cells(int count) {
        parent = new int[count];
        for (int i = 0; i < count; i++) {
            parent[i] = i;
        }
    }

    int find(int cell) {
        int root = cell;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Makes two cells one; whether they were not. */
    boolean unite(int a, int b) {
        int first = find(a);
        int second = find(b);
        parent[Math.max(first, second)] = Math.min(first, second);
        return first != second;
    }
}

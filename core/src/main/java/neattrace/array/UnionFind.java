package neattrace.array;

/**
 * Disjoint sets of whole numbers from 0 (R. E. Tarjan, "Efficiency of a Good But Not Linear Set
 * Union Algorithm", J. ACM 22(2), 1975; paths are halved). Not thread-safe.
 */
public final class UnionFind {

    private final int[] parent;

    /** So many sets of one. */
    public UnionFind(int count) {
        parent = new int[count];
        for (int i = 0; i < count; i++) {
            parent[i] = i;
        }
    }

    /** The lowest number in a number's set. */
    public int find(int i) {
        int root = i;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Makes one set of those of two numbers; whether they were two. */
    public boolean unite(int a, int b) {
        int first = find(a);
        int second = find(b);
        parent[Math.max(first, second)] = Math.min(first, second);
        return first != second;
    }

    /** How many numbers there are in the set of each, by its lowest; 0 elsewhere. */
    public int[] sizes() {
        int[] sizes = new int[parent.length];
        for (int i = 0; i < parent.length; i++) {
            sizes[find(i)]++;
        }
        return sizes;
    }
}

package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Cuts a skeleton into nodes (ends and junctions) and the branches between them. */
final class SkeletonGraph {

    private static final int[] DX = {1, 0, -1, 0, 1, -1, -1, 1};
    private static final int[] DY = {0, 1, 0, -1, 1, 1, -1, -1};

    /** A way of so many pixels, ends included, that ends beside its start encloses nothing. */
    private static final int KNOT = 4;

    private final Skeleton skeleton;
    private final Map<Integer, Integer> nodeOf = new HashMap<>();
    private final List<int[]> nodes = new ArrayList<>();
    private final List<Branch> branches = new ArrayList<>();
    private final BitSet walked = new BitSet();

    private SkeletonGraph(Skeleton skeleton) {
        this.skeleton = skeleton;
    }

    static SkeletonGraph of(Skeleton skeleton) {
        SkeletonGraph graph = new SkeletonGraph(skeleton);
        graph.findNodes();
        graph.walkBranches();
        graph.walkRings();
        return graph;
    }

    /** The pixels of each node. */
    List<int[]> nodes() {
        return nodes;
    }

    List<Branch> branches() {
        return branches;
    }

    private void findNodes() {
        BitSet special = new BitSet();
        BitSet pixels = skeleton.pixels();
        for (int i = pixels.nextSetBit(0); i >= 0; i = pixels.nextSetBit(i + 1)) {
            special.set(i, special.get(i) || skeleton.ways(i) != 2);
            square(i, special);
        }
        for (int i = special.nextSetBit(0); i >= 0; i = special.nextSetBit(i + 1)) {
            if (!nodeOf.containsKey(i)) {
                nodes.add(cluster(i, special, nodes.size()));
            }
        }
    }

    /**
     * Where two slanting lines cross, their pixels may meet in a square, of which none has more
     * than two ways.
     */
    private void square(int index, BitSet special) {
        int x = index % skeleton.width();
        int y = index / skeleton.width();
        if (skeleton.at(x + 1, y) && skeleton.at(x, y + 1) && skeleton.at(x + 1, y + 1)) {
            special.set(index, index + 2);
            special.set(index + skeleton.width(), index + skeleton.width() + 2);
        }
    }

    private int[] cluster(int start, BitSet special, int node) {
        List<Integer> members = new ArrayList<>();
        nodeOf.put(start, node);
        members.add(start);
        for (int k = 0; k < members.size(); k++) {
            int index = members.get(k);
            for (int d = 0; d < 8; d++) {
                int next = neighbour(index, d);
                if (next >= 0 && special.get(next) && !nodeOf.containsKey(next)) {
                    nodeOf.put(next, node);
                    members.add(next);
                }
            }
        }
        return members.stream().mapToInt(Integer::intValue).toArray();
    }

    /** The index of a skeleton pixel in direction d, or -1. */
    private int neighbour(int index, int d) {
        int x = index % skeleton.width() + DX[d];
        int y = index / skeleton.width() + DY[d];
        return skeleton.at(x, y) ? y * skeleton.width() + x : -1;
    }

    private void walkBranches() {
        for (int node = 0; node < nodes.size(); node++) {
            for (int pixel : nodes.get(node)) {
                for (int d = 0; d < 8; d++) {
                    int next = neighbour(pixel, d);
                    if (next >= 0 && !nodeOf.containsKey(next) && !walked.get(next)) {
                        Branch branch = walk(node, pixel, next);
                        if (!isKnot(branch)) {
                            branches.add(branch);
                        }
                    }
                }
            }
        }
    }

    /**
     * Whether a branch only leads round a corner of the node it came from, with no hole between.
     */
    private boolean isKnot(Branch branch) {
        int[] pixels = branch.pixels;
        if (branch.from != branch.to || pixels.length > KNOT) {
            return false;
        }
        return isBeside(pixels[0], pixels[pixels.length - 1]);
    }

    private Branch walk(int node, int from, int first) {
        Path path = new Path();
        path.add(from);
        int before = from;
        int here = first;
        while (true) {
            walked.set(here);
            path.add(here);
            int onward = onward(here, before);
            if (onward < 0) {
                return new Branch(node, node, path.pixels(), new int[0]);
            }
            if (nodeOf.containsKey(onward)) {
                path.add(onward);
                return new Branch(node, nodeOf.get(onward), path.pixels(), new int[0]);
            }
            before = here;
            here = onward;
        }
    }

    /**
     * The way on from a pixel of a branch: away from where it came from first, to a node before
     * others, sides before corners; what lies beside the way it came only if there is no other.
     */
    private int onward(int here, int before) {
        int away = onward(here, before, false);
        return away >= 0 ? away : onward(here, before, true);
    }

    private int onward(int here, int before, boolean beside) {
        int plain = -1;
        int back = -1;
        for (int d = 0; d < 8; d++) {
            int next = neighbour(here, d);
            if (next < 0 || next == before || isBeside(next, before) != beside) {
                continue;
            }
            if (!nodeOf.containsKey(next)) {
                plain = plain < 0 && !walked.get(next) ? next : plain;
            } else if (!sameNode(next, before)) {
                return next;
            } else {
                back = next;
            }
        }
        return plain >= 0 ? plain : back;
    }

    private boolean isBeside(int a, int b) {
        int width = skeleton.width();
        return Math.abs(a % width - b % width) <= 1 && Math.abs(a / width - b / width) <= 1;
    }

    private boolean sameNode(int a, int b) {
        Integer nodeA = nodeOf.get(a);
        return nodeA != null && nodeA.equals(nodeOf.get(b));
    }

    private void walkRings() {
        BitSet pixels = skeleton.pixels();
        for (int i = pixels.nextSetBit(0); i >= 0; i = pixels.nextSetBit(i + 1)) {
            if (walked.get(i) || nodeOf.containsKey(i)) {
                continue;
            }
            Path path = new Path();
            int here = i;
            while (here >= 0) {
                walked.set(here);
                path.add(here);
                here = unwalked(here);
            }
            branches.add(new Branch(-1, -1, path.pixels(), new int[0]));
        }
    }

    private int unwalked(int here) {
        for (int d = 0; d < 8; d++) {
            int next = neighbour(here, d);
            if (next >= 0 && !walked.get(next) && !nodeOf.containsKey(next)) {
                return next;
            }
        }
        return -1;
    }

    /** A growing array of pixel indices. */
    private static final class Path {
        private int[] values = new int[32];
        private int size;

        void add(int value) {
            if (size == values.length) {
                values = Arrays.copyOf(values, 2 * size);
            }
            values[size++] = value;
        }

        int[] pixels() {
            return Arrays.copyOf(values, size);
        }
    }
}

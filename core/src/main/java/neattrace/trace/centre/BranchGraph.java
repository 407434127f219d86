package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import neattrace.geom.Point;
import neattrace.trace.Stub;

/** Nodes and branches under the hand: stubs are taken off, forks that are one crossing joined. */
final class BranchGraph {

    /** What sticks out of a line by less than this share of its half width is no branch. */
    private static final double LEAST_OUT = 1;

    /** The same in px: grain. */
    private static final double LEAST_OUT_PX = 1.2;

    /** What sticks out by this share of the half width is more than a blunt end's corner. */
    private static final double BLIP = 0.6;

    /** Forks nearer than this share of the larger one's radius are one crossing. */
    private static final double ONE_CROSSING = 2;

    final List<Point> at = new ArrayList<>();
    final List<Double> radius = new ArrayList<>();
    final List<List<Branch>> branchesAt = new ArrayList<>();
    final List<Branch> rings = new ArrayList<>();
    final List<Stub> stubs = new ArrayList<>();

    private final Skeleton skeleton;
    private final BitSet gone = new BitSet();

    private BranchGraph(Skeleton skeleton) {
        this.skeleton = skeleton;
    }

    static BranchGraph of(Skeleton skeleton) {
        BranchGraph web = new BranchGraph(skeleton);
        SkeletonGraph graph = SkeletonGraph.of(skeleton);
        for (int[] pixels : graph.nodes()) {
            web.addNode(pixels);
        }
        for (Branch branch : graph.branches()) {
            web.attach(branch);
        }
        web.passThrough();
        web.prune();
        web.joinCrossings();
        return web;
    }

    private void addNode(int[] pixels) {
        double x = 0;
        double y = 0;
        double most = 0;
        for (int pixel : pixels) {
            x += pixel % skeleton.width() + 0.5;
            y += pixel / skeleton.width() + 0.5;
            most = Math.max(most, skeleton.radius(pixel));
        }
        at.add(new Point(x / pixels.length, y / pixels.length));
        radius.add(most);
        branchesAt.add(new ArrayList<>());
    }

    private void attach(Branch branch) {
        if (branch.isRing()) {
            rings.add(branch);
            return;
        }
        branchesAt.get(branch.from).add(branch);
        // A loop from a node to itself has two ends there.
        branchesAt.get(branch.to).add(branch);
    }

    private void detach(Branch branch) {
        branchesAt.get(branch.from).remove(branch);
        branchesAt.get(branch.to).remove(branch);
    }

    /** Whether a node is no longer one. */
    boolean isGone(int node) {
        return gone.get(node);
    }

    /** Every branch once, rings too. */
    List<Branch> branches() {
        List<Branch> all = new ArrayList<>(rings);
        for (int node = 0; node < at.size(); node++) {
            boolean loopSeen = false;
            for (Branch branch : branchesAt.get(node)) {
                boolean loop = branch.from == branch.to;
                if (branch.from == node && !(loop && loopSeen)) {
                    all.add(branch);
                }
                loopSeen ^= loop;
            }
        }
        return all;
    }

    private record Candidate(Branch branch, int root, int tip, double out) {}

    private void prune() {
        PriorityQueue<Candidate> queue =
                new PriorityQueue<>(Comparator.comparingDouble(Candidate::out));
        for (Branch branch : branches()) {
            offer(branch, queue);
        }
        while (!queue.isEmpty()) {
            Candidate next = queue.poll();
            boolean alive = branchesAt.get(next.root).contains(next.branch);
            if (alive && branchesAt.get(next.root).size() > 2) {
                take(next, queue);
            }
        }
    }

    private void offer(Branch branch, PriorityQueue<Candidate> queue) {
        if (branch.isRing() || branch.from == branch.to) {
            return;
        }
        boolean fromTip = branchesAt.get(branch.from).size() == 1;
        boolean toTip = branchesAt.get(branch.to).size() == 1;
        if (fromTip == toTip) {
            return;
        }
        int tip = fromTip ? branch.from : branch.to;
        int root = branch.other(tip);
        double out = at.get(tip).distance(at.get(root)) + radius.get(tip) - radius.get(root);
        if (out < Math.max(LEAST_OUT_PX, LEAST_OUT * radius.get(root))) {
            queue.add(new Candidate(branch, root, tip, out));
        }
    }

    /** Takes a stub off; where that leaves another stub alone on a line, both: a blunt end. */
    private void take(Candidate stub, PriorityQueue<Candidate> queue) {
        remove(stub);
        List<Branch> left = branchesAt.get(stub.root);
        if (left.size() != 2) {
            return;
        }
        Branch first = left.get(0);
        Branch second = left.get(1);
        for (Branch other : List.of(first, second)) {
            PriorityQueue<Candidate> also = new PriorityQueue<>(queue.comparator());
            offer(other, also);
            if (!also.isEmpty() && also.peek().root == stub.root) {
                remove(also.poll());
                branchesAt.get(stub.root).forEach(one -> offer(one, queue));
                return;
            }
        }
        Branch joined = pass(stub.root);
        if (!joined.isRing()) {
            offer(joined, queue);
        }
    }

    /** Makes one branch of the two that meet at a node, or a ring of the one that starts there. */
    private Branch pass(int node) {
        Branch first = branchesAt.get(node).get(0);
        Branch second = branchesAt.get(node).get(1);
        detach(first);
        gone.set(node);
        if (first == second) {
            Branch ring = new Branch(-1, -1, first.pixels, first.bends);
            rings.add(ring);
            return ring;
        }
        detach(second);
        Branch in = first.to == node ? first : first.reversed();
        Branch out = second.from == node ? second : second.reversed();
        Branch joined = in.joined(out, true);
        attach(joined);
        return joined;
    }

    private void passThrough() {
        for (int node = 0; node < at.size(); node++) {
            if (branchesAt.get(node).size() == 2) {
                pass(node);
            }
        }
    }

    private void remove(Candidate stub) {
        detach(stub.branch);
        gone.set(stub.tip);
        double rootRadius = radius.get(stub.root);
        if (stub.out > Math.max(LEAST_OUT_PX, BLIP * rootRadius)) {
            stubs.add(new Stub(at.get(stub.root), at.get(stub.tip), stub.out, 2 * rootRadius));
        }
    }

    private void joinCrossings() {
        for (Branch branch : branches()) {
            if (branch.isRing() || branch.from == branch.to) {
                continue;
            }
            int a = branch.from;
            int b = branch.to;
            boolean alive = branchesAt.get(a).contains(branch);
            boolean forks = branchesAt.get(a).size() > 2 && branchesAt.get(b).size() > 2;
            double reach = ONE_CROSSING * Math.max(radius.get(a), radius.get(b));
            if (alive
                    && forks
                    && branch.pixels.length <= 2 * reach + 2
                    && at.get(a).distance(at.get(b)) <= reach) {
                join(branch);
            }
        }
    }

    /** Moves all that meets at a branch's end to its start, and takes the branch away. */
    private void join(Branch between) {
        int stays = between.from;
        int goes = between.to;
        detach(between);
        gone.set(goes);
        at.set(stays, at.get(stays).plus(at.get(goes)).times(0.5));
        radius.set(stays, Math.max(radius.get(stays), radius.get(goes)));
        for (Branch branch : List.copyOf(branchesAt.get(goes))) {
            if (!branchesAt.get(goes).contains(branch)) {
                continue;
            }
            detach(branch);
            attach(
                    new Branch(
                            branch.from == goes ? stays : branch.from,
                            branch.to == goes ? stays : branch.to,
                            branch.pixels,
                            branch.bends));
        }
    }
}

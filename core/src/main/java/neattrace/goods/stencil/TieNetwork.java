package neattrace.goods.stencil;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import neattrace.geom.Point;

/**
 * Chooses ties so that all pieces hold together, each island by two on different sides, at as
 * little cost as can be found: the cheapest tree, more where islands need them, then ties of a few
 * neighbours taken out and laid anew again and again (ruin and recreate: G. Schrimpf et al.,
 * Journal of Computational Physics 159, 2000). The same every time.
 */
final class TieNetwork {

    /** How often ties of a few neighbours are laid anew, in all. */
    private static final int TRIES = 24;

    /** Neighbours whose ties are laid anew together. */
    private static final int TOGETHER = 5;

    /** Costs are taken for so much more or less, at random, when ties are laid anew. */
    private static final double NOISE = 0.3;

    private static final double NOTHING = 1e-9;

    private final TieGraph graph;

    /** Room for lists of ties and of islands, and what is on them already. */
    private final int[] some;

    private final boolean[] tieSeen;
    private final boolean[] islandSeen;

    private TieNetwork(TieGraph graph) {
        this.graph = graph;
        this.some = new int[graph.ties() + graph.pieces];
        this.tieSeen = new boolean[graph.ties()];
        this.islandSeen = new boolean[graph.pieces];
    }

    /** The numbers of the ties that are chosen; those put there by hand are among them. */
    static List<Integer> choose(List<Point> middles, List<Tie> ties) {
        TieGraph graph = new TieGraph(middles, ties);
        TieNetwork network = new TieNetwork(graph);
        int[] all = IntStream.range(0, ties.size()).toArray();
        for (int t : all) {
            if (graph.isByHand(t)) {
                graph.choose(t);
            }
        }
        graph.join(byPrice(all, graph.cost));
        network.hold(IntStream.range(1, middles.size()).toArray(), graph.cost);
        network.prune(all);
        network.layAnew();
        return graph.chosen();
    }

    /** The cheapest first; prices as floats, of equal ones the lower number. */
    private static int[] byPrice(int[] some, double[] price) {
        long[] keys = new long[some.length];
        for (int k = 0; k < some.length; k++) {
            // Floats over 0 are in the order of their bits.
            keys[k] = (long) Float.floatToIntBits((float) price[some[k]]) << 32 | some[k];
        }
        Arrays.sort(keys);
        int[] order = new int[some.length];
        for (int k = 0; k < order.length; k++) {
            order[k] = (int) keys[k];
        }
        return order;
    }

    /** Adds ties until islands are held; what helps two counts double. */
    private void hold(int[] islands, double[] price) {
        int best;
        do {
            best = -1;
            double least = Double.MAX_VALUE;
            for (int p : islands) {
                if (graph.isHeld(p)) {
                    continue;
                }
                for (int t : graph.at[p]) {
                    if (price[t] >= 2 * least) {
                        continue;
                    }
                    int helps = graph.helps(t);
                    if (helps > 0 && price[t] / helps < least) {
                        least = price[t] / helps;
                        best = t;
                    }
                }
            }
            best = best < 0 ? begun(islands, price) : best;
            if (best >= 0) {
                graph.choose(best);
            }
        } while (best >= 0);
    }

    /**
     * The cheapest tie of an island that is not held though no tie lies on another side than those
     * it has: with it another one will. -1 if all are held, or as well as they can be.
     */
    private int begun(int[] islands, double[] price) {
        int best = -1;
        for (int p : islands) {
            for (int t : graph.at[p]) {
                boolean could = !graph.isHeld(p) && !graph.isChosen(t) && graph.hasOpposite(t, p);
                best = could && (best < 0 || price[t] < price[best]) ? t : best;
            }
        }
        return best;
    }

    private void layAnew() {
        if (graph.pieces < 2) {
            return;
        }
        Random random = new Random(1);
        int tries = TRIES;
        double[] price = graph.cost.clone();
        for (int k = 0; k < tries; k++) {
            int[] some = neighbours(1 + random.nextInt(graph.pieces - 1), random);
            int[] theirs = tiesOf(some);
            int[] touched = islandsOf(theirs);
            double before = graph.total();
            graph.mark();
            for (int t : theirs) {
                price[t] = graph.cost[t] * (1 + NOISE * (2 * random.nextDouble() - 1));
                if (!graph.isByHand(t)) {
                    graph.takeOut(t);
                }
            }
            hold(touched, price);
            boolean joined = graph.join(byPrice(theirs, price));
            prune(theirs);
            if (!joined || graph.total() > before - NOTHING || !graph.areHeld(touched)) {
                graph.takeBack();
            }
        }
    }

    private int[] neighbours(int piece, Random random) {
        int[] some = new int[TOGETHER + 1];
        some[0] = piece;
        int n = 1;
        int from = piece;
        for (int k = 0; k < TOGETHER; k++) {
            int[] at = graph.at[from];
            if (at.length == 0) {
                break;
            }
            int tie = at[random.nextInt(at.length)];
            int next = graph.one(tie) == from ? graph.other(tie) : graph.one(tie);
            if (next > 0) {
                some[n++] = next;
                from = random.nextBoolean() ? next : from;
            }
        }
        return Arrays.copyOf(some, n);
    }

    private int[] tiesOf(int[] islands) {
        int n = 0;
        for (int p : islands) {
            for (int t : graph.at[p]) {
                if (!tieSeen[t]) {
                    tieSeen[t] = true;
                    some[n++] = t;
                }
            }
        }
        int[] ties = Arrays.copyOf(some, n);
        for (int t : ties) {
            tieSeen[t] = false;
        }
        return ties;
    }

    private int[] islandsOf(int[] ties) {
        int n = 0;
        for (int t : ties) {
            for (int p = graph.one(t); ; p = graph.other(t)) {
                if (p > 0 && !islandSeen[p]) {
                    islandSeen[p] = true;
                    some[n++] = p;
                }
                if (p == graph.other(t)) {
                    break;
                }
            }
        }
        int[] islands = Arrays.copyOf(some, n);
        for (int p : islands) {
            islandSeen[p] = false;
        }
        return islands;
    }

    /** Takes out those that are not needed, the dearest first. */
    private void prune(int[] some) {
        int[] order = byPrice(chosenOf(some), graph.cost);
        for (int k = order.length - 1; k >= 0; k--) {
            int t = order[k];
            if (graph.isByHand(t)) {
                continue;
            }
            graph.takeOut(t);
            boolean held = graph.isHeld(graph.one(t)) && graph.isHeld(graph.other(t));
            if (!held || !graph.meets(graph.one(t), graph.other(t))) {
                graph.choose(t);
            }
        }
    }

    private int[] chosenOf(int[] ties) {
        int[] chosen = new int[ties.length];
        int n = 0;
        for (int t : ties) {
            if (graph.isChosen(t)) {
                chosen[n++] = t;
            }
        }
        return Arrays.copyOf(chosen, n);
    }
}

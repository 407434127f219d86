package neattrace.press.separate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;

/**
 * Finds fewer inks for a drawing, so that it suffers least where colours meet: what counts is the
 * contrast that is lost there and how far colours move, by how long their edges are. Never worse in
 * any measure than putting the two most alike colours together again and again. Time grows with the
 * cube of the number of colours.
 */
public final class InkMerger {

    private static final int ROUNDS = 200;

    private final ColourGraph graph;
    private final Set<Integer> kept;
    private final double[][] difference;
    private final double[] boundary;

    private InkMerger(ColourGraph graph, Set<Integer> kept) {
        this.graph = graph;
        this.kept = Set.copyOf(kept);
        this.difference = graph.differences();
        this.boundary = graph.boundaries();
    }

    /**
     * The best merging found.
     *
     * @param kept colours that keep their own ink, such as those of lines
     * @param inks how many are left at most; at least as many as are kept, and 1
     */
    public static Merging of(ColourGraph graph, Set<Integer> kept, int inks) {
        return new InkMerger(graph, kept).merge(Math.max(Math.max(1, kept.size()), inks));
    }

    /** Every merging of one colour into another, those that harm least first. */
    public static List<Merging> ranked(ColourGraph graph, Set<Integer> kept) {
        InkMerger merger = new InkMerger(graph, kept);
        List<Merging> all = new ArrayList<>();
        for (int i = 0; i < graph.size(); i++) {
            for (int j = 0; j < graph.size(); j++) {
                if (i != j && !kept.contains(i)) {
                    int[] into = merger.own();
                    into[i] = j;
                    all.add(merger.measured(into));
                }
            }
        }
        all.sort(Comparator.comparingDouble(Merging::cost));
        return all;
    }

    private int[] own() {
        int[] into = new int[graph.size()];
        for (int i = 0; i < into.length; i++) {
            into[i] = i;
        }
        return into;
    }

    private Merging merge(int inks) {
        Merging alike = greedy(inks, (i, j) -> difference[i][j]);
        Merging best = improved(alike, alike);
        Merging gentle = greedy(inks, this::harm);
        for (Merging start : List.of(gentle, improved(gentle, alike))) {
            if (start.isNoWorseThan(alike) && start.cost() < best.cost()) {
                best = start;
            }
        }
        return best;
    }

    /** How much one merging harms by itself. */
    private double harm(int from, int to) {
        int[] into = own();
        into[from] = to;
        return measured(into).cost();
    }

    /** Puts two together again and again; the one that covers less goes into the other. */
    private Merging greedy(int inks, ToDoubleBiFunction<Integer, Integer> cost) {
        int[] into = own();
        while (count(into) > inks) {
            int from = -1;
            int to = -1;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < into.length; i++) {
                for (int j = 0; j < into.length; j++) {
                    boolean pair = i != j && into[i] == i && into[j] == j && !kept.contains(i);
                    if (!pair || !kept.contains(j) && covered(into, i) > covered(into, j)) {
                        continue;
                    }
                    double now = cost.applyAsDouble(i, j);
                    if (now < least) {
                        least = now;
                        from = i;
                        to = j;
                    }
                }
            }
            if (from < 0) {
                break;
            }
            for (int k = 0; k < into.length; k++) {
                into[k] = into[k] == from ? to : into[k];
            }
        }
        return measured(into);
    }

    private double covered(int[] into, int ink) {
        double sum = 0;
        for (int k = 0; k < into.length; k++) {
            sum += into[k] == ink ? graph.squareMm().get(k) : 0;
        }
        return sum;
    }

    /** Single colours go to another ink, or lend theirs to their group, while it gets better. */
    private Merging improved(Merging start, Merging bound) {
        Merging best = start;
        for (int round = 0; round < ROUNDS; round++) {
            Merging next = best;
            for (int[] tried : moves(best)) {
                Merging now = measured(tried);
                boolean allowed = now.isNoWorseThan(bound) || now.isNoWorseThan(best);
                if (allowed && now.cost() < next.cost() - 1e-9) {
                    next = now;
                }
            }
            if (next == best) {
                return best;
            }
            best = next;
        }
        return best;
    }

    private List<int[]> moves(Merging from) {
        List<int[]> moves = new ArrayList<>();
        int[] into = from.into().stream().mapToInt(Integer::intValue).toArray();
        for (int i = 0; i < into.length; i++) {
            for (int j = 0; j < into.length; j++) {
                if (into[i] != i && into[j] == j && into[i] != j) {
                    int[] moved = into.clone();
                    moved[i] = j;
                    moves.add(moved);
                }
                if (into[i] == j && i != j && !kept.contains(j)) {
                    moves.add(renamed(into, j, i));
                }
                if (into[i] == i && into[j] != j && into[j] != i && !kept.contains(i)) {
                    moves.add(exchanged(into, i, j));
                }
            }
        }
        return moves;
    }

    /** The group of an ink takes another of its colours as ink. */
    private static int[] renamed(int[] into, int ink, int other) {
        int[] next = into.clone();
        for (int k = 0; k < next.length; k++) {
            next[k] = next[k] == ink ? other : next[k];
        }
        return next;
    }

    /** One colour gets an ink of its own; the group of another goes where it harms least. */
    private int[] exchanged(int[] into, int gone, int own) {
        int[] next = into.clone();
        next[own] = own;
        for (int k = 0; k < next.length; k++) {
            if (next[k] == gone) {
                int nearest = own;
                for (int j = 0; j < next.length; j++) {
                    boolean ink = j != gone && next[j] == j;
                    if (ink && difference[k][j] < difference[k][nearest]) {
                        nearest = j;
                    }
                }
                next[k] = nearest;
            }
        }
        return next;
    }

    private static int count(int[] into) {
        Set<Integer> inks = new HashSet<>();
        for (int one : into) {
            inks.add(one);
        }
        return inks.size();
    }

    private Merging measured(int[] into) {
        double lost = 0;
        for (ColourGraph.Edge edge : graph.edges()) {
            double was = difference[edge.a()][edge.b()];
            double is = difference[into[edge.a()]][into[edge.b()]];
            lost += edge.lengthMm() * Math.max(0, was - is);
        }
        double moved = 0;
        double open = 0;
        double spread = 0;
        for (int i = 0; i < into.length; i++) {
            moved += difference[i][into[i]] * boundary[i];
            open += difference[i][into[i]] * graph.openMm().get(i);
            spread += difference[i][into[i]] * graph.squareMm().get(i);
        }
        return new Merging(Merging.list(into), lost, moved, open, spread);
    }
}

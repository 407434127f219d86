package neattrace.goods.stencil;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.array.UnionFind;
import neattrace.geom.Point;

/**
 * Pieces and ties while ties are being chosen: which are, what they cost, which islands they hold.
 * Every change can be taken back.
 */
final class TieGraph {

    /** Two ties are on different sides if seen from the middle they lie so far apart. */
    private static final double APART = Math.toRadians(90);

    /** A tie that runs into a third piece, where lines meet, is seen more. */
    private static final double CROWDED = 1.25;

    final int pieces;
    final double[] cost;

    /** The ties that could hold each piece. */
    final int[][] at;

    private final int[] one;
    private final int[] other;
    private final boolean[] byHand;
    private final double[] outOfOne;
    private final double[] outOfOther;
    private final boolean[] sided;
    private final int[] wanted;
    private final boolean[] chosen;
    private final int[][] holding;
    private final int[] count;
    private double total;

    /** Ties set or taken out since the last mark: the tie, or its complement. */
    private int[] log = new int[64];

    private int logged;

    /** In which walk a piece was come to last, and room for walks. */
    private final int[] seen;

    private final int[] stack;
    private int stamp;

    /**
     * A graph without any tie chosen.
     *
     * @param middles of the pieces, mm; the first is the sheet, which needs no ties
     * @param ties that could be
     */
    TieGraph(List<Point> middles, List<Tie> ties) {
        pieces = middles.size();
        one = ties.stream().mapToInt(Tie::one).toArray();
        other = ties.stream().mapToInt(Tie::other).toArray();
        cost =
                ties.stream()
                        .mapToDouble(tie -> (tie.alone() ? 1 : CROWDED) * tie.areaMm2())
                        .toArray();
        byHand = new boolean[ties.size()];
        outOfOne = new double[ties.size()];
        outOfOther = new double[ties.size()];
        int[] sizes = new int[pieces];
        for (int t = 0; t < ties.size(); t++) {
            byHand[t] = ties.get(t).byHand();
            outOfOne[t] = direction(middles.get(one[t]), ties.get(t).middle());
            outOfOther[t] = direction(middles.get(other[t]), ties.get(t).middle());
            sizes[one[t]]++;
            sizes[other[t]]++;
        }
        seen = new int[pieces];
        stack = new int[pieces];
        at = new int[pieces][];
        Arrays.setAll(at, p -> new int[sizes[p]]);
        for (int t = ties.size() - 1; t >= 0; t--) {
            at[one[t]][--sizes[one[t]]] = t;
            at[other[t]][--sizes[other[t]]] = t;
        }
        chosen = new boolean[ties.size()];
        holding = new int[pieces][4];
        count = new int[pieces];
        wanted = new int[pieces];
        sided = new boolean[pieces];
        for (int p = 1; p < pieces; p++) {
            wanted[p] = Math.min(2, at[p].length);
            sided[p] = onTwoSides(p, at[p], at[p].length);
        }
    }

    private static double direction(Point from, Point to) {
        return Math.atan2(to.y() - from.y(), to.x() - from.x());
    }

    int ties() {
        return cost.length;
    }

    int one(int tie) {
        return one[tie];
    }

    int other(int tie) {
        return other[tie];
    }

    boolean isByHand(int tie) {
        return byHand[tie];
    }

    boolean isChosen(int tie) {
        return chosen[tie];
    }

    List<Integer> chosen() {
        return IntStream.range(0, chosen.length).filter(t -> chosen[t]).boxed().toList();
    }

    /** What all chosen ties cost. */
    double total() {
        return total;
    }

    void choose(int tie) {
        if (!chosen[tie]) {
            change(tie);
            note(tie);
        }
    }

    void takeOut(int tie) {
        if (chosen[tie]) {
            change(tie);
            note(~tie);
        }
    }

    private void change(int tie) {
        chosen[tie] = !chosen[tie];
        total += chosen[tie] ? cost[tie] : -cost[tie];
        for (int piece : new int[] {one[tie], other[tie]}) {
            if (chosen[tie]) {
                if (count[piece] == holding[piece].length) {
                    holding[piece] = Arrays.copyOf(holding[piece], 2 * count[piece]);
                }
                holding[piece][count[piece]++] = tie;
            } else {
                int k = 0;
                while (holding[piece][k] != tie) {
                    k++;
                }
                holding[piece][k] = holding[piece][--count[piece]];
            }
        }
    }

    private void note(int entry) {
        if (logged == log.length) {
            log = Arrays.copyOf(log, 2 * logged);
        }
        log[logged++] = entry;
    }

    /** From here on changes can be taken back. */
    void mark() {
        logged = 0;
    }

    /** Takes back all changes since the mark. */
    void takeBack() {
        while (logged > 0) {
            int entry = log[--logged];
            change(entry < 0 ? ~entry : entry);
        }
    }

    /** Whether an island hangs by two ties on different sides, or by as many as there can be. */
    boolean isHeld(int piece) {
        return count[piece] >= wanted[piece]
                && (!sided[piece] || onTwoSides(piece, holding[piece], count[piece]));
    }

    /** How many of its islands a tie brings nearer to being held. */
    int helps(int tie) {
        return chosen[tie] ? 0 : helps(tie, one[tie]) + helps(tie, other[tie]);
    }

    private int helps(int tie, int piece) {
        if (isHeld(piece)) {
            return 0;
        }
        if (count[piece] == 0 || !sided[piece]) {
            return 1;
        }
        for (int k = 0; k < count[piece]; k++) {
            if (apart(piece, tie, holding[piece][k])) {
                return 1;
            }
        }
        return 0;
    }

    /** Whether a piece could have another tie on another side than one. */
    boolean hasOpposite(int tie, int piece) {
        for (int other : at[piece]) {
            if (apart(piece, tie, other)) {
                return true;
            }
        }
        return false;
    }

    private boolean onTwoSides(int piece, int[] some, int n) {
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                if (apart(piece, some[a], some[b])) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean apart(int piece, int a, int b) {
        double turn = Math.abs(out(piece, a) - out(piece, b));
        return Math.min(turn, 2 * Math.PI - turn) >= APART;
    }

    private double out(int piece, int tie) {
        return one[tie] == piece ? outOfOne[tie] : outOfOther[tie];
    }

    /** Whether all islands of a list are held. */
    boolean areHeld(int[] islands) {
        for (int p : islands) {
            if (!isHeld(p)) {
                return false;
            }
        }
        return true;
    }

    /** Whether the chosen ties lead from one piece to another. */
    boolean meets(int from, int to) {
        int mark = ++stamp;
        int size = 0;
        stack[size++] = from;
        seen[from] = mark;
        while (size > 0) {
            int piece = stack[--size];
            for (int k = 0; k < count[piece]; k++) {
                int tie = holding[piece][k];
                int next = one[tie] == piece ? other[tie] : one[tie];
                if (next == to) {
                    return true;
                }
                if (seen[next] != mark) {
                    seen[next] = mark;
                    stack[size++] = next;
                }
            }
        }
        return false;
    }

    /** Joins what is apart by the first of some ties that do; whether all is one then. */
    boolean join(int[] inOrder) {
        UnionFind joined = new UnionFind(pieces);
        int parts = pieces;
        for (int p = 0; p < pieces; p++) {
            for (int k = 0; k < count[p]; k++) {
                parts -= joined.unite(one[holding[p][k]], other[holding[p][k]]) ? 1 : 0;
            }
        }
        for (int k = 0; k < inOrder.length && parts > 1; k++) {
            if (joined.unite(one[inOrder[k]], other[inOrder[k]])) {
                choose(inOrder[k]);
                parts--;
            }
        }
        return parts == 1;
    }
}

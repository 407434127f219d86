package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;

/** Joins the lines of a net to strokes. Time grows with the lines' length. */
public final class StrokeJoiner {

    /** Lines that differ by more in direction do not continue each other. */
    private static final double MOST_BEND = Math.toRadians(35);

    /** Lines more unlike in width than this factor do not continue each other. */
    private static final double MOST_UNLIKE = 2.5;

    /** The direction at a line's end is taken over so many widths, and as many px at least. */
    private static final double REACH = 1.5;

    private final LineNet net;

    /** For each end (twice the line, plus one for its far end) the end it goes on at, or -1. */
    private final int[] onward;

    private StrokeJoiner(LineNet net) {
        this.net = net;
        this.onward = new int[2 * net.lines().size()];
        Arrays.fill(onward, -1);
    }

    /**
     * The strokes; every line of the net is part of exactly one.
     *
     * @return for each stroke the numbers of its lines in order, {@code -1 - number} for a line
     *     that runs against the stroke
     */
    public static List<int[]> order(LineNet net) {
        StrokeJoiner joiner = new StrokeJoiner(net);
        joiner.pair();
        return joiner.walk();
    }

    /** The strokes as lines of their own, with the nodes of the net they came from. */
    public static List<InkLine> join(LineNet net) {
        return order(net).stream().map(order -> joined(net, order)).toList();
    }

    /** One stroke of {@link #order} as a line. */
    public static InkLine joined(LineNet net, int[] order) {
        List<InkLine> parts = new ArrayList<>();
        for (int one : order) {
            parts.add(one >= 0 ? net.lines().get(one) : reversed(net.lines().get(-1 - one)));
        }
        InkLine first = parts.get(0);
        InkLine last = parts.get(parts.size() - 1);
        if (parts.size() == 1) {
            return first;
        }
        boolean closed = first.start() == last.end() && parts.size() > 2;
        return new InkLine(
                concat(parts.stream().map(InkLine::x).toList()),
                concat(parts.stream().map(InkLine::y).toList()),
                concat(parts.stream().map(InkLine::width).toList()),
                closed,
                first.start(),
                last.end());
    }

    /** Neighbours share their meeting sample, which is kept once. */
    private static double[] concat(List<double[]> parts) {
        int total = parts.stream().mapToInt(part -> part.length).sum() - parts.size() + 1;
        double[] all = new double[total];
        int used = 0;
        for (double[] part : parts) {
            int skip = used == 0 ? 0 : 1;
            System.arraycopy(part, skip, all, used, part.length - skip);
            used += part.length - skip;
        }
        return all;
    }

    private static InkLine reversed(InkLine line) {
        return new InkLine(
                reversed(line.x()),
                reversed(line.y()),
                reversed(line.width()),
                line.closed(),
                line.end(),
                line.start());
    }

    private static double[] reversed(double[] values) {
        double[] back = new double[values.length];
        for (int i = 0; i < back.length; i++) {
            back[i] = values[values.length - 1 - i];
        }
        return back;
    }

    private record Pair(int a, int b, double bend) {}

    private void pair() {
        List<List<Integer>> endsAt = new ArrayList<>();
        net.nodes().forEach(node -> endsAt.add(new ArrayList<>()));
        for (int i = 0; i < net.lines().size(); i++) {
            InkLine line = net.lines().get(i);
            if (!line.closed()) {
                endsAt.get(line.start()).add(2 * i);
                endsAt.get(line.end()).add(2 * i + 1);
            }
        }
        for (List<Integer> ends : endsAt) {
            pairAt(ends);
        }
    }

    private void pairAt(List<Integer> ends) {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            for (int k = i + 1; k < ends.size(); k++) {
                double bend = bend(ends.get(i), ends.get(k));
                if (bend < MOST_BEND) {
                    pairs.add(new Pair(ends.get(i), ends.get(k), bend));
                }
            }
        }
        pairs.sort(Comparator.comparingDouble(Pair::bend));
        for (Pair pair : pairs) {
            if (onward[pair.a] < 0 && onward[pair.b] < 0) {
                onward[pair.a] = pair.b;
                onward[pair.b] = pair.a;
            }
        }
    }

    /**
     * How far two ends are from continuing each other, radians; more than any bend if they can't.
     */
    private double bend(int a, int b) {
        double wideA = width(a);
        double wideB = width(b);
        if (Math.max(wideA, wideB) > MOST_UNLIKE * Math.min(wideA, wideB) || a / 2 == b / 2) {
            return Math.PI;
        }
        Point in = outward(a);
        Point out = outward(b).times(-1);
        return Math.abs(Math.atan2(in.cross(out), in.dot(out)));
    }

    private double width(int end) {
        InkLine line = net.lines().get(end / 2);
        int at = (int) Math.min(line.size() - 1.0, reach(line, end));
        return line.width()[end % 2 == 0 ? at : line.size() - 1 - at];
    }

    private static double reach(InkLine line, int end) {
        return Math.max(4, REACH * line.width()[end % 2 == 0 ? 0 : line.size() - 1]);
    }

    /** Towards the node, from beyond where lines are only run on. */
    private Point outward(int end) {
        InkLine line = net.lines().get(end / 2);
        int last = line.size() - 1;
        int near = (int) Math.min(last / 2.0, reach(line, end) / 2);
        int far = (int) Math.min(last, 2 * reach(line, end));
        return end % 2 == 0
                ? line.at(near).minus(line.at(far)).unit()
                : line.at(last - near).minus(line.at(last - far)).unit();
    }

    private List<int[]> walk() {
        List<int[]> strokes = new ArrayList<>();
        boolean[] taken = new boolean[net.lines().size()];
        for (int i = 0; i < taken.length; i++) {
            if (!taken[i]) {
                strokes.add(follow(first(i), taken));
            }
        }
        return strokes;
    }

    /** The end at which the stroke through a line begins; the line's own start in a ring. */
    private int first(int line) {
        int end = 2 * line;
        while (onward[end] >= 0) {
            end = onward[end] ^ 1;
            if (end == 2 * line) {
                break;
            }
        }
        return end;
    }

    private int[] follow(int start, boolean[] taken) {
        int[] order = new int[4];
        int used = 0;
        int end = start;
        while (end >= 0 && !taken[end / 2]) {
            taken[end / 2] = true;
            if (used == order.length) {
                order = Arrays.copyOf(order, 2 * used);
            }
            order[used++] = end % 2 == 0 ? end / 2 : -1 - end / 2;
            end = onward[end ^ 1];
        }
        return Arrays.copyOf(order, used);
    }
}

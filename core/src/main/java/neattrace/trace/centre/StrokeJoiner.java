package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;

/** Joins the lines of a net to strokes. Time grows with the lines' length. */
public final class StrokeJoiner {

    private final LineNet net;

    /** For each end (twice the line, plus one for its far end) the end it goes on at, or -1. */
    private final int[] onward;

    private StrokeJoiner(LineNet net) {
        this.net = net;
        this.onward = net.onward();
    }

    /**
     * The strokes; every line of the net is part of exactly one.
     *
     * @return for each stroke the numbers of its lines in order, {@code -1 - number} for a line
     *     that runs against the stroke
     */
    public static List<int[]> order(LineNet net) {
        return new StrokeJoiner(net).walk();
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
        boolean closed = goesOn(net, order[order.length - 1], order[0]);
        if (parts.size() == 1 && !closed) {
            return first;
        }
        return new InkLine(
                concat(parts.stream().map(InkLine::x).toList(), closed),
                concat(parts.stream().map(InkLine::y).toList(), closed),
                concat(parts.stream().map(InkLine::width).toList(), closed),
                closed,
                first.start(),
                last.end());
    }

    /** Whether the first line of a stroke goes on at the end of its last one. */
    private static boolean goesOn(LineNet net, int last, int first) {
        int end = last >= 0 ? 2 * last + 1 : 2 * (-1 - last);
        int start = first >= 0 ? 2 * first : 2 * (-1 - first) + 1;
        return net.onward()[end] == start;
    }

    /** Neighbours share their meeting sample, which is kept once. */
    private static double[] concat(List<double[]> parts, boolean closed) {
        int joints = parts.size() - (closed ? 0 : 1);
        int total = parts.stream().mapToInt(part -> part.length).sum() - joints;
        double[] all = new double[total];
        int used = 0;
        for (double[] part : parts) {
            int skip = used == 0 ? 0 : 1;
            int count = Math.min(part.length - skip, total - used);
            System.arraycopy(part, skip, all, used, count);
            used += count;
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

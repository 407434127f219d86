package neattrace.trace;

import java.util.List;

/**
 * The lines of a drawing and how they meet, in sheet px.
 *
 * @param lines from node to node
 * @param nodes tips, sharp bends and junctions
 * @param solids ink that is no line
 * @param stubs ink that sticks out of lines
 * @param onward for each end of a line (twice its number, plus one for its far end) the end at
 *     which its stroke goes on, or -1; handed over, not copied, and not to be written to
 */
public record LineNet(
        List<InkLine> lines,
        List<LineNode> nodes,
        List<SolidBlack> solids,
        List<Stub> stubs,
        int[] onward) {

    /** No lines. */
    public static final LineNet EMPTY =
            new LineNet(List.of(), List.of(), List.of(), List.of(), new int[0]);

    public LineNet {
        lines = List.copyOf(lines);
        nodes = List.copyOf(nodes);
        solids = List.copyOf(solids);
        stubs = List.copyOf(stubs);
    }

    /** Half of the lines are usually thinner, px; 0 if there are none. */
    public double usualWidth() {
        double[] widths = lines.stream().mapToDouble(InkLine::usualWidth).sorted().toArray();
        return widths.length == 0 ? 0 : widths[widths.length / 2];
    }

    /** Length of all lines, px. */
    public double length() {
        return lines.stream().mapToDouble(InkLine::length).sum();
    }
}

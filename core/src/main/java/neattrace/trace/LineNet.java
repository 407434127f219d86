package neattrace.trace;

import java.util.List;

/**
 * The lines of a drawing and how they meet, in sheet px.
 *
 * @param lines from node to node
 * @param nodes tips, sharp bends and junctions
 * @param solids ink that is no line
 * @param stubs ink that sticks out of lines
 */
public record LineNet(
        List<InkLine> lines, List<LineNode> nodes, List<SolidBlack> solids, List<Stub> stubs) {

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

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

    /** Length of all lines, px. */
    public double length() {
        return lines.stream().mapToDouble(InkLine::length).sum();
    }
}

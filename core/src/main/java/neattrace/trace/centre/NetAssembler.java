package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.SolidBlack;

/** Makes a net of measured strands: settles their tips and what happens where they meet. */
final class NetAssembler {

    private static final double SHORTEST_PX = 0.01;

    /** Two lines run on one another over no more than so many widths. */
    private static final double LONGEST_SHARED = 6;

    /** A stretch so short, in widths, is part of its meetings. */
    private static final double SHORT_SHARED = 2;

    /** Meetings nearer than this are one, times the smaller one's radius. */
    private static final double ONE_MEETING = 1.5;

    /** Two lines on one another are so many times as wide as one. */
    private static final double WIDER = 1.12;

    /** Both lines come apart if they go on as well as this, radians. */
    private static final double ALIKE = 0.6;

    private final InkMap map;
    private final Probe probe;
    private final BranchGraph web;
    private final List<Strand> strands;
    private final int[] alias;
    private final boolean[] shared;
    private final Approach[] approaches;

    private NetAssembler(InkMap map, BranchGraph web, List<Strand> measured) {
        this.map = map;
        this.probe = new Probe(map);
        this.web = web;
        this.alias = new int[web.at.size()];
        Arrays.setAll(alias, node -> node);
        this.strands = new ArrayList<>();
        for (Strand strand : measured) {
            if (strand.firstKnown() >= 0 && strand.size() > 1) {
                strands.add(strand);
            } else if (!strand.closed && isMeeting(strand.from) && isMeeting(strand.to)) {
                unseen(strand);
            }
        }
        this.shared = new boolean[strands.size()];
        this.approaches = new Approach[2 * strands.size()];
    }

    /**
     * The net.
     *
     * @param measured strands as they were measured
     * @param solids ink that is no line
     */
    static LineNet net(
            InkMap map, BranchGraph web, List<Strand> measured, List<SolidBlack> solids) {
        NetAssembler assembler = new NetAssembler(map, web, measured);
        assembler.tips();
        assembler.comeApart();
        return assembler.assemble(solids);
    }

    /** Nothing of a strand is seen between two meetings: if they are that near they are one. */
    private void unseen(Strand strand) {
        double apart = web.at.get(strand.from).distance(web.at.get(strand.to));
        double least = Math.min(web.radius.get(strand.from), web.radius.get(strand.to));
        if (apart < ONE_MEETING * least) {
            unite(strand.from, strand.to);
        }
    }

    private boolean isMeeting(int node) {
        return web.branchesAt.get(node).size() > 1;
    }

    private int root(int node) {
        int root = node;
        while (alias[root] != root) {
            root = alias[root];
        }
        return root;
    }

    private void unite(int a, int b) {
        int one = root(a);
        int other = root(b);
        if (one != other) {
            alias[other] = one;
            Point middle = web.at.get(one).plus(web.at.get(other)).times(0.5);
            double apart = web.at.get(one).distance(web.at.get(other)) / 2;
            double radius = Math.max(web.radius.get(one), web.radius.get(other));
            web.at.set(one, middle);
            web.radius.set(one, radius + apart);
        }
    }

    private void tips() {
        for (int i = 0; i < strands.size(); i++) {
            Strand strand = strands.get(i);
            if (strand.closed) {
                continue;
            }
            for (boolean atStart : new boolean[] {true, false}) {
                if (!isMeeting(atStart ? strand.from : strand.to)) {
                    Tips.settle(strand, atStart, map);
                }
            }
            for (boolean atStart : new boolean[] {true, false}) {
                if (isMeeting(atStart ? strand.from : strand.to)) {
                    Point from = web.at.get(root(strand.from));
                    Point to = web.at.get(root(strand.to));
                    approaches[2 * i + (atStart ? 0 : 1)] =
                            Approach.of(
                                    strand, i, atStart, atStart ? from : to, atStart ? to : from);
                }
            }
        }
    }

    /** The numbers of the ends at each node, by its root. */
    private List<List<Integer>> endsAt() {
        List<List<Integer>> ends = new ArrayList<>();
        web.at.forEach(node -> ends.add(new ArrayList<>()));
        for (int i = 0; i < strands.size(); i++) {
            Strand strand = strands.get(i);
            if (!strand.closed && !shared[i]) {
                ends.get(root(strand.from)).add(2 * i);
                ends.get(root(strand.to)).add(2 * i + 1);
            }
        }
        return ends;
    }

    /**
     * Two lines that run on one another for a while are seen as one between two forks. Where both
     * sides say so they come apart: each fork's two lines go on as the other's.
     */
    private void comeApart() {
        List<List<Integer>> ends = endsAt();
        for (int i = 0; i < strands.size(); i++) {
            Strand strand = strands.get(i);
            if (strand.closed || root(strand.from) == root(strand.to)) {
                continue;
            }
            List<Integer> here = others(ends, strand.from, i);
            List<Integer> there = others(ends, strand.to, i);
            if (here.size() == 2 && there.size() == 2 && isShared(strand, here, there)) {
                shared[i] = true;
                unite(strand.from, strand.to);
                ends = endsAt();
            }
        }
    }

    private List<Integer> others(List<List<Integer>> ends, int node, int strand) {
        return ends.get(root(node)).stream().filter(end -> end / 2 != strand).toList();
    }

    private boolean isShared(Strand strand, List<Integer> here, List<Integer> there) {
        Approach a = approaches[here.get(0)];
        Approach b = approaches[here.get(1)];
        Approach c = approaches[there.get(0)];
        Approach d = approaches[there.get(1)];
        if (a == null || b == null || c == null || d == null) {
            return false;
        }
        double width = (a.width() + b.width() + c.width() + d.width()) / 4;
        double length = web.at.get(root(strand.from)).distance(web.at.get(root(strand.to)));
        double own = 0;
        for (double rough : strand.rough) {
            own += 2 * rough / strand.rough.length;
        }
        boolean likely =
                length < SHORT_SHARED * width
                        || length < LONGEST_SHARED * width && own > WIDER * width;
        double straight = Math.max(Meeting.unlike(a, c), Meeting.unlike(b, d));
        double crossed = Math.max(Meeting.unlike(a, d), Meeting.unlike(b, c));
        double apart = Math.min(straight, crossed);
        double turned = Math.min(Meeting.unlike(a, b), Meeting.unlike(c, d));
        return likely && apart < ALIKE && apart < turned;
    }

    private LineNet assemble(List<SolidBlack> solids) {
        List<List<Integer>> ends = endsAt();
        Ending[] endings = new Ending[approaches.length];
        int[] onward = new int[approaches.length];
        int[] nodeOf = new int[approaches.length];
        Arrays.fill(onward, -1);
        List<LineNode> nodes = new ArrayList<>();
        for (int node = 0; node < ends.size(); node++) {
            if (ends.get(node).isEmpty()) {
                continue;
            }
            for (int end : ends.get(node)) {
                nodeOf[end] = nodes.size();
            }
            nodes.add(settle(node, ends.get(node), endings, onward));
        }
        int[] number = new int[strands.size()];
        List<InkLine> lines = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            number[i] = lines.size();
            if (!shared[i]) {
                lines.add(line(strands.get(i), i, endings, nodeOf));
            }
        }
        int[] along = new int[2 * lines.size()];
        Arrays.fill(along, -1);
        for (int end = 0; end < onward.length; end++) {
            if (onward[end] >= 0) {
                along[2 * number[end / 2] + end % 2] =
                        2 * number[onward[end] / 2] + onward[end] % 2;
            }
        }
        return new LineNet(lines, nodes, solids, web.stubs, along);
    }

    private LineNode settle(int node, List<Integer> ends, Ending[] endings, int[] onward) {
        int first = ends.get(0);
        if (approaches[first] == null) {
            Strand strand = strands.get(first / 2);
            int last = first % 2 == 0 ? 0 : strand.size() - 1;
            return new LineNode(strand.at(last), strand.width[last] / 2, 1);
        }
        Meeting meeting =
                new Meeting(
                        probe,
                        web.at.get(node),
                        web.radius.get(node),
                        ends.stream().map(end -> approaches[end]).toList());
        meeting.settle();
        for (Bridge bridge : meeting.bridges()) {
            int from = bridge.from.end();
            int to = bridge.to.end();
            onward[from] = to;
            onward[to] = from;
            endings[from] = bridge.first();
            endings[to] = bridge.second();
        }
        for (int end : ends) {
            if (endings[end] == null) {
                endings[end] =
                        straight(approaches[end], meeting.goal(approaches[end], meeting.place()));
            }
        }
        int count = Math.max(ends.size(), web.branchesAt.get(node).size());
        return new LineNode(meeting.place(), web.radius.get(node), count);
    }

    /** From the last place that is known straight on, or as the skeleton leads if that is paper. */
    private Ending straight(Approach end, Point goal) {
        Strand strand = end.strand();
        int last = strand.knownEnd(end.atStart());
        Point from = strand.at(last);
        double wide = usual(strand, last, end.atStart());
        List<double[]> more = new ArrayList<>();
        Point at = from;
        if (!probe.isInk(List.of(from, goal))) {
            int step = end.atStart() ? -1 : 1;
            for (int i = last + step; i >= 0 && i < strand.size(); i += step) {
                at = strand.at(i);
                more.add(new double[] {at.x(), at.y(), wide});
            }
        }
        int steps = (int) Math.max(1, Math.round(at.distance(goal)));
        for (int k = 1; k <= steps; k++) {
            Point place = at.plus(goal.minus(at).times((double) k / steps));
            more.add(new double[] {place.x(), place.y(), wide});
        }
        return new Ending(new double[0][], more);
    }

    /** The usual width of a line next to its end; right at it ink may be pinched or spread. */
    private static double usual(Strand strand, int last, boolean atStart) {
        int count = (int) Math.min(strand.size() / 2.0, Math.max(3, 4 * strand.width[last]));
        double[] widths = new double[Math.max(1, count)];
        for (int k = 0; k < widths.length; k++) {
            widths[k] =
                    strand.width[
                            Math.max(
                                    0, Math.min(strand.size() - 1, atStart ? last + k : last - k))];
        }
        Arrays.sort(widths);
        return widths[widths.length / 2];
    }

    private static InkLine line(Strand strand, int i, Ending[] endings, int[] nodeOf) {
        for (int end = 2 * i; end < 2 * i + 2; end++) {
            if (endings[end] != null) {
                endings[end].apply(strand, end % 2 == 0);
            }
        }
        if (strand.size() == 1) {
            // A dot that is all tip is still a line, if hardly one.
            strand.extend(
                    false,
                    List.of(
                            new double[] {
                                strand.x[0] + SHORTEST_PX, strand.y[0], strand.width[0]
                            }));
        }
        boolean closed = strand.closed;
        return new InkLine(
                strand.x,
                strand.y,
                strand.width,
                closed,
                closed ? -1 : nodeOf[2 * i],
                closed ? -1 : nodeOf[2 * i + 1]);
    }
}

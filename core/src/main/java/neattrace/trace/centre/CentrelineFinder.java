package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.SolidBlack;
import neattrace.trace.Tracer;

/**
 * Finds the lines of a drawing with their widths. Time is linear in pixels plus the length of the
 * lines times their width.
 */
public final class CentrelineFinder {

    /** Ink so many times as wide as the usual line is an area and no line. */
    private static final double SOLID = 3;

    /** No ink narrower than this is a solid area, px. */
    private static final double LEAST_SOLID_PX = 8;

    /** What is so many times as long as wide is a line, however wide. */
    private static final double LEAST_SLENDER = 4;

    /** Larger sheets are looked at in half the size: their lines are many pixels wide. */
    static final int MOST_PIXELS = 60_000_000;

    private static final double SHORTEST_PX = 0.01;

    /** A pull towards where the skeleton forks, beside the directions of the lines. */
    private static final double PULL = 0.02;

    private final InkMap map;
    private final Skeleton skeleton;
    private final BranchGraph web;
    private final List<SolidBlack> solids = new ArrayList<>();

    private CentrelineFinder(InkMap map, Skeleton skeleton) {
        this.map = map;
        this.skeleton = skeleton;
        this.web = BranchGraph.of(skeleton);
    }

    /**
     * Finds them; none in more pieces of ink than {@link Tracer#MOST_PIECES}.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static LineNet find(InkMap map, Progress progress) {
        if (Tracer.isNoise(map)) {
            return new LineNet(List.of(), List.of(), List.of(), List.of());
        }
        if (map.coverage().length > MOST_PIXELS) {
            return Halving.doubled(find(Halving.halved(map), progress));
        }
        Skeleton skeleton = Thinner.thin(map, progress.part(0, 0.7));
        progress.report("Measuring the lines", 0.7);
        return new CentrelineFinder(map, skeleton).net(progress.part(0.7, 1));
    }

    private LineNet net(Progress progress) {
        List<Branch> branches = web.branches();
        double solid = Math.max(LEAST_SOLID_PX, SOLID * usualRadius(branches));
        List<Branch> thin = new ArrayList<>();
        for (Branch branch : branches) {
            if (isLine(branch, solid)) {
                thin.add(branch);
            }
        }
        loneNodes();
        StrandMeasurer measurer = new StrandMeasurer(map, skeleton, web);
        List<Strand> strands =
                thin.parallelStream()
                        .map(measurer::measure)
                        .filter(strand -> strand.firstKnown() >= 0 && strand.size() > 1)
                        .toList();
        progress.report("Measuring the lines", 0.7);
        return assemble(strands);
    }

    /** Half the width that half of all lines' length falls short of. */
    private double usualRadius(List<Branch> branches) {
        int total = branches.stream().mapToInt(branch -> branch.pixels.length).sum();
        double[] radii = new double[total];
        int k = 0;
        for (Branch branch : branches) {
            for (int pixel : branch.pixels) {
                radii[k++] = skeleton.radius(pixel);
            }
        }
        Arrays.sort(radii);
        return total == 0 ? 1 : radii[total / 2];
    }

    /** Ink as wide as it is long, or many times as wide as a line, is an area. */
    private boolean isLine(Branch branch, double solidRadius) {
        double most = 0;
        double sum = 0;
        for (int pixel : branch.pixels) {
            double radius = skeleton.radius(pixel);
            sum += radius;
            most = Math.max(most, radius);
        }
        double mean = sum / branch.pixels.length;
        boolean wide = mean > solidRadius && branch.pixels.length < 2 * LEAST_SLENDER * mean;
        boolean tips =
                !branch.isRing()
                        && web.branchesAt.get(branch.from).size() == 1
                        && web.branchesAt.get(branch.to).size() == 1;
        boolean dot = tips && branch.pixels.length < 2 * most;
        if (wide || dot) {
            solids.add(solid(branch.pixels));
        }
        return !wide && !dot;
    }

    private SolidBlack solid(int[] pixels) {
        double[] x = new double[pixels.length];
        double[] y = new double[pixels.length];
        double[] radius = new double[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            x[i] = pixels[i] % skeleton.width() + 0.5;
            y[i] = pixels[i] / skeleton.width() + 0.5;
            radius[i] = skeleton.radius(pixels[i]);
        }
        return new SolidBlack(x, y, radius);
    }

    /** Ink that shrank to a point is a dot. */
    private void loneNodes() {
        for (int node = 0; node < web.at.size(); node++) {
            if (web.branchesAt.get(node).isEmpty() && !web.isGone(node)) {
                double[] one = {web.radius.get(node)};
                Point at = web.at.get(node);
                solids.add(new SolidBlack(new double[] {at.x()}, new double[] {at.y()}, one));
            }
        }
    }

    private LineNet assemble(List<Strand> strands) {
        int[] number = new int[web.at.size()];
        Arrays.fill(number, -1);
        List<List<End>> ends = new ArrayList<>();
        List<Integer> nodes = new ArrayList<>();
        for (Strand strand : strands) {
            if (!strand.closed) {
                end(strand, true, number, nodes, ends);
                end(strand, false, number, nodes, ends);
            }
        }
        List<LineNode> found = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            found.add(meet(nodes.get(i), ends.get(i)));
        }
        List<InkLine> lines = new ArrayList<>();
        for (Strand strand : strands) {
            boolean closed = strand.closed;
            if (strand.size() == 1) {
                // A dot that is all tip is still a line, if hardly one.
                strand.add(false, strand.at(0).plus(new Point(SHORTEST_PX, 0)), strand.width[0]);
            }
            lines.add(
                    new InkLine(
                            strand.x,
                            strand.y,
                            strand.width,
                            closed,
                            closed ? -1 : number[strand.from],
                            closed ? -1 : number[strand.to]));
        }
        return new LineNet(lines, found, solids, web.stubs);
    }

    private record End(Strand strand, boolean atStart) {}

    private static void end(
            Strand strand,
            boolean atStart,
            int[] number,
            List<Integer> nodes,
            List<List<End>> ends) {
        int node = atStart ? strand.from : strand.to;
        if (number[node] < 0) {
            number[node] = nodes.size();
            nodes.add(node);
            ends.add(new ArrayList<>());
        }
        ends.get(number[node]).add(new End(strand, atStart));
    }

    private LineNode meet(int node, List<End> ends) {
        int meeting = web.branchesAt.get(node).size();
        if (meeting == 1) {
            End end = ends.get(0);
            Tips.settle(end.strand, end.atStart, map);
            int last = end.atStart ? 0 : end.strand.size() - 1;
            return new LineNode(end.strand.at(last), end.strand.width[last] / 2, 1);
        }
        Point place = meeting(node, ends);
        for (End end : ends) {
            runOn(end, place);
        }
        return new LineNode(place, web.radius.get(node), meeting);
    }

    /** The place nearest to all lines run straight on (least squares). */
    private Point meeting(int node, List<End> ends) {
        Point middle = web.at.get(node);
        double xx = PULL;
        double xy = 0;
        double yy = PULL;
        double bx = PULL * middle.x();
        double by = PULL * middle.y();
        for (End end : ends) {
            Point out = end.strand.outward(end.atStart);
            Point from = end.strand.at(end.strand.knownEnd(end.atStart));
            double nx = -out.y();
            double ny = out.x();
            double c = nx * from.x() + ny * from.y();
            xx += nx * nx;
            xy += nx * ny;
            yy += ny * ny;
            bx += nx * c;
            by += ny * c;
        }
        double determinant = xx * yy - xy * xy;
        Point best =
                new Point((yy * bx - xy * by) / determinant, (xx * by - xy * bx) / determinant);
        double reach = web.radius.get(node) + 0.5;
        double off = best.distance(middle);
        return off <= reach ? best : middle.plus(best.minus(middle).times(reach / off));
    }

    /** Leads a line from its last known sample straight to a node. */
    private static void runOn(End end, Point node) {
        Strand strand = end.strand;
        boolean atStart = end.atStart;
        int known = strand.knownEnd(atStart);
        strand.keep(atStart ? known : 0, atStart ? strand.size() - 1 : known);
        int last = atStart ? 0 : strand.size() - 1;
        Point from = strand.at(last);
        double wide = strand.width[last];
        int steps = (int) Math.max(1, Math.round(from.distance(node)));
        for (int k = 1; k <= steps; k++) {
            Point place = from.plus(node.minus(from).times((double) k / steps));
            strand.add(atStart, place, wide);
        }
    }
}

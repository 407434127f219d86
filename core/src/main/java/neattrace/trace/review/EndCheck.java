package neattrace.trace.review;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.mend.LineMender;
import neattrace.trace.review.LineFinding.Kind;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.kdtree.KdNode;
import org.locationtech.jts.index.kdtree.KdTree;

/** Free ends: lines that break, and tips that were cut off. */
final class EndCheck {

    /** A break is no wider than so many widths of its lines. */
    private static final double WIDEST_BREAK = 3;

    /** Ends of one line point at each other within this angle. */
    private static final double FACING = Math.cos(Math.toRadians(35));

    /** A tip cut off is at least this share of the line's usual width. */
    private static final double BLUNT = 0.45;

    /** And the line thins towards it by at least so much a px. */
    private static final double LEAST_SLOPE = 0.06;

    /** Dashes are no longer than so many widths. */
    private static final double DASH_WIDTHS = 14;

    /** So much of its width a line has just before it ends, if it ends straight across. */
    private static final double FLAT = 0.85;

    /** Narrower ends have no shape, px. */
    private static final double LEAST_FLAT_PX = 5;

    private record End(int node, InkLine line, Point at, Point out, double width) {}

    private final LineNet net;
    private final LineMender mender;
    private final InkMap map;
    private final double pxPerMm;

    EndCheck(LineMender mender, InkMap map, double pxPerMm) {
        this.net = mender.net();
        this.mender = mender;
        this.map = map;
        this.pxPerMm = pxPerMm;
    }

    List<LineFinding> findings() {
        List<End> ends = ends();
        KdTree tree = new KdTree();
        ends.forEach(end -> tree.insert(new Coordinate(end.at.x(), end.at.y()), end));
        List<LineFinding> findings = new ArrayList<>();
        List<Break> breaks = new ArrayList<>();
        for (End end : ends) {
            lineBreak(end, tree).ifPresent(breaks::add);
            cutTip(end).ifPresent(findings::add);
        }
        Map<InkLine, Integer> broken = new IdentityHashMap<>();
        for (Break one : breaks) {
            broken.merge(one.from.line, 1, Integer::sum);
            broken.merge(one.to.line, 1, Integer::sum);
        }
        for (Break one : breaks) {
            if (!isDash(one.from.line, broken) && !isDash(one.to.line, broken)) {
                findings.add(one.finding);
            }
        }
        return findings;
    }

    private record Break(End from, End to, LineFinding finding) {}

    /** Short lines that break off at both ends are a dashed line, which is meant. */
    private static boolean isDash(InkLine line, Map<InkLine, Integer> broken) {
        return broken.get(line) > 1 && line.length() < DASH_WIDTHS * line.usualWidth();
    }

    private List<End> ends() {
        List<End> ends = new ArrayList<>();
        for (InkLine line : net.lines()) {
            if (line.closed()) {
                continue;
            }
            add(line, true, ends);
            add(line, false, ends);
        }
        return ends;
    }

    private void add(InkLine line, boolean start, List<End> ends) {
        int node = start ? line.start() : line.end();
        LineNode tip = net.nodes().get(node);
        if (!tip.isTip()) {
            return;
        }
        int n = line.size();
        double usual = line.usualWidth();
        int back = (int) Math.min(n - 1.0, Math.max(4, 2 * usual));
        Point end = line.at(start ? 0 : n - 1);
        Point inner = line.at(start ? back : n - 1 - back);
        ends.add(new End(node, line, end, end.minus(inner).unit(), usual));
    }

    private Optional<Break> lineBreak(End end, KdTree tree) {
        double most = WIDEST_BREAK * end.width + 2 * end.width;
        Envelope box = new Envelope(new Coordinate(end.at.x(), end.at.y()));
        box.expandBy(most);
        End best = null;
        double least = most;
        for (Object found : tree.query(box)) {
            End other = (End) ((KdNode) found).getData();
            if (other.node == end.node) {
                continue;
            }
            Point between = other.at.minus(end.at);
            double way = between.length();
            Point towards = between.unit();
            boolean facing = end.out.dot(towards) > FACING && other.out.dot(towards) < -FACING;
            if (facing && way < least) {
                best = other;
                least = way;
            }
        }
        // Each break is found from both its ends; the one with the lower number tells it.
        if (best == null || best.node < end.node) {
            return Optional.empty();
        }
        double gap = Math.max(0, least - radius(end) - radius(best));
        if (gap > WIDEST_BREAK * Math.max(end.width, best.width)) {
            return Optional.empty();
        }
        Point from = end.at.times(1 / pxPerMm);
        Point to = best.at.times(1 / pxPerMm);
        Optional<InkEdit> fix = mender.join(from, to, 0.5 * end.width / pxPerMm);
        Point middle = from.plus(to).times(0.5);
        LineFinding finding = new LineFinding(Kind.BREAK, middle, from, to, gap / pxPerMm, fix);
        return Optional.of(new Break(end, best, finding));
    }

    private double radius(End end) {
        return net.nodes().get(end.node).radius();
    }

    private Optional<LineFinding> cutTip(End end) {
        InkLine line = end.line;
        int n = line.size();
        boolean start = end.node == line.start();
        int reach = (int) Math.min(n / 2.0, 4 * end.width);
        if (reach < 8) {
            return Optional.empty();
        }
        double near = mean(line, start, 1, reach / 4);
        double far = mean(line, start, reach - reach / 4, reach);
        double slope = (far - near) / (reach * 0.75);
        double beyond = slope <= 0 ? Double.MAX_VALUE : near / slope;
        boolean cut =
                near > Math.max(LEAST_FLAT_PX, BLUNT * end.width)
                        && slope > LEAST_SLOPE
                        && beyond > 1.2 * near
                        && beyond < 4 * reach;
        if (!cut || offSheet(end) || !isFlat(end, near)) {
            return Optional.empty();
        }
        Point point = end.at.plus(end.out.times(beyond));
        PenTrack track =
                new PenTrack(
                        new double[] {end.at.x(), point.x()},
                        new double[] {end.at.y(), point.y()},
                        new double[] {near, 1});
        Point at = end.at.times(1 / pxPerMm);
        InkEdit edit = new InkEdit("Tip drawn out", at, List.of(), List.of(track.onPage(pxPerMm)));
        return Optional.of(
                new LineFinding(
                        Kind.CUT_TIP,
                        at,
                        at,
                        point.times(1 / pxPerMm),
                        near / pxPerMm,
                        Optional.of(edit)));
    }

    /** Whether a line ends straight across, as no pen does. */
    private boolean isFlat(End end, double width) {
        double way = 0;
        while (way < 2 * width && isInk(end.at.plus(end.out.times(way)))) {
            way += 0.25;
        }
        Point inside = end.at.plus(end.out.times(way - Math.max(1, 0.1 * width)));
        Point across = new Point(-end.out.y(), end.out.x());
        double wide = 0;
        for (int side = -1; side <= 1; side += 2) {
            double reach = 0;
            while (reach < width && isInk(inside.plus(across.times(side * reach)))) {
                reach += 0.25;
            }
            wide += reach;
        }
        return wide > FLAT * width;
    }

    private boolean isInk(Point at) {
        return map.isInk((int) Math.floor(at.x()), (int) Math.floor(at.y()));
    }

    private static double mean(InkLine line, boolean start, int from, int to) {
        double sum = 0;
        int n = line.size();
        for (int k = from; k <= to; k++) {
            sum += line.width()[start ? k : n - 1 - k];
        }
        return sum / (to - from + 1);
    }

    /** What ends at the edge of the sheet was cut by the crop. */
    private boolean offSheet(End end) {
        double rim = end.width + 2;
        return end.at.x() < rim
                || end.at.y() < rim
                || end.at.x() > map.width() - rim
                || end.at.y() > map.height() - rim;
    }
}

package neattrace.trace.review;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.Stub;
import neattrace.trace.centre.LineIndex;
import neattrace.trace.mend.LineMender;
import neattrace.trace.review.LineFinding.Kind;
import org.locationtech.jts.geom.Envelope;

/** The shape of lines: nubs, dents, corners that have run full. */
final class ShapeCheck {

    /** A dent leaves less than this share of the width on both sides of it. */
    private static final double DENT = 0.62;

    /** A nub makes the line wider than both sides by this factor. */
    private static final double NUB = 1.3;

    /** Neither is longer than so many widths. */
    private static final double LONGEST_BUMP = 2.5;

    /** Smaller ones are grain, px. */
    private static final double LEAST_BUMP_PX = 1.2;

    /** A width this near to the sound one, as a share of it, is sound. */
    private static final double SETTLED = 0.04;

    /** A corner has run full if paper begins so many widths later than between straight edges. */
    private static final double FULL_WIDTHS = 1.5;

    /** Where a line turns by more its corner sticks out by right, radians. */
    private static final double CORNER = Math.toRadians(30);

    private static final double SHARPEST = Math.toRadians(15);
    private static final double BLUNTEST = Math.toRadians(80);

    /** A nub's root lies no farther from its line's ink, px. */
    private static final double ON_LINE_PX = 1;

    private final LineNet net;
    private final LineMender mender;
    private final InkMap map;
    private final double pxPerMm;

    ShapeCheck(LineMender mender, InkMap map, double pxPerMm) {
        this.net = mender.net();
        this.mender = mender;
        this.map = map;
        this.pxPerMm = pxPerMm;
    }

    List<LineFinding> findings() {
        List<LineFinding> findings = new ArrayList<>();
        double usual = net.usualWidth();
        for (Stub stub : net.stubs()) {
            // What a black sticks out by farther than lines are wide was drawn.
            if (stub.out() > usual || isCorner(stub)) {
                continue;
            }
            Point tip = stub.tip().times(1 / pxPerMm);
            findings.add(
                    new LineFinding(
                            Kind.NUB,
                            tip,
                            stub.root().times(1 / pxPerMm),
                            tip,
                            stub.out() / pxPerMm,
                            Optional.of(mender.takeAway(stub))));
        }
        for (int i = 0; i < net.lines().size(); i++) {
            bumps(i, findings);
        }
        List<List<End>> ends = new ArrayList<>();
        net.nodes().forEach(node -> ends.add(new ArrayList<>()));
        for (InkLine line : net.lines()) {
            if (!line.closed()) {
                ends.get(line.start()).add(end(line, true));
                ends.get(line.end()).add(end(line, false));
            }
        }
        for (int i = 0; i < ends.size(); i++) {
            if (net.nodes().get(i).isJunction()) {
                corners(net.nodes().get(i), ends.get(i), findings);
            }
        }
        return findings;
    }

    /** Places where the width leaves that of both sides for a moment. */
    private void bumps(int number, List<LineFinding> findings) {
        InkLine line = net.lines().get(number);
        double[] width = withNubs(line);
        int n = width.length;
        double usual = line.usualWidth();
        int side = (int) Math.ceil(2 * usual) + 3;
        int first = line.closed() ? side : rim(line.start(), usual);
        int last = n - 1 - (line.closed() ? side : rim(line.end(), usual));
        for (int i = Math.max(1, first); i < Math.min(n - 1, last); i++) {
            boolean lowest = width[i] <= width[i - 1] && width[i] < width[i + 1];
            boolean highest = width[i] >= width[i - 1] && width[i] > width[i + 1];
            if (!lowest && !highest) {
                continue;
            }
            double before = median(width, i - side, i - 1);
            double after = median(width, i + 1, i + side);
            double least = Math.min(before, after);
            double most = Math.max(before, after);
            if (lowest && width[i] < DENT * least && least - width[i] > LEAST_BUMP_PX) {
                i = bump(Kind.DENT, number, width, i, least, findings);
            } else if (highest
                    && width[i] > NUB * most
                    && width[i] - most > LEAST_BUMP_PX
                    && !isBesideAnother(number, i, most)) {
                i = bump(Kind.NUB, number, width, i, most, findings);
            }
        }
    }

    /** Whether what makes a line wider at a sample is the ink of another one that meets it. */
    private boolean isBesideAnother(int number, int i, double wide) {
        InkLine line = net.lines().get(number);
        Point along = line.at(Math.min(line.size() - 1, i + 2)).minus(line.at(Math.max(0, i - 2)));
        Point across = new Point(-along.y(), along.x()).unit().times(wide / 2 + LEAST_BUMP_PX);
        return isOnAnother(number, line.at(i).plus(across))
                || isOnAnother(number, line.at(i).minus(across));
    }

    private boolean isOnAnother(int number, Point place) {
        if (!isInk(place.x(), place.y())) {
            return false;
        }
        Envelope box = new Envelope(place.x(), place.x(), place.y(), place.y());
        box.expandBy(1);
        for (LineIndex.Run run : mender.index().near(box)) {
            InkLine line = net.lines().get(run.line());
            for (int k = run.from(); run.line() != number && k <= run.to(); k++) {
                if (line.at(k).distance(place) < line.width()[k] / 2 + 1) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How far from a node its own shape is seen in a line's width, samples. */
    private int rim(int node, double usual) {
        return (int) Math.ceil(Math.max(2 * usual, 2.5 * net.nodes().get(node).radius())) + 2;
    }

    /** Tells of a bump at sample i; the sample to go on from. */
    private int bump(
            Kind kind,
            int number,
            double[] width,
            int i,
            double sound,
            List<LineFinding> findings) {
        InkLine line = net.lines().get(number);
        int from = i;
        int to = i;
        int most = (int) (LONGEST_BUMP * sound) + 4;
        while (from > 0 && i - from <= most && isOff(width[from], sound)) {
            from--;
        }
        while (to < line.size() - 1 && to - i <= most && isOff(width[to], sound)) {
            to++;
        }
        if (to - from > most) {
            return i;
        }
        String what = kind == Kind.DENT ? "Dent filled" : "Nub taken off";
        Point at = line.at(i).times(1 / pxPerMm);
        double wiped = sound + 2 * Math.max(0, width[i] - sound) + 2;
        findings.add(
                new LineFinding(
                        kind,
                        at,
                        line.at(from).times(1 / pxPerMm),
                        line.at(to).times(1 / pxPerMm),
                        Math.abs(sound - width[i]) / pxPerMm,
                        Optional.of(mender.evenOut(what, number, from, to, sound, wiped))));
        return Math.max(i, to);
    }

    /** The line's widths, and where ink sticks out of it, all of the ink across. */
    private double[] withNubs(InkLine line) {
        double[] width = line.width().clone();
        for (int i = 2; i < width.length - 2; i++) {
            Point along = line.at(i + 2).minus(line.at(i - 2)).unit();
            double most = width[i] * LONGEST_BUMP / 2 + 2;
            double left = reach(line, i, -along.y(), along.x(), most);
            double right = reach(line, i, along.y(), -along.x(), most);
            boolean bounded = !turns(line, i) && left < most && right < most;
            if (bounded && left + right > width[i] + 2 * LEAST_BUMP_PX) {
                width[i] = left + right;
            }
        }
        return width;
    }

    /** Whether the line that comes nearest to a stub turns a corner there. */
    private boolean isCorner(Stub stub) {
        // The middle of a rounded corner runs within the place where its sides would meet.
        double reach = Math.max(ON_LINE_PX, stub.lineWidth() / 2);
        return mender.index()
                .nearest(stub.root(), reach)
                .filter(spot -> turns(net.lines().get(spot.line()), spot.sample()))
                .isPresent();
    }

    /** Whether a line turns a corner within its own width of a sample. */
    private static boolean turns(InkLine line, int i) {
        int n = line.size();
        int near = (int) Math.ceil(0.7 * line.width()[i]) + 2;
        int before = Math.max(0, i - 2 * near);
        int after = Math.min(n - 1, i + 2 * near);
        Point in = line.at(Math.max(0, i - near)).minus(line.at(before));
        Point out = line.at(after).minus(line.at(Math.min(n - 1, i + near)));
        if (in.length() == 0 || out.length() == 0) {
            return false;
        }
        return Math.abs(Math.atan2(in.cross(out), in.dot(out))) > CORNER;
    }

    private double reach(InkLine line, int i, double dx, double dy, double most) {
        double way = 0;
        while (way < most && isInk(line.x()[i] + way * dx, line.y()[i] + way * dy)) {
            way += 0.25;
        }
        return way;
    }

    private static boolean isOff(double width, double sound) {
        return Math.abs(width - sound) > SETTLED * sound;
    }

    private static double median(double[] values, int from, int to) {
        double[] part =
                Arrays.copyOfRange(
                        values, Math.max(0, from), Math.min(values.length, Math.max(from, to) + 1));
        Arrays.sort(part);
        return part[part.length / 2];
    }

    /** How a line leaves a node: its direction and its width farther out. */
    private record End(Point tip, double angle, double width) {

        /** Whether it leads to the node itself, not past it as one of several lines do. */
        boolean isAt(LineNode node) {
            return tip.distance(node.at()) < Math.max(2, width / 4);
        }
    }

    private static End end(InkLine line, boolean start) {
        int n = line.size();
        double usual = line.usualWidth();
        int near = (int) Math.min(n / 3.0, Math.max(3, usual));
        int far = (int) Math.min(n - 1.0, Math.max(6, 4 * usual));
        Point a = line.at(start ? near : n - 1 - near);
        Point b = line.at(start ? far : n - 1 - far);
        Point tip = line.at(start ? 0 : n - 1);
        return new End(tip, b.minus(a).angle(), line.width()[start ? far : n - 1 - far]);
    }

    private void corners(LineNode node, List<End> ends, List<LineFinding> findings) {
        List<End> round = new ArrayList<>(ends);
        round.sort(Comparator.comparingDouble(End::angle));
        for (int i = 0; i < round.size(); i++) {
            End one = round.get(i);
            End next = round.get((i + 1) % round.size());
            double angle = next.angle - one.angle + (i + 1 == round.size() ? 2 * Math.PI : 0);
            boolean together = one.isAt(node) && next.isAt(node);
            if (together && angle > SHARPEST && angle < BLUNTEST) {
                corner(node, one, angle, Math.max(one.width, next.width), findings);
            }
        }
    }

    private void corner(
            LineNode node, End one, double angle, double width, List<LineFinding> findings) {
        double middle = one.angle + angle / 2;
        double dx = Math.cos(middle);
        double dy = Math.sin(middle);
        double straight = Math.max(node.radius(), width / 2 / Math.sin(angle / 2));
        double most = straight + 6 * width;
        double way = 0;
        while (way < most && isInk(node.at().x() + way * dx, node.at().y() + way * dy)) {
            way += 0.5;
        }
        double over = way - straight;
        double least = Math.max(3, FULL_WIDTHS * width);
        if (way >= most || over < least) {
            return;
        }
        int spare = 0;
        for (double s = straight; s < way; s++) {
            spare += isOnLine(node.at().plus(new Point(dx, dy).times(s))) ? 0 : 1;
        }
        if (spare < least) {
            return;
        }
        Point from = node.at().plus(new Point(dx, dy).times(straight)).times(1 / pxPerMm);
        Point to = node.at().plus(new Point(dx, dy).times(way)).times(1 / pxPerMm);
        findings.add(
                new LineFinding(
                        Kind.FILLED_CORNER,
                        from.plus(to).times(0.5),
                        from,
                        to,
                        over / pxPerMm,
                        Optional.of(open(from, to, angle, over))));
    }

    /** Whether ink at a place is that of a line as wide as it is there. */
    private boolean isOnLine(Point place) {
        return mender.index()
                .nearest(place, net.usualWidth())
                .filter(
                        spot -> {
                            InkLine line = net.lines().get(spot.line());
                            double half = line.width()[spot.sample()] / 2;
                            return line.at(spot.sample()).distance(place) < half + 1;
                        })
                .isPresent();
    }

    /** A wedge of paper from where straight edges would meet to where paper begins. */
    private InkEdit open(Point from, Point to, double angle, double overPx) {
        double wide = 2 * overPx * Math.tan(angle / 2) / pxPerMm;
        return new InkEdit(
                "Corner opened",
                from,
                List.of(
                        new InkShape.Stroke(
                                new double[] {from.x(), to.x()},
                                new double[] {from.y(), to.y()},
                                new double[] {0.5 / pxPerMm, wide})),
                List.of());
    }

    private boolean isInk(double x, double y) {
        return map.isInk((int) Math.floor(x), (int) Math.floor(y));
    }
}

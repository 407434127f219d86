package neattrace.region.tree;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Freehand;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.Join;
import neattrace.region.tree.Slice.Verdict;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Cuts areas along lines drawn by hand. */
public final class Knife {

    /** An end this near to ink is run on to it, mm (common practice, no source). */
    public static final double SNAP_MM = 1.5;

    /** A line shorter than this is a dot, px. */
    private static final double DOT_PX = 4;

    /** So far into the ink a cut runs, px. */
    private static final double INTO_INK_PX = 1.5;

    /** Shorter stretches of paper on a cut are the edge of ink, px. */
    private static final int LEAST_STRETCH_PX = 3;

    /** The end's direction is taken over so many px. */
    private static final int HEADING_PX = 12;

    /** How far a line's corners may be moved, px. */
    private static final double TOLERANCE_PX = 0.15;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final InkMap ink;
    private final double pxPerMm;
    private final double framePx;

    /**
     * A knife for a sheet.
     *
     * @param frameMm how far inside the sheet's edge a frame lies; it counts as ink. Below 0 for
     *     none: then the sheet's edge counts as ink
     */
    public Knife(InkMap ink, double pxPerMm, double frameMm) {
        this.ink = ink;
        this.pxPerMm = pxPerMm;
        this.framePx = Math.max(0, frameMm * pxPerMm);
    }

    /**
     * The cut along a drawn line.
     *
     * @param drawnMm the hand's line, mm
     * @param reachMm how far from ink its ends may stop and still be run on to it
     */
    public Slice cut(List<Point> drawnMm, double reachMm) {
        Point middleMm = drawnMm.get(drawnMm.size() / 2);
        List<Point> line =
                new ArrayList<>(
                        Freehand.smoothed(drawnMm.stream().map(p -> p.times(pxPerMm)).toList()));
        if (length(line) < DOT_PX) {
            return no(Verdict.A_DOT, 0, middleMm);
        }
        if (line.stream().noneMatch(this::isOnSheet)) {
            return no(Verdict.OFF_THE_SHEET, 0, middleMm);
        }
        if (line.stream().allMatch(this::isWall)) {
            return no(Verdict.ALONG_A_LINE, 0, middleMm);
        }
        for (int end = 0; end < 2; end++) {
            Collections.reverse(line);
            dropOvershoot(line);
            trimToInk(line);
            Point last = line.get(line.size() - 1);
            if (isWall(last)) {
                continue;
            }
            Optional<Point> on = ahead(line, reachMm * pxPerMm);
            if (on.isEmpty()) {
                on = nearest(last, reachMm * pxPerMm);
            }
            if (on.isEmpty()) {
                double far = Math.hypot(ink.width(), ink.height());
                double away = nearest(last, far).map(p -> p.distance(last)).orElse(far);
                return no(Verdict.STOPS_SHORT, away / pxPerMm, last.times(1 / pxPerMm));
            }
            line.add(on.get().plus(on.get().minus(last).unit().times(INTO_INK_PX)));
        }
        return new Slice(Verdict.THROUGH, Optional.of(new Join(few(line))), 0, middleMm);
    }

    private static Slice no(Verdict verdict, double shortMm, Point at) {
        return new Slice(verdict, Optional.empty(), shortMm, at);
    }

    /**
     * Whether a cut parts anything: somewhere along it there are different areas to its two sides.
     *
     * @param areas as they are with the cut
     */
    public boolean parts(Join cut, AreaMap areas) {
        List<Point> line = Freehand.even(cut.line().stream().map(p -> p.times(pxPerMm)).toList());
        for (int i = 1; i + 1 < line.size(); i++) {
            if (!isWall(line.get(i))) {
                Point across = across(line, i).times(2.5);
                var left = areas.at(line.get(i).plus(across));
                var right = areas.at(line.get(i).minus(across));
                if (left.isPresent() && right.isPresent() && !left.equals(right)) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Places beside a cut, mm: for each stretch of paper that it runs through, one on each side of
     * its middle. By these, both parts can be given what the area had.
     */
    public List<Point> sides(Join cut) {
        List<Point> line = Freehand.even(cut.line().stream().map(p -> p.times(pxPerMm)).toList());
        List<Point> sides = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= line.size(); i++) {
            if (i == line.size() || isWall(line.get(i))) {
                if (i - from >= LEAST_STRETCH_PX) {
                    beside(line, (from + i - 1) / 2, sides);
                }
                from = i + 1;
            }
        }
        return sides;
    }

    private void beside(List<Point> line, int middle, List<Point> sides) {
        Point across = across(line, middle);
        for (int side = -1; side <= 1; side += 2) {
            Point at = line.get(middle);
            double reach = 2.5;
            while (reach < 3 * pxPerMm && !isWall(at.plus(across.times(side * (reach + 2))))) {
                reach++;
            }
            sides.add(at.plus(across.times(side * Math.max(2, reach / 2 + 1))).times(1 / pxPerMm));
        }
    }

    private static Point across(List<Point> line, int i) {
        Point along =
                line.get(Math.min(line.size() - 1, i + 2)).minus(line.get(Math.max(0, i - 2)));
        return new Point(-along.y(), along.x()).unit();
    }

    /** What a hand drew beyond the last line, if it is short, was not meant. */
    private void dropOvershoot(List<Point> line) {
        int paper = 0;
        while (paper < line.size() && !isWall(line.get(line.size() - 1 - paper))) {
            paper++;
        }
        if (paper > 0 && paper < line.size() && paper <= SNAP_MM * pxPerMm) {
            line.subList(line.size() - paper, line.size()).clear();
        }
    }

    /** Of a stretch that ends within ink, only the beginning is needed. */
    private void trimToInk(List<Point> line) {
        int end = line.size() - 1;
        while (end > 0 && isWall(line.get(end)) && isWall(line.get(end - 1))) {
            end--;
        }
        int keep = Math.min(line.size(), end + 1 + (int) Math.ceil(INTO_INK_PX));
        line.subList(keep, line.size()).clear();
    }

    /** Ink straight ahead of the line's end. */
    private Optional<Point> ahead(List<Point> line, double reachPx) {
        Point last = line.get(line.size() - 1);
        Point back = line.get(Math.max(0, line.size() - 1 - HEADING_PX));
        Point heading = last.minus(back).unit();
        for (double gone = 0.5; gone <= reachPx; gone += 0.5) {
            Point at = last.plus(heading.times(gone));
            if (isWall(at)) {
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    private Optional<Point> nearest(Point from, double reachPx) {
        for (double radius = 1; radius <= reachPx; radius++) {
            int places = (int) Math.ceil(2 * Math.PI * radius);
            for (int k = 0; k < places; k++) {
                double angle = 2 * Math.PI * k / places;
                Point at = from.plus(new Point(Math.cos(angle), Math.sin(angle)).times(radius));
                if (isWall(at)) {
                    return Optional.of(at);
                }
            }
        }
        return Optional.empty();
    }

    private boolean isOnSheet(Point px) {
        return px.x() >= framePx
                && px.y() >= framePx
                && px.x() < ink.width() - framePx
                && px.y() < ink.height() - framePx;
    }

    private boolean isWall(Point px) {
        return !isOnSheet(px) || ink.isInk((int) Math.floor(px.x()), (int) Math.floor(px.y()));
    }

    private static double length(List<Point> line) {
        double length = 0;
        for (int i = 1; i < line.size(); i++) {
            length += line.get(i).distance(line.get(i - 1));
        }
        return length;
    }

    private List<Point> few(List<Point> line) {
        Coordinate[] places =
                line.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        Coordinate[] few =
                DouglasPeuckerSimplifier.simplify(FACTORY.createLineString(places), TOLERANCE_PX)
                        .getCoordinates();
        return Arrays.stream(few).map(c -> new Point(c.x, c.y).times(1 / pxPerMm)).toList();
    }
}

package neattrace.sheet.review;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.ink.InkReading;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Finds a sheet on a darker ground. */
public final class SheetCorners {

    /** So much of the picture's border must be dark for a ground to be there at all. */
    private static final double DARK_BORDER = 0.6;

    /** A sheet fills at least this share of the picture. */
    private static final double LEAST_SHEET = 0.2;

    /** Between its corners a stretch is looked at without this share at either end. */
    private static final double NEAR_CORNER = 0.08;

    /** The corners are drawn in by this share of the sheet, so that no dark rim stays. */
    private static final double INSET = 0.004;

    private SheetCorners() {}

    /**
     * The sheet's corners in px of the source, from the upper left clockwise; empty if the sheet
     * fills the picture or is not four-cornered.
     */
    public static Optional<List<Point>> find(InkReading reading) {
        InkMap map = reading.map();
        if (darkBorder(map) < DARK_BORDER) {
            return Optional.empty();
        }
        Coordinate[] hull = hull(map);
        if (hull.length < 5) {
            return Optional.empty();
        }
        int[] cut = outermost(hull);
        List<double[]> lines = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            lines.add(line(hull, cut[side], cut[(side + 1) % 4]));
        }
        List<Point> corners = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            Point corner = meeting(lines.get((k + 3) % 4), lines.get(k));
            if (corner == null) {
                return Optional.empty();
            }
            corners.add(corner);
        }
        return checked(inset(corners), reading);
    }

    private static double darkBorder(InkMap map) {
        int w = map.width();
        int h = map.height();
        long dark = 0;
        for (int x = 0; x < w; x++) {
            dark += (map.isInk(x, 0) ? 1 : 0) + (map.isInk(x, h - 1) ? 1 : 0);
        }
        for (int y = 0; y < h; y++) {
            dark += (map.isInk(0, y) ? 1 : 0) + (map.isInk(w - 1, y) ? 1 : 0);
        }
        return dark / (2.0 * (w + h));
    }

    /** The hull of the largest stretch of paper, clockwise as seen with y down. */
    private static Coordinate[] hull(InkMap map) {
        RunLabels paper = RunLabels.of(map, false, false);
        int largest = -1;
        for (int part = 0; part < paper.count(); part++) {
            if (largest < 0 || paper.size(part) > paper.size(largest)) {
                largest = part;
            }
        }
        if (largest < 0
                || paper.size(largest) < LEAST_SHEET * map.width() * (double) map.height()) {
            return new Coordinate[0];
        }
        int sheet = largest;
        int[] first = new int[map.height()];
        int[] last = new int[map.height()];
        Arrays.fill(first, Integer.MAX_VALUE);
        paper.forEachRun(
                (y, from, to, part) -> {
                    if (part == sheet) {
                        first[y] = Math.min(first[y], from);
                        last[y] = Math.max(last[y], to);
                    }
                });
        List<Coordinate> rim = new ArrayList<>();
        for (int y = 0; y < first.length; y++) {
            if (first[y] < Integer.MAX_VALUE) {
                rim.add(new Coordinate(first[y], y + 0.5));
                rim.add(new Coordinate(last[y], y + 0.5));
            }
        }
        Coordinate[] hull =
                new ConvexHull(rim.toArray(new Coordinate[0]), new GeometryFactory())
                        .getConvexHull()
                        .getCoordinates();
        // JTS goes clockwise with y up, which is the other way round with y down.
        Coordinate[] clockwise = new Coordinate[hull.length];
        for (int k = 0; k < hull.length; k++) {
            clockwise[k] = hull[hull.length - 1 - k];
        }
        return clockwise;
    }

    /** Indices of the points farthest to the upper left, upper right, lower right, lower left. */
    private static int[] outermost(Coordinate[] hull) {
        int[] best = new int[4];
        int[][] ways = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
        for (int way = 0; way < 4; way++) {
            for (int k = 1; k < hull.length; k++) {
                if (along(hull[k], ways[way]) > along(hull[best[way]], ways[way])) {
                    best[way] = k;
                }
            }
        }
        return best;
    }

    private static double along(Coordinate at, int[] way) {
        return at.x * way[0] + at.y * way[1];
    }

    /** A point on a straight line through a stretch of the hull, and the line's direction. */
    private static double[] line(Coordinate[] hull, int from, int to) {
        Coordinate a = hull[from];
        Coordinate b = hull[to];
        double length = a.distance(b);
        double sw = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        double syy = 0;
        int n = hull.length - 1;
        for (int k = from; k % n != to % n; k++) {
            Coordinate p = hull[k % n];
            Coordinate q = hull[(k + 1) % n];
            int steps = (int) Math.max(1, p.distance(q));
            for (int s = 0; s <= steps; s++) {
                double x = p.x + (q.x - p.x) * s / steps;
                double y = p.y + (q.y - p.y) * s / steps;
                double share =
                        ((x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y)) / length / length;
                if (share < NEAR_CORNER || share > 1 - NEAR_CORNER) {
                    continue;
                }
                sw++;
                sx += x;
                sy += y;
                sxx += x * x;
                sxy += x * y;
                syy += y * y;
            }
        }
        if (sw < 2) {
            return new double[] {a.x, a.y, b.x - a.x, b.y - a.y};
        }
        double mx = sx / sw;
        double my = sy / sw;
        double angle =
                0.5
                        * Math.atan2(
                                2 * (sxy / sw - mx * my),
                                sxx / sw - mx * mx - (syy / sw - my * my));
        return new double[] {mx, my, Math.cos(angle), Math.sin(angle)};
    }

    private static Point meeting(double[] a, double[] b) {
        double cross = a[2] * b[3] - a[3] * b[2];
        if (Math.abs(cross) < 1e-6) {
            return null;
        }
        double t = ((b[0] - a[0]) * b[3] - (b[1] - a[1]) * b[2]) / cross;
        return new Point(a[0] + t * a[2], a[1] + t * a[3]);
    }

    private static List<Point> inset(List<Point> corners) {
        Point middle = new Point(0, 0);
        for (Point corner : corners) {
            middle = middle.plus(corner.times(0.25));
        }
        List<Point> inset = new ArrayList<>();
        for (Point corner : corners) {
            inset.add(corner.plus(middle.minus(corner).times(2 * INSET)));
        }
        return inset;
    }

    private static Optional<List<Point>> checked(List<Point> corners, InkReading reading) {
        try {
            Homography.fromRectangle(1, 1, corners);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        int w = reading.map().width();
        int h = reading.map().height();
        for (Point corner : corners) {
            if (corner.x() < -0.1 * w
                    || corner.y() < -0.1 * h
                    || corner.x() > 1.1 * w
                    || corner.y() > 1.1 * h) {
                return Optional.empty();
            }
        }
        return Optional.of(corners.stream().map(reading.frame().toSource()::apply).toList());
    }
}

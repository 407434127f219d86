package neattrace.flat.review;

import java.util.ArrayList;
import java.util.List;
import neattrace.region.Area;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/**
 * Finds areas like a given one. Shapes are measured once, linear in their points; only those alike
 * in their measures are laid over each other.
 */
public final class AlikeAreas {

    /** The larger of two areas alike is at most so many times as large. */
    private static final double SIZE = 1.6;

    /** The longer of two shapes alike is at most so many times as long for its width. */
    private static final double ELONGATION = 1.45;

    /** The rounder of two shapes alike is at most so many times as compact. */
    private static final double COMPACTNESS = 1.35;

    /** So much of two shapes alike, laid over each other, both cover. */
    private static final double OVERLAP = 0.84;

    private final List<Area> areas;
    private final List<MultiPolygon> outlines;
    private final List<Shape> shapes;

    /** By label, once they were needed. */
    private final PolarShape[] polar;

    /** What does not change when a shape is turned or mirrored, and its centre. */
    private record Shape(
            double size, double elongation, double compactness, double cx, double cy) {}

    /**
     * Measures areas.
     *
     * @param areas the areas
     * @param outlines their outlines, by label
     */
    public AlikeAreas(List<Area> areas, List<MultiPolygon> outlines) {
        this.areas = List.copyOf(areas);
        this.outlines = List.copyOf(outlines);
        polar = new PolarShape[outlines.size()];
        shapes = outlines.stream().map(AlikeAreas::shape).toList();
    }

    /** The enclosed areas like one of them, that one first. */
    public List<Area> like(Area area) {
        Shape own = shapes.get(area.label());
        PolarShape laid = polar(area.label());
        List<Area> alike = new ArrayList<>();
        alike.add(area);
        alike.addAll(
                areas.parallelStream()
                        .filter(other -> !other.outside() && other.label() != area.label())
                        .filter(other -> isAlike(own, shapes.get(other.label())))
                        .filter(other -> laid.overlap(polar(other.label())) >= OVERLAP)
                        .toList());
        return alike;
    }

    /** Found when first asked for; two threads at once find the same. */
    private PolarShape polar(int label) {
        if (polar[label] == null) {
            Shape shape = shapes.get(label);
            polar[label] = new PolarShape(outlines.get(label), shape.cx, shape.cy);
        }
        return polar[label];
    }

    private static boolean isAlike(Shape a, Shape b) {
        return within(a.size, b.size, SIZE)
                && within(a.elongation, b.elongation, ELONGATION)
                && within(a.compactness, b.compactness, COMPACTNESS);
    }

    private static boolean within(double a, double b, double times) {
        return a <= b * times && b <= a * times;
    }

    /** Moments of polygons by Green's theorem, about the centroid. */
    private static Shape shape(MultiPolygon outline) {
        double[] sums = new double[6];
        for (int i = 0; i < outline.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) outline.getGeometryN(i);
            add(polygon.getExteriorRing(), 1, sums);
            for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                add(polygon.getInteriorRingN(hole), -1, sums);
            }
        }
        double area = sums[0];
        if (area <= 0) {
            return new Shape(0, 1, 1, 0, 0);
        }
        double cx = sums[1] / area;
        double cy = sums[2] / area;
        double xx = sums[3] / area - cx * cx;
        double yy = sums[4] / area - cy * cy;
        double xy = sums[5] / area - cx * cy;
        double mean = (xx + yy) / 2;
        double spread = Math.hypot((xx - yy) / 2, xy);
        double thin = Math.max(1e-12, mean - spread);
        double around = outline.getLength();
        return new Shape(
                area,
                Math.sqrt((mean + spread) / thin),
                4 * Math.PI * area / (around * around),
                cx,
                cy);
    }

    private static void add(LinearRing ring, int sign, double[] sums) {
        CoordinateSequence at = ring.getCoordinateSequence();
        double[] own = new double[6];
        double x0 = at.getX(0);
        double y0 = at.getY(0);
        for (int i = 0; i + 1 < at.size(); i++) {
            // About a point of the ring itself, so that nothing is lost far from the origin.
            double ax = at.getX(i) - x0;
            double ay = at.getY(i) - y0;
            double bx = at.getX(i + 1) - x0;
            double by = at.getY(i + 1) - y0;
            double cross = ax * by - bx * ay;
            own[0] += cross / 2;
            own[1] += (ax + bx) * cross / 6;
            own[2] += (ay + by) * cross / 6;
            own[3] += (ax * ax + ax * bx + bx * bx) * cross / 12;
            own[4] += (ay * ay + ay * by + by * by) * cross / 12;
            own[5] += (ax * by + 2 * ax * ay + 2 * bx * by + bx * ay) * cross / 24;
        }
        double turn = own[0] < 0 ? -sign : sign;
        double area = own[0] * turn;
        double mx = own[1] * turn;
        double my = own[2] * turn;
        sums[0] += area;
        sums[1] += mx + x0 * area;
        sums[2] += my + y0 * area;
        sums[3] += own[3] * turn + 2 * x0 * mx + x0 * x0 * area;
        sums[4] += own[4] * turn + 2 * y0 * my + y0 * y0 * area;
        sums[5] += own[5] * turn + x0 * my + y0 * mx + x0 * y0 * area;
    }
}

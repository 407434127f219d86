package neattrace.standin.pen;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.geom.Point;
import neattrace.standin.pen.PenDrawing.KnownGap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Draws from back to front, in mm, y down. Points are x, y pairs; a point given twice is a corner.
 * Not for several threads.
 */
public final class Pen {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Outlines are bolder on the side away from a light at the upper left, by this share. */
    private static final double SHADE = 0.42;

    private final double tipMm;
    private List<Geometry> ink = new ArrayList<>();
    private final List<KnownGap> misses = new ArrayList<>();
    private AffineTransform place = new AffineTransform();

    /**
     * A pen.
     *
     * @param tipMm the finest line it makes, and the widest slit its ink runs across
     */
    public Pen(double tipMm) {
        this.tipMm = tipMm;
    }

    /** Draws with another place, turn and size; strokes keep their width. */
    public void at(AffineTransform transform, Consumer<Pen> drawing) {
        AffineTransform before = place;
        place = new AffineTransform(before);
        place.concatenate(transform);
        drawing.accept(this);
        place = before;
    }

    /** Moved by x, y, turned by degrees (clockwise on screen) and scaled. */
    public void at(double x, double y, double degrees, double scale, Consumer<Pen> drawing) {
        AffineTransform transform = AffineTransform.getTranslateInstance(x, y);
        transform.rotate(Math.toRadians(degrees));
        transform.scale(scale, scale);
        at(transform, drawing);
    }

    /** Once as it is and once mirrored at the vertical x = {@code axis}. */
    public void mirrored(double axis, Consumer<Pen> drawing) {
        drawing.accept(this);
        at(new AffineTransform(-1, 0, 0, 1, 2 * axis, 0), drawing);
    }

    /** A closed smooth shape: hides what lies behind and gets a thick-and-thin outline. */
    public void shape(double widthMm, double... xy) {
        List<Coordinate> line = placed(xy, true);
        hide(line);
        outline(widthMm, line);
    }

    /** The outline of a shape alone. */
    public void contour(double widthMm, double... xy) {
        outline(widthMm, placed(xy, true));
    }

    /** A closed shape of straight sides: hides what lies behind and gets an outline. */
    public void polygon(double widthMm, double... xy) {
        shape(widthMm, cornered(xy));
    }

    /** An ellipse as a shape. */
    public void ellipse(double widthMm, double x, double y, double rx, double ry) {
        shape(widthMm, ellipsePoints(x, y, rx, ry));
    }

    /** A solid black shape with smooth edges. */
    public void solid(double... xy) {
        ink.add(ring(placed(xy, true)));
    }

    /** A solid black shape with straight edges. */
    public void solidPolygon(double... xy) {
        solid(cornered(xy));
    }

    /** A solid black ellipse. */
    public void dot(double x, double y, double rx, double ry) {
        solid(ellipsePoints(x, y, rx, ry));
    }

    /** Bare paper over whatever is there. */
    public void paper(double... xy) {
        hide(placed(xy, true));
    }

    /** An ellipse of bare paper. */
    public void light(double x, double y, double rx, double ry) {
        paper(ellipsePoints(x, y, rx, ry));
    }

    /** A stroke that tapers over a third of its length at both ends. */
    public void line(double widthMm, double... xy) {
        stroke(widthMm, 0.35, 0.35, xy);
    }

    /**
     * A stroke.
     *
     * @param widthMm where it is boldest
     * @param taperStart share of the length over which it swells, 0 for a blunt start
     * @param taperEnd share over which it thins out, 0 for a blunt end
     */
    public void stroke(double widthMm, double taperStart, double taperEnd, double... xy) {
        List<Coordinate> line = placed(xy, false);
        double[] along = lengths(line);
        double total = along[along.length - 1];
        double[] reach = new double[along.length];
        for (int i = 0; i < reach.length; i++) {
            double share = total == 0 ? 0 : along[i] / total;
            double swell = Math.min(ramp(share, taperStart), ramp(1 - share, taperEnd));
            reach[i] = Math.max(tipMm, widthMm * swell) / 2;
        }
        add(line, reach);
    }

    /** A tapering stroke of bare paper, as if scratched out of the black. */
    public void scratch(double widthMm, double... xy) {
        List<Coordinate> line = placed(xy, false);
        double[] along = lengths(line);
        double[] reach = new double[along.length];
        for (int i = 0; i < reach.length; i++) {
            double share = along[i] / along[along.length - 1];
            reach[i] =
                    Math.max(tipMm, widthMm * Math.min(ramp(share, 0.3), ramp(1 - share, 0.5))) / 2;
        }
        hide(Stroke.outline(line, reach));
    }

    /**
     * Leaves a gap in the line at a place, as if two strokes had missed each other there. Cut last
     * of all, straight across the line.
     */
    public void miss(double x, double y, double widthMm) {
        Coordinate at = placed(new double[] {x, y});
        misses.add(new KnownGap(new Point(at.x, at.y), widthMm));
    }

    /** The finished drawing on a page. */
    public PenDrawing finish(String title, double widthMm, double heightMm) {
        Geometry page =
                FACTORY.toGeometry(new org.locationtech.jts.geom.Envelope(0, widthMm, 0, heightMm));
        Geometry all =
                OverlayNGRobust.overlay(
                        InkFlow.settle(OverlayNGRobust.union(ink), tipMm),
                        page,
                        OverlayNG.INTERSECTION);
        List<KnownGap> gaps = new ArrayList<>();
        for (KnownGap miss : misses) {
            Geometry cut = LineCut.across(all, miss.place(), miss.widthMm());
            all = OverlayNGRobust.overlay(all, cut, OverlayNG.DIFFERENCE);
            Coordinate middle = cut.getCentroid().getCoordinate();
            gaps.add(new KnownGap(new Point(middle.x, middle.y), miss.widthMm()));
        }
        return new PenDrawing(title, widthMm, heightMm, all, gaps);
    }

    private static double ramp(double share, double taper) {
        return taper <= 0 || share >= taper ? 1 : Math.sin(Math.PI / 2 * share / taper);
    }

    private Coordinate placed(double[] xy) {
        double[] to = new double[2];
        place.transform(xy, 0, to, 0, 1);
        return new Coordinate(to[0], to[1]);
    }

    private List<Coordinate> placed(double[] xy, boolean closed) {
        double[] to = new double[xy.length];
        place.transform(xy, 0, to, 0, xy.length / 2);
        return Spline.through(to, closed);
    }

    private static double[] cornered(double[] xy) {
        double[] twice = new double[xy.length * 2];
        for (int i = 0; i < xy.length; i += 2) {
            twice[2 * i] = xy[i];
            twice[2 * i + 1] = xy[i + 1];
            twice[2 * i + 2] = xy[i];
            twice[2 * i + 3] = xy[i + 1];
        }
        return twice;
    }

    private static double[] ellipsePoints(double x, double y, double rx, double ry) {
        double[] xy = new double[24];
        for (int i = 0; i < 12; i++) {
            xy[2 * i] = x + rx * Math.cos(Math.PI * i / 6);
            xy[2 * i + 1] = y + ry * Math.sin(Math.PI * i / 6);
        }
        return xy;
    }

    private void outline(double widthMm, List<Coordinate> line) {
        double[] reach = new double[line.size()];
        int n = line.size() - 1;
        boolean clockwise = clockwise(line);
        for (int i = 0; i <= n; i++) {
            Coordinate before = line.get(Math.floorMod(i - 1, n));
            Coordinate after = line.get((i + 1) % n);
            double length = Math.max(1e-9, before.distance(after));
            double nx = (after.y - before.y) / length * (clockwise ? 1 : -1);
            double ny = -(after.x - before.x) / length * (clockwise ? 1 : -1);
            double away = (nx + ny) * Math.sqrt(0.5);
            reach[i] = widthMm * (1 + SHADE * away) / 2;
        }
        add(line, reach);
    }

    private static boolean clockwise(List<Coordinate> line) {
        double twice = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            Coordinate a = line.get(i);
            Coordinate b = line.get(i + 1);
            twice += a.x * b.y - b.x * a.y;
        }
        return twice > 0;
    }

    private static double[] lengths(List<Coordinate> line) {
        double[] along = new double[line.size()];
        for (int i = 1; i < along.length; i++) {
            along[i] = along[i - 1] + line.get(i).distance(line.get(i - 1));
        }
        return along;
    }

    private void add(List<Coordinate> line, double[] reach) {
        ink.add(Stroke.outline(line, reach));
    }

    private static Geometry ring(List<Coordinate> line) {
        Geometry polygon = FACTORY.createPolygon(line.toArray(Coordinate[]::new));
        return polygon.isValid() ? polygon : polygon.buffer(0);
    }

    private void hide(List<Coordinate> line) {
        hide(ring(line));
    }

    private void hide(Geometry cover) {
        PreparedGeometry prepared = PreparedGeometryFactory.prepare(cover);
        List<Geometry> left = new ArrayList<>();
        for (Geometry piece : ink) {
            if (!prepared.intersects(piece)) {
                left.add(piece);
                continue;
            }
            Geometry rest = OverlayNGRobust.overlay(piece, cover, OverlayNG.DIFFERENCE);
            if (!rest.isEmpty()) {
                left.add(rest);
            }
        }
        ink = left;
    }
}

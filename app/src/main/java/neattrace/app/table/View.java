package neattrace.app.table;

import java.awt.geom.AffineTransform;
import javafx.geometry.Point2D;
import neattrace.geom.Point;

/**
 * Which part of the page is seen: the place in the middle of the table, the zoom, and whether the
 * drawing is flipped.
 *
 * @param centre mm
 * @param scale screen pixels a mm
 * @param flipped left and right exchanged
 * @param width of the table, screen pixels
 * @param height of the table, screen pixels
 */
public record View(Point centre, double scale, boolean flipped, double width, double height) {

    private static final double LEAST_SCALE = 0.2;
    private static final double MOST_SCALE = 800;

    /** Looking at a place goes no closer, screen pixels a mm. */
    private static final double CLOSEST = 60;

    /** From mm to screen pixels. */
    public AffineTransform transform() {
        AffineTransform transform = AffineTransform.getTranslateInstance(width / 2, height / 2);
        transform.scale(flipped ? -scale : scale, scale);
        transform.translate(-centre.x(), -centre.y());
        return transform;
    }

    /** The place that is seen there, mm. */
    public Point toPage(double x, double y) {
        double dx = (x - width / 2) / scale;
        return new Point(centre.x() + (flipped ? -dx : dx), centre.y() + (y - height / 2) / scale);
    }

    /** Where a place, mm, is seen. */
    public Point2D toScreen(Point page) {
        double dx = (page.x() - centre.x()) * scale;
        return new Point2D(
                width / 2 + (flipped ? -dx : dx), height / 2 + (page.y() - centre.y()) * scale);
    }

    /** Moved so that what was under the mouse goes along by dx, dy screen pixels. */
    public View panned(double dx, double dy) {
        double x = (flipped ? dx : -dx) / scale;
        return new View(
                new Point(centre.x() + x, centre.y() - dy / scale), scale, flipped, width, height);
    }

    /** Zoomed by a factor; the place at x, y on screen stays where it is. */
    public View zoomed(double factor, double x, double y) {
        Point fixed = toPage(x, y);
        double next = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, scale * factor));
        double share = scale / next;
        Point moved =
                new Point(
                        fixed.x() + (centre.x() - fixed.x()) * share,
                        fixed.y() + (centre.y() - fixed.y()) * share);
        return new View(moved, next, flipped, width, height);
    }

    /** The same as near as so many screen pixels a mm. */
    public View withScale(double next) {
        return new View(centre, next, flipped, width, height);
    }

    /** The same about another place, mm. */
    public View withCentre(Point next) {
        return new View(next, scale, flipped, width, height);
    }

    /** The same with left and right exchanged, or back. */
    public View mirrored() {
        return new View(centre, scale, !flipped, width, height);
    }

    /** The same on a table of another size. */
    public View sized(double nextWidth, double nextHeight) {
        return new View(centre, scale, flipped, nextWidth, nextHeight);
    }

    /** The whole page with a margin round it, and {@code bar} pixels kept free below. */
    public View fitted(double pageWidth, double pageHeight, double margin, double bar) {
        double fit =
                Math.min(
                        (width - 2 * margin) / pageWidth,
                        (height - margin - Math.max(margin, bar)) / pageHeight);
        double next = Math.max(LEAST_SCALE, fit);
        double below = (Math.max(margin, bar) - margin) / 2 / next;
        Point middle = new Point(pageWidth / 2, pageHeight / 2 + below);
        return new View(middle, next, flipped, width, height);
    }

    /** The part of the page that is in sight, mm: left, top, right, bottom. */
    public double[] inSight() {
        Point a = toPage(0, 0);
        Point b = toPage(width, height);
        return new double[] {
            Math.min(a.x(), b.x()), Math.min(a.y(), b.y()),
            Math.max(a.x(), b.x()), Math.max(a.y(), b.y())
        };
    }

    /** A place in the middle with about so much round it. */
    public View lookingAt(Point place, double reachMm) {
        double near = Math.min(width, height) / (2 * Math.max(1, reachMm));
        return withCentre(place).withScale(Math.min(CLOSEST, near));
    }
}

package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.FillRule;
import neattrace.app.table.View;
import neattrace.geom.Point;
import neattrace.press.Rgb;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.trap.Trap;
import neattrace.print.ready.PlateStudy;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Draws a sheet with its plates, and marks on it. */
final class PlatesPainter {

    private static final Color RIM = Color.web("#8a8f88");
    private static final Color TRAP = Color.web("#c2185b");
    private static final Color NO_TRAP = Color.web("#6b706a");
    private static final Color FAULT = Color.web("#b3261e");

    private static final Color BENEATH = Color.web("#f2c14e");
    private static final double HATCH_PX = 7;
    private static final double CROSS_PX = 9;

    private final GraphicsContext g;
    private final View view;

    PlatesPainter(GraphicsContext g, View view) {
        this.g = g;
        this.view = view;
    }

    /** The sheet as it is before anything is printed. */
    void sheet(PlateStudy study, Rgb ground) {
        Point2D at = view.toScreen(new Point(0, 0));
        double width = view.scale() * study.sheet().plan().widthMm();
        double height = view.scale() * study.sheet().plan().heightMm();
        g.setFill(Color.web(ground.hex()));
        g.fillRect(at.getX(), at.getY(), width, height);
        g.setStroke(RIM);
        g.setLineWidth(1);
        g.strokeRect(at.getX() - 0.5, at.getY() - 0.5, width + 1, height + 1);
    }

    /** What was painted of a part of it, mm, where it belongs now. */
    void picture(Image image, Rectangle2D window) {
        Point2D at = view.toScreen(new Point(window.getX(), window.getY()));
        g.drawImage(
                image,
                at.getX(),
                at.getY(),
                view.scale() * window.getWidth(),
                view.scale() * window.getHeight());
    }

    /** Seams with a trap, and dashed those on which it is switched off. */
    void traps(PlateStudy study) {
        g.setLineWidth(2);
        for (Trap trap : study.sheet().ready().traps()) {
            boolean off = study.sheet().ready().untrapped().contains(trap);
            g.setStroke(off ? NO_TRAP : TRAP);
            g.setLineDashes(off ? new double[] {5, 5} : new double[0]);
            lines(trap.seam());
        }
        g.setLineDashes();
    }

    /** Where colours lie beneath black, outlined and hatched. */
    void beneath(PlateStudy study) {
        g.setStroke(BENEATH);
        g.setLineWidth(1.5);
        Geometry all = study.sheet().ready().underlay();
        for (int i = 0; i < all.getNumGeometries(); i++) {
            Polygon piece = (Polygon) all.getGeometryN(i);
            lines(piece.getBoundary());
            g.save();
            g.beginPath();
            ring(piece.getExteriorRing());
            for (int k = 0; k < piece.getNumInteriorRing(); k++) {
                ring(piece.getInteriorRingN(k));
            }
            g.setFillRule(FillRule.EVEN_ODD);
            g.clip();
            hatch(piece.getEnvelopeInternal());
            g.restore();
        }
    }

    private void ring(LineString ring) {
        Coordinate[] at = ring.getCoordinates();
        for (int n = 0; n < at.length; n++) {
            Point2D seen = view.toScreen(new Point(at[n].x, at[n].y));
            if (n == 0) {
                g.moveTo(seen.getX(), seen.getY());
            } else {
                g.lineTo(seen.getX(), seen.getY());
            }
        }
        g.closePath();
    }

    private void hatch(Envelope box) {
        Point2D from = view.toScreen(new Point(box.getMinX(), box.getMinY()));
        Point2D to = view.toScreen(new Point(box.getMaxX(), box.getMaxY()));
        double left = Math.max(from.getX(), 0);
        double right = Math.min(to.getX(), g.getCanvas().getWidth());
        double top = Math.max(from.getY(), 0);
        double bottom = Math.min(to.getY(), g.getCanvas().getHeight());
        double tall = bottom - top;
        for (double x = left - tall; x < right; x += HATCH_PX) {
            g.strokeLine(x, bottom, x + tall, top);
        }
    }

    /** Where keys are. */
    void cross(double x, double y) {
        for (Color colour : new Color[] {Color.WHITE, FAULT}) {
            g.setStroke(colour);
            g.setLineWidth(colour == FAULT ? 1.5 : 4);
            g.strokeLine(x - CROSS_PX, y, x + CROSS_PX, y);
            g.strokeLine(x, y - CROSS_PX, x, y + CROSS_PX);
        }
    }

    private void lines(Geometry lines) {
        for (int i = 0; i < lines.getNumGeometries(); i++) {
            Coordinate[] at = lines.getGeometryN(i).getCoordinates();
            double[] x = new double[at.length];
            double[] y = new double[at.length];
            for (int n = 0; n < at.length; n++) {
                Point2D seen = view.toScreen(new Point(at[n].x, at[n].y));
                x[n] = seen.getX();
                y[n] = seen.getY();
            }
            g.strokePolyline(x, y, at.length);
        }
    }

    /** Places that fail on the press. */
    void faults(List<FaultPlace> places) {
        places.forEach(place -> ring(new Point(place.xMm(), place.yMm())));
    }

    /** Rings a place, mm. */
    void ring(Point mm) {
        g.setStroke(FAULT);
        g.setLineWidth(2);
        Point2D at = view.toScreen(mm);
        double reach = Math.max(9, view.scale() * 2.2);
        g.strokeOval(at.getX() - reach, at.getY() - reach, 2 * reach, 2 * reach);
    }
}

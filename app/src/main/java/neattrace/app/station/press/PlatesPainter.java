package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import neattrace.app.table.View;
import neattrace.geom.Point;
import neattrace.press.Rgb;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.trap.Trap;
import neattrace.print.ready.PlateStudy;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** Draws a sheet with its plates, and marks on it. */
final class PlatesPainter {

    private static final Color RIM = Color.web("#8a8f88");
    private static final Color TRAP = Color.web("#c2185b");
    private static final Color NO_TRAP = Color.web("#6b706a");
    private static final Color FAULT = Color.web("#b3261e");

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
        g.setStroke(FAULT);
        g.setLineWidth(2);
        for (FaultPlace place : places) {
            Point2D at = view.toScreen(new Point(place.xMm(), place.yMm()));
            double reach = Math.max(9, view.scale() * 2.2);
            g.strokeOval(at.getX() - reach, at.getY() - reach, 2 * reach, 2 * reach);
        }
    }
}

package neattrace.app.table;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import neattrace.app.work.Shown;
import neattrace.app.work.Sketch;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.region.Area;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/** Draws over the painted frame: the page's edge, what a click would do, marks and the lens. */
final class Overlay {

    private static final Color SIGNAL = Color.web("#C03A22");
    private static final Color SETTLED = Color.web("#1F6B63");
    private static final Color INK = Color.web("#17323F");
    private static final Color HALO = Color.web("#FFFDF7");

    private static final double LENS_RADIUS = 84;
    private static final int LENS_ZOOM = 2;

    private final GraphicsContext g;
    private final View view;
    private final Shown shown;

    Overlay(GraphicsContext g, View view, Shown shown) {
        this.g = g;
        this.view = view;
        this.shown = shown;
    }

    void page() {
        Point2D a = view.toScreen(new Point(0, 0));
        Point2D b = view.toScreen(new Point(shown.drawing().widthMm(), shown.drawing().heightMm()));
        double x = Math.min(a.getX(), b.getX());
        double width = Math.abs(a.getX() - b.getX());
        double height = b.getY() - a.getY();
        g.setFill(Color.web("#17323F", 0.10));
        g.fillRect(x + 3, a.getY() + 4, width, height);
        g.setFill(Color.WHITE);
        g.fillRect(x, a.getY(), width, height);
    }

    void frame(FramePainter.Frame frame) {
        if (frame.view().equals(view)) {
            g.drawImage(frame.image(), 0, 0, view.width(), view.height());
            return;
        }
        // Painted for another view: show it where it belongs until the new one is ready.
        View old = frame.view();
        Point2D a = view.toScreen(old.toPage(0, 0));
        Point2D b = view.toScreen(old.toPage(old.width(), old.height()));
        // Without smoothing: it takes longer than there is time for between two pictures.
        g.setImageSmoothing(false);
        g.drawImage(frame.image(), a.getX(), a.getY(), b.getX() - a.getX(), b.getY() - a.getY());
        g.setImageSmoothing(true);
    }

    /** A quick picture until the real one is there. */
    void sketch(Sketch sketch) {
        Point2D a = view.toScreen(new Point(sketch.x(), sketch.y()));
        Point2D b =
                view.toScreen(new Point(sketch.x() + sketch.width(), sketch.y() + sketch.height()));
        g.drawImage(sketch.image(), a.getX(), a.getY(), b.getX() - a.getX(), b.getY() - a.getY());
    }

    void target(List<Area> areas, Color colour) {
        if (areas.isEmpty()) {
            return;
        }
        g.save();
        g.setFillRule(FillRule.EVEN_ODD);
        g.beginPath();
        for (Area area : areas) {
            outline(shown.drawing().areaOutlines().get(area.label()));
        }
        // Colour lies beneath the ink, which stays as dark as it is; bare paper would not show so.
        boolean paper = colour.getBrightness() > 0.97 && colour.getSaturation() < 0.03;
        g.setGlobalBlendMode(paper ? BlendMode.SRC_OVER : BlendMode.MULTIPLY);
        g.setFill(colour.deriveColor(0, 1, 1, 0.45));
        g.fill();
        g.setGlobalBlendMode(BlendMode.SRC_OVER);
        g.setStroke(INK);
        g.setLineWidth(1.5);
        g.setLineDashes(5, 4);
        g.stroke();
        g.restore();
    }

    private void outline(MultiPolygon outline) {
        for (int i = 0; i < outline.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) outline.getGeometryN(i);
            ring(polygon.getExteriorRing());
            for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
                ring(polygon.getInteriorRingN(h));
            }
        }
    }

    private void ring(LinearRing ring) {
        CoordinateSequence points = ring.getCoordinateSequence();
        for (int i = 0; i < points.size() - 1; i++) {
            Point2D at = view.toScreen(new Point(points.getX(i), points.getY(i)));
            if (i == 0) {
                g.moveTo(at.getX(), at.getY());
            } else {
                g.lineTo(at.getX(), at.getY());
            }
        }
        g.closePath();
    }

    void marks(List<Mark> marks) {
        for (Mark mark : marks) {
            if (!mark.strong()) {
                mark(mark);
            }
        }
        for (Mark mark : marks) {
            if (mark.strong()) {
                mark(mark);
            }
        }
    }

    /** A ring round the place; a bar across the measured stretch; open ones are dashed as well. */
    private void mark(Mark mark) {
        Point2D at = view.toScreen(mark.at());
        Point2D from = view.toScreen(mark.from());
        Point2D to = view.toScreen(mark.to());
        if (!mark.way().isEmpty()) {
            way(mark);
        }
        if (mark.shape() == Mark.Shape.BOX) {
            box(mark, from, to);
            return;
        }
        if (mark.shape() == Mark.Shape.LINE) {
            if (mark.strong()) {
                label(mark.text(), at.getX() + 14, at.getY());
            }
            return;
        }
        double radius = Math.max(mark.strong() ? 13 : 7, from.distance(to) / 2 + 5);
        g.save();
        g.setLineCap(StrokeLineCap.ROUND);
        ringAndBar(at, from, to, radius, HALO, mark.strong() ? 6 : 4);
        if (mark.open() || mark.shape() == Mark.Shape.OPENING) {
            g.setLineDashes(mark.strong() ? 0 : 4);
        }
        ringAndBar(at, from, to, radius, mark.open() ? SIGNAL : SETTLED, mark.strong() ? 3 : 1.8);
        g.restore();
        if (mark.strong() && !mark.text().isEmpty()) {
            label(mark.text(), at.getX() + radius + 6, at.getY());
        }
    }

    /** A line with a light rim; one that leads somewhere ends in an arrow's head. */
    private void way(Mark mark) {
        boolean leads = mark.shape() == Mark.Shape.RUN;
        Color colour = mark.open() ? SIGNAL : SETTLED;
        g.save();
        g.setLineCap(StrokeLineCap.ROUND);
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : colour);
            g.setLineWidth((pass == 0 ? 3 : 0) + (mark.strong() || leads ? 2.4 : 1.6));
            g.setLineDashes(pass == 0 ? null : new double[] {7, 5});
            g.beginPath();
            Point2D last = null;
            for (Point place : mark.way()) {
                last = view.toScreen(place);
                if (place == mark.way().get(0)) {
                    g.moveTo(last.getX(), last.getY());
                } else {
                    g.lineTo(last.getX(), last.getY());
                }
            }
            g.stroke();
        }
        if (leads) {
            g.setLineDashes(null);
            head(mark.way(), colour);
            Point2D start = view.toScreen(mark.way().get(0));
            g.setFill(HALO);
            g.fillOval(start.getX() - 6, start.getY() - 6, 12, 12);
            g.setFill(colour);
            g.fillOval(start.getX() - 4, start.getY() - 4, 8, 8);
        }
        g.restore();
    }

    private void head(List<Point> way, Color colour) {
        Point2D tip = view.toScreen(way.get(way.size() - 1));
        Point2D back = tip;
        for (int i = way.size() - 1; i >= 0 && back.distance(tip) < 14; i--) {
            back = view.toScreen(way.get(i));
        }
        if (back.distance(tip) < 1) {
            return;
        }
        double angle = Math.atan2(tip.getY() - back.getY(), tip.getX() - back.getX());
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : colour);
            g.setLineWidth(pass == 0 ? 5.4 : 2.4);
            for (int side = -1; side <= 1; side += 2) {
                g.strokeLine(
                        tip.getX(),
                        tip.getY(),
                        tip.getX() - 11 * Math.cos(angle + side * 0.5),
                        tip.getY() - 11 * Math.sin(angle + side * 0.5));
            }
        }
    }

    private void box(Mark mark, Point2D from, Point2D to) {
        double x = Math.min(from.getX(), to.getX());
        double y = Math.min(from.getY(), to.getY());
        double width = Math.abs(from.getX() - to.getX());
        double height = Math.abs(from.getY() - to.getY());
        g.save();
        g.setStroke(HALO);
        g.setLineWidth(mark.strong() ? 6 : 4);
        g.strokeRect(x, y, width, height);
        g.setStroke(mark.open() ? SIGNAL : SETTLED);
        g.setLineWidth(mark.strong() ? 3 : 1.8);
        g.setLineDashes(9, 6);
        g.strokeRect(x, y, width, height);
        g.restore();
        if (mark.strong() && !mark.text().isEmpty()) {
            label(mark.text(), x, Math.max(18, y - 18));
        }
    }

    private void ringAndBar(
            Point2D at, Point2D from, Point2D to, double radius, Color colour, double width) {
        g.setStroke(colour);
        g.setLineWidth(width);
        g.strokeOval(at.getX() - radius, at.getY() - radius, 2 * radius, 2 * radius);
        if (from.distance(to) > 1) {
            g.strokeLine(from.getX(), from.getY(), to.getX(), to.getY());
        }
    }

    private void label(String text, double x, double y) {
        g.setFont(Font.font("Lato Semibold", 13));
        double width = 16 + 7.2 * text.length();
        double left = Math.max(4, Math.min(x, view.width() - width - 8));
        g.setFill(INK);
        g.fillRoundRect(left, y - 12, width, 24, 6, 6);
        g.setFill(HALO);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, left + 8, y, width - 16);
    }

    /** The untouched scan round the cursor, twice as large. */
    void lens(Point cursor) {
        Point2D at = view.toScreen(cursor);
        int side = (int) (2 * LENS_RADIUS);
        WritableImage image = new WritableImage(side, side);
        Drawing drawing = shown.drawing();
        double pxPerMm = drawing.resolution().pxPerMm();
        double mmPerStep = 1 / (view.scale() * LENS_ZOOM) * (view.flipped() ? -1 : 1);
        for (int y = 0; y < side; y++) {
            double mmY = cursor.y() + (y + 0.5 - LENS_RADIUS) * Math.abs(mmPerStep);
            int py = (int) Math.floor(mmY * pxPerMm);
            for (int x = 0; x < side; x++) {
                double mmX = cursor.x() + (x + 0.5 - LENS_RADIUS) * mmPerStep;
                int px = (int) Math.floor(mmX * pxPerMm);
                int rgb = drawing.reading().frame().rgbAt(drawing.picture(), px, py);
                image.getPixelWriter().setArgb(x, y, 0xFF000000 | rgb);
            }
        }
        g.save();
        g.beginPath();
        g.arc(at.getX(), at.getY(), LENS_RADIUS, LENS_RADIUS, 0, 360);
        g.closePath();
        g.clip();
        g.drawImage(image, at.getX() - LENS_RADIUS, at.getY() - LENS_RADIUS);
        g.restore();
        g.setStroke(HALO);
        g.setLineWidth(5);
        g.strokeOval(
                at.getX() - LENS_RADIUS, at.getY() - LENS_RADIUS, 2 * LENS_RADIUS, 2 * LENS_RADIUS);
        g.setStroke(INK);
        g.setLineWidth(2);
        g.strokeOval(
                at.getX() - LENS_RADIUS, at.getY() - LENS_RADIUS, 2 * LENS_RADIUS, 2 * LENS_RADIUS);
    }

    /** Where the keyboard points: the middle of the table. */
    /** The cross that the keyboard moves, mm. */
    void cross(Point at) {
        double x = Math.rint(view.toScreen(at).getX());
        double y = Math.rint(view.toScreen(at).getY());
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : INK);
            g.setLineWidth(pass == 0 ? 4 : 1.6);
            g.strokeLine(x - 12, y, x - 4, y);
            g.strokeLine(x + 4, y, x + 12, y);
            g.strokeLine(x, y - 12, x, y - 4);
            g.strokeLine(x, y + 4, x, y + 12);
        }
    }

    void focus() {
        g.setStroke(SETTLED);
        g.setLineWidth(2);
        g.strokeRect(1, 1, view.width() - 2, view.height() - 2);
    }
}

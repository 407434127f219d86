package neattrace.app.table;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import neattrace.geom.Point;

/**
 * Something that is drawn on the table by hand. While one is taken up, dragging draws instead of
 * moving the view; the right button still moves it. Places are in mm on the page.
 */
public interface Hand {

    /** What to do, in a few words. */
    String hint();

    /** The pointer's shape. */
    default Cursor cursor() {
        return Cursor.CROSSHAIR;
    }

    /** The main button went down. */
    void pressed(Point at);

    /** The pointer moved with the button down. */
    default void dragged(Point at) {}

    /** The pointer moved with the button up. */
    default void moved(Point at) {}

    /** The button came up. True if the hand has done its work and can be laid down. */
    boolean released(Point at);

    /** Enter was pressed. True if the hand has done its work. */
    default boolean finished() {
        return false;
    }

    /** Delete was pressed. True if something that the hand holds on to is gone. */
    default boolean deleted() {
        return false;
    }

    /** Whether it is led from a press to a release; if not, a click does its work. */
    default boolean isLed() {
        return true;
    }

    /** Insert was pressed at a place. True if something was put there. */
    default boolean inserted(Point at) {
        return false;
    }

    /** Whether what a click would colour lights up while it is in use. */
    default boolean lightsUp() {
        return false;
    }

    /** Shows what has been drawn so far. */
    void paint(Brushwork brushwork);

    /** Draws on the table in mm, with a light rim so that it shows on ink and on paper. */
    final class Brushwork {

        private static final Color INK = Color.web("#1F6B63");
        private static final Color RIM = Color.web("#FFFDF7");

        private final GraphicsContext g;
        private final View view;

        Brushwork(GraphicsContext g, View view) {
            this.g = g;
            this.view = view;
        }

        /** A line through places, closed or open. */
        public void line(List<Point> places, boolean closed) {
            if (places.isEmpty()) {
                return;
            }
            g.save();
            g.setLineJoin(StrokeLineJoin.ROUND);
            for (int pass = 0; pass < 2; pass++) {
                g.setStroke(pass == 0 ? RIM : INK);
                g.setLineWidth(pass == 0 ? 4.5 : 2);
                trace(places, closed);
                g.stroke();
            }
            g.restore();
        }

        /** The inside of a closed line, tinted. */
        public void area(List<Point> places) {
            if (places.size() < 3) {
                return;
            }
            g.setFill(INK.deriveColor(0, 1, 1, 0.16));
            trace(places, true);
            g.fill();
        }

        /** A broad stroke of so many mm. */
        public void stroke(List<Point> places, double widthMm) {
            if (places.isEmpty()) {
                return;
            }
            g.save();
            g.setLineCap(StrokeLineCap.ROUND);
            g.setLineJoin(StrokeLineJoin.ROUND);
            g.setStroke(INK.deriveColor(0, 1, 1, 0.35));
            g.setLineWidth(widthMm * view.scale());
            trace(places, false);
            Point2D first = view.toScreen(places.get(0));
            g.lineTo(first.getX() + 0.01, first.getY());
            g.stroke();
            g.restore();
        }

        /** The round tip of a brush. */
        public void tip(Point at, double widthMm) {
            Point2D p = view.toScreen(at);
            double r = widthMm * view.scale() / 2;
            for (int pass = 0; pass < 2; pass++) {
                g.setStroke(pass == 0 ? RIM : INK);
                g.setLineWidth(pass == 0 ? 3.5 : 1.5);
                g.strokeOval(p.getX() - r, p.getY() - r, 2 * r, 2 * r);
            }
        }

        /** A place that can be taken hold of. */
        public void knob(Point at) {
            Point2D p = view.toScreen(at);
            g.setFill(RIM);
            g.fillOval(p.getX() - 8, p.getY() - 8, 16, 16);
            g.setStroke(INK);
            g.setLineWidth(2);
            g.strokeOval(p.getX() - 6, p.getY() - 6, 12, 12);
        }

        /** Words beside a place. */
        public void label(Point at, String text) {
            Point2D p = view.toScreen(at);
            double width = 16 + 7.2 * text.length();
            double x = Math.max(4, Math.min(p.getX() + 14, view.width() - width - 8));
            g.setFont(Font.font("Lato Semibold", 13));
            g.setFill(INK);
            g.fillRoundRect(x, p.getY() - 12, width, 24, 6, 6);
            g.setFill(RIM);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(text, x + 8, p.getY(), width - 16);
        }

        /** How many mm a number of screen pixels are at this zoom. */
        public double mm(double screenPx) {
            return screenPx / view.scale();
        }

        private void trace(List<Point> places, boolean closed) {
            g.beginPath();
            for (int i = 0; i < places.size(); i++) {
                Point2D p = view.toScreen(places.get(i));
                if (i == 0) {
                    g.moveTo(p.getX(), p.getY());
                } else {
                    g.lineTo(p.getX(), p.getY());
                }
            }
            if (closed) {
                g.closePath();
            }
        }
    }
}

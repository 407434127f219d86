package neattrace.app.station.make;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.goods.made.Grip;
import neattrace.goods.made.Scene;

/** Paints what a hand sees over the pages of finished goods. */
final class GoodsPainter {

    private static final Color HALO = Color.web("#FFFDF7", 0.9);
    private static final Color MARK = Color.web("#1F7A6D");
    private static final Color SIGNAL = Color.web("#B52B18");
    private static final Color FAINT = Color.web("#6B5E4A");
    private static final double RING_PX = 5;

    private final GraphicsContext g;
    private final PagesLayout layout;

    GoodsPainter(GraphicsContext g, PagesLayout layout) {
        this.g = g;
        this.layout = layout;
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.setLineCap(StrokeLineCap.ROUND);
    }

    /** Parts that are pointed out while no hand is near. */
    void marks(List<Grip> grips) {
        for (Grip grip : grips) {
            if (grip.look() == Grip.Look.MARKED) {
                ring(grip, MARK, false);
            } else if (grip.look() == Grip.Look.POSSIBLE) {
                trace(grip, new Point(0, 0));
                g.setStroke(FAINT);
                g.setLineWidth(1.4);
                g.setLineDashes(3, 4);
                g.stroke();
                g.setLineDashes(null);
            }
        }
    }

    private void ring(Grip grip, Color colour, boolean filled) {
        Point at = layout.seen(grip.page(), grip.at());
        g.setLineDashes(null);
        g.setStroke(HALO);
        g.setLineWidth(3.5);
        g.strokeOval(at.x() - RING_PX, at.y() - RING_PX, 2 * RING_PX, 2 * RING_PX);
        g.setStroke(colour);
        g.setLineWidth(1.6);
        g.strokeOval(at.x() - RING_PX, at.y() - RING_PX, 2 * RING_PX, 2 * RING_PX);
        if (filled) {
            g.setFill(colour);
            g.fillOval(at.x() - 2.5, at.y() - 2.5, 5, 5);
        }
    }

    /** What the mouse is over. */
    void near(Grip grip) {
        trace(grip, new Point(0, 0));
        stroke(MARK, 1.6);
    }

    /** What is in hand, where it is right now, and what would change if it were switched. */
    void inHand(Grip grip, Point draft) {
        for (List<Point> ring : grip.preview().get()) {
            trace(grip.page(), ring, true, draft);
            g.setFill(HALO);
            g.fill();
            stroke(MARK, 1.4);
        }
        trace(grip, draft);
        stroke(SIGNAL, 2.2);
        Point at = layout.seen(grip.page(), grip.at().plus(draft));
        g.setFill(SIGNAL);
        g.fillOval(at.x() - 3.5, at.y() - 3.5, 7, 7);
    }

    /** Where something would be added. */
    void cross(int page, Point mm) {
        Point at = layout.seen(page, mm);
        for (int pass = 0; pass < 2; pass++) {
            g.setLineDashes(null);
            g.setStroke(pass == 0 ? HALO : SIGNAL);
            g.setLineWidth(pass == 0 ? 5 : 2);
            g.strokeLine(at.x() - 12, at.y(), at.x() + 12, at.y());
            g.strokeLine(at.x(), at.y() - 12, at.x(), at.y() + 12);
        }
    }

    /** What a finding is about, on every page where it lies. */
    void finding(List<Scene.Page> pages, Optional<Place> place) {
        for (int i = 0; i < pages.size() && place.isPresent(); i++) {
            Point at = pages.get(i).place(place.get().at());
            Point corner =
                    pages.get(i)
                            .place(
                                    place.get()
                                            .at()
                                            .plus(
                                                    new Point(
                                                            place.get().widthMm() / 2,
                                                            place.get().heightMm() / 2)));
            if (!layout.holds(i, at)) {
                continue;
            }
            Point middle = layout.seen(i, at);
            double across = Math.max(18, 2 * layout.scale() * Math.abs(corner.x() - at.x()) + 12);
            double down = Math.max(18, 2 * layout.scale() * Math.abs(corner.y() - at.y()) + 12);
            g.beginPath();
            g.rect(middle.x() - across / 2, middle.y() - down / 2, across, down);
            stroke(SIGNAL, 2.5);
        }
    }

    private void trace(Grip grip, Point by) {
        trace(grip.page(), grip.outline(), grip.closed(), by);
    }

    private void trace(int page, List<Point> outline, boolean closed, Point by) {
        g.beginPath();
        boolean first = true;
        for (Point one : outline) {
            Point at = layout.seen(page, one.plus(by));
            if (first) {
                g.moveTo(at.x(), at.y());
            } else {
                g.lineTo(at.x(), at.y());
            }
            first = false;
        }
        if (closed) {
            g.closePath();
        }
    }

    private void stroke(Color colour, double width, double... dashes) {
        g.setLineDashes(null);
        g.setStroke(HALO);
        g.setLineWidth(width + 3);
        g.stroke();
        g.setLineDashes(dashes);
        g.setStroke(colour);
        g.setLineWidth(width);
        g.stroke();
        g.setLineDashes(null);
    }
}

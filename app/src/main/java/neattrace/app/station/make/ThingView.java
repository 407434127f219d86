package neattrace.app.station.make;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import neattrace.goods.cut.Pull;

/**
 * The finished thing over the table, as large as there is room for: what is printed, clipped by
 * nothing, and the lines it is cut along, which can be pulled about.
 */
final class ThingView extends Region {

    private static final double MARGIN_PX = 28;

    /** So near the line is taken in hand, px. */
    private static final double NEAR_PX = 10;

    private static final double FLAT_MM = ThingPainter.FLAT_MM;

    private final Canvas canvas = new Canvas();
    private final Consumer<Pull> whenPulled;
    private MadeSticker made;
    private Image picture;
    private Rehearsal rehearsal;
    private boolean bleedSeen = true;
    private double scale = 1;
    private double left;
    private double top;
    private Point from;
    private Point to;

    /**
     * A view.
     *
     * @param whenPulled told of a place of the line that was pulled elsewhere, mm of the drawing's
     *     page
     */
    ThingView(Consumer<Pull> whenPulled) {
        this.whenPulled = whenPulled;
        setId("thing");
        getStyleClass().add("wall");
        getChildren().add(canvas);
        canvas.setOnMousePressed(this::taken);
        canvas.setOnMouseDragged(this::moved);
        canvas.setOnMouseReleased(this::released);
        setAccessibleText("The sticker with the line it is cut along");
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    /** Shows a sticker. */
    void show(MadeSticker next) {
        made = next;
        paint();
    }

    /** Shows a piece as it comes out of the cutter; null for the sticker as it is planned. */
    void rehearse(Rehearsal next) {
        rehearsal = next;
        draw();
    }

    /** Whether what lies beyond the cut is seen. */
    void setBleedSeen(boolean seen) {
        bleedSeen = seen;
        draw();
    }

    /** Paints what is printed beside the window's thread, then the lines over it. */
    private void paint() {
        if (made == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        MadeSticker of = made;
        int width = (int) getWidth();
        int height = (int) getHeight();
        StickerPicture place = StickerPicture.place(of, width, height, MARGIN_PX);
        scale = place.scale();
        left = place.left();
        top = place.top();
        CompletableFuture.supplyAsync(() -> StickerPicture.of(of, width, height, MARGIN_PX))
                .thenAccept(
                        painted ->
                                Platform.runLater(
                                        () -> {
                                            if (of == made && width == (int) getWidth()) {
                                                picture = painted.image();
                                                draw();
                                            }
                                        }));
    }

    private Point place(MouseEvent event) {
        return new Point((event.getX() - left) / scale, (event.getY() - top) / scale);
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (made == null || picture == null) {
            return;
        }
        ThingPainter painter = new ThingPainter(g, made, picture, scale, left, top);
        if (rehearsal != null && rehearsal.of() == made) {
            painter.cutOut(rehearsal);
            return;
        }
        painter.sticker(bleedSeen);
        if (from != null) {
            painter.pull(from, to);
        }
    }

    private void taken(MouseEvent event) {
        from = null;
        if (made == null || rehearsal != null) {
            return;
        }
        Point at = place(event);
        Point nearest = nearest(at);
        if (nearest != null && scale * nearest.distance(at) <= NEAR_PX) {
            from = nearest;
            to = at;
            draw();
        }
    }

    private Point nearest(Point at) {
        Point nearest = null;
        List<CubicLoop> loops = made.sticker().cuts().stream().flatMap(cut -> cut.loops()).toList();
        for (CubicLoop loop : loops) {
            double[] xy = loop.flatten(FLAT_MM);
            int n = xy.length;
            for (int i = 0; i < n; i += 2) {
                Point place =
                        nearest(
                                at,
                                new Point(xy[i], xy[i + 1]),
                                new Point(xy[(i + 2) % n], xy[(i + 3) % n]));
                if (nearest == null || place.distance(at) < nearest.distance(at)) {
                    nearest = place;
                }
            }
        }
        return nearest;
    }

    private static Point nearest(Point at, Point start, Point end) {
        Point along = end.minus(start);
        double square = along.dot(along);
        double share = square == 0 ? 0 : at.minus(start).dot(along) / square;
        return start.plus(along.times(Math.max(0, Math.min(1, share))));
    }

    private void moved(MouseEvent event) {
        if (from != null) {
            to = place(event);
            draw();
        }
    }

    private void released(MouseEvent event) {
        if (from != null && from.distance(to) * scale > 3) {
            whenPulled.accept(new Pull(from, to).scaled(1 / made.factor()));
        }
        from = null;
        draw();
    }
}

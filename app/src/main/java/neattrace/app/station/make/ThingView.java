package neattrace.app.station.make;

import java.util.List;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import javafx.util.Duration;
import neattrace.app.work.Aside;
import neattrace.finding.Finding;
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

    /** A key goes so far along the line. */
    private static final double ALONG_MM = 3;

    private final Canvas canvas = new Canvas();
    private final Consumer<Pull> whenPulled;
    private MadeSticker made;
    private Image picture;
    private Rehearsal rehearsal;
    private Finding finding;
    private boolean trueSize;
    private boolean bleedSeen = true;
    private final DoubleProperty scale = new SimpleDoubleProperty(1);
    private double left;
    private double top;
    private Point from;
    private Point to;

    /** Whether the place in hand was come to by keys, and how far along the line it is, mm. */
    private boolean keyed;

    private double alongMm;
    private final PauseTransition pulling = new PauseTransition(Duration.millis(700));

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
        setFocusTraversable(true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener(property -> draw());
        pulling.setOnFinished(event -> letGo());
    }

    /**
     * By keys alone: full stop and comma go along the line, arrows pull the place they came to.
     * What is pulled is kept once the keys rest.
     */
    private void pressed(KeyEvent event) {
        if (made == null || rehearsal != null || made.sticker().cuts().isEmpty()) {
            return;
        }
        double step = event.isControlDown() ? 2 : event.isShiftDown() ? 0.1 : 0.5;
        boolean used = true;
        switch (event.getCode()) {
            case PERIOD -> go(event.isShiftDown() ? 0.5 : ALONG_MM);
            case COMMA -> go(event.isShiftDown() ? -0.5 : -ALONG_MM);
            case LEFT -> used = pull(-step, 0);
            case RIGHT -> used = pull(step, 0);
            case UP -> used = pull(0, -step);
            case DOWN -> used = pull(0, step);
            default -> used = false;
        }
        if (used) {
            event.consume();
        }
    }

    private void go(double mm) {
        if (keyed && from != null && !from.equals(to)) {
            letGo();
        }
        alongMm = keyed ? alongMm + mm : 0;
        keyed = true;
        from = along(alongMm);
        to = from;
        draw();
    }

    /** A place of the largest sticker's line, so far along it. */
    private Point along(double mm) {
        CubicLoop line = made.sticker().cuts().get(0).outside();
        double[] xy = line.flatten(FLAT_MM);
        int n = xy.length;
        double length = 0;
        for (int i = 0; i < n; i += 2) {
            length += Math.hypot(xy[(i + 2) % n] - xy[i], xy[(i + 3) % n] - xy[i + 1]);
        }
        double left = mm - length * Math.floor(mm / length);
        for (int i = 0; i < n; i += 2) {
            Point at = new Point(xy[i], xy[i + 1]);
            Point next = new Point(xy[(i + 2) % n], xy[(i + 3) % n]);
            double way = at.distance(next);
            if (left <= way) {
                return way == 0 ? at : at.plus(next.minus(at).times(left / way));
            }
            left -= way;
        }
        return new Point(xy[0], xy[1]);
    }

    private boolean pull(double dx, double dy) {
        if (!keyed || from == null) {
            return false;
        }
        to = to.plus(new Point(dx, dy));
        draw();
        pulling.playFromStart();
        return true;
    }

    private void letGo() {
        pulling.stop();
        if (from != null && !from.equals(to)) {
            whenPulled.accept(new Pull(from, to).scaled(1 / made.factor()));
        }
        from = null;
        keyed = false;
        draw();
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    /** What keys have pulled so far is kept, now that one goes away. */
    void leave() {
        if (pulling.getStatus() == Animation.Status.RUNNING) {
            letGo();
        }
    }

    /** What was shown is of another job; nothing that is not kept yet is kept in this one. */
    void forget() {
        pulling.stop();
        from = null;
        keyed = false;
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

    /** How large it is shown, pixels for each mm. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale;
    }

    /** As large as it will be, or as there is room for. */
    void turnTrueSize() {
        trueSize = !trueSize;
        paint();
    }

    /** Points a finding out; null for none. */
    void point(Finding what) {
        finding = what;
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
        StickerPicture bare = StickerPicture.place(of, width, height - MakeBar.roomPx(), MARGIN_PX);
        StickerPicture place = trueSize ? bare.at(Screen.getPrimary().getDpi() / 25.4) : bare;
        scale.set(place.scale());
        left = place.left();
        top = place.top();
        Aside.run(
                () -> place.painted(of, width, height),
                painted -> {
                    boolean newest =
                            of == made && width == (int) getWidth() && place.scale() == scale.get();
                    if (newest) {
                        picture = painted.image();
                        draw();
                    }
                });
    }

    private Point place(MouseEvent event) {
        return new Point((event.getX() - left) / scale.get(), (event.getY() - top) / scale.get());
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (made == null || picture == null) {
            return;
        }
        ThingPainter painter = new ThingPainter(g, made, picture, scale.get(), left, top);
        if (rehearsal != null && rehearsal.of() == made) {
            painter.cutOut(rehearsal);
            return;
        }
        painter.sticker(bleedSeen);
        if (finding != null) {
            finding.place().ifPresent(place -> painter.finding(place, made.factor()));
        }
        if (from != null) {
            painter.pull(from, to);
        }
    }

    private void taken(MouseEvent event) {
        requestFocus();
        keyed = false;
        from = null;
        if (made == null || rehearsal != null) {
            return;
        }
        Point at = place(event);
        Point nearest = nearest(at);
        if (nearest != null && scale.get() * nearest.distance(at) <= NEAR_PX) {
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
        if (from != null && from.distance(to) * scale.get() > 3) {
            whenPulled.accept(new Pull(from, to).scaled(1 / made.factor()));
        }
        from = null;
        draw();
    }
}

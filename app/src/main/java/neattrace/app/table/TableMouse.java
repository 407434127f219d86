package neattrace.app.table;

import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import neattrace.geom.Point;

/** What the mouse does on a table: clicks, moves the view, zooms, or draws by hand. */
final class TableMouse {

    /** A press that moves no farther than this is a click, screen px. */
    private static final double STILL = 4;

    private final Table table;
    private Point2D pressedAt;
    private Point2D draggedTo;
    private boolean dragging;

    TableMouse(Table table) {
        this.table = table;
    }

    void listen() {
        table.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        table.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        table.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        table.addEventHandler(MouseEvent.MOUSE_MOVED, this::moved);
        table.addEventHandler(MouseEvent.MOUSE_EXITED, event -> table.pointAt(null));
        table.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
    }

    /** Whether the view is being moved. */
    boolean isDragging() {
        return dragging;
    }

    private Hand hand() {
        return table.handProperty().get();
    }

    private Point place(MouseEvent event) {
        return table.viewProperty().get().toPage(event.getX(), event.getY());
    }

    private void pressed(MouseEvent event) {
        table.requestFocus();
        pressedAt = new Point2D(event.getX(), event.getY());
        draggedTo = pressedAt;
        dragging = false;
        if (drawsByHand(event)) {
            hand().pressed(place(event));
            table.redraw();
        }
    }

    private boolean drawsByHand(MouseEvent event) {
        return hand() != null
                && table.shownProperty().get() != null
                && event.getButton() == MouseButton.PRIMARY;
    }

    private void dragged(MouseEvent event) {
        Point2D at = new Point2D(event.getX(), event.getY());
        if (drawsByHand(event)) {
            Point place = place(event);
            hand().dragged(place);
            table.pointAt(place);
            return;
        }
        if (!dragging && at.distance(pressedAt) > STILL) {
            dragging = true;
            table.setCursor(Cursor.CLOSED_HAND);
        }
        if (dragging) {
            table.look(
                    table.viewProperty()
                            .get()
                            .panned(at.getX() - draggedTo.getX(), at.getY() - draggedTo.getY()));
            draggedTo = at;
        }
    }

    private void released(MouseEvent event) {
        if (drawsByHand(event)) {
            Hand now = hand();
            boolean done = now.released(place(event));
            if (done && hand() == now) {
                table.take(null);
            }
            table.redraw();
            return;
        }
        table.setCursor(hand() == null ? Cursor.DEFAULT : hand().cursor());
        boolean click = !dragging && event.getButton() == MouseButton.PRIMARY;
        dragging = false;
        if (click) {
            table.click(place(event));
        }
    }

    private void moved(MouseEvent event) {
        table.hideCross();
        if (hand() != null) {
            hand().moved(place(event));
        }
        table.pointAt(place(event));
    }

    private void scrolled(ScrollEvent event) {
        if (table.shownProperty().get() == null || event.getDeltaY() == 0) {
            return;
        }
        double factor = Math.pow(1.0018, event.getDeltaY());
        table.look(table.viewProperty().get().zoomed(factor, event.getX(), event.getY()));
    }
}

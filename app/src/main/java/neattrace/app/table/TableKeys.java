package neattrace.app.table;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyEvent;
import neattrace.geom.Point;

/**
 * What the keyboard does on a table: arrows move a cross over the page, by 1 mm, with Shift by one
 * pixel of the sheet, with Ctrl by 10 mm; Space clicks there. A hand is led in the same way: Space
 * presses, arrows lead it, Space lets go.
 */
final class TableKeys {

    private static final double STEP_MM = 1;
    private static final double FAR_MM = 10;

    /** The cross keeps so far from the table's edges; the page moves under it, screen px. */
    private static final double RIM = 48;

    private final Table table;

    /** Where the cross is, mm; null while the mouse is in use. */
    private Point cross;

    /** Whether the hand is pressed down. */
    private boolean down;

    TableKeys(Table table) {
        this.table = table;
    }

    void listen() {
        table.addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        table.handProperty().addListener(property -> down = false);
    }

    /** Where the cross is, mm; null if it is not shown. */
    Point cross() {
        return cross;
    }

    /** The mouse is in use. */
    void hide() {
        cross = null;
    }

    private void pressed(KeyEvent event) {
        if (table.shownProperty().get() == null || event.isAltDown()) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> move(-1, 0, event);
            case RIGHT -> move(1, 0, event);
            case UP -> move(0, -1, event);
            case DOWN -> move(0, 1, event);
            case SPACE -> space();
            case INSERT -> insert();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private Point place() {
        if (cross != null) {
            return cross;
        }
        Point pointer = table.pointedAtProperty().get();
        return pointer == null ? view().centre() : pointer;
    }

    private View view() {
        return table.viewProperty().get();
    }

    private void move(int dx, int dy, KeyEvent event) {
        double mm =
                event.isShiftDown()
                        ? table.shownProperty().get().drawing().resolution().mmPerPx()
                        : event.isShortcutDown() ? FAR_MM : STEP_MM;
        int right = view().flipped() ? -dx : dx;
        show(place().plus(new Point(right * mm, dy * mm)));
        Hand hand = table.handProperty().get();
        if (hand != null) {
            if (down) {
                hand.dragged(cross);
            } else {
                hand.moved(cross);
            }
        }
        table.pointAt(cross);
    }

    private void show(Point place) {
        cross = place;
        Point2D at = view().toScreen(place);
        double dx = beyond(at.getX(), view().width());
        double dy = beyond(at.getY(), view().height());
        if (dx != 0 || dy != 0) {
            table.look(view().panned(-dx, -dy));
        }
    }

    /** How far a place lies beyond what is comfortably in sight. */
    private static double beyond(double at, double size) {
        return at < RIM ? at - RIM : at > size - RIM ? at - (size - RIM) : 0;
    }

    private void space() {
        show(place());
        Hand hand = table.handProperty().get();
        if (hand == null) {
            table.click(cross);
        } else if (!down) {
            hand.pressed(cross);
            down = hand.isLed();
            if (!down) {
                letGo(hand);
            }
        } else {
            letGo(hand);
        }
        table.pointAt(cross);
    }

    private void letGo(Hand hand) {
        down = false;
        boolean done = hand.released(cross);
        if (done && table.handProperty().get() == hand) {
            table.take(null);
        }
    }

    private void insert() {
        Hand hand = table.handProperty().get();
        if (hand != null && cross != null) {
            hand.inserted(cross);
            table.pointAt(cross);
        }
    }
}

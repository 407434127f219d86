package neattrace.app.station.press;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import neattrace.geom.Point;

/** Mouse and keys on the plates. */
final class PlatesMouse {

    private static final double CLICK_PX = 4;
    private static final double STEP_MM = 1;
    private static final double FAR_MM = 10;
    private static final double NEARER = 1.25;

    private final PlatesView view;
    private final PlatesHand hand;
    private Point pressedAt;
    private boolean dragged;

    /** Listens to a view, for a hand. */
    PlatesMouse(PlatesView view, PlatesHand hand) {
        this.view = view;
        this.hand = hand;
        view.setOnScroll(this::scrolled);
        view.setOnMousePressed(this::pressed);
        view.setOnMouseDragged(this::dragged);
        view.setOnMouseReleased(this::released);
        view.setOnMouseMoved(event -> hand.pointed(event.getX(), event.getY()));
        view.setOnMouseExited(event -> view.told(-1, -1));
    }

    private void scrolled(ScrollEvent event) {
        double turns = Math.signum(event.getDeltaY());
        event.consume();
        if (turns != 0) {
            view.zoomBy(Math.pow(NEARER, turns), event.getX(), event.getY());
        }
    }

    private void pressed(MouseEvent event) {
        view.requestFocus();
        pressedAt = new Point(event.getX(), event.getY());
        dragged = false;
        event.consume();
    }

    private void dragged(MouseEvent event) {
        Point now = new Point(event.getX(), event.getY());
        if (dragged || now.distance(pressedAt) > CLICK_PX) {
            dragged = true;
            view.panBy(now.x() - pressedAt.x(), now.y() - pressedAt.y());
            pressedAt = now;
        }
    }

    private void released(MouseEvent event) {
        if (!dragged) {
            hand.click(event.getX(), event.getY());
        }
        event.consume();
    }

    /** A key; whether it meant something. */
    boolean key(KeyEvent event) {
        if (arrow(event)) {
            return true;
        }
        if (event.isShortcutDown()) {
            return false;
        }
        switch (event.getCode()) {
            case V -> view.turnTraps();
            case U -> view.turnBeneath();
            case I -> view.turnTotal();
            case O -> view.turnFilm();
            case G -> view.turnUnder();
            case T -> view.trueSize();
            case W -> view.whole();
            case PLUS, EQUALS, ADD -> view.zoomBy(NEARER);
            case MINUS, SUBTRACT -> view.zoomBy(1 / NEARER);
            case SPACE -> {
                // Elsewhere it presses a button.
                return view.isFocused() && hand.act();
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Moves the cross as on the table: by 1 mm, with Shift by a pixel, with Ctrl by 10 mm. */
    private boolean arrow(KeyEvent event) {
        double px =
                event.isShiftDown()
                        ? 1
                        : (event.isShortcutDown() ? FAR_MM : STEP_MM) * view.view().scale();
        switch (event.getCode()) {
            case LEFT -> hand.move(-px, 0);
            case RIGHT -> hand.move(px, 0);
            case UP -> hand.move(0, -px);
            case DOWN -> hand.move(0, px);
            default -> {
                return false;
            }
        }
        return true;
    }
}

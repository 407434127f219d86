package neattrace.app.station.press;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import neattrace.geom.Point;

/** Mouse and keys on the plates. */
final class PlatesMouse {

    private static final double CLICK_PX = 4;
    private static final double STEP_PX = 60;
    private static final double FINE_PX = 12;
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
            case LEFT -> step(event, -1, 0);
            case RIGHT -> step(event, 1, 0);
            case UP -> step(event, 0, -1);
            case DOWN -> step(event, 0, 1);
            case ENTER -> {
                return hand.act();
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** With something to be changed arrows move a cross, else the sheet. */
    private void step(KeyEvent event, int x, int y) {
        if (hand.isMarked()) {
            double px = event.isShiftDown() ? 1 : FINE_PX;
            hand.move(px * x, px * y);
        } else {
            view.panBy(-STEP_PX * x, -STEP_PX * y);
        }
    }
}

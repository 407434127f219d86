package neattrace.app.station.press;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import neattrace.geom.Point;

/** Mouse and keys on the plates. */
final class PlatesMouse {

    private static final double CLICK_PX = 4;
    private static final double STEP_PX = 60;
    private static final double NEARER = 1.25;

    private final PlatesView view;
    private Point pressedAt;
    private boolean dragged;

    /** Listens to a view. */
    PlatesMouse(PlatesView view) {
        this.view = view;
        view.setOnScroll(this::scrolled);
        view.setOnMousePressed(this::pressed);
        view.setOnMouseDragged(this::dragged);
        view.setOnMouseReleased(this::released);
        view.setOnMouseMoved(event -> view.told(event.getX(), event.getY()));
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
            view.clicked(event.getX(), event.getY());
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
            case I -> view.turnTotal();
            case O -> view.turnFilm();
            case G -> view.turnUnder();
            case T -> view.trueSize();
            case W -> view.whole();
            case PLUS, EQUALS, ADD -> view.zoomBy(NEARER);
            case MINUS, SUBTRACT -> view.zoomBy(1 / NEARER);
            case LEFT -> view.panBy(STEP_PX, 0);
            case RIGHT -> view.panBy(-STEP_PX, 0);
            case UP -> view.panBy(0, STEP_PX);
            case DOWN -> view.panBy(0, -STEP_PX);
            default -> {
                return false;
            }
        }
        return true;
    }
}

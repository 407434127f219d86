package neattrace.app.station.make;

import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import neattrace.geom.Point;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;

/** The mouse over finished goods: takes parts in hand, drags them, turns cups, looks nearer. */
final class GoodsMouse {

    private static final double NEAR_PX = 9;
    private static final double CLICK_PX = 4;

    private final GoodsView view;
    private final GoodsHand hand;
    private final CupStrip cups;

    /** What it is over; -1 for nothing. */
    private int near = -1;

    private Point pressedAt;
    private Point startedAt;
    private boolean turning;
    private boolean panning;

    /** Listens to a view. */
    GoodsMouse(GoodsView view, GoodsHand hand, CupStrip cups) {
        this.view = view;
        this.hand = hand;
        this.cups = cups;
        view.setOnMousePressed(this::pressed);
        view.setOnMouseDragged(this::dragged);
        view.setOnMouseReleased(this::released);
        view.setOnMouseMoved(this::moved);
        view.setOnScroll(this::scrolled);
    }

    /** The number of the part it is over; -1 for none. */
    int near() {
        return near;
    }

    /** Other parts are there now. */
    void forget() {
        near = -1;
    }

    private int gripAt(double x, double y) {
        int best = -1;
        double least = NEAR_PX;
        Point at = new Point(x, y);
        for (int i = 0; i < hand.grips().size(); i++) {
            Grip grip = hand.grips().get(i);
            double away = GripDistance.px(grip, view.lying(), at);
            // What lies within several is the smallest of them, which comes later.
            if (away < least || away == 0 && least == 0) {
                least = away;
                best = i;
            }
        }
        return best;
    }

    private void pressed(MouseEvent event) {
        view.requestFocus();
        event.consume();
        pressedAt = new Point(event.getX(), event.getY());
        startedAt = pressedAt;
        turning = false;
        panning = false;
        if (view.isEmpty()) {
            return;
        }
        if (view.hasCup() && cups.holds(event.getX(), event.getY())) {
            turning = true;
            return;
        }
        if (hand.cross().isPresent()) {
            int page = view.lying().pageAt(event.getX(), event.getY());
            if (page >= 0) {
                hand.aimAt(page, view.lying().place(page, event.getX(), event.getY()));
                hand.add();
            }
            return;
        }
        int under = gripAt(event.getX(), event.getY());
        if (under >= 0) {
            if (under != hand.chosen()) {
                hand.choose(under);
            } else if (event.getClickCount() == 2) {
                hand.act(Act.SWITCH, false);
                return;
            }
            hand.hold(
                    view.lying().place(hand.grips().get(under).page(), event.getX(), event.getY()));
        } else {
            panning = true;
        }
    }

    private void dragged(MouseEvent event) {
        Point at = new Point(event.getX(), event.getY());
        if (turning) {
            cups.turn((pressedAt.x() - at.x()) * cups.mmPerPx());
            pressedAt = at;
            view.draw();
        } else if (panning) {
            view.panBy(at.minus(pressedAt));
            pressedAt = at;
        } else if (at.distance(pressedAt) > CLICK_PX) {
            hand.grip()
                    .ifPresent(grip -> hand.drag(view.lying().place(grip.page(), at.x(), at.y())));
        }
    }

    private void released(MouseEvent event) {
        if (panning && startedAt.distance(new Point(event.getX(), event.getY())) < CLICK_PX) {
            hand.layDown();
        }
        hand.letGo();
        panning = false;
        turning = false;
    }

    private void moved(MouseEvent event) {
        if (hand.cross().isPresent()) {
            int page = view.lying().pageAt(event.getX(), event.getY());
            if (page >= 0) {
                hand.aimAt(page, view.lying().place(page, event.getX(), event.getY()));
            }
            return;
        }
        int under = gripAt(event.getX(), event.getY());
        if (under != near) {
            near = under;
            hand.tell(under);
            view.draw();
        }
    }

    private void scrolled(ScrollEvent event) {
        double turns = Math.signum(event.getDeltaY());
        event.consume();
        if (turns == 0 || view.isEmpty()) {
            return;
        }
        if (view.hasCup()) {
            hand.act(turns > 0 ? Act.LARGER : Act.SMALLER, event.isShiftDown());
        } else {
            view.zoomBy(Math.pow(1.25, turns), event.getX(), event.getY());
        }
    }
}

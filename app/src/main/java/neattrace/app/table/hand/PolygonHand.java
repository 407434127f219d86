package neattrace.app.table.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** A polygon, clicked corner by corner; Enter or a click on the first corner closes it. */
public final class PolygonHand implements Hand {

    /** A click this near to the first corner closes the polygon, px on screen. */
    private static final double CLOSE_PX = 10;

    private final String hint;
    private final Consumer<List<Point>> whenDrawn;
    private final List<Point> corners = new ArrayList<>();
    private Point pointer;
    private double closeMm = 1;

    /** Calls {@code whenDrawn} with at least three corners. */
    public PolygonHand(String hint, Consumer<List<Point>> whenDrawn) {
        this.hint = hint;
        this.whenDrawn = whenDrawn;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {
        pointer = at;
    }

    @Override
    public void dragged(Point at) {
        pointer = at;
    }

    @Override
    public void moved(Point at) {
        pointer = at;
    }

    @Override
    public boolean released(Point at) {
        if (corners.size() >= 3 && corners.get(0).distance(at) <= closeMm) {
            return finished();
        }
        if (corners.isEmpty() || corners.get(corners.size() - 1).distance(at) > closeMm / 10) {
            corners.add(at);
        }
        return false;
    }

    @Override
    public boolean finished() {
        if (corners.size() < 3) {
            return false;
        }
        whenDrawn.accept(List.copyOf(corners));
        return true;
    }

    @Override
    public boolean isLed() {
        return false;
    }

    @Override
    public void paint(Brushwork brushwork) {
        closeMm = brushwork.mm(CLOSE_PX);
        List<Point> sofar = new ArrayList<>(corners);
        if (pointer != null) {
            sofar.add(pointer);
        }
        brushwork.area(sofar);
        brushwork.line(sofar, false);
        if (!corners.isEmpty()) {
            brushwork.knob(corners.get(0));
        }
    }
}

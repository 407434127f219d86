package neattrace.app.table.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Four corners that are dragged to where they belong; Enter takes them. */
public final class CornersHand implements Hand {

    private static final double REACH_PX = 24;

    private final String hint;
    private final Consumer<List<Point>> whenDone;
    private final List<Point> corners;
    private int held = -1;
    private double reachMm = 5;

    /** Starts with four corners from the upper left clockwise. */
    public CornersHand(String hint, List<Point> start, Consumer<List<Point>> whenDone) {
        this.hint = hint;
        this.corners = new ArrayList<>(start);
        this.whenDone = whenDone;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {
        held = -1;
        for (int k = 0; k < 4; k++) {
            double distance = corners.get(k).distance(at);
            if (distance <= reachMm && (held < 0 || distance < corners.get(held).distance(at))) {
                held = k;
            }
        }
    }

    @Override
    public void dragged(Point at) {
        if (held >= 0) {
            corners.set(held, at);
        }
    }

    @Override
    public boolean released(Point at) {
        held = -1;
        return false;
    }

    @Override
    public boolean finished() {
        whenDone.accept(List.copyOf(corners));
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        reachMm = brushwork.mm(REACH_PX);
        brushwork.line(corners, true);
        corners.forEach(brushwork::knob);
    }
}

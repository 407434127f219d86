package neattrace.app.table.hand;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Spans from one place to another, one after the other; where it would take hold is shown. */
public final class SpanHand implements Hand {

    private final String hint;
    private final Function<Point, Point> hold;
    private final BiConsumer<Point, Point> whenSpanned;
    private Point from;
    private Point to;

    /**
     * A hand.
     *
     * @param hold the place near a place that would be taken; null if there is none
     * @param whenSpanned called with both ends
     */
    public SpanHand(
            String hint, Function<Point, Point> hold, BiConsumer<Point, Point> whenSpanned) {
        this.hint = hint;
        this.hold = hold;
        this.whenSpanned = whenSpanned;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {
        from = at;
        to = at;
    }

    @Override
    public void dragged(Point at) {
        to = at;
    }

    @Override
    public void moved(Point at) {
        to = at;
    }

    @Override
    public boolean released(Point at) {
        if (from != null) {
            whenSpanned.accept(from, at);
        }
        from = null;
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        Point end = to == null ? null : hold.apply(to);
        if (from != null) {
            Point start = hold.apply(from);
            brushwork.line(List.of(start == null ? from : start, end == null ? to : end), false);
            if (start != null) {
                brushwork.knob(start);
            }
        }
        if (end != null) {
            brushwork.knob(end);
        }
    }
}

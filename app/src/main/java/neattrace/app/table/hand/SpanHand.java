package neattrace.app.table.hand;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import neattrace.geom.Point;

/** Spans from one place to another, one after the other; where it would take hold is shown. */
public final class SpanHand extends DragHand {

    private final Function<Point, Optional<Point>> hold;
    private final BiConsumer<Point, Point> whenSpanned;

    /**
     * A hand.
     *
     * @param hold the place near a place that would be taken
     * @param whenSpanned called with both ends
     */
    public SpanHand(
            String hint,
            Function<Point, Optional<Point>> hold,
            BiConsumer<Point, Point> whenSpanned) {
        super(hint);
        this.hold = hold;
        this.whenSpanned = whenSpanned;
    }

    @Override
    boolean dropped(Point began, Point ended) {
        whenSpanned.accept(began, ended);
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    void paint(Brushwork brushwork, Point began, Point pointer) {
        Optional<Point> end = hold.apply(pointer);
        if (began != null) {
            Optional<Point> start = hold.apply(began);
            brushwork.line(List.of(start.orElse(began), end.orElse(pointer)), false);
            start.ifPresent(brushwork::knob);
        }
        end.ifPresent(brushwork::knob);
    }
}

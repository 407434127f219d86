package neattrace.app.table.hand;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import neattrace.geom.Point;

/** A straight line, dragged from end to end. */
public final class LineHand extends DragHand {

    private static final double LEAST_MM = 1;

    private final BiFunction<Point, Point, String> words;
    private final BiConsumer<Point, Point> whenDrawn;

    /**
     * A hand that calls {@code whenDrawn} with both ends.
     *
     * @param words what is said beside the line while it is drawn
     */
    public LineHand(
            String hint,
            BiFunction<Point, Point, String> words,
            BiConsumer<Point, Point> whenDrawn) {
        super(hint);
        this.words = words;
        this.whenDrawn = whenDrawn;
    }

    @Override
    boolean dropped(Point began, Point ended) {
        boolean drawn = began.distance(ended) > LEAST_MM;
        if (drawn) {
            whenDrawn.accept(began, ended);
        }
        return drawn;
    }

    @Override
    void paint(Brushwork brushwork, Point began, Point pointer) {
        if (began == null) {
            return;
        }
        brushwork.line(List.of(began, pointer), false);
        brushwork.knob(began);
        brushwork.knob(pointer);
        if (began.distance(pointer) > LEAST_MM) {
            brushwork.label(pointer, words.apply(began, pointer));
        }
    }
}

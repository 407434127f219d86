package neattrace.app.table.hand;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** A straight line, dragged from end to end. */
public final class LineHand implements Hand {

    private final String hint;
    private final BiFunction<Point, Point, String> words;
    private final BiConsumer<Point, Point> whenDrawn;
    private Point from;
    private Point to;

    /**
     * A hand that calls {@code whenDrawn} with both ends.
     *
     * @param words what is said beside the line while it is drawn
     */
    public LineHand(
            String hint,
            BiFunction<Point, Point, String> words,
            BiConsumer<Point, Point> whenDrawn) {
        this.hint = hint;
        this.words = words;
        this.whenDrawn = whenDrawn;
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
    public boolean released(Point at) {
        boolean drawn = from != null && from.distance(at) > 1;
        if (drawn) {
            whenDrawn.accept(from, at);
        }
        from = null;
        return drawn;
    }

    @Override
    public void paint(Brushwork brushwork) {
        if (from != null) {
            brushwork.line(List.of(from, to), false);
            brushwork.knob(from);
            brushwork.knob(to);
            if (from.distance(to) > 1) {
                brushwork.label(to, words.apply(from, to));
            }
        }
    }
}

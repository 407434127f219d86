package neattrace.app.table.hand;

import java.util.List;
import java.util.function.BiConsumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** A rectangle, dragged from corner to corner. */
public final class BoxHand implements Hand {

    private final String hint;
    private final BiConsumer<Point, Point> whenDrawn;
    private Point from;
    private Point to;

    /** Calls {@code whenDrawn} with the upper left and the lower right corner. */
    public BoxHand(String hint, BiConsumer<Point, Point> whenDrawn) {
        this.hint = hint;
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
        boolean drawn =
                from != null
                        && Math.abs(at.x() - from.x()) > 0.3
                        && Math.abs(at.y() - from.y()) > 0.3;
        if (drawn) {
            whenDrawn.accept(
                    new Point(Math.min(from.x(), at.x()), Math.min(from.y(), at.y())),
                    new Point(Math.max(from.x(), at.x()), Math.max(from.y(), at.y())));
        }
        from = null;
        return drawn;
    }

    @Override
    public void paint(Brushwork brushwork) {
        if (from != null) {
            List<Point> box =
                    List.of(from, new Point(to.x(), from.y()), to, new Point(from.x(), to.y()));
            brushwork.area(box);
            brushwork.line(box, true);
        }
    }
}

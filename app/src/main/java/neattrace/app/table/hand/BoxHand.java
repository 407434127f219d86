package neattrace.app.table.hand;

import java.util.List;
import java.util.function.BiConsumer;
import neattrace.geom.Point;

/** A rectangle, dragged from corner to corner. */
public final class BoxHand extends DragHand {

    private static final double LEAST_MM = 0.3;

    private final BiConsumer<Point, Point> whenDrawn;

    /** Calls {@code whenDrawn} with the upper left and the lower right corner. */
    public BoxHand(String hint, BiConsumer<Point, Point> whenDrawn) {
        super(hint);
        this.whenDrawn = whenDrawn;
    }

    @Override
    boolean dropped(Point began, Point ended) {
        boolean drawn =
                Math.abs(ended.x() - began.x()) > LEAST_MM
                        && Math.abs(ended.y() - began.y()) > LEAST_MM;
        if (drawn) {
            whenDrawn.accept(
                    new Point(Math.min(began.x(), ended.x()), Math.min(began.y(), ended.y())),
                    new Point(Math.max(began.x(), ended.x()), Math.max(began.y(), ended.y())));
        }
        return drawn;
    }

    @Override
    void paint(Brushwork brushwork, Point began, Point pointer) {
        if (began != null) {
            List<Point> box =
                    List.of(
                            began,
                            new Point(pointer.x(), began.y()),
                            pointer,
                            new Point(began.x(), pointer.y()));
            brushwork.area(box);
            brushwork.line(box, true);
        }
    }
}

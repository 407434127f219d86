package neattrace.app.table.hand;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Picks things by clicks, one after the other; what a click would pick lights up. */
public final class PickHand implements Hand {

    private final String hint;
    private final Function<Point, List<Point>> lit;
    private final Consumer<Point> whenPicked;
    private Point pointer;

    /**
     * A hand.
     *
     * @param lit the path that lights up under the pointer; empty for none
     * @param whenPicked called with the place of each click
     */
    public PickHand(String hint, Function<Point, List<Point>> lit, Consumer<Point> whenPicked) {
        this.hint = hint;
        this.lit = lit;
        this.whenPicked = whenPicked;
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
    public void moved(Point at) {
        pointer = at;
    }

    @Override
    public boolean released(Point at) {
        whenPicked.accept(at);
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public boolean isLed() {
        return false;
    }

    @Override
    public void paint(Brushwork brushwork) {
        if (pointer != null) {
            brushwork.line(lit.apply(pointer), false);
        }
    }
}

package neattrace.app.table.hand;

import java.util.function.Consumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** A place, pointed at with one click. */
public final class SpotHand implements Hand {

    private final String hint;
    private final Consumer<Point> whenPointed;

    /** Calls {@code whenPointed} with the place. */
    public SpotHand(String hint, Consumer<Point> whenPointed) {
        this.hint = hint;
        this.whenPointed = whenPointed;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {}

    @Override
    public boolean released(Point at) {
        whenPointed.accept(at);
        return true;
    }

    @Override
    public boolean isLed() {
        return false;
    }

    @Override
    public void paint(Brushwork brushwork) {}
}

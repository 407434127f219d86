package neattrace.app.table.hand;

import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** What is dragged from one place to another. */
abstract class DragHand implements Hand {

    private final String hint;

    /** Where the drag began; null before and after. */
    private Point from;

    /** Where the pointer is; null before it came. */
    private Point to;

    DragHand(String hint) {
        this.hint = hint;
    }

    @Override
    public final String hint() {
        return hint;
    }

    @Override
    public final void pressed(Point at) {
        from = at;
        to = at;
    }

    @Override
    public final void dragged(Point at) {
        to = at;
    }

    @Override
    public final void moved(Point at) {
        to = at;
    }

    @Override
    public final boolean released(Point at) {
        Point began = from;
        from = null;
        return began != null && dropped(began, at);
    }

    /** The drag ended. True if the hand has done its work and can be laid down. */
    abstract boolean dropped(Point began, Point ended);

    /** Shows the drag, of which {@code began} is null while the button is up. */
    abstract void paint(Brushwork brushwork, Point began, Point pointer);

    @Override
    public final void paint(Brushwork brushwork) {
        if (to != null) {
            paint(brushwork, from, to);
        }
    }
}

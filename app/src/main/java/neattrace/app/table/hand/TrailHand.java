package neattrace.app.table.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Lines drawn freely, one after the other. */
public final class TrailHand implements Hand {

    private static final double STEP_PX = 2;

    private final String hint;
    private final Consumer<List<Point>> whenDrawn;
    private final List<Point> line = new ArrayList<>();
    private double stepMm = 0.1;

    /** Calls {@code whenDrawn} with the places of each line. */
    public TrailHand(String hint, Consumer<List<Point>> whenDrawn) {
        this.hint = hint;
        this.whenDrawn = whenDrawn;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {
        line.clear();
        line.add(at);
    }

    @Override
    public void dragged(Point at) {
        if (!line.isEmpty() && line.get(line.size() - 1).distance(at) >= stepMm) {
            line.add(at);
        }
    }

    @Override
    public boolean released(Point at) {
        if (line.size() > 1) {
            whenDrawn.accept(List.copyOf(line));
        }
        line.clear();
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        stepMm = brushwork.mm(STEP_PX);
        brushwork.line(line, false);
    }
}

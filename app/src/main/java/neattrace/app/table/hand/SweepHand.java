package neattrace.app.table.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Sweeps over the drawing; what was swept over is told place by place, and when it ends. */
public final class SweepHand implements Hand {

    private static final double STEP_PX = 3;

    private final String hint;
    private final Consumer<Point> whenSwept;
    private final Runnable whenDone;
    private final List<Point> line = new ArrayList<>();
    private double stepMm = 0.2;

    /**
     * A hand.
     *
     * @param whenSwept called with each place on the way
     * @param whenDone called when the button comes up
     */
    public SweepHand(String hint, Consumer<Point> whenSwept, Runnable whenDone) {
        this.hint = hint;
        this.whenSwept = whenSwept;
        this.whenDone = whenDone;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public void pressed(Point at) {
        line.clear();
        line.add(at);
        whenSwept.accept(at);
    }

    /** A quick hand skips small areas; so places between are told, too. */
    @Override
    public void dragged(Point at) {
        if (line.isEmpty()) {
            return;
        }
        Point last = line.get(line.size() - 1);
        double length = last.distance(at);
        for (double gone = stepMm; gone < length; gone += stepMm) {
            whenSwept.accept(last.plus(at.minus(last).times(gone / length)));
        }
        whenSwept.accept(at);
        line.add(at);
    }

    @Override
    public boolean released(Point at) {
        line.clear();
        whenDone.run();
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public boolean lightsUp() {
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        stepMm = brushwork.mm(STEP_PX);
        brushwork.line(line, false);
    }
}

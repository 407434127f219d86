package neattrace.app.table.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import neattrace.app.table.Hand;
import neattrace.geom.Point;

/** Strokes of a round brush, as wide on screen at every zoom. Stays in hand stroke after stroke. */
public final class BrushHand implements Hand {

    private static final double WIDTH_PX = 36;

    private final String hint;
    private final BiConsumer<List<Point>, Double> whenDrawn;
    private final List<Point> line = new ArrayList<>();
    private Point pointer;
    private double widthMm = 1;
    private boolean down;

    /** Calls {@code whenDrawn} after each stroke with its line and the brush's width in mm. */
    public BrushHand(String hint, BiConsumer<List<Point>, Double> whenDrawn) {
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
        down = true;
    }

    @Override
    public void dragged(Point at) {
        pointer = at;
        if (down && line.get(line.size() - 1).distance(at) > widthMm / 12) {
            line.add(at);
        }
    }

    @Override
    public void moved(Point at) {
        pointer = at;
    }

    @Override
    public boolean released(Point at) {
        down = false;
        if (!line.isEmpty()) {
            whenDrawn.accept(List.copyOf(line), widthMm);
            line.clear();
        }
        return false;
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        if (!down) {
            widthMm = brushwork.mm(WIDTH_PX);
        }
        brushwork.stroke(line, widthMm);
        if (pointer != null) {
            brushwork.tip(pointer, widthMm);
        }
    }
}

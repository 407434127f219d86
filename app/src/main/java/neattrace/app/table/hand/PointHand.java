package neattrace.app.table.hand;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import neattrace.app.table.Hand;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.trace.PointEdit;
import neattrace.trace.mend.PointEditor;

/** Moves points of the outlines and their handles, adds points and takes them away. */
public final class PointHand implements Hand {

    private static final double REACH_PX = 9;
    private static final long TWICE_NANOS = 400_000_000L;

    private final Supplier<List<Outline>> outlines;
    private final Consumer<PointEdit> whenChanged;

    /** The point taken hold of: where it is, and its handles. */
    private record Held(Point at, Point in, Point out) {}

    private enum Part {
        POINT,
        IN,
        OUT
    }

    private Held held;
    private Held before;
    private Part part;
    private Point from;
    private boolean moved;
    private double reachMm = 1;
    private long lastPress;
    private Point lastPlace;

    /**
     * A hand.
     *
     * @param outlines what is shown, mm
     * @param whenChanged called with each change
     */
    public PointHand(Supplier<List<Outline>> outlines, Consumer<PointEdit> whenChanged) {
        this.outlines = outlines;
        this.whenChanged = whenChanged;
    }

    @Override
    public String hint() {
        return "Drag a point or a handle. Click twice on a curve, or press Insert, for a new point;"
                + " Delete takes one away.";
    }

    @Override
    public void pressed(Point at) {
        moved = false;
        from = at;
        part = null;
        boolean twice =
                lastPlace != null
                        && lastPlace.distance(at) < reachMm / 2
                        && System.nanoTime() - lastPress < TWICE_NANOS;
        lastPress = System.nanoTime();
        lastPlace = at;
        if (held != null && near(held.in, at)) {
            part = Part.IN;
        } else if (held != null && near(held.out, at)) {
            part = Part.OUT;
        } else {
            Optional<PointEditor.Place> place = PointEditor.nearest(outlines.get(), at, reachMm);
            held = place.map(this::hold).orElse(null);
            part = held == null ? null : Part.POINT;
            if (held == null && twice) {
                inserted(at);
                lastPlace = null;
            }
        }
        before = held;
    }

    private boolean near(Point a, Point b) {
        return a.distance(b) <= reachMm;
    }

    private Held hold(PointEditor.Place place) {
        CubicLoop loop = PointEditor.loop(outlines.get().get(place.outline()), place.loop());
        int last = Math.floorMod(place.point() - 1, loop.size());
        return new Held(
                loop.point(place.point()), loop.control(last, 1), loop.control(place.point(), 0));
    }

    @Override
    public void dragged(Point at) {
        if (part == null) {
            return;
        }
        moved |= from.distance(at) > reachMm / 4;
        Point shift = at.minus(from);
        held =
                switch (part) {
                    case POINT ->
                            new Held(
                                    before.at.plus(shift),
                                    before.in.plus(shift),
                                    before.out.plus(shift));
                    case IN ->
                            new Held(
                                    before.at,
                                    before.in.plus(shift),
                                    turned(before.in, before.out, before.in.plus(shift)));
                    case OUT ->
                            new Held(
                                    before.at,
                                    turned(before.out, before.in, before.out.plus(shift)),
                                    before.out.plus(shift));
                };
    }

    /** The other handle: turned along if both lay on one line, left where it is at a corner. */
    private Point turned(Point handle, Point other, Point now) {
        Point a = handle.minus(before.at);
        Point b = other.minus(before.at);
        boolean smooth = a.unit().dot(b.unit()) < -0.995;
        Point along = now.minus(before.at);
        return !smooth || along.length() == 0
                ? other
                : before.at.minus(along.unit().times(b.length()));
    }

    @Override
    public boolean released(Point at) {
        if (moved && held != null && part != null) {
            whenChanged.accept(new PointEdit.Move(before.at, held.at, held.in, held.out));
        }
        part = null;
        return false;
    }

    @Override
    public boolean deleted() {
        if (held == null) {
            return false;
        }
        Point at = held.at;
        held = null;
        whenChanged.accept(new PointEdit.Delete(at));
        return true;
    }

    @Override
    public boolean inserted(Point at) {
        Optional<Point> on = PointEditor.nearestOnCurve(outlines.get(), at, reachMm);
        on.ifPresent(place -> whenChanged.accept(new PointEdit.Add(place)));
        return on.isPresent();
    }

    @Override
    public boolean finished() {
        return true;
    }

    @Override
    public void paint(Brushwork brushwork) {
        reachMm = brushwork.mm(REACH_PX);
        if (held != null) {
            brushwork.line(List.of(held.in, held.at, held.out), false);
            brushwork.knob(held.in);
            brushwork.knob(held.out);
            brushwork.knob(held.at);
        }
    }
}

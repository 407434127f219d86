package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;
import neattrace.app.work.KnownSheet;
import neattrace.gang.GangPlace;
import neattrace.geom.Point;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.sheet.SheetItem;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The sticker in hand: taken by a press or with the keys, and moved, turned, pinned and let go.
 * What is moved is laid for good once it is let go, or the keys rest.
 */
final class SheetHand {

    private static final double TURN_DEGREES = 5;

    /** Steps that follow one another at once are one change. */
    private static final Duration PAUSE = Duration.millis(450);

    private final BiConsumer<Integer, GangPlace> whenLaid;
    private final Consumer<String> tell;
    private final Runnable changed;
    private final PauseTransition resting = new PauseTransition(PAUSE);
    private KnownSheet known;

    /** Its number among those that lie there; -1 for none. */
    private int chosen = -1;

    /** Where it lies while it is moved or turned; null while it lies still. */
    private GangPlace draft;

    /** Where it is held, mm from its middle; null if no button holds it. */
    private Point grip;

    /**
     * An empty hand.
     *
     * @param whenLaid told of a place, by its number, that was laid elsewhere or pinned
     * @param tell told about the sticker in hand
     * @param changed told that it looks otherwise
     */
    SheetHand(BiConsumer<Integer, GangPlace> whenLaid, Consumer<String> tell, Runnable changed) {
        this.whenLaid = whenLaid;
        this.tell = tell;
        this.changed = changed;
        resting.setOnFinished(event -> lay());
    }

    /** By how much a step turns, degrees. */
    static double step(boolean fine) {
        return fine ? 1 : TURN_DEGREES;
    }

    /** A sheet is there, or none; what is in hand stays so if it still lies where it did. */
    void show(KnownSheet next) {
        if (next != null && resting.getStatus() == Animation.Status.RUNNING) {
            lay();
        }
        GangPlace before = known == null || chosen < 0 ? null : current();
        known = next;
        if (grip == null) {
            draft = null;
            choose(before == null || next == null ? -1 : indexOf(before));
        } else if (next == null || chosen >= lying().size()) {
            choose(-1);
        }
        tell();
    }

    private List<Laid> lying() {
        return known.laid().nest().laid();
    }

    private GangPlace place(int index) {
        return known.sheet().places().get(known.places().get(index));
    }

    /** What lies where that in hand did before; -1 if nothing does. */
    private int indexOf(GangPlace before) {
        for (int i = 0; i < lying().size(); i++) {
            GangPlace there = place(i);
            if (there.drawing() == before.drawing()
                    && there.xMm() == before.xMm()
                    && there.yMm() == before.yMm()) {
                return i;
            }
        }
        return -1;
    }

    /** The number of what is in hand among those that lie there; -1 for none. */
    int chosen() {
        return chosen;
    }

    /** What lies there, the one in hand where it is right now. */
    List<Laid> laid() {
        List<Laid> laid = new ArrayList<>(lying());
        if (chosen >= 0) {
            laid.set(chosen, moved(laid.get(chosen)));
        }
        return laid;
    }

    private Laid moved(Laid one) {
        return draft == null
                ? one
                : new Laid(one.piece(), draft.xMm(), draft.yMm(), draft.turnDegrees(), true);
    }

    private int at(Point place) {
        Nest nest = known.laid().nest();
        var point = new GeometryFactory().createPoint(new Coordinate(place.x(), place.y()));
        for (int i = lying().size() - 1; i >= 0; i--) {
            if (nest.shape(lying().get(i)).contains(point)) {
                return i;
            }
        }
        return -1;
    }

    /** Takes what lies at a place, mm. */
    void take(Point place) {
        lay();
        choose(at(place));
        if (chosen >= 0) {
            Laid one = lying().get(chosen);
            grip = place.minus(new Point(one.xMm(), one.yMm()));
        }
    }

    /** Drags what was taken to a place, mm. */
    void drag(Point place) {
        if (grip != null && chosen >= 0) {
            Point to = place.minus(grip);
            drafted(current().moved(to.x(), to.y()));
        }
    }

    /** Lets go of what was dragged. */
    void letGo() {
        grip = null;
        lay();
    }

    /** Turns what lies at a place, mm, or else what is in hand. */
    void turnAt(Point place, double degrees) {
        int under = at(place);
        if (under >= 0 && under != chosen) {
            lay();
            choose(under);
        }
        turn(degrees);
    }

    /** Where the one in hand lies, as the sheet says or while it is moved. */
    private GangPlace current() {
        return draft != null ? draft : place(chosen);
    }

    private void drafted(GangPlace next) {
        draft = next;
        tell();
        changed.run();
    }

    private boolean turn(double degrees) {
        if (chosen < 0) {
            return false;
        }
        drafted(current().turned(degrees));
        resting.playFromStart();
        return true;
    }

    private boolean move(double dx, double dy) {
        if (chosen < 0) {
            return false;
        }
        GangPlace now = current();
        drafted(now.moved(now.xMm() + dx, now.yMm() + dy));
        resting.playFromStart();
        return true;
    }

    /** What was moved or turned is laid there for good. */
    private void lay() {
        resting.stop();
        if (draft != null && chosen >= 0) {
            whenLaid.accept(known.places().get(chosen), draft);
        }
    }

    private void choose(int next) {
        if (next != chosen) {
            draft = null;
            grip = null;
        }
        chosen = next;
        tell();
        changed.run();
    }

    /** Pins the sticker in hand where it lies, or frees it. */
    void turnPin() {
        if (known != null && chosen >= 0) {
            GangPlace now = current();
            whenLaid.accept(known.places().get(chosen), now.withPinned(!now.pinned()));
        }
    }

    /** Lays down what is in hand; false if nothing was. */
    boolean layDown() {
        boolean had = chosen >= 0;
        if (had) {
            if (resting.getStatus() == Animation.Status.RUNNING) {
                lay();
            }
            choose(-1);
        }
        return had;
    }

    /** A key; whether it meant something. */
    boolean pressed(KeyEvent event) {
        if (lying().isEmpty() || event.isShortcutDown() && !event.getCode().isArrowKey()) {
            return false;
        }
        double way = event.isControlDown() ? 10 : event.isShiftDown() ? 0.1 : 1;
        double degrees = step(event.isShiftDown());
        return switch (event.getCode()) {
            case PERIOD -> goOn(1);
            case COMMA -> goOn(-1);
            case LEFT -> move(-way, 0);
            case RIGHT -> move(way, 0);
            case UP -> move(0, -way);
            case DOWN -> move(0, way);
            case PAGE_UP -> turn(-degrees);
            case PAGE_DOWN -> turn(degrees);
            default -> false;
        };
    }

    private boolean goOn(int by) {
        lay();
        int first = by > 0 ? 0 : lying().size() - 1;
        choose(chosen < 0 ? first : Math.floorMod(chosen + by, lying().size()));
        return true;
    }

    private void tell() {
        if (known == null || chosen < 0) {
            tell.accept("");
            return;
        }
        Laid one = moved(lying().get(chosen));
        SheetItem item = known.laid().item(one);
        double near = known.laid().nest().nearestMm(one);
        Envelope size = item.sticker().area().getEnvelopeInternal();
        tell.accept(
                String.format(
                        Locale.ROOT,
                        "%s %.0f × %.0f mm, turned %.0f°%s%s",
                        item.name(),
                        size.getWidth(),
                        size.getHeight(),
                        one.turnDegrees(),
                        Double.isFinite(near)
                                ? String.format(Locale.ROOT, ", %.1f mm to the nearest", near)
                                : "",
                        one.pinned() ? ", pinned" : ""));
    }
}

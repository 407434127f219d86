package neattrace.app.station.make;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import neattrace.geom.Point;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;
import neattrace.goods.made.Scene;
import neattrace.job.WantedGoods;

/**
 * What is in hand of finished goods: a part of them, or something to be added at a cross. Moves are
 * kept once keys rest or the button is let go.
 */
final class GoodsHand {

    private static final Duration PAUSE = Duration.millis(600);

    /** What was in hand is looked for so far about the place where it should be now, mm. */
    private static final double SAME_MM = 12;

    private final BiConsumer<String, UnaryOperator<WantedGoods>> whenChanged;
    private final Consumer<String> tell;
    private final Runnable changed;
    private final PauseTransition resting = new PauseTransition(PAUSE);
    private Scene scene;
    private int chosen = -1;

    /** How far what is in hand was moved, mm, as long as that is not kept. */
    private Point draft;

    /** So much of that is kept already and waits to be made. */
    private Point kept = new Point(0, 0);

    /** Where the button took hold, mm; null if none did. */
    private Point hold;

    /** Where something would be added; null if nothing is. */
    private Point cross;

    private int crossPage;

    /** Where what is in hand is expected once it was changed; null if nothing was. */
    private Point expected;

    private int expectedPage;
    private int countBefore = -1;

    /**
     * An empty hand.
     *
     * @param whenChanged told what the change is called, and the change
     * @param tell told about what is in hand
     * @param changed told that it looks otherwise
     */
    GoodsHand(
            BiConsumer<String, UnaryOperator<WantedGoods>> whenChanged,
            Consumer<String> tell,
            Runnable changed) {
        this.whenChanged = whenChanged;
        this.tell = tell;
        this.changed = changed;
        resting.setOnFinished(event -> keep());
    }

    /** Other goods are there, or the same made anew; what was in hand stays so if it is there. */
    void show(Scene next, boolean same) {
        Optional<Grip> before = same ? grip() : Optional.empty();
        Point at = expected != null ? expected : before.map(Grip::at).orElse(null);
        int page = expected != null ? expectedPage : before.map(Grip::page).orElse(0);
        boolean added = same && countBefore >= 0 && next.grips().size() == countBefore + 1;
        scene = next;
        // Keys that still move it go on from where it lies now.
        boolean moving = same && before.isPresent() && isMoving();
        if (moving) {
            draft = draft().minus(kept);
        } else if (hold == null) {
            resting.stop();
            draft = null;
        }
        kept = new Point(0, 0);
        if (!same) {
            cross = null;
        }
        if (added && scene.adding().isEmpty()) {
            chosen = scene.grips().size() - 1;
        } else {
            chosen = at == null || !same ? -1 : nearest(page, at);
        }
        expected = null;
        countBefore = -1;
        told();
    }

    private int nearest(int page, Point at) {
        int nearest = -1;
        double least = SAME_MM;
        for (int i = 0; i < scene.grips().size(); i++) {
            Grip one = scene.grips().get(i);
            double away = one.page() == page ? one.at().distance(at) : Double.MAX_VALUE;
            if (away < least) {
                least = away;
                nearest = i;
            }
        }
        return nearest;
    }

    /** What is in hand. */
    Optional<Grip> grip() {
        return scene == null || chosen < 0 || chosen >= scene.grips().size()
                ? Optional.empty()
                : Optional.of(scene.grips().get(chosen));
    }

    /** How far it was moved, mm, as long as that is not kept. */
    Point draft() {
        return draft == null ? new Point(0, 0) : draft;
    }

    /** Where something would be added, mm. */
    Optional<Point> cross() {
        return Optional.ofNullable(cross);
    }

    /** On which page. */
    int crossPage() {
        return crossPage;
    }

    /** Takes a part in hand; -1 for none. */
    void choose(int index) {
        keep();
        chosen = index;
        cross = null;
        told();
        changed.run();
    }

    /** Takes hold of what is in hand at a place of its page, mm. */
    void hold(Point at) {
        hold = at;
    }

    /** Drags what is held. */
    void drag(Point to) {
        if (hold != null && grip().flatMap(Grip::move).isPresent()) {
            draft = to.minus(hold);
            changed.run();
        }
    }

    /** Lets go. */
    void letGo() {
        hold = null;
        keep();
    }

    /** Moves what is in hand, or the cross, mm; false if there is nothing that moves. */
    boolean move(double dx, double dy) {
        Point by = new Point(dx, dy);
        if (cross != null) {
            cross = cross.plus(by);
        } else if (grip().flatMap(Grip::move).isPresent()) {
            draft = draft().plus(by);
            resting.playFromStart();
        } else {
            return false;
        }
        changed.run();
        return true;
    }

    private void keep() {
        resting.stop();
        Point by = draft;
        Optional<Grip> grip = grip();
        draft = null;
        if (by == null || grip.isEmpty() || Math.hypot(by.x(), by.y()) < 1e-6) {
            return;
        }
        Point to = grip.get().at().plus(by);
        expected = to;
        expectedPage = grip.get().page();
        // What is made anew takes a moment; until then it is seen where it was laid.
        draft = by;
        kept = by;
        grip.get()
                .move()
                .ifPresent(move -> whenChanged.accept("Move", goods -> move.to(goods, to)));
    }

    /** Does something with what is in hand; false if that cannot be. */
    boolean act(Act act, boolean fine) {
        keep();
        Optional<Grip> grip = grip();
        if (grip.isEmpty() || !grip.get().can().contains(act)) {
            return false;
        }
        if (act == Act.ANOTHER) {
            countBefore = scene.grips().size();
        }
        Grip now = grip.get();
        whenChanged.accept(
                now.acts().get(act).label(), goods -> now.done(act, goods, fine).orElse(goods));
        return true;
    }

    /** Goes on to another part. */
    boolean step(int by) {
        int n = scene == null ? 0 : scene.grips().size();
        if (n == 0) {
            return false;
        }
        choose(chosen < 0 ? (by > 0 ? 0 : n - 1) : Math.floorMod(chosen + by, n));
        return true;
    }

    /** Whether something can be added. */
    boolean canAdd() {
        return scene != null && scene.adding().isPresent();
    }

    /** A cross where something is to be added, at what is in hand or elsewhere, mm. */
    void aim(int page, Point elsewhere) {
        Optional<Grip> grip = grip();
        crossPage = grip.map(Grip::page).orElse(page);
        Point from = grip.map(Grip::at).orElse(elsewhere);
        chosen = -1;
        draft = null;
        cross = from;
        told();
        changed.run();
    }

    /** Where the cross stands from now on. */
    void aimAt(int page, Point at) {
        crossPage = page;
        cross = at;
        changed.run();
    }

    /** Adds what the cross stands for. */
    boolean add() {
        if (cross == null || !canAdd()) {
            return false;
        }
        Scene.Adding adding = scene.adding().get();
        Point at = cross;
        int page = crossPage;
        expected = at;
        expectedPage = page;
        cross = null;
        whenChanged.accept(adding.label(), goods -> adding.at(goods, page, at).orElse(goods));
        changed.run();
        return true;
    }

    /** Lays down what is in hand; false if nothing was. */
    boolean layDown() {
        boolean had = chosen >= 0 || cross != null;
        if (isMoving()) {
            keep();
        }
        draft = null;
        chosen = -1;
        cross = null;
        told();
        if (had) {
            changed.run();
        }
        return had;
    }

    /** Lays down what is in hand where it was. */
    void drop() {
        resting.stop();
        layDown();
    }

    /** What is there to be taken. */
    List<Grip> grips() {
        return scene == null ? List.of() : scene.grips();
    }

    int chosen() {
        return chosen;
    }

    /** What was moved is seen where it lies now. */
    void seen() {
        if (hold == null && !isMoving()) {
            draft = null;
        }
    }

    /** Whether keys have moved something that is not kept yet. */
    private boolean isMoving() {
        return resting.getStatus() == Animation.Status.RUNNING;
    }

    /** Tells of a part the mouse is over; -1 for none. */
    void tell(int index) {
        if (index >= 0 && index < grips().size() && cross == null) {
            tell.accept(grips().get(index).words());
        } else {
            told();
        }
    }

    private void told() {
        tell.accept(
                cross != null
                        ? "Arrows move the cross, Space puts it there"
                        : grip().map(Grip::words).orElse(""));
    }
}

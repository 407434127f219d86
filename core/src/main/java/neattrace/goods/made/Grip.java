package neattrace.goods.made;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import neattrace.geom.Point;
import neattrace.job.WantedGoods;

/**
 * A part of finished goods that can be taken in hand: a tie, a motif, a line, a signature. What is
 * done with it changes what is wanted, never the drawing.
 *
 * @param page it is seen on, from 0
 * @param at where it is held, mm on that page
 * @param outline round it or along it, mm on that page
 * @param closed whether the outline ends where it begins
 * @param words what it is, in a person's words
 * @param look how it is shown while no hand is near
 * @param acts what can be done with it, each with what it is called
 * @param move moves it; empty if it stays where it is
 * @param preview what would change if it were switched, as rings in mm on its page; takes
 *     milliseconds, so that it is asked for only of what is in hand
 */
public record Grip(
        int page,
        Point at,
        List<Point> outline,
        boolean closed,
        String words,
        Look look,
        Map<Act, Named> acts,
        Optional<Move> move,
        Supplier<List<List<Point>>> preview) {

    /** How it is shown while no hand is near. */
    public enum Look {
        /** Not at all: the picture shows it. */
        PLAIN,
        /** Pointed out. */
        MARKED,
        /** As something that could be, or that was taken out. */
        POSSIBLE
    }

    /** Changes what is wanted; less of it if it is to be fine. */
    @FunctionalInterface
    public interface Change {
        WantedGoods apply(WantedGoods goods, boolean fine);
    }

    /** Moves it to another place of its page, mm. */
    @FunctionalInterface
    public interface Move {
        WantedGoods to(WantedGoods goods, Point mm);
    }

    /** A change and what it is called on buttons. */
    public record Named(String label, Change change) {}

    public Grip {
        outline = List.copyOf(outline);
        acts = acts.isEmpty() ? Map.of() : new EnumMap<>(acts);
    }

    static Grip of(int page, Point at, List<Point> outline, boolean closed, String words) {
        return new Grip(
                page, at, outline, closed, words, Look.PLAIN, Map.of(), Optional.empty(), List::of);
    }

    Grip looking(Look value) {
        return new Grip(page, at, outline, closed, words, value, acts, move, preview);
    }

    Grip with(Act act, String label, Change change) {
        Map<Act, Named> more = new EnumMap<>(Act.class);
        more.putAll(acts);
        more.put(act, new Named(label, change));
        return new Grip(page, at, outline, closed, words, look, more, move, preview);
    }

    Grip moving(Move how) {
        return new Grip(page, at, outline, closed, words, look, acts, Optional.of(how), preview);
    }

    Grip previewing(Supplier<List<List<Point>>> what) {
        return new Grip(page, at, outline, closed, words, look, acts, move, what);
    }

    /** What can be done with it. */
    public Set<Act> can() {
        return acts.keySet();
    }

    /** What is wanted once something was done with it; empty if that cannot be. */
    public Optional<WantedGoods> done(Act act, WantedGoods goods, boolean fine) {
        return Optional.ofNullable(acts.get(act)).map(one -> one.change().apply(goods, fine));
    }
}

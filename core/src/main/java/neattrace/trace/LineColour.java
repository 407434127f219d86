package neattrace.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Lines in colours of their own instead of black (a colour hold).
 *
 * @param swatch the swatch of all lines that are not named, 0 for black
 * @param borderBlack whether lines that border on the outside stay black nevertheless
 * @param held lines with swatches of their own
 */
public record LineColour(int swatch, boolean borderBlack, List<Hold> held)
        implements OnPage<LineColour> {

    /** All lines black. */
    public static final LineColour BLACK = new LineColour(0, false, List.of());

    /**
     * A line in a swatch.
     *
     * @param at a place on it, mm on the page
     * @param swatch its swatch, 0 for black
     */
    public record Hold(Point at, int swatch) implements OnPage<Hold> {

        @Override
        public Hold moved(UnaryOperator<Point> map, double growth) {
            return new Hold(map.apply(at), swatch);
        }
    }

    public LineColour {
        if (swatch < 0) {
            throw new IllegalArgumentException("there is no such swatch");
        }
        held = List.copyOf(held);
    }

    /** Whether every line is black. */
    public boolean isBlack() {
        return swatch == 0 && held.stream().allMatch(hold -> hold.swatch() == 0);
    }

    public LineColour withSwatch(int value) {
        return new LineColour(value, borderBlack, held);
    }

    public LineColour withBorderBlack(boolean value) {
        return new LineColour(swatch, value, held);
    }

    /** The same with one more line held. */
    public LineColour with(Hold hold) {
        List<Hold> next = new ArrayList<>(held);
        next.add(hold);
        return new LineColour(swatch, borderBlack, next);
    }

    /** The same without the lines and the swatch of an id. */
    public LineColour without(int id) {
        return new LineColour(
                swatch == id ? 0 : swatch,
                borderBlack,
                held.stream().filter(hold -> hold.swatch() != id).toList());
    }

    /** The same moved by a map of the plane. */
    @Override
    public LineColour moved(UnaryOperator<Point> map, double growth) {
        return new LineColour(
                swatch, borderBlack, held.stream().map(hold -> hold.moved(map, growth)).toList());
    }
}

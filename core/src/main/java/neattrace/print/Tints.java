package neattrace.print;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import neattrace.press.Cmyk;

/**
 * How much of each colorant.
 *
 * @param percent 0 to 100 of each, in the order of the plates; what is not in it is not laid down
 *     and, where nothing overprints, knocked out
 */
public record Tints(Map<Colorant, Double> percent) {

    public Tints {
        for (double value : percent.values()) {
            if (!(value >= 0 && value <= 100)) {
                throw new IllegalArgumentException("a tint is 0 to 100 %: " + value);
            }
        }
        percent = Collections.unmodifiableMap(new LinkedHashMap<>(percent));
    }

    /** A build of the four process inks. */
    public static Tints of(Cmyk build) {
        Map<Colorant, Double> percent = new LinkedHashMap<>();
        percent.put(Colorant.CYAN, build.c());
        percent.put(Colorant.MAGENTA, build.m());
        percent.put(Colorant.YELLOW, build.y());
        percent.put(Colorant.BLACK, build.k());
        return new Tints(percent);
    }

    /** All of one colorant. */
    public static Tints full(Colorant colorant) {
        return new Tints(Map.of(colorant, 100.0));
    }

    /** How much of one, percent; 0 if there is none. */
    public double of(Colorant colorant) {
        return percent.getOrDefault(colorant, 0.0);
    }

    /** The process inks among them. */
    public Cmyk process() {
        return new Cmyk(
                of(Colorant.CYAN), of(Colorant.MAGENTA), of(Colorant.YELLOW), of(Colorant.BLACK));
    }

    /** Whether any of it is seen on the finished thing. */
    public boolean prints() {
        return percent.keySet().stream().anyMatch(Colorant::prints);
    }
}

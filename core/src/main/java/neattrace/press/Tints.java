package neattrace.press;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How much of each colorant.
 *
 * @param percent 0 to 100 of each, in the order of the plates; what is not in it is not laid down
 *     and, where nothing overprints, knocked out
 */
public record Tints(Map<Colorant, Double> percent) {

    /** Bare. */
    public static final Tints NONE = new Tints(Map.of());

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

    /** All inks together, percent; what machines go by is none. */
    public double total() {
        double total = 0;
        for (Map.Entry<Colorant, Double> one : percent.entrySet()) {
            total += one.getKey().prints() ? one.getValue() : 0;
        }
        return total;
    }

    /** The same with another share of one. */
    public Tints with(Colorant colorant, double value) {
        Map<Colorant, Double> all = new LinkedHashMap<>(percent);
        all.put(colorant, value);
        return new Tints(all);
    }

    /** The same with the process inks of a build. */
    public Tints withProcess(Cmyk build) {
        Map<Colorant, Double> all = new LinkedHashMap<>(of(build).percent);
        percent.forEach(
                (colorant, value) -> {
                    if (colorant.kind() != Colorant.Kind.PROCESS) {
                        all.put(colorant, value);
                    }
                });
        return new Tints(all);
    }

    /** What lies there when other tints are laid over these. */
    public Tints under(Tints upper, boolean overprint) {
        if (!overprint) {
            return upper;
        }
        Map<Colorant, Double> all = new LinkedHashMap<>(percent);
        upper.percent.forEach(
                (colorant, value) -> {
                    if (value > 0) {
                        all.put(colorant, value);
                    }
                });
        return new Tints(all);
    }

    /** Of each colorant the more of two. */
    public Tints most(Tints other) {
        Map<Colorant, Double> all = new LinkedHashMap<>(percent);
        other.percent.forEach((colorant, value) -> all.merge(colorant, value, Math::max));
        return new Tints(all);
    }

    /** Of each colorant the less of two: what both have. */
    public Tints shared(Tints other) {
        Map<Colorant, Double> all = new LinkedHashMap<>();
        percent.forEach(
                (colorant, value) -> all.put(colorant, Math.min(value, other.of(colorant))));
        return new Tints(all);
    }

    /** Whether the same inks come to lie there, however they are listed. */
    public boolean isSameInk(Tints other) {
        return shared(other).total() == total() && total() == other.total();
    }

    /** The process inks among them. */
    public Cmyk process() {
        return new Cmyk(
                of(Colorant.CYAN), of(Colorant.MAGENTA), of(Colorant.YELLOW), of(Colorant.BLACK));
    }

    /** Such as "C60 M40 Moss 100: 200 %"; "bare" for none. */
    public String words() {
        List<String> parts = new ArrayList<>();
        percent.forEach(
                (colorant, value) -> {
                    if (value > 0 && colorant.prints()) {
                        parts.add(colorant.label() + String.format(Locale.ROOT, "%.0f", value));
                    }
                });
        return parts.isEmpty()
                ? "bare"
                : String.join(" ", parts) + String.format(Locale.ROOT, ": %.0f %%", total());
    }

    /** Whether any of it is seen on the finished thing. */
    public boolean prints() {
        return percent.keySet().stream().anyMatch(Colorant::prints);
    }
}

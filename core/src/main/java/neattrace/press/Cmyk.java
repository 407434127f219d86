package neattrace.press;

import java.util.Locale;

/**
 * An ink build: how much of each process ink is printed, in percent.
 *
 * @param c cyan, 0 to 100
 * @param m magenta, 0 to 100
 * @param y yellow, 0 to 100
 * @param k black, 0 to 100
 */
public record Cmyk(double c, double m, double y, double k) {

    /** No ink. */
    public static final Cmyk PAPER = new Cmyk(0, 0, 0, 0);

    public Cmyk {
        check(c);
        check(m);
        check(y);
        check(k);
    }

    private static void check(double value) {
        if (!(value >= 0 && value <= 100)) {
            throw new IllegalArgumentException("ink must be 0 to 100 percent, not " + value);
        }
    }

    /** Total ink, 0 to 400 percent. */
    public double total() {
        return c + m + y + k;
    }

    /**
     * The same colour with less ink: cyan, magenta and yellow shrink in proportion until the total
     * keeps the limit; black stays.
     *
     * @param limit total ink in percent, at least 100
     */
    public Cmyk limitedTo(double limit) {
        if (total() <= limit) {
            return this;
        }
        double factor = Math.max(0, limit - k) / (c + m + y);
        return new Cmyk(Math.floor(c * factor), Math.floor(m * factor), Math.floor(y * factor), k);
    }

    /** Each ink rounded to a whole percent. */
    public Cmyk rounded() {
        return new Cmyk(Math.rint(c), Math.rint(m), Math.rint(y), Math.rint(k));
    }

    /** Such as "C60 M40 Y40 K100"; inks at zero are left out, no ink at all is "paper". */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        append(text, 'C', c);
        append(text, 'M', m);
        append(text, 'Y', y);
        append(text, 'K', k);
        return text.isEmpty() ? "paper" : text.toString();
    }

    private static void append(StringBuilder text, char ink, double value) {
        if (value > 0) {
            text.append(text.isEmpty() ? "" : " ")
                    .append(ink)
                    .append(
                            value == Math.rint(value)
                                    ? String.valueOf((long) value)
                                    : String.format(Locale.ROOT, "%.1f", value));
        }
    }
}

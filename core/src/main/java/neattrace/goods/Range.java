package neattrace.goods;

import java.util.Locale;

/** Checks that a figure is one. */
final class Range {

    private Range() {}

    static void check(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    what
                            + " must be "
                            + number(least)
                            + " to "
                            + number(most)
                            + (unit.isEmpty() ? "" : " " + unit));
        }
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%s", value);
    }
}

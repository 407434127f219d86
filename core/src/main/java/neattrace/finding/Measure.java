package neattrace.finding;

/**
 * How much.
 *
 * @param value in the unit
 * @param unit such as mm, mm², px, %, ° or nothing for a count
 */
public record Measure(double value, String unit) {

    public static Measure mm(double value) {
        return new Measure(value, "mm");
    }

    /** So many. */
    public static Measure count(int value) {
        return new Measure(value, "");
    }
}

package neattrace.inspection;

import java.util.Locale;

/** Measures in words. */
final class Words {

    private Words() {}

    /** A length, to a thousandth, a hundredth or a whole mm. */
    static String mm(double mm) {
        return String.format(
                Locale.ROOT, mm < 0.1 ? "%.3f mm" : mm < 10 ? "%.2f mm" : "%.0f mm", mm);
    }

    /** An area, to a hundredth, a tenth or a whole mm². */
    static String squareMm(double mm) {
        return String.format(
                Locale.ROOT, mm < 0.995 ? "%.2f mm²" : mm < 9.95 ? "%.1f mm²" : "%.0f mm²", mm);
    }
}

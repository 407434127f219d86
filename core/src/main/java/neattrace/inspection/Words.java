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

    /** The same of what is less than a limit, with as many digits as tell it from that. */
    static String under(double mm, double limit) {
        String usual = mm(mm);
        return mm < limit && usual.equals(mm(limit))
                ? String.format(Locale.ROOT, "%.3f mm", mm)
                : usual;
    }

    /** An area, to a hundredth, a tenth or a whole mm². */
    static String squareMm(double mm) {
        return String.format(
                Locale.ROOT, mm < 0.995 ? "%.2f mm²" : mm < 9.95 ? "%.1f mm²" : "%.0f mm²", mm);
    }
}

package neattrace.export;

/** Numbers as short as a ten-thousandth of a millimetre allows. */
final class SvgNumber {

    private static final long SCALE = 10_000;

    private SvgNumber() {}

    static String text(double value) {
        StringBuilder text = new StringBuilder();
        append(text, value);
        return text.toString();
    }

    static void append(StringBuilder text, double value) {
        long scaled = Math.round(value * SCALE);
        if (scaled < 0) {
            text.append('-');
            scaled = -scaled;
        }
        text.append(scaled / SCALE);
        long rest = scaled % SCALE;
        if (rest == 0) {
            return;
        }
        text.append('.');
        for (long digit = SCALE / 10; digit > 0 && rest > 0; digit /= 10) {
            text.append(rest / digit);
            rest %= digit;
        }
    }
}

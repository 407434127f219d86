package neattrace.goods;

import static neattrace.raster.Resolution.MM_PER_INCH;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths as people write them. */
public final class Length {

    /** A point, 1/72 inch. */
    private static final double MM_PER_POINT = MM_PER_INCH / 72;

    private static final Pattern WRITTEN =
            Pattern.compile("(\\d{1,9}(?:[.,]\\d{1,9})?)\\s*(mm|cm|in|inch|\"|pt|px)?");

    private Length() {}

    /**
     * Reads a length, such as {@code 60mm}, {@code 6 cm}, {@code 2.5 in} or {@code 700 px}; mm if
     * no unit is named.
     *
     * @param ppi what a pixel is held to be
     * @return mm
     * @throws IllegalArgumentException if it is no length; says what is
     */
    public static double parse(String text, double ppi) {
        Matcher written = WRITTEN.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!written.matches()) {
            throw new IllegalArgumentException(
                    "“" + text.strip() + "” is no length such as 60 mm, 6 cm, 2.5 in or 700 px");
        }
        double value = Double.parseDouble(written.group(1).replace(',', '.'));
        String unit = written.group(2) == null ? "mm" : written.group(2);
        return value
                * switch (unit) {
                    case "cm" -> 10;
                    case "in", "inch", "\"" -> MM_PER_INCH;
                    case "pt" -> MM_PER_POINT;
                    case "px" -> MM_PER_INCH / ppi;
                    default -> 1;
                };
    }
}

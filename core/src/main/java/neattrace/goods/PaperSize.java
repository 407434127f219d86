package neattrace.goods;

import static neattrace.raster.Resolution.MM_PER_INCH;

import java.util.Optional;

/** Papers by their names, upright: ISO 216:2007, ANSI/ASME Y14.1, and sizes of the trade. */
public enum PaperSize {
    A3("A3", 297, 420),
    A4("A4", 210, 297),
    A5("A5", 148, 210),
    A6("A6", 105, 148),
    LETTER("Letter", 8.5 * MM_PER_INCH, 11 * MM_PER_INCH),
    LEDGER("Ledger", 11 * MM_PER_INCH, 17 * MM_PER_INCH),
    /** It fits a frame (common practice, no source). */
    EIGHT_BY_TEN("8 × 10 in", 8 * MM_PER_INCH, 10 * MM_PER_INCH),
    /** A small print (common practice, no source). */
    FIVE_BY_FIVE("5 × 5 in", 5 * MM_PER_INCH, 5 * MM_PER_INCH),
    /** A sticker sheet of 4200 by 3200 px at 300 ppi (common practice, no source). */
    STICKER_SHEET("4200 × 3200 px sheet", 4200 / 300.0 * MM_PER_INCH, 3200 / 300.0 * MM_PER_INCH);

    private static final double SAME_MM = 0.2;

    private final String label;
    private final double widthMm;
    private final double heightMm;

    PaperSize(String label, double widthMm, double heightMm) {
        this.label = label;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** Its name. */
    public String label() {
        return label;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
    }

    /** The paper of a size, upright or lying, to 0.2 mm. */
    public static Optional<PaperSize> of(double widthMm, double heightMm) {
        for (PaperSize size : values()) {
            if (size.is(widthMm, heightMm) || size.is(heightMm, widthMm)) {
                return Optional.of(size);
            }
        }
        return Optional.empty();
    }

    private boolean is(double width, double height) {
        return Math.abs(width - widthMm) < SAME_MM && Math.abs(height - heightMm) < SAME_MM;
    }

    /** The paper of a name, whatever its case and spaces. */
    public static Optional<PaperSize> named(String name) {
        for (PaperSize size : values()) {
            if (plain(size.label).equals(plain(name))) {
                return Optional.of(size);
            }
        }
        return Optional.empty();
    }

    private static String plain(String name) {
        return name.toLowerCase(java.util.Locale.ROOT).replace('×', 'x').replace(" ", "");
    }
}

package neattrace.goods;

import neattrace.press.BlackRule;

/**
 * How it is printed.
 *
 * @param mostInks how many inks the printer takes; 0 for any number of colours
 * @param black how black is printed
 * @param inkLimit the most ink in one place, percent; 0 for no limit
 * @param registerMm how far inks may lie from where they should
 * @param trapMm how far inks are spread under their neighbours
 * @param oneBit whether it is black or nothing, without any grey
 */
public record Printing(
        int mostInks,
        BlackRule black,
        double inkLimit,
        double registerMm,
        double trapMm,
        boolean oneBit) {

    /** The most inks that can be counted up to. */
    public static final int MOST_INKS = 1000;

    /** All four inks in full, percent. */
    public static final double MOST_INK = 400;

    /** Inks are never farther off, mm. */
    public static final double MOST_MM = 5;

    public Printing {
        Range.check("the number of inks", mostInks, 0, MOST_INKS, "");
        Range.check("the ink limit", inkLimit, 0, MOST_INK, "%");
        Range.check("the register tolerance", registerMm, 0, MOST_MM, "mm");
        Range.check("the trap", trapMm, 0, MOST_MM, "mm");
    }

    public Printing withMostInks(int value) {
        return new Printing(value, black, inkLimit, registerMm, trapMm, oneBit);
    }

    public Printing withBlack(BlackRule value) {
        return new Printing(mostInks, value, inkLimit, registerMm, trapMm, oneBit);
    }

    public Printing withInkLimit(double value) {
        return new Printing(mostInks, black, value, registerMm, trapMm, oneBit);
    }
}

package neattrace.job;

import neattrace.press.BlackRule;

/**
 * What was decided about printing.
 *
 * @param black how black is printed
 */
public record PressSection(BlackRule black) {

    /** As most work is printed. */
    public static final PressSection USUAL = new PressSection(BlackRule.RICH);
}

package neattrace.press.plate;

import java.awt.Shape;
import neattrace.press.Tints;

/**
 * Something that is laid down on a page.
 *
 * @param shape what it covers, mm
 * @param tints how much of each colorant; what is not in it is knocked out unless it overprints
 * @param overprint whether what lies beneath is kept in the colorants it has none of
 */
public record Laid(Shape shape, Tints tints, boolean overprint) {}

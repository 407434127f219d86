/**
 * What is doubtful about a drawing's lines, measured along their middles: nubs, dents, breaks, ends
 * cut off, corners that filled in, lines and gaps too narrow for the goods or for the eye (one
 * minute of arc: H. Snellen, <i>Probebuchstaben zur Bestimmung der Sehschärfe</i>, 1862), strokes
 * laid side by side; and the table of line widths, by length.
 */
package neattrace.trace.review;

package neattrace.job.sheets;

import neattrace.sheet.ink.InkReading;

/**
 * A sheet that was made.
 *
 * @param reading the ink and what was measured
 * @param ppi resolution of the sheet
 * @param tiltDegrees by how much it was turned back
 */
public record MadeSheet(InkReading reading, double ppi, double tiltDegrees) {}

package neattrace.press.rehearsal;

/**
 * A place that fails.
 *
 * @param fault how
 * @param xMm its middle
 * @param yMm its middle
 * @param reachMm how far it reaches round there
 * @param sheets on how many of a hundred sheets
 * @param widthMm how wide what shows is, on the sheets that fail, as a mean
 */
public record FaultPlace(
        Fault fault, double xMm, double yMm, double reachMm, double sheets, double widthMm) {}

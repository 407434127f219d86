/**
 * Plates: what each ink covers, and how much of all inks lies in one place.
 *
 * <p>Objects are laid down in order, lowest first. One that overprints keeps what lies beneath in
 * the colorants it has none of, as overprint mode 1 of ISO 32000-1 (8.6.7) says; any other knocks
 * out all colorants. What comes of it is found line by line: the edges that cross a line are sorted
 * (the scan-line method of Wylie, Romney, Evans and Erdahl, AFIPS 1967), and between two of them
 * lies one {@link neattrace.press.plate.Composite}. Coverage along a line is exact, across it is
 * taken from several lines a pixel, so that neighbours never leave seams.
 */
package neattrace.press.plate;

/**
 * A stand-in press: plates that lie off, turned and stretched, dots that grow, an ink left out.
 *
 * <p>Each sheet of a run has its own small map for each plate, drawn at random from a seed within
 * the register tolerance. What then shows that was not meant is counted pixel by pixel, on the few
 * pixels near an edge; everywhere else nothing can change. Dots grow as Yule and Nielsen's and
 * Murray and Davies' arithmetic has it ({@link neattrace.press.rehearsal.DotGain}).
 */
package neattrace.press.rehearsal;

/**
 * Lines as a person means them: the skeleton of the ink is cut into branches at its junctions,
 * branches that do not stick out of the line they leave are taken off (after the disc criterion of
 * H. Blum and R. Nagel, "Shape description using weighted symmetric axis features", Pattern
 * Recognition 10, 1978), and the middle and the width of what is left are found to a fraction of a
 * pixel from the coverage across it: its sum is the width, its centroid the middle (partial area
 * effect). In a junction, where there is no across, lines run straight on to where they meet.
 */
package neattrace.trace.centre;

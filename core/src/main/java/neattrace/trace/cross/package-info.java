/**
 * Curves that cross themselves or each other, found among chords that keep within 0.005 px of them,
 * by monotone chains in a packed tree (JTS's noder: after J. Hobby, "Practical segment intersection
 * with finite precision output", Computational Geometry 13, 1999).
 */
package neattrace.trace.cross;

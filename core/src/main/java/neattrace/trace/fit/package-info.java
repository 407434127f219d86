/**
 * Fitting cubic curves to dense contours. Corners are found where the direction turns as sharply at
 * a small scale as at a larger one (a true corner keeps its angle, an arc loses it), and are put
 * back where the two sides meet. Between corners, short pieces are merged from the bottom up,
 * always the pair whose common curve costs least, while the error bound holds (Eck and Hadenfeld,
 * "Local energy fairing", 1995, for the greedy scheme). Each curve is a least-squares cubic with
 * given end tangents and Newton reparametrisation (P. Schneider, "An Algorithm for Automatically
 * Fitting Digitized Curves", Graphics Gems I, 1990), so joints are tangent-continuous.
 */
package neattrace.trace.fit;

/**
 * Traps: colours run on beneath their neighbours, so that no paper shows when plates lie a little
 * off. The lighter of two colours spreads under the darker, because the darker one's edge is what
 * the eye follows; colours of one lightness meet half way (common practice, no source).
 *
 * <p>What is seen of all shapes is found by noding their edges on a grid (snap rounding: Hobby,
 * Computational Geometry 13, 1999) and giving each face that comes of it to the uppermost shape.
 * Faces then share their edges exactly, and a seam is an edge with two colours beside it.
 */
package neattrace.press.trap;

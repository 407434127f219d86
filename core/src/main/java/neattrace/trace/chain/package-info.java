/**
 * Strokes as a hand drew them: lines that run straight on through a junction are one stroke. At
 * every junction the two lines whose directions continue each other best are paired first, then the
 * next two (good continuation, as in the perceptual grouping of D. Lowe, <i>Perceptual Organization
 * and Visual Recognition</i>, 1985).
 */
package neattrace.trace.chain;

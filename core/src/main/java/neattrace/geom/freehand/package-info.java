/**
 * Lines drawn by hand: sampled evenly and evened out by three passes of a moving mean, which comes
 * near a Gaussian (Wells, IEEE PAMI 8(2), 1986); the ends stay where they are.
 */
package neattrace.geom.freehand;

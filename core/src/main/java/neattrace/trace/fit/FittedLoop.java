package neattrace.trace.fit;

import neattrace.geom.CubicLoop;
import neattrace.geom.Point;

/**
 * A fitted loop and how far it lies from the contour it was fitted to, in source pixels.
 *
 * @param loop the curve
 * @param meanDeviation mean distance of the contour's samples
 * @param maxDeviation largest distance
 * @param worst the contour's place of the largest distance
 * @param samples how many samples the mean is over
 */
public record FittedLoop(
        CubicLoop loop, double meanDeviation, double maxDeviation, Point worst, int samples) {}

package neattrace.trace.fit;

import java.util.List;
import neattrace.geom.CubicLoop;

/**
 * Fits a ring that is smooth all round, such as an offset curve, with as few tangent-continuous
 * cubics as keep close: no corners are looked for, and no straight runs.
 */
public final class RingFitter {

    /** Such a ring has no noise that would have to be averaged away. */
    private static final int REACH = 3;

    private RingFitter() {}

    /**
     * Fits.
     *
     * @param ring x and y of each vertex, the first not repeated; at least three vertices, in a
     *     unit of which curves are many long
     * @param maxError the largest distance a sample may keep from the curve, above 0
     * @param leastRadius no curve is bent tighter, if the ring is not
     */
    public static CubicLoop fit(double[] ring, double maxError, double leastRadius) {
        Samples samples = Samples.along(ring, LoopFitter.STEP_PX);
        List<Piece> pieces =
                SectionFitter.fit(
                        Sections.ring(samples, Sections.seams(samples)[0], REACH),
                        maxError,
                        leastRadius);
        CubicLoop loop = FittedLoop.of(pieces).loop();
        return LoopFitter.isWhole(loop, ring) ? loop : CubicLoop.polygon(ring);
    }
}

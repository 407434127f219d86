package neattrace.standin.pen;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * What real ink does where strokes crowd: it runs together across slits narrower than the pen's
 * tip, and leaves nothing thinner than the tip standing. Opening and closing with a disc in turn
 * (alternating sequential filter: J. Serra, <i>Image Analysis and Mathematical Morphology</i>, vol.
 * 2, 1988).
 */
final class InkFlow {

    /**
     * Radii of the discs, as shares of the tip's width. They shrink from step to step, so that no
     * step brings back what the one before took away.
     */
    private static final double THIN = 0.45;

    private static final double SLIT = 0.6;
    private static final double HAIR = 0.3;

    private static final BufferParameters ROUND = new BufferParameters(16);

    private InkFlow() {}

    static Geometry settle(Geometry ink, double tipMm) {
        Geometry settled = opened(ink, THIN * tipMm);
        settled = closed(settled, SLIT * tipMm);
        settled = opened(settled, HAIR * tipMm);
        settled = closed(settled, THIN * tipMm);
        return opened(settled, HAIR * tipMm);
    }

    private static Geometry opened(Geometry ink, double radius) {
        return offset(offset(ink, -radius), radius);
    }

    private static Geometry closed(Geometry ink, double radius) {
        return offset(offset(ink, radius), -radius);
    }

    private static Geometry offset(Geometry geometry, double by) {
        return BufferOp.bufferOp(geometry, by, ROUND);
    }
}

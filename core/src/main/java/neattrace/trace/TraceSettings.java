package neattrace.trace;

/**
 * How ink is traced.
 *
 * @param maxErrorPx the largest distance a curve may keep from the contour, px, above 0
 * @param oneBit whether the picture had only black and white, so that its edges are known to half a
 *     pixel only
 */
public record TraceSettings(double maxErrorPx, boolean oneBit) {

    public TraceSettings {
        if (!(maxErrorPx > 0)) {
            throw new IllegalArgumentException("the error bound must be above zero");
        }
    }
}

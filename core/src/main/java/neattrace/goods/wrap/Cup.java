package neattrace.goods.wrap;

/**
 * The cup that a wrap goes round, its handle opposite to the wrap's middle.
 *
 * @param wrapMm width of the wrap
 * @param diameterMm of the cup
 */
public record Cup(double wrapMm, double diameterMm) {

    /** So much of it is seen at once, radians (common practice, no source). */
    public static final double SEEN = Math.toRadians(120);

    /** The middle of what faces who holds it, on the wrap: a quarter round from the handle. */
    public double facingMm(boolean leftHanded) {
        double quarter = Math.PI * diameterMm / 4;
        return wrapMm / 2 + (leftHanded ? -quarter : quarter);
    }

    /** The same place of the way round, half a round at most from the wrap's middle. */
    public double inRound(double mm) {
        double round = Math.PI * diameterMm;
        double from = mm - wrapMm / 2;
        return wrapMm / 2 + from - round * Math.rint(from / round);
    }

    /** How far round the cup two places of the wrap lie from one another, radians. */
    public double turn(double fromMm, double toMm) {
        return (toMm - fromMm) / (diameterMm / 2);
    }

    /**
     * Where a place of the wrap is seen beside the middle of the cup, mm; places behind it are seen
     * at its edge.
     *
     * @param middleMm the place of the wrap that is turned to the eye
     */
    public double seenAt(double mm, double middleMm) {
        double turn = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, turn(middleMm, mm)));
        return diameterMm / 2 * Math.sin(turn);
    }

    /** How much of its width a spot of the wrap is seen with; 0 behind the edge. */
    public double squeeze(double mm, double middleMm) {
        return Math.max(0, Math.cos(turn(middleMm, mm)));
    }

    /**
     * How much of a stretch of the wrap is seen at once.
     *
     * @return 0 for nothing to 1 for all
     */
    public double seenShare(double fromMm, double toMm, double middleMm) {
        double reach = SEEN / 2 * diameterMm / 2;
        double seen = Math.min(toMm, middleMm + reach) - Math.max(fromMm, middleMm - reach);
        return Math.max(0, Math.min(1, seen / (toMm - fromMm)));
    }

    /** The widest stretch that is seen at once, mm. */
    public double widestMm() {
        return SEEN * diameterMm / 2;
    }

    /** What the handle takes of the way round, mm; below 0 if the wrap does not go round it. */
    public double handleMm() {
        return Math.PI * diameterMm - wrapMm;
    }
}

package neattrace.sheet.review;

/**
 * How far a drawing lies turned.
 *
 * @param degrees clockwise positive
 * @param confidence 0 to 1; below {@link #SURE} nothing straight enough was found
 */
public record Tilt(double degrees, double confidence) {

    /** From here on a tilt is worth proposing. */
    public static final double SURE = 0.35;

    /** Nothing to go by. */
    public static final Tilt NONE = new Tilt(0, 0);

    /**
     * The tilt of something drawn along a line that should be level, or upright if it is steeper.
     *
     * @return -45 to 45, rounded to 0.01 degree
     */
    public static double along(neattrace.geom.Point from, neattrace.geom.Point to) {
        double degrees = Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
        double folded = degrees - 90 * Math.rint(degrees / 90);
        return Math.rint(folded * 100) / 100;
    }
}

package neattrace.goods.page;

import neattrace.goods.making.PageRecipe.Pencil;

/**
 * How fast somebody colours (common practice, no source): as long as no times of one's own are
 * kept, half and twice as long are both usual.
 *
 * @param minutesPerCm2 for the paper
 * @param secondsPerArea for each area, to choose and to change the colour
 */
public record ColouringPace(double minutesPerCm2, double secondsPerArea) {

    public ColouringPace {
        if (!(minutesPerCm2 >= 0 && secondsPerArea >= 0)) {
            throw new IllegalArgumentException("nobody colours faster than at once");
        }
    }

    /** The usual pace. */
    public static ColouringPace of(Pencil pencil) {
        return switch (pencil) {
            case PENCIL -> new ColouringPace(0.7, 12);
            case PEN -> new ColouringPace(0.3, 8);
            case BRUSH -> new ColouringPace(0.2, 15);
        };
    }

    /** Minutes for so many areas with so much paper. */
    public double minutes(double cm2, int areas) {
        return cm2 * minutesPerCm2 + areas * secondsPerArea / 60;
    }

    /**
     * The pace of somebody who took so long for what was estimated: both figures grow alike.
     *
     * @param estimatedMinutes of pages that were coloured, by this pace
     * @param tookMinutes for the same
     */
    public ColouringPace calibrated(double estimatedMinutes, double tookMinutes) {
        if (!(estimatedMinutes > 0 && tookMinutes > 0)) {
            return this;
        }
        double k = tookMinutes / estimatedMinutes;
        return new ColouringPace(k * minutesPerCm2, k * secondsPerArea);
    }
}

package neattrace.trace.weight;

import neattrace.trace.InkLine;

/** Widths of a stroke whose ends swell from nothing. */
public final class Taper {

    /**
     * No line is let become thinner than this, px: what is thinner falls apart between the pixels.
     */
    private static final double LEAST_PX = 1.4;

    private Taper() {}

    /**
     * A stroke's widths with ends that thin out like a quarter of a sine.
     *
     * @param start whether the start is free
     * @param end whether the end is free
     * @param share of the length over which an end thins out, 0 to 1; both ends share a shorter
     *     line evenly
     */
    public static double[] widths(InkLine stroke, boolean start, boolean end, double share) {
        double[] way = stroke.way();
        double length = way[way.length - 1];
        double[] widths = stroke.width().clone();
        double reach = length * (start && end ? Math.min(0.5, share) : share);
        for (int i = 0; i < widths.length && reach > 0; i++) {
            double swell = 1;
            if (start) {
                swell = Math.min(swell, ramp(way[i] / reach));
            }
            if (end) {
                swell = Math.min(swell, ramp((length - way[i]) / reach));
            }
            widths[i] = Math.max(Math.min(LEAST_PX, widths[i]), widths[i] * swell);
        }
        return widths;
    }

    private static double ramp(double share) {
        return share >= 1 ? 1 : Math.sin(Math.PI / 2 * share);
    }
}

package neattrace.trace.fit;

import neattrace.geom.Point;

/** A circle among points of a contour. */
record Circle(Point centre, double radius) {

    /** An arc is looked at in so many parts; the contour goes to and fro across it in each. */
    private static final int PARTS = 8;

    /** Distance of the points of a part to one side: mean, and sum where they are few, px. */
    private static final double DRIFT_PX = 0.04;

    private static final double DRIFT_SUM_PX = 0.24;

    double distance(Point at) {
        return Math.abs(at.distance(centre) - radius);
    }

    Point nearest(Point at) {
        return centre.plus(at.minus(centre).unit().times(radius));
    }

    /**
     * Whether points of a section are an arc of it: close, and never long on one side.
     *
     * @param bound the largest distance of a point, px
     */
    boolean isRound(Section section, int from, int to, double bound) {
        int points = to - from + 1;
        int parts = Math.min(PARTS, points / 4);
        double squares = 0;
        for (int part = 0; part < parts; part++) {
            int first = from + points * part / parts;
            int last = from + points * (part + 1) / parts - 1;
            double drift = 0;
            for (int i = first; i <= last; i++) {
                double off = section.at(i).distance(centre) - radius;
                if (Math.abs(off) > bound) {
                    return false;
                }
                drift += off;
                squares += off * off;
            }
            if (Math.abs(drift) > DRIFT_PX * (last - first + 1) + DRIFT_SUM_PX) {
                return false;
            }
        }
        double rms = SectionFitter.RMS_SHARE * bound;
        return squares <= points * rms * rms;
    }
}

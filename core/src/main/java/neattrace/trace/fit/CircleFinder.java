package neattrace.trace.fit;

import java.util.List;
import neattrace.geom.Point;

/** Recognises contours that are whole circles. */
final class CircleFinder {

    /** All samples of a circle keep this close to it, px. */
    private static final double CLOSE_PX = 0.12;

    private CircleFinder() {}

    /** Equal arcs from where it meets the x axis if the contour is a circle, else nothing. */
    static List<Piece> find(Samples samples) {
        Circle circle = samples.circle();
        if (circle == null || !isRound(samples, circle)) {
            return List.of();
        }
        // From the axis on, so that quarters are exact in any file.
        Section ring = Sections.ring(samples);
        Point centre = circle.centre();
        Point from = ring.at(0).minus(centre);
        Point next = ring.at(ring.last() / 8).minus(centre);
        double whole = Math.signum(from.cross(next)) * 2 * Math.PI;
        Point start = centre.plus(new Point(circle.radius(), 0));
        return new ArcRun(0, ring.last(), start, start, centre, circle.radius(), whole)
                .pieces(ring);
    }

    private static boolean isRound(Samples samples, Circle circle) {
        for (int i = 0; i < samples.size(); i++) {
            double off = Math.abs(samples.at(i).distance(circle.centre()) - circle.radius());
            if (off > CLOSE_PX) {
                return false;
            }
        }
        return true;
    }
}

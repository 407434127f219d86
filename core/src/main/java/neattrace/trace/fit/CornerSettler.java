package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * Puts corners where their sides, taken as a whole, meet: a side that is one straight line or one
 * arc from corner to corner tells more than the few points next to a corner.
 */
final class CornerSettler {

    /** Points beside a corner that its rounding may reach. */
    private static final int MARGIN = 4;

    /** Sides of fewer points are left alone. */
    private static final int LEAST_POINTS = 16;

    /** No corner moves farther, px. */
    private static final double MOST_MOVE_PX = 1;

    /** From one side to the other and back until this near to both, px. */
    private static final double NEAR_PX = 1e-4;

    private static final int ROUNDS = 60;

    private CornerSettler() {}

    /** A side that is known as a whole. */
    private interface Side {
        Point nearest(Point at);
    }

    /**
     * The same corners, some of them moved.
     *
     * @param bound the largest distance of a point from an arc, px
     */
    static List<Corner> settle(Samples samples, List<Corner> corners, double bound) {
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner next = corners.get((i + 1) % corners.size());
            sides.add(side(Sections.between(samples, corners.get(i), next), bound));
        }
        List<Corner> settled = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner corner = corners.get(i);
            Side before = sides.get((i + corners.size() - 1) % corners.size());
            settled.add(settle(samples, corner, before, sides.get(i)));
        }
        return settled;
    }

    private static Corner settle(Samples samples, Corner corner, Side before, Side after) {
        boolean oneSided = before == null || after == null;
        if (oneSided && (before == after || corner.rounded())) {
            return corner;
        }
        Point meeting = meeting(before, after, corner.at());
        if (meeting.distance(corner.at()) > MOST_MOVE_PX) {
            return corner;
        }
        Corner moved = CornerFinder.corner(samples, corner.index(), meeting);
        if (moved == null) {
            return corner.rounded() ? corner : new Corner(corner.index(), meeting, false);
        }
        return moved;
    }

    /** The line or circle that a section is; null if it is neither. */
    private static Side side(Section section, double bound) {
        int from = MARGIN;
        int to = section.last() - MARGIN;
        if (to - from < LEAST_POINTS) {
            return null;
        }
        Line line = Line.through(section, from, to);
        if (line.rms() <= SectionFitter.STRAIGHT_PX && isStraight(line, section, from, to)) {
            return line::nearest;
        }
        Circle circle = CircleFit.circle(section.x, section.y, from, to);
        return circle != null && circle.isRound(section, from, to, bound) ? circle::nearest : null;
    }

    private static boolean isStraight(Line line, Section section, int from, int to) {
        for (int i = from; i <= to; i++) {
            if (line.distance(section.at(i)) > SectionFitter.STRAIGHT_PX) {
                return false;
            }
        }
        return true;
    }

    /** The place on both sides near to another one, found by going to and fro between them. */
    private static Point meeting(Side before, Side after, Point near) {
        Point at = near;
        for (int round = 0; round < ROUNDS; round++) {
            Point first = before == null ? at : before.nearest(at);
            Point second = after == null ? first : after.nearest(first);
            boolean met = second.distance(at) < NEAR_PX;
            at = second;
            if (met) {
                break;
            }
        }
        return at;
    }
}

package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * Finds the arcs of circles between the straight runs and corners of a section, so that they stay
 * round: a rounded corner touches both its sides, and a bow ends in its corners. The sides grow or
 * shrink to where the arcs touch them. Only a stretch that is one arc from end to end counts.
 */
final class ArcFinder {

    /** Fewer points are left to the curves. */
    private static final int LEAST_POINTS = 12;

    /** Flatter arcs are left to lines and curves, px. */
    private static final double LEAST_HEIGHT_PX = 0.6;

    /** How far the turn of an arc may differ from that of its points: share, and radians. */
    private static final double TURN_SHARE = 0.2;

    private static final double TURN_MORE = 0.5;

    private static final double MOST_RADIUS_PX = 1e6;

    /** A straight run keeps so many points. */
    private static final int LEAST_RUN = 8;

    private final Section section;
    private final double bound;
    private final List<StraightRun> runs;

    private ArcFinder(Section section, List<StraightRun> runs, double bound) {
        this.section = section;
        this.bound = bound;
        this.runs = new ArrayList<>(runs);
    }

    /**
     * What a section is made of.
     *
     * @param runs its straight runs, which end where arcs touch them
     * @param arcs before, between and after these; null where there is none
     */
    record Found(List<StraightRun> runs, List<ArcRun> arcs) {}

    /**
     * Finds arcs.
     *
     * @param runs the straight runs of the section, in order
     * @param bound the largest distance of a point, px
     */
    static Found find(Section section, List<StraightRun> runs, double bound) {
        ArcFinder finder = new ArcFinder(section, runs, bound);
        List<ArcRun> arcs = new ArrayList<>();
        for (int gap = 0; gap <= runs.size(); gap++) {
            arcs.add(finder.arc(gap));
        }
        return new Found(finder.runs, arcs);
    }

    private ArcRun arc(int gap) {
        StraightRun before = gap == 0 ? null : runs.get(gap - 1);
        StraightRun after = gap == runs.size() ? null : runs.get(gap);
        int from = before == null ? 0 : before.to();
        int to = after == null ? section.last() : after.from();
        boolean held =
                (before != null || section.cornerAtStart) && (after != null || section.cornerAtEnd);
        if (!held || to - from < LEAST_POINTS || !isBow(from, to)) {
            return null;
        }
        Circles circles = circles(before, after);
        Circle first = CircleFit.circle(section.x, section.y, from, to);
        if (circles == null || first == null) {
            return null;
        }
        Circle circle = circles.fit(section, from, to, first.centre());
        ArcRun arc = arc(before, after, circle);
        if (arc == null
                || !circle.isRound(section, arc.from(), arc.to(), bound)
                || !keepsRuns(arc, before, after)) {
            return null;
        }
        if (before != null) {
            runs.set(
                    gap - 1,
                    new StraightRun(before.from(), arc.from(), before.start(), arc.start()));
        }
        if (after != null) {
            runs.set(gap, new StraightRun(arc.to(), after.to(), arc.end(), after.end()));
        }
        return arc;
    }

    /** Whether the section turns one way only, so that an arc is worth looking for. */
    private boolean isBow(int from, int to) {
        return height(from, to) > LEAST_HEIGHT_PX
                && section.turn(from, to) < Math.abs(turn(from, to)) + TURN_MORE;
    }

    /** How far the section rises over the chord between two of its points, px. */
    private double height(int from, int to) {
        Point start = section.at(from);
        Point chord = section.at(to).minus(start).unit();
        double height = 0;
        for (int i = from; i <= to; i++) {
            height = Math.max(height, Math.abs(section.at(i).minus(start).cross(chord)));
        }
        return height;
    }

    private double turn(int from, int to) {
        double turn = 0;
        for (int i = from + 1; i <= to; i++) {
            turn += section.step(i);
        }
        return turn;
    }

    private Circles circles(StraightRun before, StraightRun after) {
        Point start = section.at(0);
        Point end = section.at(section.last());
        if (before == null) {
            return after == null
                    ? Circles.through(start, end)
                    : Circles.touching(after.start(), direction(after), start);
        }
        return after == null
                ? Circles.touching(before.end(), direction(before), end)
                : Circles.between(before.end(), direction(before), after.start(), direction(after));
    }

    private static Point direction(StraightRun run) {
        return run.end().minus(run.start()).unit();
    }

    private ArcRun arc(StraightRun before, StraightRun after, Circle circle) {
        if (!(circle.radius() < MOST_RADIUS_PX)) {
            return null;
        }
        Point start = before == null ? section.at(0) : foot(before, circle.centre());
        Point end = after == null ? section.at(section.last()) : foot(after, circle.centre());
        int from = before == null ? 0 : nearest(start, before.to());
        int to = after == null ? section.last() : nearest(end, after.from());
        if (to - from < LEAST_POINTS) {
            return null;
        }
        double turn = turn(from, to);
        Point spoke = start.minus(circle.centre());
        Point last = end.minus(circle.centre());
        double sense = Math.signum(turn);
        double sweep = sense * Math.atan2(spoke.cross(last), spoke.dot(last));
        sweep = sense * (sweep < 0 ? sweep + 2 * Math.PI : sweep);
        boolean turnsSo = Math.abs(sweep - turn) < TURN_SHARE * Math.abs(sweep) + TURN_MORE;
        return turnsSo
                ? new ArcRun(from, to, start, end, circle.centre(), circle.radius(), sweep)
                : null;
    }

    private static Point foot(StraightRun run, Point from) {
        Point along = direction(run);
        return run.end().plus(along.times(from.minus(run.end()).dot(along)));
    }

    /** The point of the section nearest to a place, looked for down from point {@code i}. */
    private int nearest(Point place, int i) {
        int at = i;
        while (at > 0 && gap(place, at - 1) < gap(place, at)) {
            at--;
        }
        while (at < section.last() && gap(place, at + 1) < gap(place, at)) {
            at++;
        }
        return at;
    }

    private double gap(Point place, int i) {
        return section.at(i).distance(place);
    }

    /** Whether straight runs are still runs, and still close, if they end where the arc begins. */
    private boolean keepsRuns(ArcRun arc, StraightRun before, StraightRun after) {
        boolean starts =
                before == null
                        || arc.from() - before.from() >= LEAST_RUN
                                && isNear(before, before.to(), arc.from());
        boolean ends =
                after == null
                        || after.to() - arc.to() >= LEAST_RUN
                                && isNear(after, arc.to(), after.from());
        return starts && ends;
    }

    private boolean isNear(StraightRun run, int from, int to) {
        Point along = direction(run);
        for (int i = from; i <= to; i++) {
            if (Math.abs(section.at(i).minus(run.end()).cross(along)) > bound) {
                return false;
            }
        }
        return true;
    }
}

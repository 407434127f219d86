package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * Finds the stretches of a section that were drawn straight, so that they stay straight whatever
 * curves are fitted beside them: lines of least squares grown from both ends as long as the points
 * beyond keep to them. A gentle curve has such stretches, too; it goes on bending where they end,
 * so a straight one must be much longer than what its ends' bends would pass for.
 */
final class StraightRuns {

    /** A run is looked for from so many points on, px / 2. */
    private static final int SEED = 24;

    /** How many points a run grows by at a time. */
    private static final int GROWTH = 4;

    /** Points left off an end that runs into a curve. */
    private static final int TRIM = 3;

    /** A curve between two runs, or a run and a corner, has at least so many points. */
    private static final int LEAST_BETWEEN = 6;

    /** Shorter ones are left to the curves, points. */
    static final int SHORTEST = 60;

    /** Mean distance of the first points, and of those a run grows by, from its line, px. */
    private static final double SEED_PX = 0.06;

    private static final double GROWTH_PX = 0.1;

    /** No corner that ends a run lies farther from its line, px. */
    private static final double CORNER_PX = 0.4;

    /** How far beyond an end its bend is measured, points. */
    private static final int BEYOND = 16;

    /** How many times longer than what passes for straight in a curve that bends like its ends. */
    private static final double LONGER = 8;

    private final Section section;
    private final int last;
    private final double bound;

    /** Sums of x, y, x^2, xy, y^2 of all points before each, from the first point. */
    private final double[][] sums = new double[5][];

    private StraightRuns(Section section, double bound) {
        this.section = section;
        this.bound = bound;
        this.last = section.last();
        for (int k = 0; k < 5; k++) {
            sums[k] = new double[last + 2];
        }
        for (int i = 0; i <= last; i++) {
            double dx = section.x[i] - section.x[0];
            double dy = section.y[i] - section.y[0];
            double[] terms = {dx, dy, dx * dx, dx * dy, dy * dy};
            for (int k = 0; k < 5; k++) {
                sums[k][i + 1] = sums[k][i] + terms[k];
            }
        }
    }

    /**
     * All straight runs, in order; none if the section is straight as a whole.
     *
     * @param bound the largest distance a point may keep from its line, px
     */
    static List<StraightRun> find(Section section, double bound) {
        return section.last() < SHORTEST ? List.of() : new StraightRuns(section, bound).find();
    }

    private List<StraightRun> find() {
        List<StraightRun> runs = new ArrayList<>();
        int done = 0;
        for (int seed = 0; seed + SEED <= last; seed += SEED / 2) {
            if (seed < done || line(seed, seed + SEED).rms() > SEED_PX) {
                continue;
            }
            int least = runs.isEmpty() ? 0 : runs.get(runs.size() - 1).to() + LEAST_BETWEEN;
            StraightRun run = grow(seed, seed + SEED, least);
            done = run.to();
            if (isStraight(run)) {
                runs.add(run);
            }
        }
        boolean whole = runs.size() == 1 && runs.get(0).from() == 0 && runs.get(0).to() == last;
        return whole ? List.of() : runs;
    }

    private StraightRun grow(int seedFrom, int seedTo, int least) {
        int from = seedFrom;
        int to = seedTo;
        Line line = line(from, to);
        boolean grows = true;
        while (grows) {
            grows = false;
            if (to + GROWTH <= last && keeps(line, to + 1, to + GROWTH)) {
                to += GROWTH;
                grows = true;
            }
            if (from - GROWTH >= least && keeps(line, from - GROWTH, from - 1)) {
                from -= GROWTH;
                grows = true;
            }
            line = grows ? line(from, to) : line;
        }
        boolean atStart = from < TRIM + GROWTH && section.cornerAtStart && isOn(line, 0);
        boolean atEnd = to > last - TRIM - GROWTH && section.cornerAtEnd && isOn(line, last);
        from = atStart ? 0 : Math.max(from + TRIM, LEAST_BETWEEN);
        to = atEnd ? last : Math.min(to - TRIM, last - LEAST_BETWEEN);
        if (to <= from) {
            return new StraightRun(seedFrom, seedTo, section.at(seedFrom), section.at(seedTo));
        }
        Point start = atStart ? section.at(0) : line.nearest(section.at(from));
        Point end = atEnd ? section.at(last) : line.nearest(section.at(to));
        return new StraightRun(from, to, start, end);
    }

    private boolean keeps(Line line, int from, int to) {
        double sum = 0;
        for (int i = from; i <= to; i++) {
            sum += line.distance(section.at(i));
        }
        return sum <= GROWTH_PX * (to - from + 1);
    }

    private boolean isOn(Line line, int i) {
        return line.distance(section.at(i)) <= CORNER_PX;
    }

    private boolean isStraight(StraightRun run) {
        double length = section.length(run.from(), run.to());
        return run.to() - run.from() >= SHORTEST
                && isWithinBound(run)
                && length >= LONGER * passesForStraight(run, run.from(), -1)
                && length >= LONGER * passesForStraight(run, run.to(), 1);
    }

    private boolean isWithinBound(StraightRun run) {
        Line line = new Line(run.start(), run.end().minus(run.start()).unit(), 0);
        // Beside a corner the pixel grid rounds the contour off.
        for (int i = run.from() + TRIM; i <= run.to() - TRIM; i++) {
            if (line.distance(section.at(i)) > bound) {
                return false;
            }
        }
        return true;
    }

    /**
     * How long a piece of a circle would pass for a straight run if it bends as the section does
     * beyond one end, px; 0 at a corner, where the section stops.
     */
    private double passesForStraight(StraightRun run, int end, int sense) {
        boolean stops = sense < 0 ? end == 0 : end == last;
        if (stops) {
            return 0;
        }
        int beyond = Math.max(0, Math.min(last, end + sense * BEYOND));
        double way = section.length(Math.min(end, beyond), Math.max(end, beyond));
        Point along = run.end().minus(run.start()).unit();
        double off = Math.abs(section.at(beyond).minus(run.start()).cross(along));
        double curvature = 2 * Math.max(1e-6, off) / (way * way);
        return Math.sqrt(8 * GROWTH_PX / curvature);
    }

    /** The line of least squares (total least squares) through points from to to. */
    private Line line(int from, int to) {
        int n = to - from + 1;
        double[] s = new double[5];
        for (int k = 0; k < 5; k++) {
            s[k] = (sums[k][to + 1] - sums[k][from]) / n;
        }
        return Line.of(s[0], s[1], s[2], s[3], s[4], section.at(0));
    }
}

package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.trace.fit.Section.Kind;

/**
 * Cuts a section into straight runs, arcs, and curves between them, short enough to be fitted side
 * by side.
 */
final class SectionCutter {

    /** Longer sections are cut into parts that can be fitted side by side, samples. */
    private static final int LONGEST = 2400;

    /** How far from an even share a cut may move to a flatter place, samples. */
    private static final int LEEWAY = 200;

    private final Section whole;
    private final double bound;

    private SectionCutter(Section whole, double bound) {
        this.whole = whole;
        this.bound = bound;
    }

    /**
     * Its straight runs, its arcs, and what lies between them, in order; long curves in several
     * parts.
     *
     * @param bound the largest distance of a point from a straight run or an arc, px
     */
    static List<Section> parts(Section section, double bound) {
        return new SectionCutter(section, bound).cutAt(StraightRuns.find(section, bound));
    }

    /** Once round a loop in parts, as {@link #parts}: from within a straight run, if any. */
    static List<Section> ringParts(Samples samples, double bound) {
        if (samples.size() < StraightRuns.SHORTEST) {
            return pieces(Sections.ring(samples));
        }
        int[] seams = Sections.seams(samples);
        // From the most bent place, so that no straight run goes over the seam.
        Section bent = Sections.ring(samples, seams[1]);
        List<StraightRun> runs = StraightRuns.find(bent, bound);
        return runs.isEmpty()
                ? pieces(Sections.ring(samples, seams[0]))
                : around(bent, runs, bound);
    }

    /** The parts of a ring: from the middle of its first straight run once round to there. */
    private static List<Section> around(Section ring, List<StraightRun> runs, double bound) {
        int n = ring.last();
        StraightRun first = runs.get(0);
        int seam = (first.from() + first.to()) / 2;
        Point middle = first.start().plus(first.end()).times(0.5);
        double[] px = new double[n + 1];
        double[] py = new double[n + 1];
        double[] along = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            px[k] = ring.x[(seam + k) % n];
            py[k] = ring.y[(seam + k) % n];
            along[k] = ring.angle[(seam + k) % n];
        }
        List<StraightRun> counted = new ArrayList<>();
        counted.add(new StraightRun(0, first.to() - seam, middle, first.end()));
        for (StraightRun run : runs.subList(1, runs.size())) {
            counted.add(run.countedFrom(seam, n));
        }
        counted.add(new StraightRun(n + first.from() - seam, n, first.start(), middle));
        Section turned = new Section(px, py, along, Kind.CURVE, false, false);
        List<Section> parts = new ArrayList<>(new SectionCutter(turned, bound).cutAt(counted));
        Section half = parts.remove(parts.size() - 1);
        parts.set(0, line(half, parts.get(0)));
        return parts;
    }

    /** One straight line of two halves. */
    private static Section line(Section half, Section next) {
        int n = half.last();
        double[] px = Arrays.copyOf(half.x, n + next.x.length);
        double[] py = Arrays.copyOf(half.y, n + next.y.length);
        double[] along = Arrays.copyOf(half.angle, n + next.angle.length);
        System.arraycopy(next.x, 0, px, n, next.x.length);
        System.arraycopy(next.y, 0, py, n, next.y.length);
        System.arraycopy(next.angle, 0, along, n, next.angle.length);
        return new Section(px, py, along, Kind.LINE, false, false);
    }

    private List<Section> cutAt(List<StraightRun> straight) {
        ArcFinder.Found found = ArcFinder.find(whole, straight, bound);
        List<StraightRun> runs = found.runs();
        List<Section> parts = new ArrayList<>();
        int at = 0;
        StraightRun before = null;
        for (int gap = 0; gap <= runs.size(); gap++) {
            StraightRun after = gap < runs.size() ? runs.get(gap) : null;
            int end = after == null ? whole.last() : after.from();
            if (found.arcs().get(gap) != null) {
                parts.add(round(found.arcs().get(gap)));
            } else if (end > at) {
                parts.addAll(pieces(curve(at, end, before, after)));
            }
            if (after != null) {
                parts.add(straight(after));
                at = after.to();
            }
            before = after;
        }
        return parts;
    }

    private Section round(ArcRun arc) {
        return new Section(
                Arrays.copyOfRange(whole.x, arc.from(), arc.to() + 1),
                Arrays.copyOfRange(whole.y, arc.from(), arc.to() + 1),
                Arrays.copyOfRange(whole.angle, arc.from(), arc.to() + 1),
                Kind.CURVE,
                arc,
                false,
                false);
    }

    private Section straight(StraightRun run) {
        double[] px = Arrays.copyOfRange(whole.x, run.from(), run.to() + 1);
        double[] py = Arrays.copyOfRange(whole.y, run.from(), run.to() + 1);
        put(px, py, 0, run.start());
        put(px, py, px.length - 1, run.end());
        double[] along = new double[px.length];
        Arrays.fill(along, run.angle());
        return new Section(px, py, along, Kind.LINE, false, false);
    }

    /** From one run to the next one, held in their directions; null where there is none. */
    private Section curve(int from, int to, StraightRun before, StraightRun after) {
        double[] px = Arrays.copyOfRange(whole.x, from, to + 1);
        double[] py = Arrays.copyOfRange(whole.y, from, to + 1);
        double[] along = Arrays.copyOfRange(whole.angle, from, to + 1);
        if (before != null) {
            put(px, py, 0, before.end());
            along[0] = before.angle();
        }
        if (after != null) {
            put(px, py, px.length - 1, after.start());
            along[along.length - 1] = after.angle();
        }
        boolean all = whole.ring && before == null && after == null;
        return new Section(
                px,
                py,
                along,
                all ? Kind.RING : Kind.CURVE,
                whole.cornerAtStart && before == null,
                whole.cornerAtEnd && after == null);
    }

    private static void put(double[] x, double[] y, int i, Point at) {
        x[i] = at.x();
        y[i] = at.y();
    }

    /** A section itself, or if it is long pieces of it, cut at flat places. */
    private static List<Section> pieces(Section section) {
        int last = section.last();
        int count = (last + LONGEST - 1) / LONGEST;
        if (count < 2) {
            return List.of(section);
        }
        List<Section> parts = new ArrayList<>();
        int from = 0;
        for (int part = 1; part <= count; part++) {
            int to = part == count ? last : flattest(section, (int) ((long) last * part / count));
            parts.add(
                    new Section(
                            Arrays.copyOfRange(section.x, from, to + 1),
                            Arrays.copyOfRange(section.y, from, to + 1),
                            Arrays.copyOfRange(section.angle, from, to + 1),
                            Kind.CURVE,
                            section.cornerAtStart && from == 0,
                            section.cornerAtEnd && to == last));
            from = to;
        }
        return parts;
    }

    private static int flattest(Section section, int near) {
        int best = near;
        double least = Double.MAX_VALUE;
        for (int i = near - LEEWAY; i <= near + LEEWAY; i++) {
            double swing = section.turn(i - Section.TANGENT_REACH, i + Section.TANGENT_REACH);
            if (swing < least) {
                least = swing;
                best = i;
            }
        }
        return best;
    }
}

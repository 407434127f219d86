package neattrace.sheet.sweep;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.geom.Point;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetPart;
import neattrace.sheet.SheetShape;

/** Finds where the sheet's threshold is not the calm one. */
public final class LocalAdvisor {

    private static final double CELL_MM = 6;
    private static final double MARGIN_MM = 1.5;

    /** Fewer problems than this in one place are no place; those of dust are left out before. */
    private static final int LEAST_PROBLEMS = 2;

    /** Thresholds nearer than this to the sheet's are not worth a patch, 255ths. */
    private static final int LEAST_STEP = 13;

    private static final int MOST = 24;

    private LocalAdvisor() {}

    /**
     * Looks for such places.
     *
     * @param changes those that concern the drawing
     * @param percent the sheet's threshold
     * @param patches places that have a threshold of their own already; they are left out
     */
    public static List<LocalAdvice> find(
            ThresholdSweep sweep,
            List<Change> changes,
            double percent,
            List<Patch> patches,
            SheetFrame frame,
            double pxPerMm) {
        int now = (int) Math.ceil(percent * 2.55);
        boolean[] patched = patched(patches, frame);
        double cell = Math.max(8, CELL_MM * pxPerMm);
        int columns = (int) Math.ceil(frame.width() / cell);
        Map<Integer, List<Change>> losing = new HashMap<>();
        Map<Integer, List<Change>> filling = new HashMap<>();
        for (Change change : changes) {
            boolean problem = sweep.isProblem(change, now);
            if (!problem
                    || patched.length > 0 && patched[change.y() * frame.width() + change.x()]) {
                continue;
            }
            int at = (int) (change.y() / cell) * columns + (int) (change.x() / cell);
            Map<Integer, List<Change>> side = change.losesInk() ? losing : filling;
            side.computeIfAbsent(at, key -> new ArrayList<>()).add(change);
        }
        List<LocalAdvice> advice = new ArrayList<>();
        for (Map<Integer, List<Change>> side : List.of(losing, filling)) {
            for (List<Change> group : groups(side, columns)) {
                LocalAdvice one = advise(group, sweep, changes, now, frame, MARGIN_MM * pxPerMm);
                if (one != null) {
                    advice.add(one);
                }
            }
        }
        advice.sort(Comparator.comparingInt((LocalAdvice a) -> a.now() - a.then()).reversed());
        return advice.subList(0, Math.min(MOST, advice.size()));
    }

    private static boolean[] patched(List<Patch> patches, SheetFrame frame) {
        if (patches.isEmpty()) {
            return new boolean[0];
        }
        boolean[] patched = new boolean[frame.width() * frame.height()];
        for (Patch patch : patches) {
            SheetPart.of(patch.shape(), frame.toSheet(), frame.width(), frame.height(), 0)
                    .forEach((x, y, cover) -> patched[y * frame.width() + x] = true);
        }
        return patched;
    }

    /** The problems of cells that touch. */
    private static List<List<Change>> groups(Map<Integer, List<Change>> cells, int columns) {
        List<List<Change>> groups = new ArrayList<>();
        Map<Integer, List<Change>> left = new HashMap<>(cells);
        Deque<Integer> open = new ArrayDeque<>();
        for (int start : cells.keySet().stream().sorted().toList()) {
            if (!left.containsKey(start)) {
                continue;
            }
            List<Change> group = new ArrayList<>(left.remove(start));
            open.add(start);
            while (!open.isEmpty()) {
                int at = open.remove();
                for (int dy = -1; dy <= 1; dy++) {
                    for (int dx = -1; dx <= 1; dx++) {
                        int next = at + dy * columns + dx;
                        boolean beside = at % columns + dx >= 0 && at % columns + dx < columns;
                        List<Change> more = beside ? left.remove(next) : null;
                        if (more != null) {
                            group.addAll(more);
                            open.add(next);
                        }
                    }
                }
            }
            groups.add(group);
        }
        return groups;
    }

    private static LocalAdvice advise(
            List<Change> group,
            ThresholdSweep sweep,
            List<Change> changes,
            int now,
            SheetFrame frame,
            double margin) {
        if (group.size() < LEAST_PROBLEMS) {
            return null;
        }
        double x0 = frame.width();
        double y0 = frame.height();
        double x1 = 0;
        double y1 = 0;
        for (Change change : group) {
            x0 = Math.min(x0, change.x() - margin);
            y0 = Math.min(y0, change.y() - margin);
            x1 = Math.max(x1, change.x() + 1 + margin);
            y1 = Math.max(y1, change.y() + 1 + margin);
        }
        int left = (int) Math.max(0, x0);
        int top = (int) Math.max(0, y0);
        int right = (int) Math.min(frame.width(), Math.ceil(x1));
        int bottom = (int) Math.min(frame.height(), Math.ceil(y1));
        boolean wholeSheet =
                (double) (right - left) * (bottom - top)
                        > 0.6 * frame.width() * (double) frame.height();
        if (wholeSheet) {
            return null;
        }
        List<Change> inside =
                changes.stream()
                        .filter(
                                c ->
                                        c.x() >= left
                                                && c.x() < right
                                                && c.y() >= top
                                                && c.y() < bottom)
                        .toList();
        boolean lighter = group.get(0).losesInk();
        int best = fewest(inside, lighter, now, sweep);
        int before = problems(sweep, inside, now);
        int after = problems(sweep, inside, best);
        if (Math.abs(best - now) < LEAST_STEP || after > before / 2) {
            return null;
        }
        return new LocalAdvice(
                left,
                top,
                right - left,
                bottom - top,
                shape(frame, left, top, right, bottom),
                Math.rint(best / 2.55),
                lighter,
                before,
                after);
    }

    /** The threshold with the fewest problems; of several the middle of the widest run of them. */
    private static int fewest(List<Change> inside, boolean lighter, int now, ThresholdSweep sweep) {
        int from = lighter ? Math.max(sweep.low(), sweep.range().faintest()) : now;
        int to = lighter ? now : Math.min(sweep.high(), sweep.range().darkest());
        int least = Integer.MAX_VALUE;
        for (int threshold = from; threshold <= to; threshold++) {
            least = Math.min(least, problems(sweep, inside, threshold));
        }
        int best = now;
        int longest = 0;
        int start = -1;
        for (int threshold = from; threshold <= to + 1; threshold++) {
            boolean calm = threshold <= to && problems(sweep, inside, threshold) == least;
            if (calm && start < 0) {
                start = threshold;
            } else if (!calm && start >= 0) {
                if (threshold - start > longest) {
                    longest = threshold - start;
                    best = (start + threshold - 1) / 2;
                }
                start = -1;
            }
        }
        return best;
    }

    private static int problems(ThresholdSweep sweep, List<Change> inside, int threshold) {
        int problems = 0;
        for (Change change : inside) {
            problems += sweep.isProblem(change, threshold) ? 1 : 0;
        }
        return problems;
    }

    private static SheetShape shape(SheetFrame frame, int x0, int y0, int x1, int y1) {
        return new SheetShape.Polygon(
                List.of(
                        frame.toSource().apply(new Point(x0, y0)),
                        frame.toSource().apply(new Point(x1, y0)),
                        frame.toSource().apply(new Point(x1, y1)),
                        frame.toSource().apply(new Point(x0, y1))));
    }
}

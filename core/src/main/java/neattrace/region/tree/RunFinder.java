package neattrace.region.tree;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.tree.ColourRun.Target;

/**
 * Finds where colour laid at a place would run out. Immutable; quick enough to follow a pointer.
 */
public final class RunFinder {

    private final InkMap ink;
    private final AreaTree tree;
    private final AreaMap map;
    private final CloseSettings settings;
    private final List<List<Neck>> necksOf;
    private final int page;

    /**
     * A finder for one drawing.
     *
     * @param ink what is ink
     * @param tree its areas at every width
     * @param settings which gaps count as closed
     * @param map the tree's areas at these settings
     */
    public RunFinder(InkMap ink, AreaTree tree, CloseSettings settings, AreaMap map) {
        this.ink = ink;
        this.tree = tree;
        this.map = map;
        this.settings = settings;
        necksOf = new ArrayList<>();
        tree.cells().forEach(cell -> necksOf.add(new ArrayList<>()));
        for (Neck neck : tree.necks()) {
            necksOf.get(neck.a()).add(neck);
            necksOf.get(neck.b()).add(neck);
        }
        int most = -1;
        for (int cell = 0; cell < tree.cells().size(); cell++) {
            boolean outside = map.areas().get(map.areaOf()[cell]).outside();
            if (outside
                    && (most < 0
                            || tree.cells().get(cell).border() > tree.cells().get(most).border())) {
                most = cell;
            }
        }
        page = most;
    }

    /**
     * The widest way from a place: to the page if colour does run there, else through the widest
     * closed gap of its area.
     *
     * @param place source px
     */
    public ColourRun from(Point place) {
        Optional<Area> area = map.at(place);
        if (area.isEmpty()) {
            return ColourRun.to(Target.NOTHING);
        }
        int start = tree.labels()[(int) Math.floor(place.y()) * map.width() + (int) place.x()];
        if (start == page) {
            return ColourRun.to(Target.OUTSIDE);
        }
        Neck[] reachedBy = widestWays(start);
        if (area.get().outside()) {
            return run(place, route(start, page, reachedBy), page, Target.PAGE, true);
        }
        int exit = widestExit(area.get().label(), start, reachedBy);
        if (exit < 0) {
            return ColourRun.to(Target.NOWHERE);
        }
        boolean toPage = map.areas().get(map.areaOf()[exit]).outside();
        return run(
                place,
                route(start, exit, reachedBy),
                exit,
                toPage ? Target.PAGE : Target.AREA,
                false);
    }

    /** By which gap each cell is best come to from one; null where it is not. */
    private Neck[] widestWays(int start) {
        Neck[] reachedBy = new Neck[necksOf.size()];
        boolean[] done = new boolean[necksOf.size()];
        double[] best = new double[necksOf.size()];
        best[start] = Double.POSITIVE_INFINITY;
        PriorityQueue<double[]> open = new PriorityQueue<>((a, b) -> Double.compare(b[1], a[1]));
        open.add(new double[] {start, best[start]});
        while (!open.isEmpty()) {
            int cell = (int) open.poll()[0];
            if (done[cell]) {
                continue;
            }
            done[cell] = true;
            for (Neck neck : necksOf.get(cell)) {
                int next = neck.a() == cell ? neck.b() : neck.a();
                // What is open goes before anything closed, however wide.
                double width = neck.widthPx() + (isClosed(neck) ? 0 : 1e6);
                double reach = Math.min(best[cell], width);
                if (!done[next] && reach > best[next]) {
                    best[next] = reach;
                    reachedBy[next] = neck;
                    open.add(new double[] {next, reach});
                }
            }
        }
        return reachedBy;
    }

    private boolean isClosed(Neck neck) {
        return neck.decided(settings, tree.pxPerMm()).orElse(neck.widthPx() <= map.gapPx());
    }

    /** The cell beyond the widest closed gap of an area; -1 if it has none. */
    private int widestExit(int label, int start, Neck[] reachedBy) {
        double widest = -1;
        int exit = -1;
        for (int cell = 0; cell < reachedBy.length; cell++) {
            Neck by = reachedBy[cell];
            if (cell == start || by == null || map.areaOf()[cell] == label) {
                continue;
            }
            int before = by.a() == cell ? by.b() : by.a();
            if (map.areaOf()[before] == label && by.widthPx() > widest) {
                widest = by.widthPx();
                exit = cell;
            }
        }
        return exit;
    }

    private static List<Neck> route(int start, int end, Neck[] reachedBy) {
        List<Neck> route = new ArrayList<>();
        int cell = end;
        while (cell != start && cell >= 0 && reachedBy[cell] != null) {
            route.add(reachedBy[cell]);
            cell = reachedBy[cell].a() == cell ? reachedBy[cell].b() : reachedBy[cell].a();
        }
        Collections.reverse(route);
        return route;
    }

    private ColourRun run(Point place, List<Neck> route, int end, Target target, boolean open) {
        List<Point> way = new ArrayList<>();
        int cell = tree.labels()[(int) Math.floor(place.y()) * map.width() + (int) place.x()];
        Point from = place;
        for (Neck neck : route) {
            way.addAll(CellPath.between(ink, tree.labels(), cell, from, neck.place()));
            from = neck.place();
            cell = neck.a() == cell ? neck.b() : neck.a();
        }
        Point goal = end == page ? nearestBorder(from) : tree.cells().get(end).anchor();
        way.addAll(CellPath.between(ink, tree.labels(), cell, from, goal));
        Neck tightest = null;
        for (Neck neck : route) {
            if (tightest == null || neck.widthPx() < tightest.widthPx()) {
                tightest = neck;
            }
        }
        return new ColourRun(way, Optional.ofNullable(tightest), open, target);
    }

    /** The place on the sheet's border that is paper of the page and nearest. */
    private Point nearestBorder(Point from) {
        int width = map.width();
        int height = map.height();
        Point[] best = {tree.cells().get(page).anchor()};
        double[] least = {Double.MAX_VALUE};
        int step = Math.max(1, Math.max(width, height) / 1000);
        for (int x = 0; x < width; x += step) {
            for (int y : new int[] {0, height - 1}) {
                consider(x, y, from, best, least);
            }
        }
        for (int y = 0; y < height; y += step) {
            for (int x : new int[] {0, width - 1}) {
                consider(x, y, from, best, least);
            }
        }
        return best[0];
    }

    private void consider(int x, int y, Point from, Point[] best, double[] least) {
        int i = y * map.width() + x;
        Point at = new Point(x + 0.5, y + 0.5);
        if (!ink.isInk(i) && tree.labels()[i] == page && at.distance(from) < least[0]) {
            least[0] = at.distance(from);
            best[0] = at;
        }
    }
}

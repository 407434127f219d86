package neattrace.region.tree;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.region.Join;

/** The areas of a drawing at every closing width. Immutable. */
public final class AreaTree {

    /** Openings up to this many times as wide as closed gaps are worth a decision. */
    private static final double WORTH_ASKING = 2;

    private static final double LEAST_ASKED_MM = 0.5;

    private final int width;
    private final int height;
    private final int[] labels;
    private final List<Cell> cells;
    private final List<Neck> necks;
    private final double pxPerMm;
    private final CloseSettings settings;

    /**
     * A tree.
     *
     * @param labels the cell of each pixel, handed over and not to be written to; -1 on a sheet
     *     without paper
     * @param cells the finest parts of the paper, by label
     * @param necks all gaps between them
     * @param pxPerMm resolution
     * @param settings the unseen lines it was made with, and the frame: with one, no paper lies
     *     round the drawing
     */
    public AreaTree(
            int width,
            int height,
            int[] labels,
            List<Cell> cells,
            List<Neck> necks,
            double pxPerMm,
            CloseSettings settings) {
        this.width = width;
        this.height = height;
        this.labels = labels;
        this.cells = List.copyOf(cells);
        this.necks =
                necks.stream()
                        .sorted(Comparator.comparingDouble(Neck::widthPx).reversed())
                        .toList();
        this.pxPerMm = pxPerMm;
        this.settings = settings;
    }

    /** A sheet on which no areas were looked for. */
    public static AreaTree none(int width, int height, double pxPerMm, CloseSettings settings) {
        return new AreaTree(width, height, new int[0], List.of(), List.of(), pxPerMm, settings);
    }

    /** Width of the sheet, px. */
    public int width() {
        return width;
    }

    /** Height of the sheet, px. */
    public int height() {
        return height;
    }

    /** The finest parts of the paper, by label. */
    public List<Cell> cells() {
        return cells;
    }

    /** All gaps, widest first. */
    public List<Neck> necks() {
        return necks;
    }

    /** The cell of each pixel, not to be written to. */
    public int[] labels() {
        return labels;
    }

    /** The unseen lines that part its cells besides gaps. */
    public List<Join> unseenLines() {
        List<Join> lines = new ArrayList<>(settings.joins());
        lines.addAll(settings.cuts());
        return lines;
    }

    /** Resolution. */
    public double pxPerMm() {
        return pxPerMm;
    }

    /** Where its gaps are, mm. */
    public List<Point> gapPlaces() {
        return necks.stream().map(neck -> neck.place().times(1 / pxPerMm)).toList();
    }

    /** The width up to which gaps are best closed, from the drawing itself, mm. */
    public double calmMm() {
        CellUnion one = new CellUnion(cells);
        List<Double> changes = new ArrayList<>();
        for (Neck neck : necks) {
            if (one.unite(neck.a(), neck.b())) {
                changes.add(neck.widthPx() / pxPerMm);
            }
        }
        return CalmWidth.of(changes);
    }

    /** How many enclosed areas there would be if gaps up to a width were closed. */
    public int enclosedAt(double gapMm) {
        CellUnion one = new CellUnion(cells);
        int count = cells.size();
        for (Neck neck : necks) {
            if (neck.widthPx() > gapMm * pxPerMm && one.unite(neck.a(), neck.b())) {
                count--;
            }
        }
        boolean isOpen = !settings.isFramed() && cells.stream().anyMatch(cell -> cell.border() > 0);
        return isOpen ? count - 1 : count;
    }

    /** The areas for some settings. Takes time in cells and gaps, not in pixels. */
    public AreaMap at(CloseSettings wanted) {
        double gapMm = wanted.isAutomatic() ? calmMm() : wanted.gapMm();
        double gapPx = gapMm * pxPerMm;
        double askedPx = Math.max(LEAST_ASKED_MM, WORTH_ASKING * gapMm) * pxPerMm;
        CellUnion one = new CellUnion(cells);
        List<Gap> gaps = new ArrayList<>();
        Map<Neck, Boolean> closed = new LinkedHashMap<>();
        for (Neck neck : necks) {
            Optional<Boolean> decided = neck.decided(wanted, pxPerMm);
            if (decided.orElse(neck.widthPx() <= gapPx)) {
                closed.put(neck, decided.isPresent());
                continue;
            }
            Gap gap = gap(neck, one, false, decided.isPresent());
            if (one.unite(neck.a(), neck.b())
                    && (neck.widthPx() <= askedPx || decided.isPresent())) {
                gaps.add(gap);
            }
        }
        closed.forEach(
                (neck, decided) -> {
                    // A closed gap beside an open one of the same wall parts nothing.
                    if (one.find(neck.a()) != one.find(neck.b())) {
                        gaps.add(gap(neck, one, true, decided));
                    }
                });
        gaps.sort(Comparator.comparingDouble(Gap::widthPx).reversed());
        return map(one, gaps, gapPx);
    }

    private static Gap gap(Neck neck, CellUnion one, boolean closed, boolean decided) {
        return neck.gap(closed, decided, one.pixels(neck.a()), one.pixels(neck.b()));
    }

    private AreaMap map(CellUnion one, List<Gap> gaps, double gapPx) {
        int[] areaOf = new int[cells.size()];
        int[] widest = new int[cells.size()];
        long[] pixels = new long[cells.size()];
        long[] border = new long[cells.size()];
        int count = 0;
        for (int cell = 0; cell < cells.size(); cell++) {
            int root = one.find(cell);
            // A root is the lowest of its cells, so it comes first.
            int label = root == cell ? count++ : areaOf[root];
            areaOf[cell] = label;
            if (root == cell || cells.get(cell).radiusPx() > cells.get(widest[label]).radiusPx()) {
                widest[label] = cell;
            }
            pixels[label] += cells.get(cell).pixels();
            border[label] += cells.get(cell).border();
        }
        int outside = -1;
        for (int label = 0; label < count && !settings.isFramed(); label++) {
            if (border[label] > 0 && (outside < 0 || border[label] > border[outside])) {
                outside = label;
            }
        }
        List<Area> areas = new ArrayList<>(count);
        for (int label = 0; label < count; label++) {
            Cell cell = cells.get(widest[label]);
            areas.add(
                    new Area(
                            label,
                            cell.anchor(),
                            pixels[label],
                            cell.radiusPx(),
                            label == outside));
        }
        return new AreaMap(width, height, labels, areaOf, areas, gaps, gapPx);
    }
}

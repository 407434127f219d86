package neattrace.sheet.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetShape;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.Blemish.Kind;
import neattrace.sheet.review.FlagGrid.Group;

/** Finds blemishes on a sheet. Linear in pixels. */
public final class BlemishFinder {

    private static final double CELL_MM = 1.5;
    private static final int LEAST_CELL_PX = 6;

    /** Smaller spots than this are let pass, mm2. */
    private static final double LEAST_MM2 = 9;

    /** A dark spot of which this share has a structure is a stamp rather than a smudge. */
    private static final double STRUCTURED = 0.2;

    private static final double MARGIN_MM = 1;

    /** A strip along an edge is at least this share of the edge long. */
    static final double STRIP_SHARE = 0.5;

    /** What reaches over more of the sheet than this is no blemish of it. */
    private static final double MOST_OF_THE_SHEET = 0.5;

    private static final int MOST = 24;

    private final InkReading reading;
    private final int width;
    private final int height;
    private final double pxPerMm;
    private final int cell;
    private final int columns;
    private final int rows;
    private final RunLabels ink;

    private BlemishFinder(InkReading reading) {
        this.reading = reading;
        InkMap map = reading.map();
        this.width = map.width();
        this.height = map.height();
        this.pxPerMm = reading.scanPxPerMm() * reading.recipe().frame().enlarge();
        this.cell = (int) Math.max(LEAST_CELL_PX, Math.round(CELL_MM * pxPerMm));
        this.columns = (width + cell - 1) / cell;
        this.rows = (height + cell - 1) / cell;
        this.ink = RunLabels.of(map, true, true);
    }

    /** The blemishes, those that carry ink first, then the largest. */
    public static List<Blemish> find(InkReading reading) {
        if (!reading.levels().found()) {
            return List.of();
        }
        return new BlemishFinder(reading).find();
    }

    private List<Blemish> find() {
        List<Blemish> found = new ArrayList<>();
        for (int[] b : BorderInk.find(ink, width, height, pxPerMm)) {
            found.add(blemish(Kind.EDGE, b[0], b[1], b[2], b[3]));
        }
        if (reading.oneBit()) {
            return found;
        }
        FlagGrid faint = FaintCells.find(reading, columns, rows, cell, pxPerMm);
        FlagGrid dents = LightDents.find(reading.light(), columns, rows, cell / pxPerMm);
        FlagGrid marks = new FlagGrid(columns, rows);
        faint.groups(0).forEach(marks::setAll);
        for (Group group : dents.groups(1)) {
            double box = (group.c1() - group.c0() + 1.0) * (group.r1() - group.r0() + 1);
            if (box > MOST_OF_THE_SHEET * columns * rows) {
                // Uneven light all over is evened; masking it off would take the drawing along.
                continue;
            }
            boolean strip = isStrip(group);
            boolean structured = faint.count(group) >= STRUCTURED * group.cells();
            boolean large = group.cells() * square(cell / pxPerMm) >= LEAST_MM2;
            if (strip) {
                add(found, Kind.SPINE, group);
            } else if (structured) {
                // A stamp dims the light as well; its parts belong together.
                marks.setAll(group);
            } else if (large) {
                add(found, Kind.SMUDGE, group);
            }
        }
        for (Group group : marks.groups(3)) {
            if (group.cells() >= 4 && found.stream().noneMatch(other -> overlaps(other, group))) {
                add(found, Kind.MARK, group);
            }
        }
        found.sort(
                Comparator.comparing((Blemish blemish) -> blemish.inkPieces() == 0)
                        .thenComparing(blemish -> -(double) blemish.width() * blemish.height()));
        return found.subList(0, Math.min(MOST, found.size()));
    }

    private static double square(double value) {
        return value * value;
    }

    private boolean isStrip(Group group) {
        boolean sideways = group.c0() == 0 || group.c1() == columns;
        boolean upright = group.r0() == 0 || group.r1() == rows;
        return sideways && group.r1() - group.r0() >= STRIP_SHARE * rows
                || upright && group.c1() - group.c0() >= STRIP_SHARE * columns;
    }

    private boolean overlaps(Blemish other, Group group) {
        return other.x() < group.c1() * cell
                && other.y() < group.r1() * cell
                && other.x() + other.width() > group.c0() * cell
                && other.y() + other.height() > group.r0() * cell;
    }

    private void add(List<Blemish> found, Kind kind, Group group) {
        int margin = (int) Math.round(MARGIN_MM * pxPerMm);
        int x0 = group.c0() == 0 ? 0 : Math.max(0, group.c0() * cell - margin);
        int y0 = group.r0() == 0 ? 0 : Math.max(0, group.r0() * cell - margin);
        int x1 = Math.min(width, group.c1() * cell + margin);
        int y1 = Math.min(height, group.r1() * cell + margin);
        found.add(blemish(kind, x0, y0, x1, y1));
    }

    private Blemish blemish(Kind kind, int x0, int y0, int x1, int y1) {
        SheetFrame frame = reading.frame();
        List<Point> corners =
                List.of(
                        frame.toSource().apply(new Point(x0, y0)),
                        frame.toSource().apply(new Point(x1, y0)),
                        frame.toSource().apply(new Point(x1, y1)),
                        frame.toSource().apply(new Point(x0, y1)));
        long[] inside = new long[ink.count()];
        ink.forEachRun(
                (y, from, to, part) -> {
                    if (y >= y0 && y < y1) {
                        inside[part] += Math.max(0, Math.min(to, x1) - Math.max(from, x0));
                    }
                });
        int pieces = 0;
        boolean cuts = false;
        for (int part = 0; part < inside.length; part++) {
            pieces += inside[part] == ink.size(part) ? 1 : 0;
            cuts |= inside[part] > 0 && inside[part] < ink.size(part);
        }
        return new Blemish(
                kind, x0, y0, x1 - x0, y1 - y0, new SheetShape.Polygon(corners), pieces, cuts);
    }
}

package neattrace.sheet.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetShape;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.light.LightField;
import neattrace.sheet.review.Blemish.Kind;
import neattrace.sheet.review.FlagGrid.Group;
import neattrace.sheet.threshold.ToneMap;

/** Finds blemishes on a sheet. Linear in pixels. */
public final class BlemishFinder {

    private static final double CELL_MM = 1.5;
    private static final int LEAST_CELL_PX = 6;

    /** So much darker than the straight continuation of the light round it is a dent. */
    private static final double DENT = 0.05;

    /** How far round a cell the light is compared, mm. */
    private static final double[] DENT_REACH_MM = {12, 22};

    /** This share of a cell must be faint grey far from ink. */
    private static final double FAINT_SHARE = 0.07;

    /** Fainter than this share of ink is paper, darker is a line. */
    private static final int FAINT_FROM = 14;

    private static final int FAINT_TO = 110;

    /** Smaller spots than this are let pass, mm2. */
    private static final double LEAST_MM2 = 9;

    /** A dark spot of which this share has a structure is a stamp rather than a smudge. */
    private static final double STRUCTURED = 0.2;

    private static final double MARGIN_MM = 1;

    /** A strip along an edge is at least this share of the edge long. */
    private static final double STRIP_SHARE = 0.5;

    /** The shadow of a sheet's edge is no thicker than this with its slant, mm. */
    private static final double SHADOW_LINE_MM = 3;

    /** It lies no farther from the border than this, mm. */
    private static final double SHADOW_REACH_MM = 15;

    /** It is at least this share of the border long. */
    private static final double SHADOW_SHARE = 0.85;

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
        found.addAll(edges());
        if (reading.oneBit()) {
            return found;
        }
        FlagGrid faint = faint();
        FlagGrid marks = new FlagGrid(columns, rows);
        faint.groups(0).forEach(marks::setAll);
        for (Group group : dents().groups(1)) {
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

    /** Cells where the light is darker than what lies round them on a straight line suggests. */
    private FlagGrid dents() {
        FlagGrid cells = new FlagGrid(columns, rows);
        LightField light = reading.light();
        if (light.isEven()) {
            return cells;
        }
        double[] field = new double[columns * rows];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                field[r * columns + c] = light.at((c + 0.5) / columns, (r + 0.5) / rows);
            }
        }
        double cellMm = cell / pxPerMm;
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                for (double reachMm : DENT_REACH_MM) {
                    int reach = (int) Math.max(2, Math.round(reachMm / cellMm));
                    if (dent(field, c, r, reach) > DENT) {
                        cells.set(c, r);
                    }
                }
            }
        }
        return cells;
    }

    private double dent(double[] field, int c, int r, int reach) {
        double here = field[r * columns + c];
        double across = expected(field, r * columns, 1, c, columns, reach);
        double down = expected(field, c, columns, r, rows, reach);
        return Math.max(1 - here / across, 1 - here / down);
    }

    /** The straight continuation from both sides, or from the one side there is. */
    private static double expected(
            double[] field, int base, int step, int at, int count, int reach) {
        int low = at - reach;
        int high = at + reach;
        if (low >= 0 && high < count) {
            return (field[base + low * step] + field[base + high * step]) / 2;
        }
        if (high + reach < count) {
            return 2 * field[base + high * step] - field[base + (high + reach) * step];
        }
        if (low - reach >= 0) {
            return 2 * field[base + low * step] - field[base + (low - reach) * step];
        }
        return field[base + at * step];
    }

    /** Cells with greys that are neither paper nor near ink. */
    private FlagGrid faint() {
        FlagGrid cells = new FlagGrid(columns, rows);
        ToneMap tone = reading.tone();
        double sigma =
                reading.noise() / 0.954 * 255 / (reading.levels().paper() - reading.levels().ink());
        // A sheet that favours faint lines has favoured its stains and its grain as well.
        double gain = reading.recipe().effective().light().faintGain();
        int to = (int) Math.rint(FAINT_TO * gain);
        int from = (int) Math.min(to - 20, gain * Math.max(FAINT_FROM, 3.5 * sigma));
        int far = (int) Math.max(2, Math.round(0.15 * pxPerMm));
        boolean[] flags = new boolean[columns * rows];
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            for (int c = 0; c < columns; c++) {
                                flags[r * columns + c] =
                                        faintShare(tone, c, r, from, to, far) > FAINT_SHARE;
                            }
                        });
        for (int i = 0; i < flags.length; i++) {
            if (flags[i]) {
                cells.set(i % columns, i / columns);
            }
        }
        return cells;
    }

    private double faintShare(ToneMap tone, int c, int r, int from, int to, int far) {
        int x1 = Math.min(width, (c + 1) * cell);
        int y1 = Math.min(height, (r + 1) * cell);
        int count = 0;
        int total = 0;
        for (int y = r * cell; y < y1; y++) {
            for (int x = c * cell; x < x1; x++) {
                total++;
                int value = tone.at(x, y);
                if (value >= from && value <= to && !nearInk(tone, x, y, to, far)) {
                    count++;
                }
            }
        }
        return (double) count / Math.max(1, total);
    }

    private boolean nearInk(ToneMap tone, int x, int y, int to, int far) {
        for (int yy = Math.max(0, y - far); yy <= Math.min(height - 1, y + far); yy++) {
            for (int xx = Math.max(0, x - far); xx <= Math.min(width - 1, x + far); xx++) {
                if (tone.at(xx, yy) > to) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Long thin ink along the border. */
    private List<Blemish> edges() {
        int n = ink.count();
        int[][] box = new int[n][];
        ink.forEachRun(
                (y, from, to, part) -> {
                    int[] b = box[part];
                    if (b == null) {
                        box[part] = new int[] {from, y, to, y + 1};
                    } else {
                        b[0] = Math.min(b[0], from);
                        b[2] = Math.max(b[2], to);
                        b[3] = y + 1;
                    }
                });
        List<Blemish> found = new ArrayList<>();
        for (int[] b : box) {
            boolean side = b[0] == 0 || b[2] == width;
            boolean end = b[1] == 0 || b[3] == height;
            boolean upright = side && b[3] - b[1] >= STRIP_SHARE * height;
            boolean level = end && b[2] - b[0] >= STRIP_SHARE * width;
            boolean thin =
                    upright && b[2] - b[0] <= 0.15 * width || level && b[3] - b[1] <= 0.15 * height;
            if (thin || isShadowLine(b)) {
                found.add(blemish(Kind.EDGE, b[0], b[1], b[2], b[3]));
            }
        }
        return found;
    }

    /** The thin shadow of a sheet's edge, a little inside the border and all along it. */
    private boolean isShadowLine(int[] b) {
        double most = SHADOW_LINE_MM * pxPerMm;
        double reach = SHADOW_REACH_MM * pxPerMm;
        boolean upright =
                b[3] - b[1] >= SHADOW_SHARE * height
                        && b[2] - b[0] <= most
                        && (b[2] <= reach || b[0] >= width - reach);
        boolean level =
                b[2] - b[0] >= SHADOW_SHARE * width
                        && b[3] - b[1] <= most
                        && (b[3] <= reach || b[1] >= height - reach);
        return upright || level;
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

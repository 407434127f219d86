package neattrace.press.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Tints;
import neattrace.press.plate.PlateMap;
import neattrace.stage.Progress;

/**
 * Prints sheets on a stand-in press and looks at what shows that was not meant. Time grows with the
 * pixels near edges times the sheets and inks.
 */
public final class Rehearsal {

    /** Faults are gathered in squares so large, mm. */
    static final double CELL_MM = 3;

    /** What is told while the run goes on comes after so many sheets. */
    private static final int FIRST = 2;

    private static final double MM_PER_INCH = 25.4;

    /** What has less ink is light, percent. */
    private static final double LIGHT = 60;

    /** From so much of an ink on, what lies beneath is printed over, percent. */
    private static final double HEAVY = 50;

    private final PlateMap map;
    private final List<Colorant> inks;
    private final PressRecipe recipe;
    private final double mmPerPx;
    private final int across;
    private final int down;
    private final EdgePixels edges;
    private final float[][] tint;
    private final boolean[] black;
    private final boolean[] inked;

    private Rehearsal(PlateMap map, List<Colorant> inks, PressRecipe recipe, InkLook look) {
        this.map = map;
        this.inks = List.copyOf(inks);
        this.recipe = recipe;
        this.mmPerPx = MM_PER_INCH / map.ppi();
        this.across = (int) Math.ceil(map.width() * mmPerPx / CELL_MM);
        this.down = (int) Math.ceil(map.height() * mmPerPx / CELL_MM);
        List<Tints> composites = map.composites();
        this.tint = new float[inks.size()][composites.size()];
        this.black = new boolean[composites.size()];
        this.inked = new boolean[composites.size()];
        for (int i = 0; i < composites.size(); i++) {
            for (int p = 0; p < tint.length; p++) {
                tint[p][i] = (float) composites.get(i).of(inks.get(p));
            }
            black[i] = composites.get(i).of(Colorant.BLACK) >= 90;
            inked[i] = composites.get(i).total() > 0;
        }
        int reach = (int) Math.ceil(recipe.registerMm() / mmPerPx) + 1;
        this.edges =
                EdgePixels.of(
                        map,
                        composites.stream().mapToDouble(one -> look.of(one).l()).toArray(),
                        reach);
    }

    /** Resolution at which plates are looked at: a tolerance is several pixels. */
    public static double ppi(double registerMm, double widthMm, double heightMm) {
        double wanted = 4 * MM_PER_INCH / Math.max(0.05, registerMm);
        double most = Math.sqrt(16e6 / (widthMm * heightMm)) * MM_PER_INCH;
        return Math.max(72, Math.min(Math.min(wanted, 1000), most));
    }

    /**
     * Prints sheets.
     *
     * @param map the page, at a resolution of {@link #ppi}
     * @param look what inks look like
     * @param sheets how many, at least one
     * @param sofar is told what came of the first ones, then of more and more; from any thread
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static RehearsalRun of(
            PlateMap map,
            List<Colorant> inks,
            PressRecipe recipe,
            InkLook look,
            int sheets,
            Consumer<RehearsalRun> sofar,
            Progress progress) {
        return new Rehearsal(map, inks, recipe, look).run(sheets, sofar, progress);
    }

    /** How plates lie on a sheet of a run: the same for the same seed and number. */
    public static PrintedSheet sheet(
            PressRecipe recipe, int number, int inks, double widthMm, double heightMm) {
        SplittableRandom chance = new SplittableRandom(recipe.seed() * 1_000_003 + number);
        double reach = Math.hypot(widthMm, heightMm) / 2;
        List<PlateShift> shifts = new ArrayList<>();
        for (int p = 0; p < inks; p++) {
            // Half of it each: no two plates lie farther off from one another.
            shifts.add(PlateShift.random(chance, recipe.registerMm() / 2, reach));
        }
        double spread =
                recipe.gain().spreadMm(recipe.linesPerMm()) * (0.6 + 0.8 * chance.nextDouble());
        return new PrintedSheet(number, shifts, spread, 0, 0);
    }

    private RehearsalRun run(int sheets, Consumer<RehearsalRun> sofar, Progress progress) {
        FaultCells cells = new FaultCells(across, down, gaps());
        List<PrintedSheet> printed = new ArrayList<>();
        int done = 0;
        int batch = FIRST;
        while (done < sheets) {
            int from = done;
            int to = Math.min(sheets, done + batch);
            List<PrintedSheet> next =
                    IntStream.range(from, to)
                            .parallel()
                            .mapToObj(number -> print(number, cells))
                            .toList();
            printed.addAll(next);
            done = to;
            batch = Math.min(16, 2 * batch);
            progress.report("Printing on the stand-in press", (double) done / sheets);
            if (done < sheets) {
                sofar.accept(
                        new RehearsalRun(sheets, printed, cells.places(done), cells.map(done)));
            }
        }
        return new RehearsalRun(sheets, printed, cells.places(sheets), cells.map(sheets));
    }

    /** Widths of narrow gaps, square by square, mm. */
    private double[] gaps() {
        boolean[] light = new boolean[inked.length];
        for (int i = 0; i < light.length; i++) {
            light[i] = map.composites().get(i).total() < LIGHT;
        }
        int width = map.width();
        int[] widths =
                edges.thinWidths(
                        map,
                        light,
                        i ->
                                (int) (i / width * mmPerPx / CELL_MM) * across
                                        + (int) (i % width * mmPerPx / CELL_MM),
                        across * down);
        return IntStream.of(widths).mapToDouble(one -> one * mmPerPx).toArray();
    }

    private PrintedSheet print(int number, FaultCells cells) {
        PrintedSheet sheet =
                sheet(recipe, number, inks.size(), map.width() * mmPerPx, map.height() * mmPerPx);
        SheetFaults faults = new SheetFaults(across, down, mmPerPx, sheet.spreadMm());
        look(sheet, faults);
        cells.add(faults);
        return new PrintedSheet(
                number, sheet.shifts(), sheet.spreadMm(), faults.sliverMm2(), faults.fringeMm2());
    }

    /** Looks at every pixel near an edge. */
    private void look(PrintedSheet sheet, SheetFaults faults) {
        int width = map.width();
        int height = map.height();
        short[] number = map.numbers();
        int plates = inks.size();
        int[] offset = new int[plates];
        int[] at = edges.at();
        boolean[] thin = edges.thin();
        int lastBlock = -1;
        for (int k = 0; k < at.length; k++) {
            int i = at[k];
            int x = i % width;
            int y = i / width;
            // Maps change so little that neighbours move alike.
            int block = y << 16 | x >> 6;
            if (block != lastBlock) {
                lastBlock = block;
                offsets(sheet, x, y, offset);
            }
            int meant = number[i] & 0xffff;
            boolean bare = true;
            boolean fringe = false;
            boolean more = false;
            boolean solid = false;
            boolean off = false;
            for (int p = 0; p < plates; p++) {
                int from = i - offset[p];
                int row = y - offset[p] / width;
                boolean out = from < 0 || from >= number.length || row < 0 || row >= height;
                int source = out ? 0 : number[from] & 0xffff;
                float value = tint[p][source];
                if (value > 0) {
                    bare = false;
                    boolean isBlack = inks.get(p) == Colorant.BLACK;
                    solid |= isBlack && value >= 90;
                    fringe |= !isBlack && black[source] && tint[p][meant] < value - 20;
                    more |= value >= HEAVY && tint[p][meant] == 0;
                } else {
                    off |= tint[p][meant] > 0 && inked[source];
                }
            }
            int fault = 0;
            if (bare && inked[meant] && off) {
                fault = 1;
            } else if (fringe && !solid && !black[meant]) {
                fault = 2;
            }
            if (fault != 0 || thin[k]) {
                faults.see(x, y, fault, thin[k], more);
            }
        }
    }

    /** By how many pixels each plate is off at a place; as one number, row by row. */
    private void offsets(PrintedSheet sheet, int x, int y, int[] offset) {
        double xMm = (x - map.width() / 2.0) * mmPerPx;
        double yMm = (y - map.height() / 2.0) * mmPerPx;
        for (int p = 0; p < offset.length; p++) {
            PlateShift shift = sheet.shifts().get(p);
            int dx = (int) Math.rint(shift.dx(xMm, yMm) / mmPerPx);
            int dy = (int) Math.rint(shift.dy(xMm, yMm) / mmPerPx);
            offset[p] = dy * map.width() + dx;
        }
    }
}

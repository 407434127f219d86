package neattrace.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import neattrace.geom.OutlineDistance;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanConditions;
import neattrace.standin.scanner.ScanSimulator;
import neattrace.standin.scanner.WornScan;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;

/**
 * One scan drawn at random and what automatic settings make of it.
 *
 * @param shown whether the drawing blurred as it was, without any wear, shows all its pieces and
 *     holes at 40, 50 and 60 percent: only then can they be asked for
 * @param clean the outlines of that picture against the truth: what any threshold is held by
 * @param worn the outlines of the scan against those of that picture: what wear alone did
 */
record Trial(
        long seed,
        ScanConditions.Kind kind,
        TrialDrawing drawing,
        ScanConditions how,
        GreySheet scan,
        double inkPercent,
        Measured measured,
        Tracing tracing,
        boolean shown,
        Measured clean,
        OutlineDistance worn,
        int dotsKept,
        int dots,
        int dustKept,
        int dust,
        int whitesKept,
        int whites,
        long millis) {

    private static final double PX_PER_MM = 300 / 25.4;

    static Optional<Trial> run(long seed, ScanConditions.Kind kind, List<Path> openSet)
            throws IOException {
        SplittableRandom chance = new SplittableRandom(seed);
        Optional<TrialDrawing> drawn = TrialDrawing.random(chance, openSet);
        if (drawn.isEmpty() || drawn.get().ink().isEmpty()) {
            return Optional.empty();
        }
        TrialDrawing drawing = drawn.get();
        int side = Math.min(drawing.width(), drawing.height());
        ScanConditions how = ScanConditions.random(chance, kind, drawing.strokePx(), side);
        GreySheet clean = drawing.clean();
        WornScan worn = ScanSimulator.scan(clean, how, seed);
        double pxPerMm = PX_PER_MM * Math.exp(chance.nextDouble(-1, 1));
        long start = System.nanoTime();
        InkReading reading =
                InkMapper.read(worn.sheet(), SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        Tracing tracing = trace(reading.map(), reading.oneBit());
        if (tracing.outlines().isEmpty()) {
            return Optional.empty();
        }
        InkMap map = reading.map();
        List<Point> dots = drawing.dots();
        ScanConditions lensOnly = lensOnly(how);
        GreySheet blurred = ScanSimulator.scan(clean, lensOnly, seed).sheet();
        InkMap best = coverage(blurred, how.oneBit(), pxPerMm);
        Tracing ideal = trace(best, how.oneBit());
        if (ideal.outlines().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new Trial(
                        seed,
                        kind,
                        drawing,
                        how,
                        worn.sheet(),
                        reading.inkPercent(),
                        Measured.of(drawing.ink(), tracing),
                        tracing,
                        isShown(blurred, drawing, how.oneBit()),
                        Measured.of(drawing.ink(), ideal),
                        OutlineDistance.between(
                                OutlineDistance.rings(ideal.outlines(), 0.005),
                                OutlineDistance.rings(tracing.outlines(), 0.005)),
                        (int) dots.stream().filter(dot -> isInk(map, dot, 0)).count(),
                        dots.size(),
                        (int) worn.dust().stream().filter(s -> remains(map, s, true)).count(),
                        worn.dust().size(),
                        (int) worn.whites().stream().filter(s -> remains(map, s, false)).count(),
                        worn.whites().size(),
                        millis));
    }

    private static Tracing trace(InkMap map, boolean oneBit) {
        return Tracer.trace(map, new TraceSettings(Tracer.USUAL_ERROR_PX, oneBit), Progress.SILENT);
    }

    private static InkMap coverage(GreySheet blurred, boolean oneBit, double pxPerMm) {
        if (oneBit) {
            return InkMapper.read(blurred, SheetRecipe.automatic(), pxPerMm, Progress.SILENT).map();
        }
        byte[] coverage = new byte[blurred.samples().length];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) ~blurred.samples()[i];
        }
        return new InkMap(blurred.width(), blurred.height(), coverage);
    }

    private static ScanConditions lensOnly(ScanConditions how) {
        return new ScanConditions(
                255,
                0,
                0,
                1,
                0,
                0,
                1,
                0,
                1,
                2,
                0,
                0,
                0,
                0,
                0,
                0,
                1,
                how.blurPx(),
                0,
                0,
                how.oneBit());
    }

    private static boolean isShown(GreySheet blurred, TrialDrawing drawing, boolean oneBit) {
        int[] truth = drawing.topology();
        int[] levels = oneBit ? new int[] {128} : new int[] {153, 128, 102};
        for (int level : levels) {
            RunLabels ink =
                    RunLabels.of(
                            blurred.samples(),
                            blurred.width(),
                            blurred.height(),
                            level,
                            false,
                            true);
            RunLabels paper =
                    RunLabels.of(
                            blurred.samples(),
                            blurred.width(),
                            blurred.height(),
                            level,
                            true,
                            false);
            // Paper that reaches the sheet's edge is no hole; drawings keep clear of it.
            if (ink.count() != truth[0] || paper.count() - 1 != truth[1]) {
                return false;
            }
        }
        return true;
    }

    private static boolean isInk(InkMap map, Point at, int reach) {
        for (int dy = -reach; dy <= reach; dy++) {
            for (int dx = -reach; dx <= reach; dx++) {
                if (map.isInk((int) at.x() + dx, (int) at.y() + dy)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether a speck is still to be seen: something of its kind within its outline. */
    private static boolean remains(InkMap map, WornScan.Speck speck, boolean ink) {
        int reach = (int) Math.max(1, speck.radius());
        int x = (int) speck.at().x();
        int y = (int) speck.at().y();
        for (int yy = Math.max(0, y - reach); yy <= Math.min(map.height() - 1, y + reach); yy++) {
            for (int xx = Math.max(0, x - reach);
                    xx <= Math.min(map.width() - 1, x + reach);
                    xx++) {
                if (map.isInk(xx, yy) == ink) {
                    return true;
                }
            }
        }
        return false;
    }

    double mean() {
        return measured.distance().mean();
    }

    double percentile99() {
        return measured.distance().percentile99();
    }

    boolean isExact() {
        return measured.parts() == measured.trueParts() && measured.holes() == measured.trueHoles();
    }

    /** Whether a distance keeps to the floors of its kind, or to so many times of them. */
    boolean keeps(OutlineDistance distance, double times) {
        return share(distance) <= times;
    }

    private double share(OutlineDistance distance) {
        double[] floor =
                switch (kind) {
                    case SCAN -> new double[] {0.08, 0.30};
                    case ONE_BIT -> new double[] {0.095, 0.38};
                    case PHOTO -> new double[] {0.16, 0.60};
                };
        return Math.max(distance.mean() / floor[0], distance.percentile99() / floor[1]);
    }

    /**
     * Whether the picture without wear, traced as it is, keeps to the floors with a little room.
     */
    boolean isAttainable() {
        return keeps(clean.distance(), 0.9);
    }

    /** How much wear did, 1 for as much as is allowed. */
    double badness() {
        return (isAttainable() ? share(measured.distance()) : share(worn))
                + (isExact() || !shown ? 0 : 1);
    }
}

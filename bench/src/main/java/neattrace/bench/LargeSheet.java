package neattrace.bench;

import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;

/**
 * The largest sheet the trade knows, A4 at 1200 ppi (139 million pixels), through the whole recipe:
 * time, the most heap in use, and how soon it stops when told to. Run with a heap of 3 GB.
 */
public final class LargeSheet {

    private static final double A4_WIDTH_MM = 210;
    private static final double A4_HEIGHT_MM = 297;

    private LargeSheet() {}

    /** Prints five rows. */
    public static void main(String[] arguments) {
        double pixels = A4_WIDTH_MM * A4_HEIGHT_MM * Math.pow(1200 / Resolution.MM_PER_INCH, 2);
        DensePage page = DensePage.of(pixels / 1e6);
        GreySheet sheet = page.sheet();
        double pxPerMm = page.pxPerMm();
        System.out.printf(
                Locale.ROOT,
                "sheet of %d x %d px, %.0f megapixels, heap of %.1f GB%n",
                sheet.width(),
                sheet.height(),
                sheet.samples().length / 1e6,
                Runtime.getRuntime().maxMemory() / 1e9);
        InkReading reading = run("automatic", sheet, SheetRecipe.automatic(), pxPerMm);
        run("every step", sheet, Speed.everyStep(), pxPerMm);
        InkMap map = reading.map();
        TraceSettings settings = new TraceSettings(Tracer.USUAL_ERROR_PX, false);
        measured(
                "lines",
                progress -> Tracer.trace(map, settings, progress).segments() + " segments");
        measured(
                "areas",
                progress ->
                        AreaFinder.find(map, CloseSettings.automatic(), pxPerMm, progress)
                                        .areas()
                                        .size()
                                + " areas");
        stop(sheet, pxPerMm);
    }

    private static InkReading run(
            String what, GreySheet sheet, SheetRecipe recipe, double pxPerMm) {
        InkReading[] reading = {null};
        measured(
                what,
                progress -> {
                    reading[0] = InkMapper.read(sheet, recipe, pxPerMm, progress);
                    return String.format(Locale.ROOT, "ink from %.0f %%", reading[0].inkPercent());
                });
        return reading[0];
    }

    private static void measured(String what, Function<Progress, String> work) {
        System.gc();
        pools().forEach(MemoryPoolMXBean::resetPeakUsage);
        int[] reports = {0};
        long start = System.nanoTime();
        String outcome = work.apply((step, share) -> reports[0]++);
        double seconds = (System.nanoTime() - start) / 1e9;
        double peak = pools().mapToLong(pool -> pool.getPeakUsage().getUsed()).sum() / 1e9;
        System.out.printf(
                Locale.ROOT,
                "%-12s %6.1f s, %.2f GB of heap at most, %d reports, %s%n",
                what,
                seconds,
                peak,
                reports[0],
                outcome);
    }

    private static void stop(GreySheet sheet, double pxPerMm) {
        long start = System.nanoTime();
        long[] asked = {0};
        try {
            InkMapper.read(
                    sheet,
                    SheetRecipe.automatic(),
                    pxPerMm,
                    (step, share) -> {
                        if (System.nanoTime() - start > 2e9) {
                            asked[0] = asked[0] == 0 ? System.nanoTime() : asked[0];
                            throw new CancellationException();
                        }
                    });
        } catch (CancellationException e) {
            System.out.printf(
                    Locale.ROOT,
                    "stopped      after %.1f s when asked to after 2 s%n",
                    (System.nanoTime() - start) / 1e9);
        }
    }

    private static java.util.stream.Stream<MemoryPoolMXBean> pools() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP);
    }
}

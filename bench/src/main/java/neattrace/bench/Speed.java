package neattrace.bench;

import java.util.concurrent.TimeUnit;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.sheet.Mask;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkPreview;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Progress;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long each step takes, warm, on a dense page (the glasshouse) as scanned. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 3, time = 5)
@Fork(value = 1, jvmArgsAppend = "-Xmx3g")
public class Speed {

    /** Size of the page in millions of pixels. */
    @Param({"5", "19"})
    public double megapixels;

    private GreySheet sheet;
    private InkReading reading;
    private InkPreview inSight;
    private AreaTree areas;
    private double pxPerMm;

    /** Draws and scans the page and runs every step once. */
    @Setup
    public void scan() {
        DensePage page = DensePage.of(megapixels);
        sheet = page.sheet();
        pxPerMm = page.pxPerMm();
        reading = ink();
        inSight =
                InkPreview.of(
                        reading, 0, 0, sheet.width(), sheet.height(), InkPreview.SCREEN_PIXELS);
        areas = areas();
    }

    /** Scan to ink map. */
    @Benchmark
    public InkReading ink() {
        return InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
    }

    /** Scan to ink map with every step of the sheet in use. */
    @Benchmark
    public InkReading wholeRecipe() {
        return InkMapper.read(sheet, everyStep(), pxPerMm, Progress.SILENT);
    }

    /** What a slider waits for: the page in sight under a changed recipe, at screen resolution. */
    @Benchmark
    public InkMap preview() {
        return inSight.show(everyStep());
    }

    /** Tilt, crop, blemishes, patches and fitness: looked for beside the work. */
    @Benchmark
    public SheetReview review() {
        return SheetReview.of(reading, reading.picture(), Progress.SILENT);
    }

    static SheetRecipe everyStep() {
        SheetRecipe recipe = SheetRecipe.automatic();
        return recipe.withFrame(recipe.frame().withTilt(0.35))
                .withMask(
                        new Mask(
                                new SheetShape.Box(new Point(10, 10), new Point(400, 300)),
                                Mask.Kind.ERASE))
                .withLight(recipe.light().withFaint(20).withOpen(20))
                .withSharpen(SharpenRecipe.GENTLE);
    }

    /** Ink map to fitted outlines. */
    @Benchmark
    public Tracing trace() {
        return Tracer.trace(
                reading.map(), new TraceSettings(Tracer.USUAL_ERROR_PX, false), Progress.SILENT);
    }

    /** Ink map to areas and gaps. */
    @Benchmark
    public AreaTree areas() {
        return AreaFinder.tree(reading.map(), CloseSettings.automatic(), pxPerMm, Progress.SILENT);
    }

    /** Areas to outlines. */
    @Benchmark
    public int areaOutlines() {
        return AreaOutliner.outline(areas, Progress.SILENT).size();
    }
}

package neattrace.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.function.IntSupplier;
import neattrace.stage.Progress;
import neattrace.raster.GreySheet;
import neattrace.raster.RunLabels;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import nu.pattern.OpenCV;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.MatOfPoint2f;
import org.opencv.imgproc.Imgproc;
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
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * Scan to fitted outlines and areas, against OpenCV's threshold, contours, polygons and labels on
 * the same page in the same run: the dense glasshouse page, warm.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 4)
@Measurement(iterations = 4, time = 4)
@Fork(value = 1, jvmArgsAppend = "-Xmx8g")
public class Versus {

    /** What is timed by turns is timed so often, after as many rounds to warm up. */
    private static final int TURNS = 15;

    /** Size of the page in millions of pixels. */
    @Param({"5", "19", "76"})
    public double megapixels;

    private GreySheet sheet;
    private InkReading reading;
    private double pxPerMm;
    private Mat mat;

    /** Draws and scans the page. */
    @Setup
    public void scan() {
        OpenCV.loadLocally();
        DensePage page = DensePage.of(megapixels);
        sheet = page.sheet();
        pxPerMm = page.pxPerMm();
        mat = new Mat(sheet.height(), sheet.width(), CvType.CV_8UC1);
        mat.put(0, 0, sheet.samples());
        reading = ink();
    }

    /** The reference library. */
    @Benchmark
    public int openCv() {
        Mat binary = new Mat();
        Imgproc.threshold(mat, binary, 0, 255, Imgproc.THRESH_BINARY_INV | Imgproc.THRESH_OTSU);
        List<MatOfPoint> contours = new ArrayList<>();
        Mat hierarchy = new Mat();
        Imgproc.findContours(
                binary, contours, hierarchy, Imgproc.RETR_CCOMP, Imgproc.CHAIN_APPROX_NONE);
        int points = 0;
        for (MatOfPoint contour : contours) {
            MatOfPoint2f curve = new MatOfPoint2f();
            contour.convertTo(curve, CvType.CV_32F);
            MatOfPoint2f polygon = new MatOfPoint2f();
            Imgproc.approxPolyDP(curve, polygon, 1, true);
            points += polygon.rows();
            curve.release();
            polygon.release();
            contour.release();
        }
        Mat paper = new Mat();
        Imgproc.threshold(binary, paper, 127, 255, Imgproc.THRESH_BINARY_INV);
        Mat labels = new Mat();
        points += Imgproc.connectedComponents(paper, labels, 4);
        binary.release();
        hierarchy.release();
        paper.release();
        labels.release();
        return points;
    }

    /** Scan to fitted outlines and areas, automatic settings. */
    @Benchmark
    public int whole() {
        InkReading read = ink();
        return Tracer.trace(read.map(), settings(), Progress.SILENT).segments() + areas(read);
    }

    /** Its first part. */
    @Benchmark
    public InkReading ink() {
        return InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
    }

    /** Its second part. */
    @Benchmark
    public int trace() {
        return Tracer.trace(reading.map(), settings(), Progress.SILENT).segments();
    }

    /** Its third part. */
    @Benchmark
    public int areas() {
        return areas(reading);
    }

    private int areas(InkReading read) {
        return AreaFinder.find(read.map(), CloseSettings.automatic(), pxPerMm, Progress.SILENT)
                .areas()
                .size();
    }

    private static TraceSettings settings() {
        return new TraceSettings(Tracer.USUAL_ERROR_PX, false);
    }

    /** Runs all and prints the ratios; sizes in megapixels may be named. */
    public static void main(String[] arguments) throws RunnerException {
        String[] sizes = arguments.length > 0 ? arguments : new String[] {"5", "19", "76"};
        Options options =
                new OptionsBuilder()
                        .include(Versus.class.getName() + "\\.")
                        .param("megapixels", sizes)
                        .build();
        Collection<RunResult> results = new Runner(options).run();
        for (RunResult result : results) {
            String size = result.getParams().getParam("megapixels");
            double reference =
                    results.stream()
                            .filter(r -> r.getParams().getParam("megapixels").equals(size))
                            .filter(r -> r.getParams().getBenchmark().endsWith("openCv"))
                            .mapToDouble(r -> r.getPrimaryResult().getScore())
                            .findFirst()
                            .orElse(Double.NaN);
            String name = result.getParams().getBenchmark();
            double score = result.getPrimaryResult().getScore();
            print(size, name.substring(name.lastIndexOf('.') + 1), score, score / reference);
        }
        for (String size : sizes) {
            byTurns(size);
        }
    }

    private static void print(String size, String name, double ms, double ratio) {
        System.out.printf(Locale.ROOT, "%4s MP %-8s %8.0f ms %6.1f x%n", size, name, ms, ratio);
    }

    /** All areas and gaps with their outlines: what Close and Flats wait for. */
    private int analysis() {
        AreaTree tree =
                AreaFinder.tree(
                        reading.map(), CloseSettings.automatic(), pxPerMm, Progress.SILENT);
        return AreaOutliner.outline(tree, Progress.SILENT).size();
    }

    /** Scan to fitted outlines and, like the reference, labels of the paper: no gaps, no necks. */
    private int labels() {
        InkReading read = ink();
        return Tracer.trace(read.map(), settings(), Progress.SILENT).segments()
                + RunLabels.of(read.map(), false, false).count();
    }

    /**
     * By turns, so that a machine that is slower for minutes is so for all: the medians, and the
     * median ratios.
     */
    private static void byTurns(String size) {
        Versus page = new Versus();
        page.megapixels = Double.parseDouble(size);
        page.scan();
        List<String> names = List.of("openCv", "whole", "labels", "analysis");
        List<IntSupplier> works =
                List.of(page::openCv, page::whole, page::labels, page::analysis);
        double[][] ms = new double[works.size()][TURNS];
        double[][] ratio = new double[works.size()][TURNS];
        for (int turn = -TURNS; turn < TURNS; turn++) {
            int k = Math.max(0, turn);
            for (int work = 0; work < works.size(); work++) {
                long start = System.nanoTime();
                works.get(work).getAsInt();
                ms[work][k] = (System.nanoTime() - start) / 1e6;
                ratio[work][k] = ms[work][k] / ms[0][k];
            }
        }
        System.out.println("by turns:");
        for (int work = 0; work < works.size(); work++) {
            Arrays.sort(ms[work]);
            Arrays.sort(ratio[work]);
            print(size, names.get(work), ms[work][TURNS / 2], ratio[work][TURNS / 2]);
        }
    }
}

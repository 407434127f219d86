package neattrace.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.Geometry;

/**
 * The fidelity benchmark on an open set of line drawings: OpenMoji 17, the black variants (CC BY-SA
 * 4.0, fetched and not kept here). Each is rendered by JSVG, traced with automatic settings, and
 * compared with its vectors both ways.
 */
public final class LineArt {

    private static final int DRAWINGS = 300;
    private static final int WORST = 10;

    private LineArt() {}

    private record Result(Path file, VectorArt art, Tracing tracing, Measured measured) {

        double badness() {
            boolean topology =
                    measured.parts() == measured.trueParts()
                            && measured.holes() == measured.trueHoles();
            return (topology || !art.isStable() ? 0 : 100) + measured.distance().percentile99();
        }
    }

    /** Directory of drawings, directory for the picture, and optionally how many drawings. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        System.out.printf(
                Locale.ROOT,
                "%-8s %5s %5s %8s %8s %8s %9s %9s %8s %8s%n",
                "source",
                "px",
                "n",
                "mean",
                "99 %",
                "worst 99",
                "in floor",
                "exact",
                "seg/kpx",
                "ms each");
        List<Result> grey = run("grey", 1200, false, files, count);
        run("one-bit", 600, true, files, count);
        Path picture = Path.of(arguments[1]).resolve("worst.png");
        WorstPicture.write(
                grey.stream()
                        .sorted(Comparator.comparingDouble(Result::badness).reversed())
                        .limit(WORST)
                        .map(r -> new WorstPicture.Entry(name(r), r.art(), r.tracing()))
                        .toList(),
                picture);
        System.out.println("the worst ten of grey: " + picture);
    }

    private static String name(Result result) {
        return String.format(
                Locale.ROOT,
                "%s  %.3f px, parts %d of %d, holes %d of %d",
                result.file().getFileName(),
                result.measured().distance().percentile99(),
                result.measured().parts(),
                result.measured().trueParts(),
                result.measured().holes(),
                result.measured().trueHoles());
    }

    private static List<Result> run(
            String kind, int side, boolean oneBit, List<Path> files, int count) throws IOException {
        List<Result> results = new ArrayList<>();
        double segments = 0;
        double length = 0;
        double mean = 0;
        double percentile = 0;
        double worst = 0;
        int exact = 0;
        int resolved = 0;
        int within = 0;
        double meanFloor = oneBit ? 0.10 : 0.05;
        double floor99 = oneBit ? 0.40 : 0.20;
        long millis = 0;
        for (int i = 0; results.size() < count && i < count; i++) {
            Path file = files.get((int) ((long) i * files.size() / count));
            Optional<VectorArt> read = VectorArt.read(file, side);
            if (read.isEmpty()) {
                continue;
            }
            VectorArt art = read.get();
            GreySheet sheet = oneBit ? art.oneBit() : art.grey();
            long start = System.nanoTime();
            InkReading reading =
                    InkMapper.read(sheet, SheetRecipe.automatic(), 300 / 25.4, Progress.SILENT);
            Tracing tracing =
                    Tracer.trace(
                            reading.map(),
                            new TraceSettings(Tracer.USUAL_ERROR_PX, reading.oneBit()),
                            Progress.SILENT);
            millis += (System.nanoTime() - start) / 1_000_000;
            if (tracing.outlines().isEmpty()) {
                continue;
            }
            Geometry truth = art.truth();
            Measured measured = Measured.of(truth, tracing);
            results.add(new Result(file, art, tracing, measured));
            mean += measured.distance().mean();
            percentile += measured.distance().percentile99();
            worst = Math.max(worst, measured.distance().percentile99());
            boolean same =
                    measured.parts() == measured.trueParts()
                            && measured.holes() == measured.trueHoles();
            boolean stable = art.isStable();
            exact += same && stable ? 1 : 0;
            resolved += stable ? 1 : 0;
            within +=
                    measured.distance().mean() <= meanFloor
                                    && measured.distance().percentile99() <= floor99
                            ? 1
                            : 0;
            double px = truth.getLength();
            length += px;
            segments += measured.segmentsPerKpx() * px;
        }
        int n = results.size();
        System.out.printf(
                Locale.ROOT,
                "%-8s %5d %5d %8.3f %8.3f %8.3f %4d/%-4d %4d/%-4d %8.1f %8d%n",
                kind,
                side,
                n,
                mean / n,
                percentile / n,
                worst,
                within,
                n,
                exact,
                resolved,
                segments / length,
                millis / n);
        return results;
    }
}

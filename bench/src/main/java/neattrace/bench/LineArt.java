package neattrace.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;

/**
 * The fidelity benchmark on an open set of line drawings: OpenMoji 17, the black variants (CC BY-SA
 * 4.0, fetched and not kept here). Each is rendered by JSVG, traced with automatic settings, and
 * compared with its vectors both ways.
 */
public final class LineArt {

    private static final int DRAWINGS = 300;
    private static final int WORST = 10;

    private LineArt() {}

    private record Result(
            Path file, VectorArt art, Tracing tracing, Measured measured, long millis) {

        boolean isExact() {
            return measured.parts() == measured.trueParts()
                    && measured.holes() == measured.trueHoles();
        }

        double badness() {
            boolean wrong = !isExact() && art.isStable();
            return (wrong ? 100 : 0) + measured.distance().percentile99();
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
        for (int i = 0; i < count; i++) {
            Path file = files.get((int) ((long) i * files.size() / count));
            Optional<VectorArt> art = VectorArt.read(file, side);
            if (art.isPresent()) {
                trace(file, art.get(), oneBit).ifPresent(results::add);
            }
        }
        print(kind, side, oneBit, results);
        return results;
    }

    private static Optional<Result> trace(Path file, VectorArt art, boolean oneBit) {
        GreySheet sheet = oneBit ? art.oneBit() : art.grey();
        long start = System.nanoTime();
        InkReading reading =
                InkMapper.read(sheet, SheetRecipe.automatic(), 300 / 25.4, Progress.SILENT);
        Tracing tracing =
                Tracer.trace(
                        reading.map(),
                        new TraceSettings(Tracer.USUAL_ERROR_PX, reading.oneBit()),
                        Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        return tracing.outlines().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Result(file, art, tracing, Measured.of(art.truth(), tracing), millis));
    }

    private static void print(String kind, int side, boolean oneBit, List<Result> results) {
        double meanFloor = oneBit ? 0.10 : 0.05;
        double floor99 = oneBit ? 0.40 : 0.20;
        long within =
                results.stream()
                        .map(result -> result.measured().distance())
                        .filter(d -> d.mean() <= meanFloor && d.percentile99() <= floor99)
                        .count();
        List<Result> resolved = results.stream().filter(r -> r.art().isStable()).toList();
        double length = results.stream().mapToDouble(r -> r.art().truth().getLength()).sum();
        int segments = results.stream().mapToInt(r -> r.tracing().segments()).sum();
        System.out.printf(
                Locale.ROOT,
                "%-8s %5d %5d %8.3f %8.3f %8.3f %4d/%-4d %4d/%-4d %8.1f %8.0f%n",
                kind,
                side,
                results.size(),
                average(results, r -> r.measured().distance().mean()),
                average(results, r -> r.measured().distance().percentile99()),
                results.stream()
                        .mapToDouble(r -> r.measured().distance().percentile99())
                        .max()
                        .orElse(0),
                within,
                results.size(),
                resolved.stream().filter(Result::isExact).count(),
                resolved.size(),
                segments * 1000 / length,
                average(results, Result::millis));
    }

    private static double average(List<Result> results, ToDoubleFunction<Result> measure) {
        return results.stream().mapToDouble(measure).average().orElse(0);
    }
}

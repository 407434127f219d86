package neattrace.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import neattrace.standin.scanner.ScanConditions.Kind;

/**
 * Scans, one-bit scans and photos of drawings whose outlines are known, with everything that
 * matters drawn at random, all with automatic settings: what is left of the truth once the sheet is
 * made. The drawings are our own, simple ones of a pen, and those of an open set (OpenMoji 17, CC
 * BY-SA 4.0, fetched and not kept here).
 */
public final class Scans {

    private static final int CASES = 3000;
    private static final int WORST = 10;

    private Scans() {}

    /** Directory of drawings, directory for the picture, number of cases, first seed. */
    public static void main(String[] arguments) throws IOException {
        int cases = arguments.length > 2 ? Integer.parseInt(arguments[2]) : CASES;
        long first = arguments.length > 3 ? Long.parseLong(arguments[3]) : 1;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        System.out.printf("seeds %d to %d%n", first, first + cases - 1);
        List<Trial> trials =
                LongStream.range(first, first + cases)
                        .parallel()
                        .mapToObj(seed -> run(seed, files))
                        .filter(Objects::nonNull)
                        .toList();
        for (Kind kind : Kind.values()) {
            List<Trial> some = trials.stream().filter(t -> t.kind() == kind).toList();
            if (!some.isEmpty()) {
                ScanSummary.print(kind, some);
            }
        }
        List<Trial> worst =
                trials.stream()
                        .sorted(Comparator.comparingDouble(Trial::badness).reversed())
                        .limit(Math.max(WORST, cases / 12))
                        .toList();
        System.out.println("the worst:");
        worst.forEach(Scans::printRow);
        Path picture = Path.of(arguments[1]).resolve("worst-scans.png");
        WorstPicture.writeScans(worst.subList(0, Math.min(WORST, worst.size())), picture);
        System.out.println("the worst ten as a picture: " + picture);
    }

    private static Trial run(long seed, List<Path> files) {
        Kind kind = seed % 8 == 0 ? Kind.ONE_BIT : seed % 4 == 1 ? Kind.PHOTO : Kind.SCAN;
        try {
            return Trial.run(seed, kind, files).orElse(null);
        } catch (IOException e) {
            throw new UncheckedIOException("seed " + seed, e);
        } catch (RuntimeException e) {
            throw new IllegalStateException("seed " + seed, e);
        }
    }

    private static void printRow(Trial t) {
        System.out.printf(
                Locale.ROOT,
                "%6d %-7s %-18s %4dx%-4d pen %5.1f %s shown %5b clean %.3f/%.3f worn %.3f/%.3f ink %4.1f %%"
                        + " dots %d/%d dust %d/%d whites %d/%d | paper %.0f ink %.0f tex %.0f/%.0f"
                        + " grain %.1f blotch %.1f/%.0f dust %.1f-%.2f spine %.2f blur %.2f noise"
                        + " %.1f jpeg %d%n",
                t.seed(),
                t.kind(),
                t.drawing().name(),
                t.drawing().width(),
                t.drawing().height(),
                t.drawing().strokePx(),
                t.measured().row(),
                t.shown(),
                t.clean().distance().mean(),
                t.clean().distance().percentile99(),
                t.worn().mean(),
                t.worn().percentile99(),
                t.inkPercent(),
                t.dotsKept(),
                t.dots(),
                t.dustKept(),
                t.dust(),
                t.whitesKept(),
                t.whites(),
                t.how().paper(),
                t.how().ink(),
                t.how().inkTexture(),
                t.how().inkTexturePx(),
                t.how().grain(),
                t.how().blotch(),
                t.how().blotchPx(),
                t.how().dustToPx(),
                t.how().dustTo(),
                t.how().spine(),
                t.how().blurPx(),
                t.how().noise(),
                t.how().jpeg());
    }
}

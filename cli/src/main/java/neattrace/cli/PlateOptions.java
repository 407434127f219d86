package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import neattrace.export.FilmFiles;
import neattrace.export.PlateWriter;
import neattrace.files.AtomicFile;
import neattrace.press.Colorant;
import neattrace.press.plate.Halftone;
import neattrace.print.PrintPlan;
import neattrace.print.ready.FilmPage;
import neattrace.print.ready.PressSheet;
import neattrace.print.ready.PrintOrder;
import neattrace.raster.Resolution;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Whether and how plates are written. */
final class PlateOptions {

    private static final double USUAL_PPI = 600;
    private static final double FILM_PPI = 1200;

    @Option(
            names = "--plates",
            description = "A plate for each ink: NAME-INK.tif, 8 bits, black is full ink.")
    private boolean plates;

    @Option(names = "--ppi", paramLabel = "N", description = "Of plates; 600, and of films 1200.")
    private Double ppi;

    @Option(
            names = "--ruling",
            paramLabel = "LPI",
            description = "As films: one bit, tints as dots of so many lines an inch, with marks.")
    private Double ruling;

    @Option(names = "--marks", description = "Plates get a rim with marks, names and a strip.")
    private boolean marks;

    @Option(names = "--mirror", description = "Films are seen from behind.")
    private boolean mirror;

    void check(CommandSpec spec) {
        if (ppi != null && !Resolution.isSensible(ppi)) {
            throw new ParameterException(spec.commandLine(), "--ppi must be 10 to 20000.");
        }
        if (ruling != null && !(ruling >= 5 && ruling <= ppi() / 2)) {
            throw new ParameterException(
                    spec.commandLine(),
                    String.format(
                            Locale.ROOT,
                            "--ruling must be 5 to %.0f lines an inch: half the plate's pixels.",
                            ppi() / 2));
        }
    }

    private double ppi() {
        return ppi != null ? ppi : ruling != null ? FILM_PPI : USUAL_PPI;
    }

    /** Writes them, if any are wanted. */
    void write(CommandSpec spec, PressSheet sheet, Path folder, String name, List<Path> inputs)
            throws IOException {
        if (!plates && ruling == null && !marks) {
            return;
        }
        boolean rim = marks || ruling != null || mirror;
        PrintPlan plan = sheet.plan();
        if (rim) {
            plan = FilmPage.of(plan, PrintOrder.of(plan, sheet.art().press().order()), mirror);
        }
        PlateWriter writer = new PlateWriter(plan, ppi());
        Set<String> used = new HashSet<>();
        List<Path> files =
                writer.inks().stream()
                        .map(ink -> folder.resolve(name + "-" + FilmFiles.free(ink, used) + ".tif"))
                        .toList();
        Usage.checkNotInput(spec, inputs, files.toArray(Path[]::new));
        try {
            for (int i = 0; i < files.size(); i++) {
                write(writer, writer.inks().get(i), files.get(i));
            }
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage(), e);
        }
    }

    private void write(PlateWriter writer, Colorant ink, Path file) throws IOException {
        if (ruling == null) {
            AtomicFile.write(file, out -> writer.write(ink, out));
            return;
        }
        Halftone screen = new Halftone(ruling, Halftone.usualDegrees(ink, writer.inks()), ppi());
        AtomicFile.write(file, out -> writer.writeFilm(ink, screen, out));
    }
}

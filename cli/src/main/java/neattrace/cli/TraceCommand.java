package neattrace.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.PdfWriter;
import neattrace.export.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressReady;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureReader;
import neattrace.trace.LineRecipe;
import neattrace.trace.WeightRecipe;
import neattrace.trace.centre.StrokeArt;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Pictures in, line vectors out. */
@Command(
        name = "trace",
        description = "Traces the ink of pictures into SVG, and PDF if asked for.",
        sortOptions = false)
final class TraceCommand implements Callable<Integer> {

    @Parameters(
            paramLabel = "IN",
            arity = "1..*",
            description = "Jobs, or pictures: " + PictureReader.KINDS + ".")
    private List<Path> inputs;

    @Option(
            names = "-o",
            paramLabel = "OUT.svg|OUT.dxf",
            description = "The SVG or DXF for a single input.")
    private Path output;

    @Option(
            names = "--out-dir",
            paramLabel = "DIR",
            description = "Folder for the SVGs, each named after its input.")
    private Path folder;

    @Option(
            names = "--closeness",
            paramLabel = "MM",
            description =
                    "How far curves may keep from the ink's edge, mm on the page: more is smoother.")
    private double closenessMm;

    @Option(
            names = "--strokes",
            description = "Lines as single paths along their middles, for pens and engravers.")
    private boolean strokes;

    @Option(
            names = "--even-weight",
            paramLabel = "MM",
            description = "Every line of this one width.")
    private double evenMm;

    @Option(
            names = "--bold-outside",
            paramLabel = "MM",
            description = "The outline round the outside bolder by so much.")
    private double outsideMm;

    @Mixin private PageOption page;

    @Option(names = "--pdf", paramLabel = "OUT.pdf", description = "Also a PDF in ink values.")
    private Path pdf;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    TraceCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() {
        checkUsage();
        Set<Path> written = new HashSet<>();
        int worst = ExitCode.DONE;
        for (Path input : inputs) {
            try {
                Path target = output != null ? output : folder.resolve(svgName(input));
                if (!written.add(target.toAbsolutePath().normalize())) {
                    throw new IOException(target + " was written for another input already.");
                }
                trace(input, target);
            } catch (ParameterException e) {
                throw e;
            } catch (IOException | RuntimeException | Error e) {
                worst = Math.max(worst, reporter.failed(e));
            }
        }
        return worst;
    }

    private void checkUsage() {
        if ((output == null) == (folder == null)) {
            throw usage("Give either -o OUT.svg or --out-dir DIR.");
        }
        if (inputs.size() > 1 && (output != null || pdf != null)) {
            throw usage("Several inputs need --out-dir and no --pdf.");
        }
        page.check(spec);
        options.check(spec);
        if (!(closenessMm >= 0)) {
            throw usage("--closeness must be above 0.");
        }
        if (!(evenMm >= 0 && evenMm <= WeightRecipe.MOST_MM)
                || !(outsideMm >= 0 && outsideMm <= WeightRecipe.MOST_MM)) {
            throw usage("--even-weight and --bold-outside must be 0 to 10.");
        }
        Usage.checkNotInput(spec, inputs, output, pdf);
        Usage.checkEnding(spec, "-o", output, ".svg", ".dxf");
        Usage.checkEnding(spec, "--pdf", pdf, ".pdf");
        if (folder != null) {
            for (Path input : inputs) {
                Usage.checkNotInput(spec, inputs, folder.resolve(svgName(input)));
            }
        }
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message);
    }

    private static String svgName(Path input) {
        String name = String.valueOf(input.getFileName());
        int dot = name.lastIndexOf('.');
        return (dot > 0 ? name.substring(0, dot) : name) + ".svg";
    }

    /** The same job with the closeness asked for, which needs the picture's resolution. */
    private Job within(Job job) throws IOException {
        if (closenessMm == 0) {
            return job;
        }
        Source source = job.source();
        Resolution scan =
                job.ppi() > 0
                        ? new Resolution(job.ppi(), true)
                        : PictureReader.resolution(source.bytes(), source.name());
        double px = closenessMm * scan.pxPerMm();
        if (px < LineRecipe.LEAST_ERROR_PX || px > LineRecipe.MOST_ERROR_PX) {
            throw usage(
                    String.format(
                            Locale.ROOT,
                            "--closeness must be %.3f to %.2f for %s (%.0f ppi).",
                            LineRecipe.LEAST_ERROR_PX * scan.mmPerPx(),
                            LineRecipe.MOST_ERROR_PX * scan.mmPerPx(),
                            source.name(),
                            scan.ppi()));
        }
        return job.withLine(job.line().withMaxErrorPx(px));
    }

    private static boolean isDxf(Path target) {
        return FileFormat.DXF.isIn(target);
    }

    private void write(Traced traced, Artwork art, boolean dxf, OutputStream out)
            throws IOException {
        if (dxf) {
            DxfWriter.write(
                    strokes
                            ? Plans.cut(art, strokes(traced))
                            : Plans.cut(traced.lines(), art.widthMm(), art.heightMm()),
                    out);
        } else {
            SvgWriter.write(strokes ? Plans.strokes(art, strokes(traced)) : Plans.of(art), out);
        }
    }

    private StrokeArt strokes(Traced traced) {
        StrokeArt lines = new Pipeline().strokes(traced, reporter.progress());
        return evenMm > 0 ? lines.withWidth(evenMm) : lines;
    }

    private void trace(Path input, Path target) throws IOException {
        reporter.detail(input.toString());
        Job job = within(options.in(spec, page.of(spec, input)));
        PressProfile press = job.press().profile();
        WeightRecipe weight = job.line().weight();
        weight = evenMm > 0 ? weight.withEvenMm(evenMm) : weight;
        weight = outsideMm > 0 ? weight.withOutsideMm(outsideMm) : weight;
        Job weighed = job.withLine(job.line().withWeight(weight));
        Pipeline pipeline = new Pipeline();
        Traced traced = pipeline.trace(weighed, reporter.progress());
        traced.picture().notes().forEach(note -> reporter.detail("  " + note));
        traced.picture().damage().forEach(what -> reporter.warn(input + ": " + what));
        EmptyDrawingException.check(String.valueOf(input), traced);
        Artwork art = Artwork.of(traced, press);
        if (folder != null) {
            Files.createDirectories(folder);
        }
        AtomicFile.write(target, out -> write(traced, art, isDxf(target), out));
        if (pdf != null) {
            // Printers get it ready for the press: colours beneath black kept back from its edge.
            PrintPlan ready =
                    PressReady.of(
                            Plans.of(art), job.press(), UsualGoods.UNDECIDED, reporter.progress());
            AtomicFile.write(pdf, out -> PdfWriter.write(ready, out));
        }
    }
}

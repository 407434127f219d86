package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import neattrace.export.Artwork;
import neattrace.export.pdf.PdfWriter;
import neattrace.export.png.PngWriter;
import neattrace.export.svg.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.flat.Swatch;
import neattrace.flat.rough.RoughColours;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.job.rough.RoughFlats;
import neattrace.press.profile.PressProfile;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** A drawing and a colour rough in, flat-coloured vectors out. */
@Command(
        name = "flat",
        description = "Colours the areas of a drawing from a rough that lies beneath it.",
        sortOptions = false)
final class FlatCommand implements Callable<Integer> {

    @Parameters(paramLabel = "IN", description = "The drawing.")
    private Path input;

    @Option(
            names = "--rough",
            required = true,
            paramLabel = "ROUGH",
            description = "A picture of the same proportion with colours dabbed in.")
    private Path rough;

    @Option(names = "-o", paramLabel = "OUT.svg", description = "Layered SVG.")
    private Path svg;

    @Option(names = "--pdf", paramLabel = "OUT.pdf", description = "Layered PDF in ink values.")
    private Path pdf;

    @Option(names = "--png", paramLabel = "OUT.png", description = "PNG with transparent ground.")
    private Path png;

    @Option(names = "--ppi", paramLabel = "N", description = "Resolution, over the file's own.")
    private double ppi;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    FlatCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        if (svg == null && pdf == null && png == null) {
            throw new ParameterException(
                    spec.commandLine(), "Give at least one of -o OUT.svg, --pdf and --png.");
        }
        Usage.checkPpi(spec, ppi);
        Usage.checkNotInput(spec, List.of(input, rough), svg, pdf, png);
        PressProfile press = PressProfile.bundled();
        Source source = new Source(String.valueOf(input.getFileName()), PictureReader.bytes(input));
        Picture colours = PictureReader.read(rough);
        Job plain = Job.of(source);
        Traced lines =
                Pipeline.trace(ppi > 0 ? plain.withPpi(ppi) : plain, null, reporter.progress());
        Optional<String> misfit =
                RoughColours.misfit(colours, lines.picture().width(), lines.picture().height());
        if (misfit.isPresent()) {
            throw new PictureException(misfit.get());
        }
        lines.emptiness().ifPresent(what -> reporter.warn(input + ": " + what));
        Drawing drawing = RoughFlats.of(lines, colours, press, reporter.progress());
        write(Artwork.of(drawing, press).forFiles(), drawing.resolution().ppi());
        report(drawing, press);
        return ExitCode.DONE;
    }

    private void write(Artwork art, double sourcePpi) throws IOException {
        if (svg != null) {
            AtomicFile.write(svg, out -> SvgWriter.write(art, out));
        }
        if (pdf != null) {
            AtomicFile.write(pdf, out -> PdfWriter.write(art, out));
        }
        if (png != null) {
            AtomicFile.write(png, out -> PngWriter.write(art, sourcePpi, out));
        }
    }

    private void report(Drawing drawing, PressProfile press) {
        for (Swatch swatch : drawing.job().swatches()) {
            reporter.say(
                    String.format(
                            Locale.ROOT,
                            "%-22s %s  %s  %.0f %%",
                            swatch.name(),
                            press.preview(swatch.build()).hex(),
                            swatch.build(),
                            swatch.build().total()));
        }
        int coloured = drawing.attachment().swatchOf().size();
        reporter.say(
                coloured
                        + (coloured == 1 ? " area coloured, " : " areas coloured, ")
                        + drawing.emptyAreas().size()
                        + " left as paper");
    }
}

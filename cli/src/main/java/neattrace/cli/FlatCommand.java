package neattrace.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import neattrace.export.OpenRasterWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.PaletteFile;
import neattrace.job.Job;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressSheet;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.region.CloseSettings;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
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

    @Parameters(paramLabel = "IN", description = "The drawing: a job, or a picture.")
    private Path input;

    @Option(
            names = "--rough",
            required = true,
            paramLabel = "ROUGH",
            description = "A picture of any size with colours dabbed in.")
    private Path rough;

    @Option(names = "-o", paramLabel = "OUT.svg", description = "Layered SVG.")
    private Path svg;

    @Option(names = "--pdf", paramLabel = "OUT.pdf", description = "Layered PDF in ink values.")
    private Path pdf;

    @Option(names = "--png", paramLabel = "OUT.png", description = "PNG with transparent ground.")
    private Path png;

    @Option(
            names = "--ora",
            paramLabel = "OUT.ora",
            description = "OpenRaster: a layer for each swatch, masks for swatches and areas.")
    private Path ora;

    @Option(
            names = "--palette",
            paramLabel = "FILE",
            description = "Use only these colours: .txt, .css, .csv, .json or .cxf.")
    private Path palette;

    @Option(
            names = "--spread",
            paramLabel = "MM",
            defaultValue = "0.085",
            description = "How far colours run on beneath their neighbours (${DEFAULT-VALUE}).")
    private double spreadMm;

    @Option(
            names = "--pieces",
            paramLabel = "KIND",
            defaultValue = "UNITED",
            description = "What is one shape: ${COMPLETION-CANDIDATES} (${DEFAULT-VALUE}).")
    private FlatRecipe.Pieces pieces;

    @Option(
            names = "--gap",
            paramLabel = "MM",
            defaultValue = "-1",
            description = "Close gaps up to this width; without it, the drawing decides.")
    private double gapMm;

    @Option(
            names = "--frame",
            paramLabel = "MM",
            defaultValue = "-1",
            description = "Close art that runs off the sheet by a frame so far inside its edge.")
    private double frameMm;

    @Mixin private PageOption page;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    FlatCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        if (svg == null && pdf == null && png == null && ora == null) {
            throw new ParameterException(
                    spec.commandLine(), "Give at least one of -o OUT.svg, --pdf, --png and --ora.");
        }
        options.check(spec);
        Usage.checkNotInput(spec, List.of(input, rough), svg, pdf, png, ora);
        Usage.checkEnding(spec, "-o", svg, ".svg");
        Usage.checkEnding(spec, "--pdf", pdf, ".pdf");
        Usage.checkEnding(spec, "--png", png, ".png");
        Usage.checkEnding(spec, "--ora", ora, ".ora");
        if (!(spreadMm >= 0 && spreadMm <= 2)) {
            throw new ParameterException(spec.commandLine(), "--spread must be 0 to 2 mm.");
        }
        page.check(spec);
        Job read = page.of(spec, input);
        PressProfile press = read.press().profile();
        Picture colours = PictureReader.read(rough);
        List<Swatch> palette = palette(press);
        Job closed = read.withClose(close(read.close()));
        Job job = options.in(spec, palette.isEmpty() ? closed : closed.withSwatches(palette));
        Pipeline pipeline = new Pipeline();
        Traced lines = pipeline.trace(job, reporter.progress());
        EmptyDrawingException.check(String.valueOf(input), lines);
        RoughFlats.Coloured coloured =
                RoughFlats.of(
                        pipeline,
                        lines,
                        ColouredDrawing.fitted(rough, colours, lines, reporter),
                        !job.swatches().isEmpty(),
                        press,
                        reporter.progress());
        ColouredDrawing.warn(rough, coloured, reporter);
        Job flats = coloured.drawing().job();
        // Every file has the same flats, printers' too.
        Drawing drawing =
                coloured.drawing()
                        .withJob(
                                flats.withFlat(
                                        flats.flat().withSpreadMm(spreadMm).withPieces(pieces)));
        Artwork art = Artwork.of(drawing, press);
        write(drawing, art.forFiles());
        report(drawing, press);
        return ExitCode.DONE;
    }

    /** What a drawing says, but for what is given. */
    private CloseSettings close(CloseSettings own) {
        try {
            CloseSettings gaps = gapMm == CloseSettings.AUTOMATIC ? own : own.withGapMm(gapMm);
            return frameMm == CloseSettings.NO_FRAME ? gaps : gaps.withFrameMm(frameMm);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), "--gap or --frame: " + e.getMessage());
        }
    }

    private List<Swatch> palette(PressProfile press) throws IOException {
        if (palette == null) {
            return List.of();
        }
        byte[] bytes;
        try {
            bytes = Files.readAllBytes(palette);
        } catch (IOException e) {
            throw new PictureException("The palette " + palette + " cannot be read.", e);
        }
        return PaletteFile.read(bytes, String.valueOf(palette.getFileName()), press);
    }

    private void write(Drawing drawing, Artwork art) throws IOException {
        double sourcePpi = drawing.resolution().ppi();
        if (svg != null) {
            AtomicFile.write(svg, out -> SvgWriter.write(Plans.of(art), out));
        }
        if (pdf != null) {
            // Printers get it ready for the press.
            PrintPlan plan = PressSheet.of(drawing, Optional.empty(), reporter.progress()).plan();
            AtomicFile.write(pdf, out -> PdfWriter.write(plan, out));
        }
        if (ora != null) {
            AtomicFile.write(
                    ora, out -> OpenRasterWriter.write(Plans.forPixels(art), sourcePpi, out));
        }
        if (png != null) {
            AtomicFile.write(png, out -> PngWriter.write(Plans.forPixels(art), sourcePpi, out));
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

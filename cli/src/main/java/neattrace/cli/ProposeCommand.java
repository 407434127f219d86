package neattrace.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.OpenRasterWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.print.Artwork;
import neattrace.print.GoodsPage;
import neattrace.print.Plans;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressSheet;
import neattrace.proposal.Decision;
import neattrace.proposal.DecisionsJson;
import neattrace.proposal.Proposal;
import neattrace.proposal.Proposer;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Takes a drawing as far as it goes by itself. */
@Command(
        name = "propose",
        description =
                "Takes a drawing as far as it goes by itself: a finished proposal for each of the goods,"
                        + " the job, and every decision with its reason.",
        sortOptions = false)
final class ProposeCommand implements Callable<Integer> {

    /** No more decisions are told on the screen; the file has them all. */
    private static final int MOST_TOLD = 12;

    private static final int PREVIEW_PX = 512;

    @Mixin private JobInput input;

    @Option(names = "--rough", paramLabel = "R", description = "Colours dabbed in loosely.")
    private Path rough;

    @Option(names = "--out-dir", paramLabel = "DIR", required = true, description = "Where to.")
    private Path folder;

    @Option(
            names = "--without",
            paramLabel = "ID",
            description = "A decision that is not to be taken; see the list of decisions.")
    private List<String> without = List.of();

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    ProposeCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        Job job = input.read(spec, options);
        if (job.goods().wanted().isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(), "Say what it is for, such as --for sticker:60mm.");
        }
        Optional<Picture> colours =
                rough == null ? Optional.empty() : Optional.of(PictureReader.read(rough));
        Pipeline pipeline = new Pipeline();
        Proposal proposal =
                Proposer.propose(
                        pipeline, job, colours, new HashSet<>(without), reporter.progress());
        EmptyDrawingException.check(String.valueOf(input.path()), proposal.drawing().traced());
        if (!proposal.idle().isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(),
                    "--without: no decision here is called "
                            + String.join(", ", proposal.idle())
                            + "; they stand in the list of decisions.");
        }
        Files.createDirectories(folder);
        write(pipeline, proposal);
        tell(proposal.decisions());
        return ExitCode.DONE;
    }

    private void write(Pipeline pipeline, Proposal proposal) throws IOException {
        Drawing drawing = proposal.drawing();
        Artwork art = Artwork.of(drawing, drawing.job().press().profile());
        String name = FileNames.proposed(drawing.job().title());
        Path job = folder.resolve(name + JobFile.ENDING);
        refuseInput(job);
        JobFile.save(job, drawing.job(), PngWriter.preview(Plans.forPixels(art), PREVIEW_PX));
        byte[] list = DecisionsJson.write(proposal.decisions()).getBytes(StandardCharsets.UTF_8);
        AtomicFile.write(folder.resolve(name + " decisions.json"), out -> out.write(list));
        for (WantedGoods one : drawing.job().goods().wanted()) {
            GoodsDrawing made = GoodsDrawing.of(pipeline, drawing, one, reporter.progress());
            Artwork own =
                    Artwork.of(made.drawing(), drawing.job().press().profile())
                            .forFiles(made.fit().factor());
            for (FileUse use : one.owed()) {
                write(one, use, made, own, name);
            }
        }
    }

    private void write(WantedGoods one, FileUse use, GoodsDrawing made, Artwork art, String name)
            throws IOException {
        if (use == FileUse.TIFF) {
            reporter.say("not made: " + use.words() + "; see: neat-trace help sheet");
            return;
        }
        FileFormat format = FileFormat.valueOf(use.name());
        String words = FileNames.proposed(one.goods().words());
        Path file = folder.resolve(name + ", " + words + format.ending());
        refuseInput(file);
        PrintPlan whole =
                switch (use) {
                    case DXF -> Plans.cut(made.drawing().lines(), art.widthMm(), art.heightMm());
                    case PNG, ORA -> Plans.forPixels(art);
                    default -> Plans.of(art);
                };
        PrintPlan plan =
                use == FileUse.PDF
                        ? PressSheet.of(
                                        PressArt.of(made.drawing()).on(made.fit().goods()),
                                        Optional.of(made.fit()),
                                        reporter.progress())
                                .plan()
                        : GoodsPage.place(
                                whole,
                                made.fit(),
                                made.drawing().extent(),
                                made.drawing().job().press().profile());
        double ppi = one.goods().sizing().ppi();
        AtomicFile.write(file, out -> write(use, plan, ppi, out));
        reporter.say("wrote " + file);
    }

    private static void write(FileUse use, PrintPlan plan, double ppi, OutputStream out)
            throws IOException {
        switch (use) {
            case PDF -> PdfWriter.write(plan, out);
            case PNG -> PngWriter.write(plan, ppi, out);
            case SVG -> SvgWriter.write(plan, out);
            case DXF -> DxfWriter.write(plan, out);
            case ORA -> OpenRasterWriter.write(plan, ppi, out);
            case TIFF -> throw new IllegalArgumentException("sheets are made by sheet");
        }
    }

    private void refuseInput(Path output) {
        Usage.checkNotInput(
                spec, rough == null ? List.of(input.path()) : List.of(input.path(), rough), output);
    }

    private void tell(List<Decision> decisions) {
        long taken = decisions.stream().filter(one -> one.done().isPresent()).count();
        reporter.say(
                String.format(
                        Locale.ROOT,
                        "%d decisions taken, %d things left; the most doubtful:",
                        taken,
                        decisions.size() - taken));
        decisions.stream()
                .limit(MOST_TOLD)
                .forEach(
                        one ->
                                reporter.say(
                                        String.format(
                                                Locale.ROOT,
                                                "%3.0f %%  %-6s %s",
                                                100 * one.doubt(),
                                                one.station(),
                                                one.words())));
    }
}

package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.goods.GoodsKind;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** A drawing in, a sticker with its cut line out. */
@Command(
        name = "sticker",
        description = "Makes a sticker of a drawing: border, bleed and the line it is cut along.",
        footer = "Blades and lasers: keep hands clear, and follow the maker's own rules.",
        sortOptions = false)
final class MakeStickerCommand implements Callable<Integer> {

    @Parameters(paramLabel = "IN", description = "A job, or a picture: " + PictureReader.KINDS)
    private Path input;

    @Option(names = "--rough", paramLabel = "ROUGH", description = "A picture with its colours.")
    private Path rough;

    @Mixin private GoodsOutput output;

    @Mixin private StickerOptions stickers;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeStickerCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        output.check(spec, rough == null ? List.of(input) : List.of(input, rough));
        options.check(spec);
        Job job = options.in(spec, JobFile.ofAny(input));
        PressProfile press = job.press().profile();
        WantedGoods wanted = stickers.wanted(spec, job, GoodsKind.STICKER);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = ColouredDrawing.of(pipeline, job, rough, press, reporter);
        Sticker sticker = GoodsSticker.of(pipeline, drawing, wanted, press, reporter.progress());
        output.write(
                output.isForPrinters()
                        ? StickerPlan.readyPage(sticker, reporter.progress())
                        : StickerPlan.page(sticker),
                wanted.goods().sizing().ppi());
        StickerFacts facts = StickerFacts.of(sticker);
        output.tell(reporter, facts.lines(), facts.json());
        return ExitCode.DONE;
    }
}

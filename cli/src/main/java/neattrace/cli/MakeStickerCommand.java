package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.goods.sticker.StickerRecipe;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
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

    @Option(
            names = "-o",
            required = true,
            paramLabel = "OUT",
            description = "OUT.svg, .pdf, .png, .dxf or .plt (HP-GL).")
    private Path output;

    @Option(
            names = "--width",
            paramLabel = "MM",
            description = "Of the sticker, its border included; 60 or as the job says.")
    private double widthMm;

    @Option(names = "--border", paramLabel = "MM", description = "Round the drawing; 2.5.")
    private Double borderMm;

    @Option(names = "--bleed", paramLabel = "MM", description = "Beyond the cut; 2.")
    private Double bleedMm;

    @Option(names = "--radius", paramLabel = "MM", description = "No curve is tighter; 1.")
    private Double radiusMm;

    @Option(
            names = "--loose",
            paramLabel = "own|bridge|leave",
            description = "Pieces too far away to share the cut: stickers of their own, or so.")
    private String loose = Loose.OWN.key();

    @Option(names = "--holes", description = "Cut out holes as well.")
    private boolean holes;

    @Option(names = "--json", description = "Tell measures and findings as JSON.")
    private boolean json;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeStickerCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        Usage.checkEnding(spec, "-o", output, GoodsOutput.ENDINGS);
        Usage.checkNotInput(spec, rough == null ? List.of(input) : List.of(input, rough), output);
        options.check(spec);
        PressProfile press = PressProfile.bundled();
        Job job = options.in(spec, ColouredDrawing.job(input));
        Goods goods = goods(job);
        StickerRecipe recipe = recipe(goods);
        Drawing drawing = ColouredDrawing.of(new Pipeline(), job, rough, press, reporter);
        Extent extent = drawing.extent();
        GoodsFit fit = GoodsFit.of(goods, extent.widthMm(), extent.heightMm());
        Sticker sticker =
                Sticker.of(
                        Artwork.of(drawing, press).forFiles(fit.factor()),
                        fit.factor(),
                        recipe,
                        List.of());
        GoodsOutput.write(StickerPlan.page(sticker), goods.sizing().ppi(), output);
        StickerFacts facts = StickerFacts.of(sticker);
        if (json) {
            reporter.say(facts.json());
        } else {
            facts.lines().forEach(reporter::say);
        }
        return ExitCode.DONE;
    }

    private Goods goods(Job job) {
        Goods wanted =
                job.goods().wanted().stream()
                        .map(WantedGoods::goods)
                        .filter(one -> one.kind() == GoodsKind.STICKER)
                        .findFirst()
                        .orElse(UsualGoods.of(GoodsKind.STICKER));
        try {
            Goods sized =
                    widthMm == 0
                            ? wanted
                            : wanted.withSizing(
                                    new Sizing(
                                            Sizing.Fit.WIDTH,
                                            widthMm,
                                            widthMm,
                                            wanted.sizing().ppi()));
            double border = borderMm == null ? sized.edges().borderMm() : borderMm;
            double bleed = bleedMm == null ? sized.edges().bleedMm() : bleedMm;
            return sized.withEdges(sized.edges().withBorderMm(border).withBleedMm(bleed));
        } catch (IllegalArgumentException e) {
            throw usage(e);
        }
    }

    private StickerRecipe recipe(Goods goods) {
        try {
            Loose kind =
                    java.util.Arrays.stream(Loose.values())
                            .filter(one -> one.key().equals(loose.toLowerCase(Locale.ROOT)))
                            .findFirst()
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "--loose is own, bridge or leave"));
            if (goods.edges().borderMm() > CutRecipe.MOST_MM
                    || goods.edges().bleedMm() > StickerRecipe.MOST_MM) {
                throw new IllegalArgumentException("border and bleed have at most 50 mm");
            }
            StickerRecipe usual = StickerRecipe.USUAL;
            CutRecipe cut = usual.cut().withHoles(holes).withLoose(kind);
            cut = radiusMm == null ? cut : cut.withRadiusMm(radiusMm);
            return usual.withCut(cut).on(goods);
        } catch (IllegalArgumentException e) {
            throw usage(e);
        }
    }

    private ParameterException usage(IllegalArgumentException e) {
        return new ParameterException(spec.commandLine(), e.getMessage() + ".");
    }
}

package neattrace.cli;

import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** How stickers are made, singly and on sheets. */
final class StickerOptions {

    @Option(
            names = "--width",
            paramLabel = "MM",
            description = "Of each sticker, its border included; as the job says, or usual.")
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
            description = "Pieces too far away to share the cut; as the job says, or own.")
    private String loose;

    @Option(
            names = "--cut-ink",
            paramLabel = "NAME",
            description = "What cuts through the face are called in PDF; Cut.")
    private String cutInk;

    @Option(
            names = "--through-ink",
            paramLabel = "NAME",
            description = "The same for cuts through the backing; Cut through.")
    private String throughInk;

    @Option(names = "--holes", description = "Cut out holes as well.")
    private boolean holes;

    /**
     * The goods a job is made for, as it says itself where nothing else is given.
     *
     * @throws ParameterException if a size is out of its range
     */
    WantedGoods wanted(CommandSpec spec, Job job, GoodsKind kind) {
        WantedGoods wanted = GoodsSticker.wanted(job, kind);
        try {
            StickerRecipe own = wanted.sticker();
            return wanted.withGoods(goods(wanted.goods()))
                    .withSticker(own.withCut(cut(spec, own.cut())).withInks(inks(own.inks())));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage() + ".");
        }
    }

    /** The names that are given, in place of others. */
    CutInks inks(CutInks own) {
        CutInks inks = cutInk == null ? own : own.withKiss(cutInk);
        return throughInk == null ? inks : inks.withThrough(throughInk);
    }

    private Goods goods(Goods wanted) {
        Goods sized =
                widthMm == 0
                        ? wanted
                        : wanted.withSizing(
                                new Sizing(
                                        Sizing.Fit.WIDTH, widthMm, widthMm, wanted.sizing().ppi()));
        double border = borderMm == null ? sized.edges().borderMm() : borderMm;
        double bleed = bleedMm == null ? sized.edges().bleedMm() : bleedMm;
        if (border > CutRecipe.MOST_MM || bleed > StickerRecipe.MOST_MM) {
            throw new IllegalArgumentException("border and bleed have at most 50 mm");
        }
        return sized.withEdges(sized.edges().withBorderMm(border).withBleedMm(bleed));
    }

    private CutRecipe cut(CommandSpec spec, CutRecipe own) {
        CutRecipe cut = holes ? own.withHoles(true) : own;
        cut =
                loose == null
                        ? cut
                        : cut.withLoose(
                                Usage.choice(spec, "--loose", loose, Loose.values(), Loose::key));
        return radiusMm == null ? cut : cut.withRadiusMm(radiusMm);
    }
}

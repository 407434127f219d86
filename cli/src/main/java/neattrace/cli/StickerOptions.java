package neattrace.cli;

import java.util.Arrays;
import java.util.Locale;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.sticker.Sticker;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
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
            description = "Pieces too far away to share the cut; own unless said otherwise.")
    private String loose = Loose.OWN.key();

    @Option(names = "--holes", description = "Cut out holes as well.")
    private boolean holes;

    /**
     * The goods a job is made for.
     *
     * @throws ParameterException if a size is out of its range
     */
    Goods goods(CommandSpec spec, Job job, GoodsKind kind) {
        Goods wanted =
                job.goods().wanted().stream()
                        .map(WantedGoods::goods)
                        .filter(one -> one.kind() == kind)
                        .findFirst()
                        .orElse(UsualGoods.of(kind));
        try {
            Sizing sizing = wanted.sizing();
            Goods sized =
                    widthMm == 0
                            ? wanted
                            : wanted.withSizing(
                                    new Sizing(Sizing.Fit.WIDTH, widthMm, widthMm, sizing.ppi()));
            double border = borderMm == null ? sized.edges().borderMm() : borderMm;
            double bleed = bleedMm == null ? sized.edges().bleedMm() : bleedMm;
            if (border > CutRecipe.MOST_MM || bleed > StickerRecipe.MOST_MM) {
                throw new IllegalArgumentException("border and bleed have at most 50 mm");
            }
            return sized.withEdges(sized.edges().withBorderMm(border).withBleedMm(bleed));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage() + ".");
        }
    }

    /** The recipe for goods. */
    StickerRecipe recipe(CommandSpec spec, Goods goods) {
        try {
            Loose kind =
                    Arrays.stream(Loose.values())
                            .filter(one -> one.key().equals(loose.toLowerCase(Locale.ROOT)))
                            .findFirst()
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "--loose is own, bridge or leave"));
            StickerRecipe usual = StickerRecipe.USUAL;
            CutRecipe cut = usual.cut().withHoles(holes).withLoose(kind);
            cut = radiusMm == null ? cut : cut.withRadiusMm(radiusMm);
            return usual.withCut(cut).on(goods);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage() + ".");
        }
    }

    /** A drawing as a sticker. */
    static Sticker sticker(Drawing drawing, Goods goods, StickerRecipe recipe, PressProfile press) {
        Extent extent = drawing.extent();
        GoodsFit fit = GoodsFit.of(goods, extent.widthMm(), extent.heightMm());
        return Sticker.of(Artwork.of(drawing, press).forFiles(fit.factor()), fit.factor(), recipe);
    }
}

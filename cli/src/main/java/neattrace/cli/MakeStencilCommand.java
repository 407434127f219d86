package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.export.GoodsFormat;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.stencil.StencilFacts;
import neattrace.goods.stencil.StencilPlan;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.transfer.TransferFacts;
import neattrace.goods.transfer.TransferPlan;
import neattrace.goods.transfer.TransferStencil;
import neattrace.job.BriefSection;
import neattrace.job.Job;
import neattrace.job.Reference;
import neattrace.job.WantedGoods;
import neattrace.job.change.SnapshotTaker;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** A drawing in, a stencil out. */
@Command(
        name = "stencil",
        description = "Makes a stencil of a drawing, to be cut out or to be transferred.",
        footer = {
            "Blades and lasers: keep hands clear, and follow the maker's own rules.",
            "Transfer stencils on skin: hygiene, allergy and infection are matters for licensed"
                    + " practitioners and local rules; this prepares line art only."
        },
        sortOptions = false)
final class MakeStencilCommand implements Callable<Integer> {

    @Parameters(paramLabel = "IN", description = "A job, or a picture: " + PictureReader.KINDS)
    private Path input;

    @Option(names = "--rough", paramLabel = "ROUGH", description = "A picture with its colours.")
    private Path rough;

    @Mixin private GoodsOutput output;

    @Option(
            names = "--kind",
            required = true,
            paramLabel = "transfer|cut",
            description = "Lines to be transferred, or openings to be painted through.")
    private String kind;

    @Option(names = "--width", paramLabel = "MM", description = "Of the drawing; else as the page.")
    private Double widthMm;

    @Option(names = "--paper", paramLabel = "A4|WxH", description = "The sheet; A4.")
    private String paper;

    @Option(names = "--rim", paramLabel = "MM", description = "Cut: round the drawing; 25.")
    private Double rimMm;

    @Option(names = "--away", paramLabel = "ink|swatches", description = "Cut: what is cut away.")
    private String away;

    @Option(names = "--tie", paramLabel = "MM", description = "Cut: width of ties; 2.5.")
    private Double tieMm;

    @Option(names = "--web", paramLabel = "MM", description = "Cut: least width of webs; 2.")
    private Double webMm;

    @Option(names = "--thicken", description = "Cut: makes narrow webs as wide as that.")
    private boolean thicken;

    @Option(names = "--drop", paramLabel = "MM2", description = "Cut: islands that fall out; 1.")
    private Double dropMm2;

    @Option(names = "--weight", paramLabel = "MM", description = "Transfer: of all lines; 0.6.")
    private Double weightMm;

    @Option(
            names = "--outside",
            paramLabel = "MM",
            description = "Transfer: of the lines round the outside; 1.1.")
    private Double outsideMm;

    @Option(
            names = "--colour",
            paramLabel = "black|red|blue|green",
            description = "Transfer: what lines are drawn in.")
    private String colour;

    @Option(names = "--mirror", description = "Transfer: left and right changed.")
    private boolean mirror;

    @Option(
            names = "--guide",
            description = "Transfer: with a guide sheet, drawing at half strength.")
    private boolean guide;

    @Option(
            names = "--reference",
            paramLabel = "PICTURE",
            description = "Transfer: with a guide sheet over what it was drawn after.")
    private Path reference;

    @Option(
            names = "--drop-details",
            description = "Transfer: without details that vanish at this size.")
    private boolean dropDetails;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeStencilCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        output.check(
                spec,
                rough == null ? List.of(input) : List.of(input, rough),
                GoodsFormat.SVG,
                GoodsFormat.PDF,
                GoodsFormat.DXF,
                GoodsFormat.HPGL);
        options.check(spec);
        boolean cut = kind.equals("cut");
        if (!cut && !kind.equals("transfer")) {
            throw usage("--kind is transfer or cut");
        }
        Job job = options.in(spec, JobFile.ofAny(input));
        PressProfile press = job.press().profile();
        if (reference != null) {
            job = job.withBrief(over(job.brief()));
        }
        WantedGoods wanted = cut ? cut(job) : transfer(job);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = ColouredDrawing.of(pipeline, job, rough, press, reporter);
        Drawing made = GoodsDrawing.of(pipeline, drawing, wanted, reporter.progress()).drawing();
        if (cut) {
            cut(made, wanted, press);
        } else {
            transfer(pipeline, made, wanted, press);
        }
        return ExitCode.DONE;
    }

    /** The brief with the picture before all others. */
    private BriefSection over(BriefSection brief) throws PictureException {
        List<Reference> references = new ArrayList<>();
        references.add(
                new Reference(
                        String.valueOf(reference.getFileName()),
                        "",
                        Reference.Use.UNKNOWN,
                        SnapshotTaker.take(reference)));
        references.addAll(brief.references());
        return brief.withReferences(references);
    }

    private void cut(Drawing drawing, WantedGoods wanted, PressProfile press) throws IOException {
        StencilSet set = StencilSet.of(drawing, wanted, reporter.progress());
        List<PrintPlan> plans = StencilPlan.of(set, drawing.job().title(), press);
        if (!plans.isEmpty()) {
            output.write(plans, wanted.goods().sizing().ppi());
        }
        StencilFacts facts = StencilFacts.of(set);
        output.tell(reporter, facts.lines(), facts.json());
    }

    private void transfer(
            Pipeline pipeline, Drawing drawing, WantedGoods wanted, PressProfile press)
            throws IOException {
        TransferStencil stencil;
        try {
            stencil = TransferStencil.of(pipeline, drawing, wanted, reporter.progress());
            if (dropDetails) {
                TransferRecipe recipe = wanted.making().transfer();
                stencil =
                        TransferStencil.of(
                                pipeline,
                                drawing,
                                wanted.withMaking(
                                        wanted.making()
                                                .withTransfer(
                                                        recipe.withDropped(stencil.details()))),
                                reporter.progress());
            }
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
        List<PrintPlan> plans =
                output.isForMachines()
                        ? List.of(TransferPlan.forMachines(stencil, press))
                        : TransferPlan.pages(stencil, press);
        output.write(plans, wanted.goods().sizing().ppi());
        TransferFacts facts = TransferFacts.of(stencil);
        output.tell(reporter, facts.lines(), facts.json());
    }

    private WantedGoods transfer(Job job) {
        WantedGoods wanted = job.goods().firstOf(GoodsKind.TRANSFER_STENCIL);
        try {
            TransferRecipe recipe = wanted.making().transfer();
            double outside = outsideMm == null ? recipe.outsideMm() : outsideMm;
            double weight = weightMm == null ? recipe.weightMm() : weightMm;
            // Bolder lines than usual take the outside with them.
            outside = outsideMm == null ? Math.max(outside, weight) : outside;
            recipe = recipe.withOutsideMm(Math.max(outside, recipe.weightMm()));
            recipe = recipe.withWeightMm(weight).withOutsideMm(outside);
            recipe = mirror ? recipe.withMirrored(true) : recipe;
            recipe = guide || reference != null ? recipe.withGuide(true) : recipe;
            recipe =
                    colour == null
                            ? recipe
                            : recipe.withColour(
                                    Usage.choice(
                                            spec,
                                            "--colour",
                                            colour,
                                            TransferRecipe.Colour.values(),
                                            TransferRecipe.Colour::key));
            if (paper != null) {
                Paper size = Paper.of(spec, "--paper", paper);
                recipe = recipe.withSheetWidthMm(size.widthMm()).withSheetHeightMm(size.heightMm());
            }
            return wanted.withGoods(goods(wanted.goods()))
                    .withMaking(wanted.making().withTransfer(recipe));
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private WantedGoods cut(Job job) {
        WantedGoods wanted = job.goods().firstOf(GoodsKind.CUT_STENCIL);
        try {
            StencilRecipe recipe = wanted.making().stencil();
            recipe =
                    away == null
                            ? recipe
                            : recipe.withAway(
                                    Usage.choice(
                                            spec,
                                            "--away",
                                            away,
                                            StencilRecipe.Away.values(),
                                            StencilRecipe.Away::key));
            recipe = tieMm == null ? recipe : recipe.withTieMm(tieMm);
            recipe = dropMm2 == null ? recipe : recipe.withDropMm2(dropMm2);
            recipe = thicken ? recipe.withThickened(true) : recipe;
            return wanted.withGoods(goods(wanted.goods()))
                    .withMaking(wanted.making().withStencil(recipe));
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private Goods goods(Goods wanted) {
        Goods goods = wanted;
        double ppi = goods.sizing().ppi();
        if (paper != null) {
            goods = Paper.of(spec, "--paper", paper).on(goods);
        }
        if (widthMm != null) {
            goods = goods.withSizing(new Sizing(Sizing.Fit.WIDTH, widthMm, widthMm, ppi));
        }
        if (rimMm != null) {
            goods = goods.withEdges(goods.edges().withSafeMm(rimMm));
        }
        return webMm == null ? goods : goods.withDetail(goods.detail().withWebMm(webMm));
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

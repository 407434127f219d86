package neattrace.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.export.GoodsFormat;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.page.ColouringPage;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PageFacts;
import neattrace.goods.page.PagePlan;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Drawings in, pages to be coloured out. */
@Command(
        name = "page",
        description = "Makes colouring pages of drawings; several become one PDF.",
        footer = "Goods for children: local product rules apply.",
        sortOptions = false)
final class MakePageCommand implements Callable<Integer> {

    @Parameters(
            paramLabel = "IN",
            arity = "1..*",
            description = "Jobs, or pictures: " + PictureReader.KINDS)
    private List<Path> inputs;

    @Option(names = "--rough", paramLabel = "ROUGH", description = "A picture with its colours.")
    private Path rough;

    @Mixin private GoodsOutput output;

    @Option(
            names = "--paper",
            paramLabel = "8x10in|A4|A5|Letter|WxH",
            description = "As the job says, or 8x10in.")
    private String paper;

    @Option(names = "--margin", paramLabel = "MM", description = "Clear on all sides; 6.")
    private Double marginMm;

    @Option(
            names = "--gutter",
            paramLabel = "MM",
            description = "Clear on a book's inner side, the left one; 12 to 15 are usual.")
    private Double gutterMm;

    @Option(
            names = "--both-sides",
            description =
                    "A book printed on both sides: the inner side is by turns left and right.")
    private boolean bothSides;

    @Option(
            names = "--tint",
            paramLabel = "PERCENT",
            description = "How dark lines are; 30 to 60 for painting over, 100 for black.")
    private Double tint;

    @Option(names = "--umber", description = "Lines in umber instead of black.")
    private boolean umber;

    @Option(names = "--numbers", description = "A number for each colour, in each area.")
    private boolean numbers;

    @Option(names = "--no-key", description = "No key beneath the numbers.")
    private boolean noKey;

    @Option(names = "--sample", description = "A small coloured picture in a corner.")
    private boolean sample;

    @Option(
            names = "--circle",
            paramLabel = "MM",
            description = "The smallest area a pencil goes into; 3, for fine pens 2.")
    private Double circleMm;

    @Option(
            names = "--pencil",
            paramLabel = "pencil|pen|brush",
            description = "What it is coloured with, for the time it takes.")
    private String pencil;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakePageCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        List<Path> all = new ArrayList<>(inputs);
        if (rough != null) {
            all.add(rough);
        }
        output.check(spec, all, GoodsFormat.PDF, GoodsFormat.PNG, GoodsFormat.SVG);
        options.check(spec);
        if (inputs.size() > 1 && rough != null) {
            throw usage("--rough is for one drawing");
        }
        if (inputs.size() > 1 && !output.hasPages()) {
            throw usage("Several drawings become one PDF: -o OUT.pdf");
        }
        List<PrintPlan> plans = new ArrayList<>();
        List<PageFacts> facts = new ArrayList<>();
        double ppi = Paper.PPI;
        for (Path input : inputs) {
            Job job = options.in(spec, JobFile.ofAny(input));
            PressProfile press = job.press().profile();
            WantedGoods wanted = wanted(job);
            ppi = wanted.goods().sizing().ppi();
            Pipeline pipeline = new Pipeline();
            Drawing drawing = ColouredDrawing.of(pipeline, job, rough, press, reporter);
            Drawing made =
                    GoodsDrawing.of(pipeline, drawing, wanted, reporter.progress()).drawing();
            boolean left = !wanted.making().page().bothSides() || plans.size() % 2 == 0;
            ColouringPage page =
                    ColouringPage.of(
                            made,
                            PageAreas.of(made, reporter.progress()),
                            wanted,
                            left,
                            reporter.progress());
            plans.add(PagePlan.of(page, press));
            facts.add(PageFacts.of(page));
        }
        output.write(plans, ppi);
        output.tell(
                reporter,
                facts.stream().flatMap(one -> one.lines().stream()).toList(),
                json(facts));
        return ExitCode.DONE;
    }

    /** One page as it is, several in a list. */
    private static String json(List<PageFacts> facts) {
        if (facts.size() == 1) {
            return facts.get(0).json();
        }
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode pages = root.putArray("pages");
        facts.forEach(one -> one.put(pages.addObject()));
        return root.toPrettyString();
    }

    private WantedGoods wanted(Job job) {
        WantedGoods wanted = job.goods().firstOf(GoodsKind.COLOURING_PAGE);
        try {
            PageRecipe recipe = wanted.making().page();
            recipe = gutterMm == null ? recipe : recipe.withGutterMm(gutterMm);
            recipe = bothSides ? recipe.withBothSides(true) : recipe;
            recipe = tint == null ? recipe : recipe.withTintPercent(tint);
            recipe = umber ? recipe.withTint(PageRecipe.Tint.UMBER) : recipe;
            recipe = numbers ? recipe.withNumbers(true) : recipe;
            recipe = noKey ? recipe.withKey(false) : recipe;
            recipe = sample ? recipe.withSample(true) : recipe;
            recipe =
                    pencil == null
                            ? recipe
                            : recipe.withPencil(
                                    Usage.choice(
                                            spec,
                                            "--pencil",
                                            pencil,
                                            PageRecipe.Pencil.values(),
                                            PageRecipe.Pencil::key));
            return wanted.withGoods(goods(wanted.goods()))
                    .withMaking(wanted.making().withPage(recipe));
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private Goods goods(Goods wanted) {
        Goods goods = wanted;
        if (paper != null) {
            goods = Paper.of(spec, "--paper", paper).on(goods);
        }
        if (marginMm != null) {
            goods = goods.withEdges(goods.edges().withSafeMm(marginMm));
        }
        return circleMm == null ? goods : goods.withDetail(goods.detail().withAreaMm(circleMm));
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

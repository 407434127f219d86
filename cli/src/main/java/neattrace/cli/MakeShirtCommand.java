package neattrace.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.export.GoodsFormat;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Ground;
import neattrace.goods.Sizing;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.making.ClothRecipe;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.print.PrintPlan;
import neattrace.print.ready.FewerInks;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.Underbase;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** A drawing in, a print for cloth out. */
@Command(
        name = "shirt",
        description = "Makes a print for a shirt or a tote: NAME.pdf, NAME.svg and NAME.png.",
        footer = "Inks and curing heat: follow the maker's safety sheet, and ventilate.",
        sortOptions = false)
final class MakeShirtCommand implements Callable<Integer> {

    @Mixin private DrawingToFolder drawn;

    @Option(names = "--width", paramLabel = "MM", description = "Of the print on L and XL.")
    private Double widthMm;

    @Option(
            names = "--place",
            paramLabel = "chest|left-chest|back|tote",
            description = "Where it goes; the chest.")
    private String place;

    @Option(names = "--size", paramLabel = "s-m|l-xl|2xl", description = "Of the garments; l-xl.")
    private String size;

    @Option(names = "--cloth", paramLabel = "HEX", description = "The cloth's colour.")
    private String cloth;

    @Option(names = "--signature", paramLabel = "TEXT", description = "Set where it is quiet.")
    private String signature;

    @Option(
            names = "--inks",
            paramLabel = "N",
            description = "No more screens than that, black and white included.")
    private Integer inks;

    @Option(
            names = "--films",
            description = "A film for each ink, too: NAME-INK.tif, one bit, with marks.")
    private boolean films;

    @Option(
            names = "--ruling",
            paramLabel = "LPI",
            defaultValue = "50",
            description = "Of tints on films, lines an inch (${DEFAULT-VALUE}).")
    private double ruling;

    @Option(names = "--mirror", description = "Films are seen from behind.")
    private boolean mirror;

    @Option(names = "--json", description = "Tell measures and findings as JSON.")
    private boolean json;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeShirtCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        options.check(spec);
        if (inks != null && !(inks >= 1 && inks <= 100)) {
            throw usage("--inks must be 1 to 100");
        }
        if (!(ruling >= 5 && ruling <= Films.PPI / 2)) {
            throw usage("--ruling must be 5 to " + (int) (Films.PPI / 2) + " lines an inch");
        }
        Job job = options.in(spec, JobFile.ofAny(drawn.input()));
        PressProfile press = job.press().profile();
        WantedGoods wanted = wanted(job);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = ColouredDrawing.of(pipeline, job, drawn.rough(), press, reporter);
        if (inks != null) {
            boolean white = Underbase.isWanted(wanted.goods().ground());
            FewerInks fewer = FewerInks.of(PressArt.of(drawing), inks - (white ? 1 : 0));
            drawing = pipeline.run(fewer.in(drawing.job()), reporter.progress());
        }
        Drawing made = GoodsDrawing.of(pipeline, drawing, wanted, reporter.progress()).drawing();
        ClothPrint print = ClothPrint.of(pipeline, made, wanted, reporter.progress());
        PrintPlan plan = ClothPlan.of(print, press);
        PrintPlan ready = ClothPlan.ready(print, press, reporter.progress()).plan();
        write(plan, ready, job, wanted);
        List<String> order = Films.order(ready, job.press());
        if (films) {
            Films.write(
                    spec,
                    ready,
                    order,
                    mirror,
                    ruling,
                    drawn.folder(),
                    FileNames.proposed(job.title()),
                    drawn.inputs());
        }
        ClothFacts facts =
                ClothFacts.of(print, plan, ClothFacts.thin(pipeline, print, reporter.progress()));
        if (json) {
            reporter.say(Films.told(facts.json(), order));
        } else {
            facts.lines().forEach(reporter::say);
            reporter.say("screens, in the order of printing: " + String.join(", ", order));
        }
        return ExitCode.DONE;
    }

    private void write(PrintPlan plan, PrintPlan ready, Job job, WantedGoods wanted)
            throws IOException {
        Files.createDirectories(drawn.folder());
        String name = FileNames.proposed(job.title());
        double ppi = wanted.goods().sizing().ppi();
        for (GoodsFormat format : List.of(GoodsFormat.PDF, GoodsFormat.SVG, GoodsFormat.PNG)) {
            Path target = drawn.folder().resolve(name + format.ending());
            Usage.checkNotInput(spec, drawn.inputs(), target);
            // Printers get inks; screens and cutters what it looks like.
            PrintPlan written = format == GoodsFormat.PDF ? ready : plan;
            AtomicFile.write(target, out -> format.write(written, ppi, out));
        }
    }

    private WantedGoods wanted(Job job) {
        WantedGoods wanted = job.goods().firstOf(GoodsKind.SHIRT);
        try {
            ClothRecipe recipe = wanted.making().cloth();
            recipe =
                    place == null
                            ? recipe
                            : recipe.withPlace(
                                    Usage.choice(
                                            spec,
                                            "--place",
                                            place,
                                            ClothRecipe.Place.values(),
                                            ClothRecipe.Place::key));
            recipe =
                    size == null
                            ? recipe
                            : recipe.withSize(
                                    Usage.choice(
                                            spec,
                                            "--size",
                                            size,
                                            ClothRecipe.Size.values(),
                                            ClothRecipe.Size::key));
            recipe = signature == null ? recipe : recipe.withSignature(signature);
            return wanted.withGoods(goods(wanted.goods(), recipe))
                    .withMaking(wanted.making().withCloth(recipe));
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private Goods goods(Goods wanted, ClothRecipe recipe) {
        Goods goods = wanted;
        if (widthMm != null || place != null) {
            double wide = widthMm == null ? ClothPlaces.widthMm(recipe.place()) : widthMm;
            goods =
                    goods.withSizing(
                            new Sizing(Sizing.Fit.WIDTH, wide, wide, goods.sizing().ppi()));
        }
        if (cloth != null) {
            Rgb colour =
                    Rgb.parse(cloth)
                            .orElseThrow(() -> usage("--cloth is a colour such as #1F2A44"));
            goods = goods.withGround(new Ground(Ground.Material.CLOTH, colour));
        }
        return goods;
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.export.GoodsFormat;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.making.WrapRecipe;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapArt;
import neattrace.goods.wrap.WrapFacts;
import neattrace.goods.wrap.WrapPlan;
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
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Drawings in, a wrap for a mug out. */
@Command(
        name = "mug",
        description = "Lays drawings on a wrap for a mug.",
        footer = "Goods for food: local product rules apply.",
        sortOptions = false)
final class MakeMugCommand implements Callable<Integer> {

    @Parameters(
            paramLabel = "IN",
            arity = "1..*",
            description = "Jobs, or pictures: " + PictureReader.KINDS)
    private List<Path> inputs;

    @Option(names = "--rough", paramLabel = "ROUGH", description = "A picture with its colours.")
    private Path rough;

    @Mixin private GoodsOutput output;

    @Option(names = "--wrap", paramLabel = "WxH", description = "Size of the wrap, mm; 200x90.")
    private String wrap;

    @Option(names = "--handle", paramLabel = "MM", description = "Clear at both ends; 10.")
    private Double clearMm;

    @Option(names = "--diameter", paramLabel = "MM", description = "Of the mug; 82.")
    private Double diameterMm;

    @Option(names = "--left-handed", description = "Held in the left hand.")
    private boolean leftHanded;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeMugCommand(Reporter reporter) {
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
        List<Drawing> drawings = new ArrayList<>();
        WantedGoods wanted = null;
        for (Path input : inputs) {
            Job job = options.in(spec, JobFile.ofAny(input));
            wanted = wanted == null ? wanted(job) : wanted;
            drawings.add(
                    ColouredDrawing.of(
                            new Pipeline(), job, rough, job.press().profile(), reporter));
        }
        // One file is printed on one press: the first drawing's.
        PressProfile press = drawings.get(0).job().press().profile();
        Wrap made = Wrap.of(drawings.stream().map(WrapArt::of).toList(), wanted);
        output.write(
                output.isForPrinters()
                        ? WrapPlan.ready(made, drawings, press, reporter.progress())
                        : WrapPlan.of(made, drawings, press),
                wanted.goods().sizing().ppi());
        WrapFacts facts = WrapFacts.of(made);
        output.tell(reporter, facts.lines(), facts.json());
        return ExitCode.DONE;
    }

    private WantedGoods wanted(Job job) {
        WantedGoods wanted = job.goods().firstOf(GoodsKind.MUG);
        try {
            Goods goods = wanted.goods();
            if (wrap != null) {
                goods = Paper.of(spec, "--wrap", wrap).on(goods);
            }
            if (clearMm != null) {
                goods = goods.withEdges(goods.edges().withSafeMm(clearMm));
            }
            WrapRecipe recipe = wanted.making().wrap();
            recipe = diameterMm == null ? recipe : recipe.withDiameterMm(diameterMm);
            recipe = leftHanded ? recipe.withLeftHanded(true) : recipe;
            return wanted.withGoods(goods).withMaking(wanted.making().withWrap(recipe));
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

package neattrace.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import neattrace.export.PdfStandard;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFile;
import neattrace.goods.Ground;
import neattrace.goods.UsualGoods;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.ProfileException;
import neattrace.press.Rgb;
import neattrace.print.PrintPlan;
import neattrace.print.ready.ClothColours;
import neattrace.print.ready.FewerInks;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressFacts;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressSheet;
import neattrace.print.ready.Underbase;
import neattrace.raster.reading.PictureException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** A drawing in, what a press prints it from out. */
@Command(
        name = "press",
        description =
                "Makes a drawing ready for the press: NAME.pdf (PDF/X-4), NAME-x1a.pdf, and plates.",
        footer = "Inks and solvents: follow the maker's safety sheet, and ventilate.",
        sortOptions = false)
final class PressCommand implements Callable<Integer> {

    @Mixin private DrawingToFolder drawn;

    @Option(
            names = "--goods",
            paramLabel = "FILE",
            description = "What it is printed on, a file of goods; its size comes from there.")
    private Path goodsFile;

    @Option(
            names = "--profile",
            paramLabel = "ICC",
            description = "A profile of the press, instead of the one that comes along.")
    private Path profile;

    @Option(
            names = "--limit",
            paramLabel = "PERCENT",
            description = "The most ink in one place, 100 to 400.")
    private Double limit;

    @Option(names = "--trap", paramLabel = "MM", description = "How wide traps are; 0 for none.")
    private Double trapMm;

    @Option(
            names = "--register",
            paramLabel = "MM",
            description = "How far plates may lie off from one another.")
    private Double registerMm;

    @Option(names = "--spots", description = "Each colour is an ink of its own.")
    private boolean spots;

    @Option(
            names = "--cloth",
            paramLabel = "HEX",
            description = "Printed on cloth of this colour; white beneath if it is dark.")
    private String cloth;

    @Option(
            names = "--inks",
            paramLabel = "N",
            description = "No more inks than that, black included; like colours share one.")
    private Integer inks;

    @Option(names = "--one-colour", description = "In one ink.")
    private boolean oneColour;

    @Mixin private PlateOptions plates;

    @Mixin private RehearsalOptions rehearsal;

    @Option(names = "--web", description = "NAME.png, too: for screens, tagged as sRGB.")
    private boolean web;

    @Option(names = "--json", description = "Tell measures as JSON.")
    private boolean json;

    @Option(
            names = "--set",
            paramLabel = "KEY=VALUE",
            description = "Any setting of the window; see: neat-trace settings.")
    private List<String> settings = List.of();

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    PressCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        plates.check(spec);
        rehearsal.check(spec);
        check();
        Optional<Goods> goods = goods();
        Job job = decided(Usage.with(spec, JobFile.ofAny(drawn.input()), settings));
        Pipeline pipeline = new Pipeline();
        Drawing drawing =
                ColouredDrawing.of(pipeline, job, drawn.rough(), job.press().profile(), reporter);
        drawing = pipeline.run(inked(drawing.job(), goods), reporter.progress());
        FewerInks fewer = null;
        if (inks != null) {
            fewer = FewerInks.of(PressArt.of(drawing), inks - (isDarkCloth() ? 1 : 0));
            drawing = pipeline.run(fewer.in(drawing.job()), reporter.progress());
        }
        PressSheet sheet = sheet(pipeline, drawing, goods);
        PressFacts facts = PressFacts.of(sheet, reporter.progress());
        if (facts.plates().composites().isEmpty()) {
            reporter.warn(drawn.input() + ": there is nothing to print.");
        }
        write(sheet);
        report(sheet, facts, fewer);
        return ExitCode.DONE;
    }

    private void check() {
        if (limit != null && !(limit >= 100 && limit <= 400)) {
            throw usage("--limit must be 100 to 400");
        }
        if (trapMm != null && !(trapMm >= 0 && trapMm <= 5)) {
            throw usage("--trap must be 0 to 5 mm");
        }
        if (registerMm != null && !(registerMm >= 0 && registerMm <= 5)) {
            throw usage("--register must be 0 to 5 mm");
        }
        if (inks != null && !(inks >= 1 && inks <= 100)) {
            throw usage("--inks must be 1 to 100");
        }
        if (cloth != null && Rgb.parse(cloth).isEmpty()) {
            throw usage("--cloth is a colour such as #1F2A44");
        }
    }

    /** White beneath is a screen of its own. */
    private boolean isDarkCloth() {
        return cloth != null && Underbase.isWanted(Rgb.parse(cloth).orElseThrow());
    }

    private Optional<Goods> goods() throws IOException {
        Optional<Goods> goods =
                goodsFile == null ? Optional.empty() : Optional.of(GoodsFile.open(goodsFile));
        if (cloth == null) {
            return goods;
        }
        Ground ground = new Ground(Ground.Material.CLOTH, Rgb.parse(cloth).orElseThrow());
        return Optional.of(goods.orElse(UsualGoods.UNDECIDED).withGround(ground));
    }

    /** The job with what was given about the press. */
    private Job decided(Job job) throws IOException {
        PressSection press = job.press();
        if (profile != null) {
            press = press.withProfile(profile());
        }
        press = limit == null ? press : press.withInkLimit(limit);
        press = trapMm == null ? press : press.withTrapMm(trapMm).withTrapped(true);
        press = registerMm == null ? press : press.withRegisterMm(registerMm);
        press = oneColour ? press.withOneColour(press.oneColour().withOn(true)) : press;
        return job.withPress(press);
    }

    private PressProfile profile() throws IOException {
        byte[] bytes;
        try {
            if (Files.size(profile) > PressProfile.MOST_BYTES) {
                throw new PictureException(
                        "The profile " + profile + " is larger than any press profile.");
            }
            bytes = Files.readAllBytes(profile);
        } catch (PictureException e) {
            throw e;
        } catch (IOException e) {
            throw new PictureException("The profile " + profile + " cannot be read.", e);
        }
        try {
            return PressProfile.of(bytes);
        } catch (ProfileException e) {
            throw new PictureException("The profile " + profile + ": " + e.getMessage(), e);
        }
    }

    /** The job with its colours as inks of their own, and those that the cloth shows left out. */
    private Job inked(Job job, Optional<Goods> goods) {
        PressProfile press = job.press().profile();
        Job inked = job;
        if (spots) {
            inked = inked.withSwatches(PressPalette.spots(inked.swatches(), press));
        }
        if (cloth != null) {
            Rgb colour = goods.orElseThrow().ground().colour();
            Set<Integer> shown = new TreeSet<>(inked.press().cloth());
            shown.addAll(ClothColours.of(inked.swatches(), colour, press));
            inked = inked.withPress(inked.press().withCloth(shown));
        }
        return inked;
    }

    private PressSheet sheet(Pipeline pipeline, Drawing drawing, Optional<Goods> goods)
            throws IOException {
        if (goods.isEmpty()) {
            return PressSheet.of(drawing, Optional.empty(), reporter.progress());
        }
        if (goodsFile == null) {
            return PressSheet.page(drawing, goods.get(), reporter.progress());
        }
        WantedGoods wanted = GoodsSection.UNDECIDED.with(goods.get()).wanted().get(0);
        GoodsDrawing made = GoodsDrawing.of(pipeline, drawing, wanted, reporter.progress());
        // Cloth is printed in screens, whatever way its file is asked for.
        return PressSheet.of(
                PressArt.of(made.drawing()).on(made.fit().goods()),
                Optional.of(made.fit()),
                reporter.progress());
    }

    private void write(PressSheet sheet) throws IOException {
        Files.createDirectories(drawn.folder());
        String name = FileNames.proposed(sheet.art().art().title());
        PrintPlan plan = sheet.plan();
        Path layered = drawn.folder().resolve(name + ".pdf");
        Path flat = drawn.folder().resolve(name + "-x1a.pdf");
        Path screen = web ? drawn.folder().resolve(name + ".png") : null;
        List<Path> inputs = drawn.inputs(profile, goodsFile);
        Usage.checkNotInput(spec, inputs, layered, flat, screen);
        plates.write(spec, sheet, drawn.folder(), name, inputs);
        AtomicFile.write(layered, out -> PdfWriter.write(List.of(plan), PdfStandard.X4, out));
        AtomicFile.write(flat, out -> PdfWriter.write(List.of(plan), PdfStandard.X1A, out));
        if (screen != null) {
            AtomicFile.write(
                    screen,
                    out -> PngWriter.write(sheet.plain(), sheet.goods().sizing().ppi(), out));
        }
    }

    private void report(PressSheet sheet, PressFacts facts, FewerInks fewer) {
        if (!json) {
            facts.lines().forEach(reporter::say);
            if (fewer != null) {
                fewer.merges()
                        .forEach(
                                one ->
                                        reporter.say(
                                                String.format(
                                                        Locale.ROOT,
                                                        "%s is printed in %s, %.1f away",
                                                        one.from().name(),
                                                        one.into().name(),
                                                        one.difference())));
            }
            rehearsal.lines(sheet, reporter).forEach(reporter::say);
            return;
        }
        ObjectNode root = facts.json();
        ArrayNode merges = root.putArray("merges");
        if (fewer != null) {
            PressProfile press = sheet.plan().press();
            fewer.merges()
                    .forEach(
                            one ->
                                    merges.addObject()
                                            .put("from", one.from().name())
                                            .put("fromHex", press.preview(one.from().build()).hex())
                                            .put("into", one.into().name())
                                            .put("intoHex", press.preview(one.into().build()).hex())
                                            .put("difference", one.difference()));
        }
        if (sheet.art().press().oneColour().on()) {
            root.put("edgesKept", sheet.keptShare());
        }
        rehearsal.json(sheet, root, reporter);
        reporter.say(root.toString());
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

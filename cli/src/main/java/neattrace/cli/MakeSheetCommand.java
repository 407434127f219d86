package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import neattrace.gang.GangArranger;
import neattrace.gang.GangDrawing;
import neattrace.gang.GangFile;
import neattrace.gang.GangLoader;
import neattrace.gang.GangSheet;
import neattrace.gang.GangSticker;
import neattrace.goods.GoodsKind;
import neattrace.goods.nest.NestWish;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetFacts;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
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

/** Drawings in, a sheet of stickers out. */
@Command(
        name = "sheet",
        description = "Arranges stickers of drawings on a sheet, by their true shapes.",
        footer = "Blades and lasers: keep hands clear, and follow the maker's own rules.",
        sortOptions = false)
final class MakeSheetCommand implements Callable<Integer> {

    @Parameters(
            paramLabel = "IN",
            arity = "1..*",
            description =
                    "Jobs, or pictures: "
                            + PictureReader.KINDS
                            + "; or one sheet ("
                            + GangFile.ENDING
                            + "), written as it lies.")
    private List<Path> inputs;

    @Mixin private GoodsOutput output;

    @Mixin private StickerOptions stickers;

    @Option(
            names = "--page",
            paramLabel = "WxH|A4|A5|A6|4200x3200px",
            description = "Size of the sheet, mm unless said otherwise; A4, or as the layout says.")
    private String page;

    @Option(names = "--gap", paramLabel = "MM", description = "From cut to cut; 3.")
    private Double gapMm;

    @Option(names = "--rim", paramLabel = "MM", description = "Clear at the sheet's edge; 8.")
    private Double rimMm;

    @Option(
            names = "--copies",
            paramLabel = "N",
            defaultValue = "1",
            description = "Of each drawing.")
    private int copies;

    @Option(names = "--fill", description = "Copies in turn as long as one fits.")
    private boolean fill;

    @Option(
            names = "--turns",
            paramLabel = "N",
            defaultValue = "24",
            description = "In how many directions a sticker may lie, evenly round; 1 for as drawn.")
    private int turns;

    @Option(
            names = "--seconds",
            paramLabel = "N",
            description =
                    "Goes on arranging for so long; without it, for some rounds, so that the same"
                            + " comes out again.")
    private Double seconds;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "Another try.")
    private long seed;

    @Option(
            names = "--layout",
            paramLabel = "FILE",
            description = "A layout (" + LayoutFile.ENDING + ") with header, footer and shop line.")
    private Path layout;

    @Option(names = "--title", paramLabel = "TEXT", description = "In the header.")
    private String title = "";

    @Option(names = "--number", paramLabel = "TEXT", description = "Of the inventory.")
    private String number = "";

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    MakeSheetCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        output.check(spec, inputs);
        options.check(spec);
        NestWish wish = wish();
        if (inputs.size() == 1 && inputs.get(0).toString().endsWith(GangFile.ENDING)) {
            return keptSheet(inputs.get(0));
        }
        SheetLayout on = layout();
        List<SheetItem> items = new ArrayList<>();
        double ppi = Paper.PPI;
        for (Path input : inputs) {
            Job job = options.in(spec, JobFile.ofAny(input));
            WantedGoods wanted = stickers.wanted(spec, job, GoodsKind.STICKER_SHEET);
            ppi = wanted.goods().sizing().ppi();
            Pipeline pipeline = new Pipeline();
            PressProfile press = job.press().profile();
            try {
                Drawing drawing = ColouredDrawing.of(pipeline, job, null, press, reporter);
                Sticker sticker =
                        GoodsSticker.of(pipeline, drawing, wanted, press, reporter.progress());
                if (sticker.cuts().isEmpty()) {
                    throw new EmptyDrawingException(input + " has nothing to cut round.");
                }
                items.add(new SheetItem(String.valueOf(input.getFileName()), sticker, copies));
            } catch (EmptyDrawingException e) {
                reporter.warn(e.getMessage() + " It is left out.");
            }
        }
        if (items.isEmpty()) {
            throw new EmptyDrawingException("There is nothing to make stickers of.");
        }
        StickerSheet sheet =
                StickerSheet.arrange(
                        on,
                        title,
                        number,
                        items,
                        List.of(),
                        wish,
                        found -> {},
                        reporter.progress());
        output.write(plan(sheet), ppi);
        SheetFacts facts = SheetFacts.of(sheet);
        output.tell(reporter, facts.lines(), facts.json());
        return ExitCode.DONE;
    }

    /** A sheet that was arranged in the window, as it lies there. */
    private int keptSheet(Path file) throws IOException {
        GangSheet kept = GangFile.open(file);
        List<GangSticker> made = new GangLoader().load(kept, reporter.progress());
        for (GangSticker one : made) {
            if (one.sticker().isEmpty()) {
                throw new PictureException(one.drawing().name() + ": " + one.trouble());
            }
            if (one.isChanged()) {
                reporter.warn(one.drawing().name() + " was changed since it was laid.");
            }
        }
        if (kept.places().isEmpty()) {
            kept =
                    GangArranger.arrange(
                            kept, made, NestWish.USUAL, found -> {}, reporter.progress());
        }
        StickerSheet sheet = GangArranger.laid(kept, made);
        output.write(plan(sheet), Paper.PPI);
        SheetFacts facts = SheetFacts.of(sheet);
        output.tell(reporter, facts.lines(), facts.json());
        return ExitCode.DONE;
    }

    /** Printers get it ready for the press, screens and cutters what it looks like. */
    private PrintPlan plan(StickerSheet sheet) {
        if (sheet.presses() > 1) {
            reporter.warn(
                    "The drawings are meant for different presses; the sheet goes by that of the"
                            + " first: "
                            + sheet.press().name());
        }
        PressProfile press = sheet.press();
        return output.isForPrinters()
                ? SheetPlan.ready(sheet, press, reporter.progress())
                : SheetPlan.of(sheet, press);
    }

    private NestWish wish() {
        if (copies < 1 || copies > GangDrawing.MOST_COPIES) {
            throw usage("--copies must be 1 to " + GangDrawing.MOST_COPIES);
        }
        if (turns < 1 || turns > 360) {
            throw usage("--turns must be 1 to 360");
        }
        if (seconds != null && !(seconds > 0 && seconds <= 3600)) {
            throw usage("--seconds must be above 0 and at most 3600");
        }
        NestWish usual = NestWish.USUAL;
        NestWish wish = new NestWish(turns, fill, seed, usual.seconds(), usual.rounds());
        return seconds == null ? wish : wish.forSeconds(seconds);
    }

    private SheetLayout layout() throws IOException {
        SheetLayout on = layout == null ? SheetLayout.USUAL : LayoutFile.open(layout);
        try {
            on = on.withInks(stickers.inks(on.inks()));
            on = page == null ? on : sized(on);
            on = gapMm == null ? on : on.withGapMm(gapMm);
            return rimMm == null ? on : on.withRimMm(rimMm);
        } catch (IllegalArgumentException e) {
            throw usage(e.getMessage());
        }
    }

    private SheetLayout sized(SheetLayout on) {
        Paper paper = Paper.of(spec, "--page", page);
        return on.withSize(paper.widthMm(), paper.heightMm());
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message + ".");
    }
}

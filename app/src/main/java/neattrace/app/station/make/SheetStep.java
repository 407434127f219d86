package neattrace.app.station.make;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.work.KnownSheet;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.export.GoodsFormat;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.finding.Finding;
import neattrace.gang.GangFile;
import neattrace.gang.GangPlace;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.geom.Point;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sheet.StickerSheet;
import neattrace.inspection.GangInspection;
import neattrace.job.file.JobFile;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureReader;
import neattrace.standin.cutter.SheetRehearsal;

/** Several drawings and copies on one sheet: which, how they lie, and the sheet's files. */
final class SheetStep implements Step {

    /** Printers want so many pixels an inch of stickers (common practice, no source). */
    private static final double PPI = 300;

    private final Bench bench;
    private final SheetDesk desk;
    private final SheetView view;
    private final SheetSentences sentences;
    private final VBox content = new VBox(8);
    private final Node without;

    SheetStep(Bench bench) {
        this.bench = bench;
        this.desk = bench.workspace().sheetDesk();
        this.view = new SheetView(bench.workspace().press(), this::laid, desk.underProperty()::set);
        view.setVisible(false);
        view.setManaged(false);
        sentences = new SheetSentences(desk, this::addDrawings, this::addThis, this::choose);
        without = without();
        desk.knownProperty().addListener((property, before, now) -> tell(now));
        desk.historyProperty().addListener(property -> show());
        show();
    }

    private Node without() {
        return new VBox(
                8,
                new Hint(
                        "Several drawings and copies on one sheet, arranged with room to breathe or"
                                + " filled with as many as fit. A sheet is a file of its own: it"
                                + " points at your drawings and shows them as they are saved."),
                Buttons.small("A new sheet of this drawing …", "new-sheet", this::create),
                Buttons.small("Open a sheet …", "open-sheet", this::chooseSheet));
    }

    /** The sheet, which lies over the table. */
    SheetView view() {
        return view;
    }

    private void laid(int place, GangPlace to) {
        if (place < 0 || place >= desk.sheet().places().size()) {
            return;
        }
        GangPlace before = desk.sheet().places().get(place);
        boolean lies =
                before.xMm() == to.xMm()
                        && before.yMm() == to.yMm()
                        && before.turnDegrees() == to.turnDegrees();
        String what = lies ? to.pinned() ? "Pinned" : "Freed" : "Laid elsewhere";
        desk.change(
                what, sheet -> sheet.with(place, to), lies ? GangWork.NONE : GangWork.MAKE_ROOM);
    }

    /** Makes a sheet that holds the drawing on the table. */
    private void create() {
        Path drawing = bench.workspace().fileProperty().get();
        if (bench.shown() != null && drawing == null) {
            bench.say("A sheet points at the drawing’s file: save the drawing first (Ctrl+S).");
            return;
        }
        bench.chooseTarget(
                "Where the sheet is kept",
                "Sheet",
                "Sheet of stickers",
                GangFile.ENDING,
                this::create);
    }

    /** Makes a sheet in a file, of the drawing on the table if it is in a file. */
    void create(Path file) {
        Path drawing = bench.workspace().fileProperty().get();
        GangSheet empty = GangSheet.EMPTY;
        if (desk.make(file, drawing == null ? empty : empty.with(drawing))) {
            bench.workspace().remember(file);
        }
    }

    private void chooseSheet() {
        File file = bench.choose("Open a sheet", "Sheets of stickers", "*" + GangFile.ENDING);
        if (file != null && desk.open(file.toPath())) {
            bench.workspace().remember(file.toPath());
        }
    }

    private void addDrawings() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Drawings for the sheet");
        List<String> patterns =
                Stream.concat(
                                Stream.of("*" + JobFile.ENDING),
                                PictureReader.ENDINGS.stream().map(ending -> "*." + ending))
                        .toList();
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Jobs and pictures", patterns));
        List<File> files = chooser.showOpenMultipleDialog(content.getScene().getWindow());
        if (files != null) {
            add(files.stream().map(File::toPath).toList());
        }
    }

    /** Puts drawings on the sheet. */
    void add(List<Path> files) {
        UnaryOperator<GangSheet> change =
                sheet -> {
                    GangSheet next = sheet;
                    for (Path file : files) {
                        next = next.with(file);
                    }
                    return next;
                };
        if (change.apply(desk.sheet()).equals(desk.sheet())) {
            bench.say("They are on the sheet already; ask for more copies.");
            return;
        }
        desk.change(
                files.size() == 1 ? "Drawing added" : "Drawings added", change, GangWork.ARRANGE);
    }

    private void addThis() {
        Path drawing = bench.workspace().fileProperty().get();
        if (drawing == null) {
            bench.say("A sheet points at the drawing’s file: save the drawing first (Ctrl+S).");
        } else {
            add(List.of(drawing));
            if (bench.workspace().unsavedProperty().get()) {
                bench.say("The sheet shows it as it was saved; save it (Ctrl+S) at Sticker.");
            }
        }
    }

    /** Lets another file take the place of a drawing that is gone. */
    void takeUp(String hand) {
        if (!hand.startsWith(GangInspection.FIND)) {
            return;
        }
        int id = Integer.parseInt(hand.substring(GangInspection.FIND.length()));
        File file = bench.choose("Where the drawing is now", "Jobs", "*" + JobFile.ENDING, "*.*");
        if (file != null) {
            find(id, file.toPath());
        }
    }

    /** A drawing is in another file now. */
    void find(int id, Path file) {
        Path whole = file.toAbsolutePath().normalize();
        desk.change(
                "Drawing found",
                sheet ->
                        sheet.drawing(id).map(one -> sheet.with(one.withFile(whole))).orElse(sheet),
                GangWork.MAKE_ROOM);
    }

    private void choose() {
        bench.chooseTarget(
                "Write the sheet",
                FileNames.proposed(desk.name()),
                "Sheet of stickers",
                sentences.format().ending(),
                path -> GoodsFormat.of(path).isPresent(),
                this::write);
    }

    /** Writes the sheet as it stands, as the file's name says, once it is worked out. */
    void write(Path target) {
        GoodsFormat as = GoodsFormat.of(target).orElse(sentences.format());
        desk.whenSettled(String.valueOf(target.getFileName()), known -> write(target, as, known));
    }

    private void write(Path target, GoodsFormat as, KnownSheet known) {
        Optional<String> stop = missing(known);
        if (stop.isPresent()) {
            bench.workspace().tellTrouble(new IOException(stop.get()));
            return;
        }
        StickerSheet laid = known.laid();
        PressProfile press = laid.press();
        bench.workspace()
                .write(
                        "Wrote " + target.getFileName() + ".",
                        target,
                        progress -> {
                            PrintPlan plan =
                                    as == GoodsFormat.PDF
                                            ? SheetPlan.ready(laid, press, progress.part(0, 0.9))
                                            : SheetPlan.of(laid, press);
                            AtomicFile.write(target, out -> as.write(plan, PPI, out));
                        },
                        bench::refresh);
    }

    private static Optional<String> missing(KnownSheet known) {
        return known.stickers().stream()
                .filter(one -> one.sticker().isEmpty())
                .findFirst()
                .map(
                        one ->
                                "The sheet was not written: "
                                        + one.drawing().name()
                                        + " is missing from it. "
                                        + one.trouble());
    }

    private void show() {
        GangSheet sheet = desk.sheet();
        Node now = sheet == null ? without : sentences;
        if (content.getChildren().isEmpty() || content.getChildren().get(0) != now) {
            content.getChildren().setAll(now);
            if (sheet != null) {
                content.getChildren().add(others());
            }
        }
        if (sheet != null) {
            sentences.show(sheet, desk.knownProperty().get());
        }
    }

    private Node others() {
        return new FlowPane(
                6,
                6,
                Buttons.small("Another sheet …", "open-sheet", this::chooseSheet),
                Buttons.small("A new one …", "new-sheet", this::create));
    }

    private void tell(KnownSheet known) {
        view.show(known);
        if (known != null) {
            sentences.show(desk.sheet(), known);
        }
        bench.refresh();
    }

    /** Shows what comes out of the cutter; null for the sheet as it is planned. */
    void rehearse(SheetRehearsal rehearsal, Point drift) {
        view.rehearse(rehearsal, drift);
    }

    /** A finding is looked at. */
    void point(Finding finding) {
        view.point(finding);
    }

    @Override
    public String title() {
        return "Sheet";
    }

    @Override
    public String state(Shown shown) {
        GangSheet sheet = desk.sheet();
        if (sheet == null) {
            return "none open";
        }
        int count = Math.max(sheet.places().size(), sheet.asked());
        return String.format(Locale.ROOT, count == 1 ? "1 sticker" : "%d stickers", count);
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        show();
    }
}

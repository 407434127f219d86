package neattrace.app.station.make;

import java.io.File;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Shown;
import neattrace.export.FileFormat;
import neattrace.export.OneBitWriter.Format;
import neattrace.files.FileNames;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.WrittenFile;
import neattrace.job.change.Owed;
import neattrace.job.pipeline.Drawing;
import neattrace.job.sheets.MadeSheet;
import neattrace.job.sheets.SheetMaker;
import neattrace.job.sheets.SheetWish;
import neattrace.raster.Resolution;

/** Film and plates: the sheet in one bit, and sheets of a whole folder of scans. */
final class FilmStep implements Step {

    private final Bench bench;
    private final NumberField ppi;
    private final Label size = new Hint("");
    private final VBox content;
    private Format format = Format.TIFF;

    private final SittingWatch watch = new SittingWatch();

    /** As set by the user; 0 takes the sheet's own. */
    private double outPpi;

    /** The job a sheet was written of, as it was then; null if of none that is open. */
    private Job written;

    FilmStep(Bench bench) {
        this.bench = bench;
        ChoiceField<Format> formats =
                new ChoiceField<>(
                        "Format",
                        List.of(Format.TIFF, Format.PNG),
                        f -> f == Format.TIFF ? "TIFF (Group 4)" : "PNG",
                        f -> format = f);
        formats.setId("out-format");
        ppi =
                new NumberField(
                        "Resolution of the file",
                        "ppi",
                        Resolution.LEAST_PPI,
                        Resolution.MOST_PPI,
                        100,
                        v -> outPpi = v);
        ppi.setId("out-ppi");
        content =
                new VBox(
                        10,
                        new Hint(
                                "The sheet in pure black and white, at its own resolution: straight"
                                        + " for film, a plate or a laser printer."),
                        new Sentence("One bit in a", formats, "at", ppi, "."),
                        size,
                        Buttons.small("Write the sheet …", "write-sheet", this::choose),
                        new Hint(
                                "A whole folder of scans comes out as clean sheets with the settings"
                                        + " of this one."),
                        Buttons.small(
                                "Make sheets of a folder …", "folder-of-scans", this::folder));
    }

    private void choose() {
        bench.chooseTarget(
                "Write the sheet",
                FileNames.proposed(bench.drawing().job().title() + " sheet"),
                "Sheet",
                format == Format.TIFF ? ".tif" : ".png",
                path -> SheetMaker.format(path).isPresent(),
                this::write);
    }

    /** Writes the sheet as it stands. */
    public void write(Path target) {
        bench.workspace()
                .whenSettled(String.valueOf(target.getFileName()), shown -> write(target, shown));
    }

    private void write(Path target, Shown shown) {
        Drawing drawing = shown.drawing();
        MadeSheet sheet = new MadeSheet(drawing.reading(), drawing.resolution().ppi(), 0);
        double wanted = outPpi;
        List<WrittenFile> notes = new ArrayList<>();
        bench.workspace()
                .write(
                        "Wrote " + target.getFileName() + ".",
                        target,
                        progress -> {
                            SheetMaker.write(sheet, target, wanted);
                            if (FileFormat.TIFF.isIn(target)) {
                                notes.addAll(notes(target, drawing.job()));
                            }
                        },
                        () -> {
                            if (shown.of() == bench.workspace().opening()) {
                                written = drawing.job();
                            }
                            notes.forEach(one -> bench.workspace().noteWritten(shown.of(), one));
                            bench.refresh();
                        });
    }

    private static List<WrittenFile> notes(Path target, Job of) {
        LocalDateTime now = LocalDateTime.now();
        String name = String.valueOf(target.getFileName());
        // A sheet is as large as the scan, whatever it is owed for.
        List<Integer> goods =
                of.goods().wanted().stream()
                        .filter(one -> one.owed().contains(FileUse.TIFF))
                        .map(WantedGoods::id)
                        .toList();
        return (goods.isEmpty() ? List.of(0) : goods)
                .stream().map(id -> Owed.written(of, FileUse.TIFF, id, name, now)).toList();
    }

    private void folder() {
        DirectoryChooser from = new DirectoryChooser();
        from.setTitle("The folder of scans");
        File scans = from.showDialog(content.getScene().getWindow());
        if (scans == null) {
            return;
        }
        DirectoryChooser to = new DirectoryChooser();
        to.setTitle("The folder for the sheets");
        to.setInitialDirectory(scans);
        File sheets = to.showDialog(content.getScene().getWindow());
        if (sheets != null) {
            make(scans.toPath(), sheets.toPath());
        }
    }

    /** Makes a sheet of every scan in a folder, beside whatever else goes on. */
    public void make(Path scans, Path sheets) {
        SheetWish wish =
                new SheetWish(
                        bench.workspace().job().recipe().forOtherSheets(),
                        0,
                        outPpi,
                        false,
                        false,
                        false);
        bench.workspace().sheetMaking().make(scans, sheets, wish, format);
    }

    @Override
    public String title() {
        return "Film";
    }

    @Override
    public String state(Shown shown) {
        return "one bit";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        if (watch.isAnother(shown)) {
            written = null;
            outPpi = 0;
        }
        double shownPpi = outPpi == 0 ? drawing.resolution().ppi() : outPpi;
        ppi.show(shownPpi);
        size.setText(
                String.format(
                        Locale.ROOT, "%.1f × %.1f mm.", drawing.widthMm(), drawing.heightMm()));
    }

    /** Whether a sheet of the drawing as it is was written. */
    boolean isTouched(Job job) {
        return written != null && written.withLog(job.log()).equals(job);
    }
}

package neattrace.app.station.handover;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.export.FileFormat;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.FileUse;
import neattrace.goods.GoodsFit;
import neattrace.goods.Needs.Coloured;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.WrittenFile;
import neattrace.job.change.Owed;
import neattrace.print.Plans;
import neattrace.print.PrintLayer;

/** Writes the drawing for others. */
public final class HandOverPanel implements StationPanel {

    private static final Stop STOP =
            new Stop("hand-over", "Hand over", KeyCode.H, "M3 7 H21 V19 H3 Z M3 7 L12 14 L21 7");

    /** What can be written here. */
    public static final List<FileFormat> FORMATS =
            List.of(FileFormat.SVG, FileFormat.PDF, FileFormat.PNG, FileFormat.DXF, FileFormat.ORA);

    private final Bench bench;
    private final Workspace workspace;
    private final FileMaker maker;
    private final NumberField ppi;
    private final Label layers = new Label();
    private final VBox content = new VBox(10);
    private final VBox sizeRoom = new VBox();
    private double pngPpi = 300;
    private boolean asStrokes;

    /** The goods in whose size files are; 0 for the size of the scan. */
    private int sizedFor;

    private List<WantedGoods> offered = List.of();
    private Shown shown;

    /** Whether files of what is on the table were written. */
    private boolean written;

    /** The station on a bench. */
    public HandOverPanel(Bench bench) {
        this.bench = bench;
        this.workspace = bench.workspace();
        this.maker = new FileMaker(workspace);
        ppi = new NumberField("PNG resolution", "ppi", 10, 2400, 50, v -> pngPpi = v);
        ppi.show(pngPpi);
        layers.getStyleClass().add("measure");
        layers.setWrapText(true);
        GridPane files = new GridPane();
        files.setHgap(10);
        files.setVgap(8);
        for (int column = 0; column < 2; column++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(50);
            files.getColumnConstraints().add(half);
        }
        for (FileFormat format : FORMATS) {
            Button button = new Button("Write " + format.name() + " …");
            button.setId("write-" + format.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().setAll("answer", "wide");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(event -> choose(format));
            Label what = new Label(format.use());
            what.getStyleClass().add("hint");
            what.setWrapText(true);
            VBox cell = new VBox(4, button, what);
            files.add(cell, FORMATS.indexOf(format) % 2, FORMATS.indexOf(format) / 2);
        }
        content.getChildren().add(files);
        ChoiceField<Boolean> strokes =
                new ChoiceField<>(
                        "Lines in SVG and DXF",
                        List.of(false, true),
                        on -> on ? "single strokes along their middles" : "outlines",
                        on -> asStrokes = on);
        strokes.setId("as-strokes");
        content.getChildren()
                .addAll(
                        sizeRoom,
                        new Sentence("PNG and ORA have", ppi, "."),
                        new Sentence("In SVG and DXF lines are", strokes, "."),
                        layers);
    }

    /** The main goods first: what is handed over is meant for them. */
    private void offerSizes(List<WantedGoods> wanted) {
        if (wanted.equals(offered)) {
            return;
        }
        boolean others =
                !wanted.stream()
                        .map(WantedGoods::id)
                        .toList()
                        .equals(offered.stream().map(WantedGoods::id).toList());
        offered = wanted;
        if (others) {
            sizedFor = wanted.stream().findFirst().map(WantedGoods::id).orElse(0);
        }
        if (wanted.isEmpty()) {
            sizeRoom.getChildren().clear();
            return;
        }
        List<Integer> choices = new ArrayList<>(wanted.stream().map(WantedGoods::id).toList());
        choices.add(0);
        ChoiceField<Integer> sizes =
                new ChoiceField<>("Size of files", choices, this::sizeWords, this::setSize);
        sizes.setId("file-size");
        sizes.show(sizedFor);
        sizeRoom.getChildren().setAll(new Sentence("Files are as large as", sizes, "."));
    }

    private void setSize(int id) {
        sizedFor = id;
        showSize();
    }

    private String sizeWords(int id) {
        return offered.stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .map(
                        one ->
                                "the "
                                        + one.goods().words()
                                        + (one.weightsKept() ? ", lines as wide as drawn" : ""))
                .orElse("the scan");
    }

    private void choose(FileFormat format) {
        if (shown == null) {
            return;
        }
        bench.chooseTarget(
                "Write " + format.name(),
                FileNames.proposed(shown.drawing().job().title()),
                format.name(),
                format.ending(),
                file -> write(format, file));
    }

    /** Writes the drawing as it is shown now. */
    public void write(FileFormat format, Path file) {
        double resolution = pngPpi;
        boolean strokes = asStrokes;
        int id = sizedFor;
        workspace.whenSettled(
                String.valueOf(file.getFileName()),
                now -> write(format, file, now, new FileMaker.Wish(resolution, strokes, id)));
    }

    private void write(FileFormat format, Path file, Shown now, FileMaker.Wish wish) {
        AtomicReference<Optional<WrittenFile>> note = new AtomicReference<>(Optional.empty());
        workspace.write(
                "Wrote " + file.getFileName() + "." + FileMaker.leftOut(format, now),
                file,
                progress -> {
                    AtomicFile.write(file, out -> maker.write(format, now, wish, out, progress));
                    note.set(note(format, file, now.drawing().job(), wish.goods()));
                },
                () -> {
                    written |= now.of() == workspace.opening();
                    note.get().ifPresent(one -> workspace.noteWritten(now.of(), one));
                });
    }

    private static Optional<WrittenFile> note(FileFormat format, Path file, Job of, int goods) {
        return FileUse.of(format.name().toLowerCase(Locale.ROOT))
                .map(
                        use ->
                                Owed.written(
                                        of,
                                        use,
                                        goods,
                                        String.valueOf(file.getFileName()),
                                        LocalDateTime.now()));
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return written;
    }

    @Override
    public String purpose() {
        return "Files for others, in named layers.";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown now) {
        // What the log notes of a file that was written is no other drawing.
        written &= shown != null && shown.drawing().isMadeAs(now.drawing());
        shown = now;
        offerSizes(now.drawing().job().goods().wanted());
        showSize();
    }

    private void showSize() {
        Shown now = shown;
        if (now == null) {
            return;
        }
        Optional<GoodsFit> fit = FileMaker.fit(now.drawing(), sizedFor);
        double trim = fit.isPresent() ? 0 : now.art().trimMm();
        boolean lines =
                fit.filter(one -> one.goods().needs().coloured() == Coloured.NO).isPresent();
        List<String> names =
                new ArrayList<>(
                        Plans.of(now.art()).onScreen().stream()
                                .filter(layer -> !lines || layer.kind() != PrintLayer.Kind.FLAT)
                                .map(PrintLayer::name)
                                .toList());
        Collections.reverse(names);
        layers.setText(
                String.format(
                                Locale.ROOT,
                                "%.1f × %.1f mm%s, from the top:%n",
                                fit.map(GoodsFit::thingWidthMm).orElse(now.art().widthMm()),
                                fit.map(GoodsFit::thingHeightMm).orElse(now.art().heightMm()),
                                trim > 0
                                        ? String.format(
                                                Locale.ROOT,
                                                ", to be cropped by %.1f mm on every side",
                                                trim)
                                        : "")
                        + String.join("\n", names));
    }

    @Override
    public String whenClear() {
        return "Ready to go.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}

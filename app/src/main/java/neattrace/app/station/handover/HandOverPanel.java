package neattrace.app.station.handover;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
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
import neattrace.export.DxfWriter;
import neattrace.export.FileFormat;
import neattrace.export.OpenRasterWriter;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.export.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.change.Owed;
import neattrace.job.pipeline.Traced;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.print.PrintLayer;
import neattrace.stage.Progress;
import neattrace.trace.centre.StrokeArt;

/** Writes the drawing for others. */
public final class HandOverPanel implements StationPanel {

    private static final Stop STOP =
            new Stop("hand-over", "Hand over", KeyCode.H, "M3 7 H21 V19 H3 Z M3 7 L12 14 L21 7");

    /** What can be written here. */
    public static final List<FileFormat> FORMATS =
            List.of(FileFormat.SVG, FileFormat.PDF, FileFormat.PNG, FileFormat.DXF, FileFormat.ORA);

    private final Bench bench;
    private final Workspace workspace;
    private final NumberField ppi;
    private final Label layers = new Label();
    private final VBox content = new VBox(10);
    private double pngPpi = 300;
    private boolean asStrokes;
    private Shown shown;

    /** Whether files of what is on the table were written. */
    private boolean written;

    /** The station on a bench. */
    public HandOverPanel(Bench bench) {
        this.bench = bench;
        this.workspace = bench.workspace();
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
                        new Sentence("PNG and ORA have", ppi, "."),
                        new Sentence("In SVG and DXF lines are", strokes, "."),
                        layers);
    }

    private void choose(FileFormat format) {
        if (shown == null) {
            return;
        }
        File file =
                bench.chooseTarget(
                        "Write " + format.name(),
                        FileNames.proposed(shown.drawing().job().title()),
                        format.name(),
                        format.ending());
        if (file != null) {
            write(format, file.toPath());
        }
    }

    /** Writes the drawing as it is shown now. */
    public void write(FileFormat format, Path file) {
        double resolution = pngPpi;
        boolean strokes = asStrokes;
        workspace.whenSettled(now -> write(format, file, now, resolution, strokes));
    }

    private void write(
            FileFormat format, Path file, Shown now, double resolution, boolean strokes) {
        workspace.write(
                "Wrote " + file.getFileName() + "." + leftOut(format, now),
                file,
                () -> AtomicFile.write(file, out -> write(format, now, resolution, strokes, out)),
                () -> {
                    written = true;
                    note(format, file, now.drawing().job());
                });
    }

    private void note(FileFormat format, Path file, Job of) {
        FileUse.of(format.name().toLowerCase(Locale.ROOT))
                .ifPresent(
                        use ->
                                workspace.note(
                                        job ->
                                                Owed.written(
                                                        job,
                                                        of,
                                                        use,
                                                        String.valueOf(file.getFileName()),
                                                        LocalDateTime.now())));
    }

    /** What a format cannot hold, in plain words; empty if it holds everything. */
    private static String leftOut(FileFormat format, Shown now) {
        Artwork art = now.art();
        int areas = art.layers().stream().mapToInt(layer -> layer.pieces().size()).sum();
        if (format == FileFormat.ORA && areas > OpenRasterWriter.MOST_AREA_MASKS) {
            return String.format(
                    Locale.ROOT,
                    " With %,d areas it has masks by colour alone; up to %,d areas have their own.",
                    areas,
                    OpenRasterWriter.MOST_AREA_MASKS);
        }
        boolean coloured = !art.layers().isEmpty() || !art.colouredLines().isEmpty();
        return format == FileFormat.DXF && coloured
                ? " It holds lines alone: flats and the colours of lines are not in it."
                : "";
    }

    private void write(
            FileFormat format, Shown now, double resolution, boolean strokes, OutputStream out)
            throws IOException {
        Artwork art = now.art().forFiles();
        Traced traced = now.drawing().traced();
        switch (format) {
            case SVG ->
                    SvgWriter.write(
                            strokes ? Plans.strokes(art, strokes(traced)) : Plans.of(art), out);
            case PDF -> PdfWriter.write(Plans.of(art), out);
            case PNG -> PngWriter.write(Plans.forPixels(art), resolution, out);
            case ORA -> OpenRasterWriter.write(Plans.forPixels(art), resolution, out);
            case DXF ->
                    DxfWriter.write(
                            strokes
                                    ? Plans.cut(strokes(traced), art.widthMm(), art.heightMm())
                                    : Plans.cut(traced.lines(), art.widthMm(), art.heightMm()),
                            out);
            case TIFF -> throw new IllegalArgumentException("sheets are written at Sheet");
        }
    }

    private StrokeArt strokes(Traced traced) {
        return workspace.pipeline().strokes(traced, Progress.SILENT);
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
        List<String> names =
                new ArrayList<>(
                        Plans.of(now.art()).onScreen().stream().map(PrintLayer::name).toList());
        Collections.reverse(names);
        layers.setText(
                String.format(
                                Locale.ROOT,
                                "%.1f × %.1f mm%s, from the top:%n",
                                now.art().widthMm(),
                                now.art().heightMm(),
                                now.art().trimMm() > 0
                                        ? String.format(
                                                Locale.ROOT,
                                                ", to be cropped by %.1f mm on every side",
                                                now.art().trimMm())
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

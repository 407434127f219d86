package neattrace.app.station.handover;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
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
import neattrace.export.Artwork;
import neattrace.export.dxf.DxfWriter;
import neattrace.export.openraster.OpenRasterWriter;
import neattrace.export.pdf.PdfWriter;
import neattrace.export.png.PngWriter;
import neattrace.export.svg.StrokeSvgWriter;
import neattrace.export.svg.SvgWriter;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.job.Job;
import neattrace.job.pipeline.Traced;
import neattrace.progress.Progress;
import neattrace.trace.stroke.StrokeArt;

/** Writes the drawing for others. */
public final class HandOverPanel implements StationPanel {

    private static final Stop STOP =
            new Stop("hand-over", "Hand over", KeyCode.H, "M3 7 H21 V19 H3 Z M3 7 L12 14 L21 7");

    /** What can be written. */
    public enum Format {
        SVG("SVG", "Open vectors in mm, a layer for each swatch."),
        PDF("PDF", "For the printer: exact ink values, in layers."),
        PNG("PNG", "For screens, with a transparent ground."),
        /** Release 12. */
        DXF("DXF", "For cutters and plotters: lines only."),
        /** OpenRaster. */
        ORA("ORA", "For painters: a layer for each swatch, areas as masks.");

        private final String title;
        private final String what;

        Format(String title, String what) {
            this.title = title;
            this.what = what;
        }
    }

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
        for (Format format : Format.values()) {
            Button button = new Button("Write " + format.title + " …");
            button.setId("write-" + format.title.toLowerCase(Locale.ROOT));
            button.getStyleClass().setAll("answer", "wide");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(event -> choose(format));
            Label what = new Label(format.what);
            what.getStyleClass().add("hint");
            what.setWrapText(true);
            VBox cell = new VBox(4, button, what);
            files.add(cell, format.ordinal() % 2, format.ordinal() / 2);
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

    private void choose(Format format) {
        if (shown == null) {
            return;
        }
        String ending = format.title.toLowerCase(Locale.ROOT);
        File file =
                bench.chooseTarget(
                        "Write " + format.title,
                        FileNames.proposed(shown.drawing().job().title()),
                        format.title,
                        "." + ending);
        if (file != null) {
            write(format, file.toPath());
        }
    }

    /** Writes the drawing as it is shown now. */
    public void write(Format format, Path file) {
        double resolution = pngPpi;
        boolean strokes = asStrokes;
        workspace.whenSettled(now -> write(format, file, now, resolution, strokes));
    }

    private void write(Format format, Path file, Shown now, double resolution, boolean strokes) {
        workspace.write(
                "Wrote " + file.getFileName() + "." + leftOut(format, now),
                file,
                () -> AtomicFile.write(file, out -> write(format, now, resolution, strokes, out)),
                () -> written = true);
    }

    /** What a format cannot hold, in plain words; empty if it holds everything. */
    private static String leftOut(Format format, Shown now) {
        Artwork art = now.art();
        int areas = art.layers().stream().mapToInt(layer -> layer.pieces().size()).sum();
        if (format == Format.ORA && areas > OpenRasterWriter.MOST_AREA_MASKS) {
            return String.format(
                    Locale.ROOT,
                    " With %,d areas it has masks by colour alone; up to %,d areas have their own.",
                    areas,
                    OpenRasterWriter.MOST_AREA_MASKS);
        }
        boolean coloured = !art.layers().isEmpty() || !art.colouredLines().isEmpty();
        return format == Format.DXF && coloured
                ? " It holds lines alone: flats and the colours of lines are not in it."
                : "";
    }

    private void write(
            Format format, Shown now, double resolution, boolean strokes, OutputStream out)
            throws IOException {
        Artwork art = now.art().forFiles();
        Traced traced = now.drawing().traced();
        switch (format) {
            case SVG -> {
                if (strokes) {
                    StrokeSvgWriter.write(art, strokes(traced), out);
                } else {
                    SvgWriter.write(art, out);
                }
            }
            case PDF -> PdfWriter.write(art, out);
            case PNG -> PngWriter.write(art, resolution, out);
            case ORA -> OpenRasterWriter.write(art, resolution, out);
            case DXF -> {
                if (strokes) {
                    DxfWriter.strokes(strokes(traced), art.widthMm(), art.heightMm(), out);
                } else {
                    DxfWriter.outlines(traced.lines(), art.widthMm(), art.heightMm(), out);
                }
            }
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
        written &= shown != null && shown.drawing() == now.drawing();
        shown = now;
        List<String> names = new ArrayList<>();
        if (!now.art().lines().isEmpty() || now.art().colouredLines().isEmpty()) {
            names.add("Lines, " + now.art().black().build());
        }
        for (LineLayer layer : now.art().colouredLines()) {
            names.add("Lines " + now.art().layerName(layer.swatch()));
        }
        for (int i = now.art().layers().size() - 1; i >= 0; i--) {
            FlatLayer layer = now.art().layers().get(i);
            names.add(now.art().layerName(layer.swatch()));
        }
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

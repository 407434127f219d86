package neattrace.app.station.handover;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
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
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.job.Job;
import neattrace.job.pipeline.Traced;
import neattrace.progress.Progress;
import neattrace.trace.stroke.StrokeArt;

/** Writes the drawing for others. */
public final class HandOverPanel implements Panel {

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

    private final Workspace workspace;
    private final Consumer<Station> go;
    private final NumberField ppi;
    private final Label layers = new Label();
    private final VBox content = new VBox(10);
    private double pngPpi = 300;
    private boolean asStrokes;
    private Shown shown;

    /**
     * The panel of a workspace.
     *
     * @param go leads to the station where something is still to be decided
     */
    public HandOverPanel(Workspace workspace, Consumer<Station> go) {
        this.workspace = workspace;
        this.go = go;
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
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write " + format.title);
        chooser.setInitialFileName(
                FileNames.proposed(shown.drawing().job().title()) + "." + ending);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(format.title, "*." + ending));
        File file = chooser.showSaveDialog(content.getScene().getWindow());
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
                () -> {});
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
    public Station station() {
        return Station.HAND_OVER;
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
    public List<Finding> findings(Shown now) {
        List<Finding> findings = new ArrayList<>();
        long colourless =
                now.drawing().job().swatches().stream()
                        .filter(swatch -> !used(now).contains(swatch.id()))
                        .count();
        if (colourless > 0) {
            findings.add(
                    Finding.general(
                            colourless == 1
                                    ? "1 swatch is used nowhere"
                                    : colourless + " swatches are used nowhere",
                            "They are not written; a printer would ask about them.",
                            new Answer("Remove them", () -> removeUnused(now))));
        }
        List<String> spots =
                now.drawing().job().swatches().stream()
                        .filter(swatch -> swatch.spot().isPresent())
                        .filter(swatch -> used(now).contains(swatch.id()))
                        .map(Swatch::name)
                        .toList();
        if (!spots.isEmpty()) {
            findings.add(
                    Finding.general(
                            String.join(", ", spots)
                                    + (spots.size() == 1 ? " has" : " have")
                                    + " no ink of its own in files",
                            "It is kept with the job as an ink of its own; files have it as CMYK"
                                    + " for now. Tell your printer.",
                            new Answer("Look at Press", () -> go.accept(Station.PRESS))));
        }
        int bare = now.drawing().emptyAreas().size();
        boolean coloured = !now.art().layers().isEmpty();
        if (coloured && bare > 0) {
            findings.add(
                    Finding.general(
                            bare == 1 ? "1 area is still bare" : bare + " areas are still bare",
                            "Missed areas show as white spots on the finished thing.",
                            new Answer("Look at Flats", () -> go.accept(Station.FLATS))));
        }
        if (!now.drawing().attachment().lost().isEmpty()) {
            findings.add(
                    Finding.general(
                            "A colour lost its area",
                            "It is not in the files.",
                            new Answer("Look at Flats", () -> go.accept(Station.FLATS))));
        }
        return findings;
    }

    /** The swatches that flats and lines are made of. */
    private static List<Integer> used(Shown now) {
        List<Integer> used = new ArrayList<>();
        now.art().layers().forEach(layer -> used.add(layer.swatch().id()));
        // What forms cover altogether is used all the same.
        used.addAll(now.drawing().attachment().swatchOf().values());
        now.art().colouredLines().forEach(layer -> used.add(layer.swatch().id()));
        return used;
    }

    private void removeUnused(Shown now) {
        List<Integer> used = used(now);
        workspace.change(
                "Remove unused swatches",
                job -> {
                    Job less = job;
                    for (Swatch swatch : job.swatches()) {
                        less = used.contains(swatch.id()) ? less : less.withoutSwatch(swatch.id());
                    }
                    return less;
                });
    }

    @Override
    public String whenSettled() {
        return "Ready to go.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}

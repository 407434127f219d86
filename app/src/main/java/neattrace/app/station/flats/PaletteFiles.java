package neattrace.app.station.flats;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import neattrace.files.AtomicFile;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.PaletteFile;
import neattrace.flat.exchange.PaletteFile.Format;
import neattrace.job.Job;
import neattrace.job.file.JobFile;

/** Swatches written for other programs, and read from them. */
final class PaletteFiles {

    private final FlatsDesk desk;
    private final MenuButton export = new MenuButton("Write as");

    PaletteFiles(FlatsDesk desk) {
        this.desk = desk;
        export.setId("export-palette");
        export.getStyleClass().add("answer-menu");
        for (Format format : Format.values()) {
            MenuItem item = new MenuItem(format.words());
            item.setOnAction(event -> write(format));
            export.getItems().add(item);
        }
    }

    /** Writes in a format that is chosen. */
    MenuButton export() {
        return export;
    }

    private void write(Format format) {
        desk.chooseTarget(
                "Write the palette",
                desk.job().title(),
                format.ending(),
                file -> write(format, file));
    }

    /** Writes the swatches of the colourway that is shown. */
    void write(Format format, Path file) {
        List<Swatch> swatches = desk.job().swatches();
        desk.workspace()
                .write(
                        "Wrote " + file.getFileName() + ".",
                        file,
                        progress ->
                                AtomicFile.write(
                                        file,
                                        out ->
                                                PaletteFile.write(
                                                        swatches,
                                                        format,
                                                        desk.workspace().press(),
                                                        out)),
                        () -> {});
    }

    /** Lets the user choose a file to read. */
    void choose() {
        File file =
                desk.choose(
                        "Read a palette",
                        "Palettes and other jobs",
                        "*.txt",
                        "*.hex",
                        "*.css",
                        "*.csv",
                        "*.json",
                        "*.cxf",
                        "*" + JobFile.ENDING);
        if (file != null) {
            read(file.toPath());
        }
    }

    /** Adds the swatches of a file to the palette. */
    void read(Path file) {
        desk.workspace()
                .derive(
                        "Read a palette",
                        progress -> {
                            List<Swatch> read =
                                    file.toString().endsWith(JobFile.ENDING)
                                            ? JobFile.open(file).swatches()
                                            : PaletteFile.read(
                                                    Files.readAllBytes(file),
                                                    file.getFileName().toString(),
                                                    desk.workspace().press());
                            return job -> with(job, read);
                        });
    }

    private static Job with(Job job, List<Swatch> read) {
        Job next = job;
        for (Swatch swatch : read) {
            next = next.withSwatch(swatch.withId(next.freeSwatchId()));
        }
        return next;
    }
}

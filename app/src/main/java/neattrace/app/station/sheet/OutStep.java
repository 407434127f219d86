package neattrace.app.station.sheet;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.export.onebit.OneBitWriter.Format;
import neattrace.files.FileNames;
import neattrace.job.pipeline.Drawing;
import neattrace.job.recipe.NamedRecipe;
import neattrace.job.recipe.RecipeException;
import neattrace.job.recipe.RecipeFile;
import neattrace.job.sheets.MadeSheet;
import neattrace.job.sheets.SheetMaker;
import neattrace.job.sheets.SheetWish;
import neattrace.raster.Resolution;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetStep;

/** One-bit files, and settings that are kept for the next scan. */
final class OutStep implements RecipeStep {

    private final Desk desk;
    private final NumberField ppi;
    private final TextField name = new TextField();
    private final MenuButton kept = new MenuButton("Use kept settings");
    private final Hint hint = new Hint("");
    private final VBox content;
    private Format format = Format.TIFF;

    /** As set by the user; 0 takes the sheet's own. */
    private double outPpi;

    OutStep(Desk desk) {
        this.desk = desk;
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
        name.setPromptText("matt paper, 0.3 pen");
        name.setId("recipe-name");
        name.setAccessibleText("Name for these settings");
        name.getStyleClass().add("plain-field");
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setOnAction(event -> keep());
        kept.setId("kept-recipes");
        kept.getStyleClass().add("answer-menu");
        kept.setOnShowing(event -> fillKept());
        fillKept();
        HBox keep = new HBox(6, name, Buttons.small("Keep settings", "keep-recipe", this::keep));
        FlowPane more =
                new FlowPane(
                        6,
                        6,
                        kept,
                        Buttons.small(
                                "Use on a folder of scans …", "folder-of-scans", this::folder));
        content =
                new VBox(
                        8,
                        new Sentence("Black and white in a", formats, "at", ppi, "."),
                        Buttons.small("Write the sheet …", "write-sheet", this::choose),
                        keep,
                        more,
                        hint);
    }

    private void choose() {
        Drawing drawing = desk.drawing();
        String ending = format == Format.TIFF ? ".tif" : ".png";
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write the sheet");
        chooser.setInitialFileName(FileNames.proposed(drawing.job().title() + " sheet") + ending);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Sheet", "*" + ending));
        File file = chooser.showSaveDialog(content.getScene().getWindow());
        if (file != null) {
            boolean named = SheetMaker.format(file.toPath()).isPresent();
            write(named ? file.toPath() : Path.of(file.getPath() + ending));
        }
    }

    /** Writes the sheet as it stands. */
    void write(Path target) {
        desk.workspace().whenSettled(shown -> write(target, shown.drawing()));
    }

    private void write(Path target, Drawing drawing) {
        MadeSheet sheet = new MadeSheet(drawing.reading(), drawing.resolution().ppi(), 0);
        double wanted = outPpi;
        desk.workspace()
                .write(
                        "Wrote " + target.getFileName() + ".",
                        target,
                        () -> SheetMaker.write(sheet, target, wanted),
                        () -> {});
    }

    private void keep() {
        SheetRecipe recipe = desk.recipe();
        String words = name.getText().strip();
        if (words.isEmpty()) {
            desk.workspace().say("Give the settings a name first.");
            name.requestFocus();
            return;
        }
        try {
            NamedRecipe named = new NamedRecipe(words, recipe);
            desk.workspace()
                    .write(
                            "Kept as “" + named.name() + "”.",
                            () -> desk.workspace().folders().recipes().keep(named),
                            this::fillKept);
        } catch (IllegalArgumentException e) {
            desk.workspace().say("Not kept: " + e.getMessage() + ".");
        }
    }

    private void fillKept() {
        kept.getItems().clear();
        List<NamedRecipe> all = desk.workspace().folders().recipes().all();
        if (all.isEmpty()) {
            MenuItem none = new MenuItem("Nothing is kept yet");
            none.setDisable(true);
            kept.getItems().addAll(none, new SeparatorMenuItem(), fromFile());
            return;
        }
        for (NamedRecipe named : all) {
            MenuItem item = new MenuItem(named.name());
            item.setMnemonicParsing(false);
            item.setOnAction(event -> use(named));
            kept.getItems().add(item);
        }
        kept.getItems().addAll(new SeparatorMenuItem(), fromFile());
        for (NamedRecipe named : all) {
            MenuItem forget = new MenuItem("Forget " + named.name());
            forget.setMnemonicParsing(false);
            forget.setOnAction(
                    event ->
                            desk.workspace()
                                    .write(
                                            "Forgot “" + named.name() + "”.",
                                            () ->
                                                    desk.workspace()
                                                            .folders()
                                                            .recipes()
                                                            .discard(named.name()),
                                            this::fillKept));
            kept.getItems().add(forget);
        }
    }

    private MenuItem fromFile() {
        MenuItem item = new MenuItem("From a file …");
        item.setOnAction(
                event -> {
                    FileChooser chooser = new FileChooser();
                    chooser.setTitle("Use kept settings");
                    chooser.getExtensionFilters()
                            .add(
                                    new FileChooser.ExtensionFilter(
                                            "Settings", "*" + RecipeFile.ENDING));
                    File file = chooser.showOpenDialog(content.getScene().getWindow());
                    if (file != null) {
                        useFile(file.toPath());
                    }
                });
        return item;
    }

    /** Takes over settings from a file; a file that cannot be used changes nothing. */
    void useFile(Path file) {
        try {
            use(RecipeFile.open(file));
        } catch (RecipeException e) {
            desk.workspace().tellTrouble(e);
        }
    }

    /** Takes over everything but what belongs to this sheet alone. */
    void use(NamedRecipe named) {
        desk.change("Settings " + named.name(), recipe -> recipe.withSettingsOf(named.recipe()));
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
    void make(Path scans, Path sheets) {
        SheetWish wish =
                new SheetWish(desk.recipe().forOtherSheets(), 0, outPpi, false, false, false);
        desk.workspace().sheetMaking().make(scans, sheets, wish, format);
    }

    @Override
    public String title() {
        return "Out";
    }

    @Override
    public String state(Shown shown) {
        return String.format(Locale.ROOT, "%.0f ppi", shownPpi(shown));
    }

    private double shownPpi(Shown shown) {
        return outPpi == 0 ? shown.drawing().resolution().ppi() : outPpi;
    }

    @Override
    public SheetStep part() {
        return null;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        ppi.show(shownPpi(shown));
        Drawing drawing = shown.drawing();
        hint.setText(
                String.format(
                        Locale.ROOT,
                        "%.1f × %.1f mm, straight for film or plates. Crop, masks and patches stay"
                                + " with this sheet; kept settings leave them out.",
                        drawing.widthMm(),
                        drawing.heightMm()));
    }
}

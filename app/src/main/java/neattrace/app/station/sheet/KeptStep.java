package neattrace.app.station.sheet;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.work.Shown;
import neattrace.job.file.NamedRecipe;
import neattrace.job.file.RecipeException;
import neattrace.job.file.RecipeFile;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetStep;

/** Settings that are kept for the next scan. */
final class KeptStep implements RecipeStep {

    private final Desk desk;
    private final TextField name = new TextField();
    private final MenuButton kept = new MenuButton("Use kept settings");
    private final VBox content;
    private int count;

    KeptStep(Desk desk) {
        this.desk = desk;
        name.setPromptText("name for these settings");
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
        content =
                new VBox(
                        8,
                        new Hint(
                                "Kept under a name, these settings serve the next scan. Crop, masks"
                                        + " and patches stay with this sheet."),
                        keep,
                        kept);
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
                    .keep(
                            "Kept as “" + named.name() + "”.",
                            named.name(),
                            progress -> desk.workspace().folders().recipes().keep(named),
                            this::fillKept);
        } catch (IllegalArgumentException e) {
            desk.workspace().say("Not kept: " + e.getMessage() + ".");
        }
    }

    private void fillKept() {
        kept.getItems().clear();
        List<NamedRecipe> all = desk.workspace().folders().recipes().all();
        count = all.size();
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
                                    .keep(
                                            "Forgot “" + named.name() + "”.",
                                            named.name(),
                                            progress ->
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

    @Override
    public String title() {
        return "Kept";
    }

    @Override
    public String state(Shown shown) {
        return count == 0 ? "none yet" : count == 1 ? "1 setting" : count + " settings";
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
        // What is kept belongs to no drawing.
    }
}

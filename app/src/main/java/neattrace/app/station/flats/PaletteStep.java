package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.Fill;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.flat.review.FlatReview;
import neattrace.job.Job;
import neattrace.job.change.Colouring;
import neattrace.print.Artwork;

/** The swatch in hand, the order of swatches, colourways, and palettes of other files. */
final class PaletteStep implements Step {

    private final FlatsDesk desk;
    private final SwatchEditor editor;
    private final TextField group = new TextField();
    private final TextField wayName = new TextField();
    private final MenuButton replace = new MenuButton("Replace it by");
    private final PaletteFiles files;
    private final VBox swatchTools = new VBox(8);
    private final ColourwayRow ways;
    private final ColourwayWall wall;
    private final Button sideBySide;
    private final Button drop;
    private final VBox content;

    PaletteStep(FlatsDesk desk) {
        this.desk = desk;
        files = new PaletteFiles(desk);
        ways =
                new ColourwayRow(
                        index -> desk.changePalette("Colourway", now -> now.showing(index)));
        wall =
                new ColourwayWall(
                        index -> desk.changePalette("Colourway", now -> now.showing(index)),
                        desk.greyGround());
        sideBySide = Buttons.small("Side by side", "side-by-side", this::hang);
        drop = Buttons.small("Drop this colourway", "drop-colourway", this::dropWay);
        editor = new SwatchEditor(this::edited, this::remove);
        field(group, "name of a group", "group-of-swatch", "Group of the swatch");
        group.setOnAction(event -> regroup());
        field(wayName, "name of a colourway", "colourway-name", "Name of the colourway");
        wayName.setOnAction(event -> newWay());
        menu(replace, "replace-swatch");
        replace.setOnShowing(event -> fillReplace());
        replace.getItems().add(new MenuItem("…"));
        FlowPane order = new FlowPane(6, 6);
        order.getChildren()
                .addAll(
                        Buttons.small("Move it up", "swatch-up", () -> move(-1)),
                        Buttons.small("Move it down", "swatch-down", () -> move(1)),
                        Buttons.small("Lock it or unlock it", "swatch-lock", this::lock),
                        Buttons.small("Make it an ink of its own", "swatch-spot", this::spot),
                        replace,
                        editor.removeButton());
        swatchTools
                .getChildren()
                .addAll(
                        editor,
                        new HBox(
                                6,
                                group,
                                Buttons.small("Put it in that group", "regroup", this::regroup)),
                        order);
        FlowPane more = new FlowPane(6, 6);
        more.getChildren()
                .addAll(
                        sideBySide,
                        drop,
                        files.export(),
                        Buttons.small("Read a palette …", "read-palette", files::choose));
        content =
                new VBox(
                        8,
                        swatchTools,
                        ways,
                        new HBox(
                                6,
                                wayName,
                                Buttons.small("New colourway", "new-colourway", this::newWay)),
                        more);
    }

    private static void field(TextField field, String prompt, String id, String name) {
        field.setPromptText(prompt);
        field.setId(id);
        field.setAccessibleText(name);
        field.getStyleClass().add("plain-field");
        HBox.setHgrow(field, Priority.ALWAYS);
    }

    private static void menu(MenuButton menu, String id) {
        menu.setId(id);
        menu.getStyleClass().add("answer-menu");
    }

    private Optional<Swatch> inHand() {
        return desk.job().swatch(desk.inHand().get());
    }

    private void edited(Swatch swatch) {
        desk.change("Change " + swatch.name(), job -> job.withSwatch(swatch));
    }

    private void remove(int id) {
        desk.change("Remove a swatch", job -> job.withoutSwatch(id));
        desk.inHand().set(Fill.PAPER);
    }

    private void regroup() {
        inHand().ifPresent(
                        swatch ->
                                desk.change(
                                        "Group of a swatch",
                                        job -> job.withSwatch(swatch.withGroup(group.getText()))));
    }

    private void lock() {
        inHand().ifPresent(
                        swatch ->
                                desk.change(
                                        swatch.locked() ? "Unlock a swatch" : "Lock a swatch",
                                        job ->
                                                job.withSwatch(
                                                        swatch.withLocked(!swatch.locked()))));
    }

    /** A spot ink looks as its build does until a measured colour is read for it. */
    private void spot() {
        inHand().ifPresent(
                        swatch -> {
                            boolean own = swatch.spot().isPresent();
                            desk.change(
                                    own ? "Process inks" : "An ink of its own",
                                    job ->
                                            job.withSwatch(
                                                    swatch.withSpot(
                                                            own
                                                                    ? Optional.empty()
                                                                    : Optional.of(
                                                                            FlatReview.look(
                                                                                    swatch,
                                                                                    desk.workspace()
                                                                                            .press())))));
                            desk.workspace()
                                    .say(
                                            swatch.name()
                                                    + (own
                                                            ? " is printed with process inks."
                                                            : " is an ink of its own; CxF, CSV and"
                                                                    + " JSON carry its colour."));
                        });
    }

    private void move(int by) {
        int id = desk.inHand().get();
        desk.change(
                "Order of swatches",
                job -> {
                    List<Swatch> next = new ArrayList<>(job.swatches());
                    int at =
                            IntStream.range(0, next.size())
                                    .filter(i -> next.get(i).id() == id)
                                    .findFirst()
                                    .orElse(-1);
                    int to = at + by;
                    if (at < 0 || to < 0 || to >= next.size()) {
                        return job;
                    }
                    next.add(to, next.remove(at));
                    return job.withSwatches(next);
                });
    }

    private void fillReplace() {
        replace.getItems().clear();
        int from = desk.inHand().get();
        for (Swatch swatch : desk.job().swatches()) {
            if (swatch.id() != from) {
                MenuItem item = new MenuItem(swatch.name());
                item.setMnemonicParsing(false);
                item.setOnAction(event -> merge(from, swatch.id()));
                replace.getItems().add(item);
            }
        }
        if (replace.getItems().isEmpty()) {
            MenuItem none = new MenuItem("There is no other swatch");
            none.setDisable(true);
            replace.getItems().add(none);
        }
    }

    private void merge(int from, int into) {
        desk.change("Replace a swatch", job -> Colouring.merged(job, from, into));
        desk.inHand().set(into);
    }

    private void newWay() {
        String name = wayName.getText().strip();
        if (name.isEmpty()) {
            desk.workspace().say("Give the colourway a name first.");
            wayName.requestFocus();
            return;
        }
        desk.changePalette("New colourway", palette -> palette.withColourway(name));
        wayName.clear();
        desk.workspace()
                .say(
                        "“"
                                + name
                                + "” starts as what you see; changed inks are changed in it alone.");
    }

    /** Palettes of other files. */
    PaletteFiles files() {
        return files;
    }

    /** Where the colourways hang side by side, over the table. */
    ColourwayWall wall() {
        return wall;
    }

    private void hang() {
        wall.show(desk.shown().art(), desk.job().palette());
    }

    private void showWays(Artwork art, Palette palette) {
        ways.show(art, palette);
        wall.refresh(art, palette);
        sideBySide.setVisible(!palette.colourways().isEmpty());
        sideBySide.setManaged(!palette.colourways().isEmpty());
        drop.setVisible(palette.shown() != Palette.FIRST);
        drop.setManaged(palette.shown() != Palette.FIRST);
    }

    private void dropWay() {
        desk.changePalette(
                "Drop a colourway",
                now -> now.shown() == Palette.FIRST ? now : now.withoutColourway(now.shown()));
    }

    @Override
    public String title() {
        return "Palette";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().swatches().size();
        return count == 1 ? "1 swatch" : count + " swatches";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = desk.job();
        Optional<Swatch> swatch = inHand();
        editor.show(swatch.orElse(null));
        swatchTools.setVisible(swatch.isPresent());
        swatchTools.setManaged(swatch.isPresent());
        if (!group.isFocused()) {
            group.setText(swatch.map(Swatch::group).orElse(""));
        }
        showWays(shown.art(), job.palette());
    }
}

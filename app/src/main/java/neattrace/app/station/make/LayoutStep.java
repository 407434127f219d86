package neattrace.app.station.make;

import java.io.File;
import java.io.IOException;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.files.Shelf;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.goods.PaperSize;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;

/** What a sheet shares with the others of its range: set here, kept, and taken from others. */
final class LayoutStep implements Step {

    private final Bench bench;
    private final SheetDesk desk;
    private final VBox content = new VBox(7);
    private final VBox open;
    private final LayoutSentences sentences;
    private final Node without =
            new Hint(
                    "Make a sheet or open one at Sheet; its paper, header and footer are set here.");
    private final MenuButton take = new MenuButton("Take a layout …");

    LayoutStep(Bench bench) {
        this.bench = bench;
        this.desk = bench.workspace().sheetDesk();
        take.setId("take-layout");
        take.getStyleClass().add("answer-menu");
        take.setOnShowing(event -> fillMenu());
        sentences = new LayoutSentences(desk, bench.workspace().press());
        open =
                new VBox(
                        7,
                        sentences,
                        new FlowPane(
                                6, 6, take, Buttons.small("Keep it", "keep-layout", this::keep)));
        desk.historyProperty().addListener(property -> show());
        show();
    }

    private void fillMenu() {
        take.getItems().clear();
        add("Usual", SheetLayout.USUAL);
        for (SheetLayout kept : shelf().all()) {
            add(kept.name(), kept);
        }
        MenuItem file = new MenuItem("From a file …");
        file.setOnAction(event -> fromFile());
        take.getItems().addAll(new SeparatorMenuItem(), file);
    }

    private void add(String words, SheetLayout layout) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> take(layout));
        take.getItems().add(item);
    }

    private void fromFile() {
        File file = bench.choose("A layout from a file", "Layouts", "*" + LayoutFile.ENDING);
        if (file == null) {
            return;
        }
        try {
            take(LayoutFile.open(file.toPath()));
        } catch (IOException e) {
            bench.workspace().tellTrouble(e);
        }
    }

    /** The sheet takes a layout. */
    void take(SheetLayout layout) {
        desk.change(
                "Layout " + layout.name(), sheet -> sheet.withLayout(layout), GangWork.MAKE_ROOM);
    }

    private Shelf<SheetLayout> shelf() {
        return bench.workspace().folders().layouts();
    }

    /** Keeps the layout under its name, for other sheets of the range. */
    private void keep() {
        try {
            SheetLayout layout = desk.sheet().layout();
            shelf().keep(layout);
            bench.say("Kept the layout “" + layout.name() + "” for other sheets.");
        } catch (IOException e) {
            bench.workspace().tellTrouble(e);
        }
    }

    private void show() {
        GangSheet sheet = desk.sheet();
        Node now = sheet == null ? without : open;
        if (content.getChildren().isEmpty() || content.getChildren().get(0) != now) {
            content.getChildren().setAll(now);
        }
        if (sheet != null) {
            sentences.show(sheet);
        }
    }

    @Override
    public String title() {
        return "Layout";
    }

    @Override
    public String state(Shown shown) {
        GangSheet sheet = desk.sheet();
        if (sheet == null) {
            return "of a sheet";
        }
        return PaperSize.of(sheet.layout().widthMm(), sheet.layout().heightMm())
                .map(PaperSize::label)
                .orElse("own size");
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

package neattrace.app.station.brief;

import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFile;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.WantedGoods;

/** What it will be: the goods, and the size of those that are looked at. */
final class GoodsStep implements Step {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final BriefDesk desk;
    private final Hint scan = new Hint("");
    private final VBox rows = new VBox(4);
    private final Hint none =
            new Hint("As long as nobody has said, it is checked at the size of the scan.");
    private final MenuButton more = new MenuButton("It will be …");
    private final VBox sizeRoom = new VBox();
    private final VBox content;
    private Optional<SizeSentences> size = Optional.empty();
    private Button main;

    GoodsStep(BriefDesk desk) {
        this.desk = desk;
        more.setId("add-goods");
        more.getStyleClass().add("answer-menu");
        more.setOnShowing(event -> fillMenu());
        fillMenu();
        scan.setMinHeight(Region.USE_PREF_SIZE);
        content = new VBox(8, scan, rows, none, more, sizeRoom);
        desk.chosenProperty().addListener(property -> showChosen());
    }

    /** Says how large the drawing is on the scan. */
    void tellOfScan(String words) {
        scan.setText(words);
    }

    private void fillMenu() {
        more.getItems().clear();
        for (Goods goods : UsualGoods.all()) {
            more.getItems().add(item(goods.name(), goods));
        }
        List<Goods> kept = desk.workspace().folders().goods().all();
        if (!kept.isEmpty()) {
            more.getItems().add(new SeparatorMenuItem());
        }
        for (Goods goods : kept) {
            more.getItems().add(item(goods.name() + " (" + goods.kind().noun() + ")", goods));
        }
        MenuItem file = new MenuItem("From a file …");
        file.setOnAction(event -> fromFile());
        more.getItems().addAll(new SeparatorMenuItem(), file);
    }

    private MenuItem item(String words, Goods goods) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> desk.add(goods));
        return item;
    }

    private void fromFile() {
        File file = desk.bench().choose("Goods from a file", "Goods", "*" + GoodsFile.ENDING);
        if (file == null) {
            return;
        }
        try {
            desk.add(GoodsFile.open(file.toPath()));
        } catch (IOException e) {
            desk.workspace().tellTrouble(e);
        }
    }

    @Override
    public String title() {
        return "Goods";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().goods().wanted().size();
        return count == 0 ? "not decided" : count == 1 ? "1 kind" : count + " kinds";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = desk.job();
        none.setVisible(job.goods().wanted().isEmpty());
        none.setManaged(none.isVisible());
        more.setText(job.goods().wanted().isEmpty() ? "It will be …" : "And also …");
        rows.getChildren().setAll(job.goods().wanted().stream().map(this::row).toList());
        showChosen();
    }

    private Node row(WantedGoods one) {
        Label name = new Label(one.goods().name());
        name.getStyleClass().add("goods-name");
        Label measure = new Label(one.goods().size());
        measure.getStyleClass().add("tile-state");
        measure.setMinWidth(Region.USE_PREF_SIZE);
        Region push = new Region();
        HBox.setHgrow(push, Priority.ALWAYS);
        boolean main = desk.job().goods().main().filter(one::equals).isPresent();
        Label mark = new Label(main ? "main" : "");
        mark.getStyleClass().add("tile-state");
        Button row = new Button();
        row.setGraphic(new HBox(8, name, measure, push, mark));
        row.getStyleClass().setAll("goods-row");
        row.setId("goods-row-" + one.id());
        row.setMaxWidth(Double.MAX_VALUE);
        row.setAccessibleText(
                String.format(
                        Locale.ROOT,
                        "%s %s%s",
                        one.goods().name(),
                        one.goods().size(),
                        main ? ", the main goods" : ""));
        row.setOnAction(event -> desk.choose(one.id()));
        return row;
    }

    private void showChosen() {
        Optional<WantedGoods> chosen = desk.chosen();
        for (Node row : rows.getChildren()) {
            boolean is = chosen.filter(c -> row.getId().equals("goods-row-" + c.id())).isPresent();
            row.pseudoClassStateChanged(CHOSEN, is);
        }
        if (chosen.isEmpty()) {
            size = Optional.empty();
            sizeRoom.getChildren().clear();
            return;
        }
        WantedGoods goods = chosen.get();
        if (size.filter(one -> one.fits(goods)).isEmpty()) {
            SizeSentences next = new SizeSentences(desk, goods);
            sizeRoom.getChildren().setAll(next, buttons(goods.id()));
            sizeRoom.setSpacing(8);
            size = Optional.of(next);
        }
        size.get().show(desk.job());
        main.setDisable(desk.job().goods().main().filter(goods::equals).isPresent());
    }

    private Node buttons(int id) {
        main =
                Buttons.small(
                        "Make it the main one",
                        "main-goods",
                        () ->
                                desk.bench()
                                        .change(
                                                "Main goods",
                                                job -> job.withGoods(job.goods().withMain(id))));
        Button away =
                Buttons.small(
                        "Take it away",
                        "remove-goods",
                        () ->
                                desk.bench()
                                        .change(
                                                "Without goods",
                                                job -> job.withGoods(job.goods().without(id))));
        return new HBox(6, main, away);
    }
}

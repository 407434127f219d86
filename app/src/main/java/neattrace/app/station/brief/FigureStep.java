package neattrace.app.station.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.files.FileNames;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFile;
import neattrace.goods.Needs.Coloured;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.setting.GoodsSettings;
import neattrace.job.setting.Option;
import neattrace.job.setting.Quantity;

/** What the goods that are looked at hold and ask for, and goods kept under a name. */
final class FigureStep implements Step {

    private final BriefDesk desk;
    private final Hint about = new Hint("");
    private final VBox sentences = new VBox(6);
    private final TextField name = new TextField();
    private final VBox content;
    private final List<Consumer<Job>> shows = new ArrayList<>();
    private int shownId;

    FigureStep(BriefDesk desk) {
        this.desk = desk;
        name.setPromptText("name for these goods");
        name.setId("goods-name");
        name.setAccessibleText("Name for these goods");
        name.getStyleClass().add("plain-field");
        name.setOnAction(event -> keep());
        HBox.setHgrow(name, Priority.ALWAYS);
        content =
                new VBox(
                        8,
                        about,
                        sentences,
                        new HBox(6, name, Buttons.small("Keep goods", "keep-goods", this::keep)),
                        new FlowPane(
                                6,
                                6,
                                Buttons.small("Pass them on …", "pass-on-goods", this::passOn)));
        desk.chosenProperty().addListener(property -> showChosen());
    }

    private void keep() {
        String words = name.getText().strip();
        Optional<WantedGoods> chosen = desk.chosen();
        if (chosen.isEmpty() || words.isEmpty()) {
            desk.bench().say("Choose goods and give them a name first.");
            name.requestFocus();
            return;
        }
        try {
            Goods named = chosen.get().goods().withName(words);
            desk.workspace()
                    .keep(
                            "Kept as “" + named.name() + "”.",
                            named.name(),
                            progress -> desk.workspace().folders().goods().keep(named),
                            desk.workspace()
                                    .whileOpen(() -> called(chosen.get().id(), named.name())));
        } catch (IllegalArgumentException e) {
            desk.bench().say("Not kept: " + e.getMessage() + ".");
        }
    }

    private void called(int id, String words) {
        name.clear();
        desk.bench()
                .change(
                        "Name of goods",
                        job -> job.changed(id, one -> one.withGoods(one.goods().withName(words))));
    }

    private void passOn() {
        Optional<WantedGoods> chosen = desk.chosen();
        if (chosen.isEmpty()) {
            desk.bench().say("Choose goods first.");
            return;
        }
        Goods goods = chosen.get().goods();
        desk.bench()
                .chooseTarget(
                        "Pass goods on",
                        FileNames.proposed(goods.name()),
                        "Goods",
                        GoodsFile.ENDING,
                        file ->
                                desk.workspace()
                                        .write(
                                                "Wrote " + file.getFileName() + ".",
                                                file,
                                                progress -> GoodsFile.save(file, goods),
                                                () -> {}));
    }

    @Override
    public String title() {
        return "Figures";
    }

    @Override
    public String state(Shown shown) {
        return desk.chosen()
                .map(
                        one ->
                                String.format(
                                        Locale.ROOT,
                                        "%s mm",
                                        trimmed(one.goods().detail().lineMm())))
                .orElse("usual");
    }

    private static String trimmed(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm).replaceAll("0$", "");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        showChosen();
    }

    private void showChosen() {
        Optional<WantedGoods> chosen = desk.chosen();
        if (chosen.isEmpty()) {
            shownId = 0;
            sentences.getChildren().clear();
            shows.clear();
            about.setText("Say at Goods what it will be; its figures are set here.");
            return;
        }
        WantedGoods goods = chosen.get();
        about.setText(
                "Of the "
                        + goods.goods().words()
                        + ". As they come, these are common practice; your printer may say"
                        + " otherwise.");
        if (shownId != goods.id()) {
            fill(goods);
            shownId = goods.id();
        }
        shows.forEach(one -> one.accept(desk.job()));
    }

    private NumberField field(Quantity setting) {
        NumberField field = desk.bench().field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    private <T> ChoiceField<T> field(Option<T> setting) {
        ChoiceField<T> field = desk.bench().field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    private void fill(WantedGoods goods) {
        shows.clear();
        GoodsSettings set = GoodsSettings.of(goods.id());
        sentences
                .getChildren()
                .setAll(
                        new Sentence(
                                "It holds lines from",
                                field(set.line()),
                                "and paper between them from",
                                field(set.gap()),
                                "on."),
                        new Sentence("A circle of", field(set.area()), "fits into every area."),
                        new Sentence("Small letters are at least", field(set.xHeight()), "high."),
                        new Sentence("It is looked at from", field(set.viewing()), "away."),
                        new Sentence("It wants", field(set.ppi()), "."));
        if (goods.goods().needs().coloured() != Coloured.NO) {
            sentences
                    .getChildren()
                    .addAll(
                            new Sentence("It takes", field(set.inks()), "inks; 0 is any number."),
                            new Sentence(
                                    "No place has more than",
                                    field(set.inkLimit()),
                                    "ink; black is",
                                    field(set.black()),
                                    "."));
        }
    }
}

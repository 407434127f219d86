package neattrace.app.station.brief;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.Costs;
import neattrace.goods.GoodsFit;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.setting.CostSettings;
import neattrace.job.setting.Quantity;
import neattrace.plan.JobTasks;
import neattrace.plan.PriceList;

/** What the goods that are looked at cost, and what they should bring. */
final class PriceStep implements Step {

    private final BriefDesk desk;
    private final Hint about = new Hint("");
    private final VBox sentences = new VBox(5);
    private final GridPane table = new GridPane();
    private final VBox content;
    private final List<Consumer<neattrace.job.Job>> shows = new ArrayList<>();
    private int shownId;

    PriceStep(BriefDesk desk) {
        this.desk = desk;
        table.setId("price-table");
        table.setVgap(2);
        for (int column = 0; column < 4; column++) {
            ColumnConstraints even = new ColumnConstraints();
            even.setPercentWidth(25);
            even.setHalignment(HPos.RIGHT);
            table.getColumnConstraints().add(even);
        }
        about.setMinHeight(Region.USE_PREF_SIZE);
        content =
                new VBox(
                        8,
                        about,
                        sentences,
                        table,
                        Buttons.small("As a table …", "price-csv", this::write));
        desk.chosenProperty().addListener(property -> showChosen());
    }

    private PriceList list(WantedGoods goods) {
        Drawing drawing = desk.shown().drawing();
        GoodsFit fit = GoodsDrawing.fit(drawing, goods);
        int inks = JobTasks.screens(drawing, goods.goods());
        return PriceList.of(
                goods.costs(), inks, fit.thingWidthMm(), fit.thingHeightMm(), goods.pieces());
    }

    private void write() {
        Optional<WantedGoods> chosen = desk.chosen();
        if (chosen.isEmpty()) {
            desk.bench().say("Choose goods first.");
            return;
        }
        StringBuilder csv = new StringBuilder();
        try {
            list(chosen.get()).write(csv);
        } catch (IOException e) {
            throw new IllegalStateException("text in memory can be written", e);
        }
        byte[] bytes = csv.toString().getBytes(StandardCharsets.UTF_8);
        desk.bench()
                .chooseTarget(
                        "Costs and prices",
                        FileNames.proposed(
                                desk.job().title()
                                        + ", "
                                        + chosen.get().goods().words()
                                        + " prices"),
                        "Table",
                        ".csv",
                        file ->
                                desk.workspace()
                                        .write(
                                                "Wrote " + file.getFileName() + ".",
                                                file,
                                                progress ->
                                                        AtomicFile.write(
                                                                file, out -> out.write(bytes)),
                                                () -> {}));
    }

    @Override
    public String title() {
        return "Price";
    }

    @Override
    public String state(Shown shown) {
        Optional<WantedGoods> chosen = desk.chosen();
        if (chosen.isEmpty() || chosen.get().costs().equals(Costs.UNKNOWN)) {
            return "not reckoned";
        }
        PriceList list = list(chosen.get());
        int wanted = Math.max(1, chosen.get().pieces());
        return list.rows().stream()
                .filter(row -> row.pieces() == wanted)
                .findFirst()
                .map(row -> String.format(Locale.ROOT, "%.2f each", row.priceEach()))
                .orElse("too large");
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
        boolean there = chosen.isPresent() && desk.shown() != null;
        sentences.setVisible(there);
        sentences.setManaged(there);
        table.setVisible(there);
        table.setManaged(there);
        if (!there) {
            shownId = 0;
            about.setText("Say at Goods what it will be; what it costs is reckoned here.");
            return;
        }
        WantedGoods goods = chosen.get();
        if (shownId != goods.id()) {
            fill(goods.id());
            shownId = goods.id();
        }
        shows.forEach(one -> one.accept(desk.job()));
        PriceList list = list(goods);
        about.setText("The " + goods.goods().words() + fits(goods.costs(), list));
        showTable(goods.costs().equals(Costs.UNKNOWN) ? new PriceList(0, List.of()) : list);
    }

    private static String fits(Costs costs, PriceList list) {
        if (costs.equals(Costs.UNKNOWN)) {
            return ": what do you pay, and what is your work worth? In any money of yours.";
        }
        if (costs.sheetWidthMm() == 0 || costs.sheetHeightMm() == 0) {
            return ", bought singly: a sheet of 0 × 0.";
        }
        return list.onSheet() == 0
                ? " is larger than the sheet."
                : ": in rows " + list.onSheet() + " fit on a sheet.";
    }

    private NumberField field(Quantity setting) {
        NumberField field = desk.bench().field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    private void fill(int id) {
        shows.clear();
        CostSettings set = CostSettings.of(id);
        sentences
                .getChildren()
                .setAll(
                        new Sentence(
                                "Set-up is",
                                field(set.setUp()),
                                ",",
                                field(set.perInk()),
                                "a screen."),
                        new Sentence(
                                "A sheet of",
                                field(set.sheetWidth()),
                                "×",
                                field(set.sheetHeight()),
                                "is",
                                field(set.material()),
                                ", pieces",
                                field(set.spacing()),
                                "apart."),
                        new Sentence(
                                "I work",
                                field(set.hours()),
                                "and",
                                field(set.minutes()),
                                "a piece, at",
                                field(set.hourly()),
                                "an hour."),
                        new Sentence(
                                "Post is", field(set.post()), "; I add", field(set.markup()), "."));
    }

    private void showTable(PriceList list) {
        table.getChildren().clear();
        if (list.rows().isEmpty()) {
            return;
        }
        table.addRow(0, soft("Pieces"), soft("Cost"), soft("Cost each"), soft("Price each"));
        int line = 1;
        for (PriceList.Row row : list.rows()) {
            table.addRow(
                    line++,
                    new Label(String.valueOf(row.pieces())),
                    new Label(money(row.cost())),
                    new Label(money(row.costEach())),
                    new Label(money(row.priceEach())));
        }
    }

    private static Label soft(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("stage-note");
        return label;
    }

    private static String money(double sum) {
        return String.format(Locale.ROOT, "%.2f", sum);
    }
}

package neattrace.app.station.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.job.WantedGoods;
import neattrace.press.Colorant;
import neattrace.press.Rgb;
import neattrace.print.ready.PlateStudy;
import neattrace.print.ready.PressFacts;

/** The plates, one for each ink: what each covers, and which are looked at. */
final class PlatesStep implements Step {

    private static final int MOST_PLACES = 3;

    private final PressDesk desk;
    private final PlatesView view;
    private final Button goods;
    private final Hint told = new Hint("");
    private final VBox rows = new VBox(2);
    private final FlowPane most = new FlowPane(6, 4);
    private final VBox content;

    PlatesStep(PressDesk desk, PlatesView view) {
        this.desk = desk;
        this.view = view;
        goods = new Button("the page as it is");
        goods.getStyleClass().setAll("choice");
        goods.setId("plates-for");
        goods.setAccessibleText("What it is printed on");
        goods.setOnAction(event -> desk.next());
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("swatch-scroll");
        scroll.setMaxHeight(372);
        content =
                new VBox(
                        8,
                        new Sentence("Plates for", goods, "."),
                        scroll,
                        told,
                        most,
                        new Hint(
                                "In the order of printing. A number shows one plate alone, with"
                                        + " Shift it adds it or takes it away; 0 shows all."));
        desk.studyProperty().addListener(property -> plates());
    }

    @Override
    public String title() {
        return "Plates";
    }

    @Override
    public String state(Shown shown) {
        PlateStudy study = desk.studyProperty().get();
        return study == null
                ? ""
                : study.inks().size() + (study.inks().size() == 1 ? " ink" : " inks");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Optional<WantedGoods> wanted = desk.wanted(shown.drawing().job());
        goods.setText(wanted.map(one -> "the " + one.goods().words()).orElse("the page as it is"));
        goods.setDisable(PressDesk.printed(shown.drawing().job()).size() < 2);
        plates();
    }

    /** Shows the plates again: others are there, or others are looked at. */
    void plates() {
        PlateStudy study = desk.studyProperty().get();
        rows.getChildren().clear();
        if (study == null) {
            told.setText("");
            most.getChildren().clear();
            return;
        }
        List<Colorant> inks = study.inks();
        for (int i = 0; i < inks.size(); i++) {
            rows.getChildren().add(row(study, inks.get(i), i + 1));
        }
        told.setText(words(study.facts()));
        most(study);
    }

    /** Where most ink lies, each place a button. */
    private void most(PlateStudy study) {
        most.getChildren().clear();
        List<PlateStudy.InkPlace> places = study.heaviestPlaces(MOST_PLACES);
        if (places.isEmpty()) {
            return;
        }
        Label label = new Label("Most ink:");
        label.getStyleClass().add("hint");
        most.getChildren().add(label);
        for (PlateStudy.InkPlace one : places) {
            Button go =
                    Buttons.small(
                            String.format(Locale.ROOT, "%.0f %%", one.tints().total()),
                            "most-ink-" + (most.getChildren().size() - 1),
                            () -> view.go(one.at()));
            go.setTooltip(new Tooltip(one.tints().words()));
            go.setAccessibleText("Go to " + one.tints().words());
            most.getChildren().add(go);
        }
    }

    /** Prints an ink before the one that it comes after now. */
    private void earlier(int place) {
        List<String> order =
                new ArrayList<>(
                        desk.studyProperty().get().inks().stream().map(Colorant::name).toList());
        order.add(place - 1, order.remove(place));
        desk.change("Order of printing", press -> press.withOrder(order));
    }

    private static String words(PressFacts facts) {
        double limit = facts.sheet().terms().inkLimit();
        int most = facts.sheet().goods().printing().mostInks();
        StringBuilder text = new StringBuilder();
        text.append(
                String.format(
                        Locale.ROOT,
                        "At most %.0f %% ink in one place",
                        facts.plates().heaviest()));
        text.append(
                limit > 0 ? String.format(Locale.ROOT, ", of %.0f %%.", limit) : "; any is taken.");
        if (most > 0) {
            text.append(
                    facts.inks() > most
                            ? " These are "
                                    + facts.inks()
                                    + " inks; the printer takes "
                                    + most
                                    + ": Inks finds fewer."
                            : " The printer takes " + most + " inks.");
        }
        if (!facts.sheet().ready().lightened().isEmpty()) {
            text.append(
                    " "
                            + facts.sheet().ready().lightened().size()
                            + " of its builds had more and are printed with less, as near in look"
                            + " as can be.");
        }
        return text.toString();
    }

    private Node row(PlateStudy study, Colorant ink, int number) {
        Rgb colour = study.colour(ink);
        Rectangle chip = new Rectangle(30, 22, Color.web(colour.hex()));
        chip.getStyleClass().add("chip");
        Label cap = new Label(number <= 9 ? String.valueOf(number) : " ");
        cap.getStyleClass().add("keycap");
        cap.setMinWidth(Region.USE_PREF_SIZE);
        Label name = new Label(ink.name());
        name.getStyleClass().add("swatch-name");
        Label covers =
                new Label(
                        String.format(Locale.ROOT, "%.1f cm² solid", study.facts().solidCm2(ink)));
        covers.getStyleClass().add("swatch-inks");
        VBox words = new VBox(name, covers);
        HBox.setHgrow(words, Priority.ALWAYS);
        Label share =
                new Label(String.format(Locale.ROOT, "%.0f %%", study.facts().coveredPercent(ink)));
        share.getStyleClass().add("swatch-total");
        share.setMinWidth(Region.USE_PREF_SIZE);
        boolean seen = view.shownInks().isEmpty() || view.shownInks().contains(ink);
        Button look =
                Buttons.small(seen ? "Seen" : "Away", "plate-" + number, () -> view.with(ink));
        look.setAccessibleText(ink.name() + (seen ? ", seen" : ", not seen"));
        Button earlier = Buttons.small("↑", "earlier-" + number, () -> earlier(number - 1));
        earlier.setAccessibleText("Print " + ink.name() + " earlier");
        earlier.setTooltip(new Tooltip("Print it earlier"));
        earlier.setDisable(number == 1);
        HBox row = new HBox(6, cap, chip, words, share, earlier, look);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("ink-row");
        row.setOpacity(seen ? 1 : 0.55);
        row.setOnMouseClicked(event -> view.only(ink));
        return row;
    }
}

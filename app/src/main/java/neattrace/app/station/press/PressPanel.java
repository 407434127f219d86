package neattrace.app.station.press;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.setting.PressSettings;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;

/** The black rule and the inks of every swatch. */
public final class PressPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "press",
                    "Press",
                    KeyCode.P,
                    "M4 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0 M10 9 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0"
                            + " M7 15 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0");

    private final Workspace workspace;
    private final ChoiceField<BlackRule> black;
    private final Label total = new Label();
    private final VBox rows = new VBox(6);
    private final VBox content;

    /** The station on a bench. */
    public PressPanel(Bench bench) {
        this.workspace = bench.workspace();
        black = bench.field(PressSettings.BLACK);
        total.getStyleClass().add("measure");
        total.setWrapText(true);
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.setMinHeight(360);
        scroll.setPrefHeight(360);
        scroll.setMaxHeight(360);
        scroll.getStyleClass().add("swatch-scroll");
        content = new VBox(10, new Sentence("Black is", black, "."), total, scroll);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.press().equals(PressSection.USUAL);
    }

    @Override
    public String purpose() {
        return "What the printer will lay down.";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = shown.drawing().job();
        black.show(job.black());
        Cmyk build = job.black().build();
        total.setText(
                String.format(
                        Locale.ROOT,
                        job.black() == BlackRule.RICH
                                ? "%.0f %% ink in all: deep black for solid areas and bold lines."
                                : "%.0f %% ink: for fine lines and one-ink jobs; large areas turn grey.",
                        build.total()));
        rows.getChildren().clear();
        rows.getChildren().add(row("Black", build));
        for (Swatch swatch : job.swatches()) {
            rows.getChildren().add(row(swatch.name(), swatch.build()));
        }
    }

    private Node row(String name, Cmyk build) {
        Rgb rgb = workspace.press().preview(build);
        Rectangle chip = new Rectangle(40, 28, Color.rgb(rgb.r(), rgb.g(), rgb.b()));
        chip.getStyleClass().add("chip");
        Label title = new Label(name);
        title.getStyleClass().add("swatch-name");
        Label inks = new Label(build.toString());
        inks.getStyleClass().add("swatch-inks");
        VBox words = new VBox(title, inks);
        HBox.setHgrow(words, Priority.ALWAYS);
        Label sum = new Label(String.format(Locale.ROOT, "%.0f %%", build.total()));
        sum.getStyleClass().add("swatch-total");
        HBox row = new HBox(10, chip, words, sum);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("ink-row");
        return row;
    }

    @Override
    public String whenClear() {
        return "Every swatch by itself keeps within 300 % ink; what prints over it is not added.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}

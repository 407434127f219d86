package neattrace.app.station.brief;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Hint;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.review.Goods;
import neattrace.sheet.review.ScanFitness;
import neattrace.sheet.review.SheetReview;

/** What the drawing is called, and how large each kind of goods can be made of its scan. */
public final class BriefPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "brief",
                    "Brief",
                    KeyCode.B,
                    "M3 12 L12 3 H21 V12 L12 21 Z M16.5 7 a0.6 0.6 0 1 0 0.1 0");

    private final Bench bench;
    private final TextField title = new TextField();
    private final Label scan = new Hint("");
    private final Label lines = new Hint("");
    private final GridPane goods = new GridPane();
    private final VBox content;

    /** The station on a bench. */
    public BriefPanel(Bench bench) {
        this.bench = bench;
        title.setId("job-title");
        title.setAccessibleText("What the drawing is called");
        title.setPromptText("name of the drawing");
        title.getStyleClass().add("plain-field");
        title.setOnAction(event -> rename());
        title.focusedProperty()
                .addListener(
                        (property, before, focused) -> {
                            if (!focused) {
                                rename();
                            }
                        });
        goods.setHgap(8);
        goods.setVgap(6);
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        goods.getColumnConstraints().add(name);
        content =
                new VBox(
                        10,
                        heading("It is called"),
                        title,
                        heading("The scan"),
                        scan,
                        lines,
                        heading("It can be made as large as"),
                        goods);
    }

    private static Label heading(String text) {
        Label heading = new Label(text);
        heading.getStyleClass().add("step-title");
        return heading;
    }

    private void rename() {
        Job job = bench.workspace().job();
        String next = title.getText().strip();
        if (job == null || next.equals(job.title())) {
            return;
        }
        if (next.isEmpty()) {
            title.setText(job.title());
            return;
        }
        bench.change("Name", now -> now.withTitle(next));
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public String purpose() {
        return "What is it, and what can it become?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        if (!title.isFocused()) {
            title.setText(bench.workspace().job().title());
        }
        scan.setText(
                String.format(
                        Locale.ROOT,
                        "%d × %d px at %.0f ppi%s: %.1f × %.1f mm on paper.",
                        drawing.picture().width(),
                        drawing.picture().height(),
                        drawing.traced().scan().ppi(),
                        drawing.traced().scan().stated() ? "" : " (assumed)",
                        drawing.picture().width() * drawing.traced().scan().mmPerPx(),
                        drawing.picture().height() * drawing.traced().scan().mmPerPx()));
        SheetReview review = bench.workspace().insights().reviewProperty().get();
        goods.getChildren().clear();
        if (review == null) {
            lines.setText("Its lines are being measured …");
            return;
        }
        show(review.fitness());
    }

    private void show(ScanFitness fitness) {
        lines.setText(
                fitness.thinnestPx() == 0
                        ? "There are no lines to measure."
                        : String.format(
                                Locale.ROOT,
                                "The thinnest lines are %.2f mm wide there, %.1f px. Next time scan"
                                        + " at %.0f ppi.",
                                fitness.thinnestMm(),
                                fitness.thinnestPx(),
                                fitness.nextPpi()));
        int row = 0;
        for (Goods kind : Goods.values()) {
            Label name = new Label(kind.label());
            name.setWrapText(true);
            Label size =
                    new Label(
                            String.format(
                                    Locale.ROOT,
                                    "%.0f × %.0f mm",
                                    fitness.widthMm(kind.ppi()),
                                    fitness.heightMm(kind.ppi())));
            size.getStyleClass().add("width-value");
            size.setMinWidth(Region.USE_PREF_SIZE);
            Label ppi = new Label(String.format(Locale.ROOT, "%.0f ppi", kind.ppi()));
            ppi.getStyleClass().add("hint");
            ppi.setMinWidth(Region.USE_PREF_SIZE);
            goods.addRow(row++, name, size, ppi);
        }
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.title().equals(Job.of(job.source()).title());
    }

    @Override
    public String whenClear() {
        return "Nothing to decide here.";
    }
}

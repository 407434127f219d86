package neattrace.app.station.sheet;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.finding.Finding;
import neattrace.job.Job;
import neattrace.job.SheetSection;
import neattrace.job.pipeline.Drawing;

/** From scan to clean sheet: nine steps, each a tile that opens its settings. */
public final class SheetPanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "sheet",
                    "Sheet",
                    KeyCode.S,
                    "M5 3 H16 L20 7 V21 H5 Z M16 3 V7 H20 M8 12 H17 M8 16 H14");

    private final Desk desk;
    private final KeptStep kept;
    private final FrameStep frame;
    private final List<RecipeStep> steps;
    private final StepTiles tiles;
    private final Label size = new Label();
    private final Label stepTitle = new Label();
    private final ChoiceField<Boolean> inUse;
    private final StackPane open = new StackPane();
    private final VBox step;
    private final VBox content;
    private RecipeStep chosen;

    /** The station on a bench. */
    public SheetPanel(Bench bench) {
        desk = new Desk(bench);
        kept = new KeptStep(desk);
        RecipeStep decision = new DecisionStep(desk);
        frame = new FrameStep(desk);
        steps =
                List.of(
                        frame,
                        new MaskStep(desk),
                        new PencilStep(desk),
                        new LightStep(desk),
                        new SharpenStep(desk),
                        decision,
                        new SpeckStep(desk),
                        new SizeStep(desk),
                        kept);
        tiles = new StepTiles(steps, this::choose);
        inUse =
                new ChoiceField<>(
                        "This step",
                        List.of(true, false),
                        on -> on ? "in use" : "switched off",
                        this::setInUse);
        inUse.setId("step-in-use");
        size.getStyleClass().add("measure");
        size.setWrapText(true);
        size.setMinHeight(Region.USE_PREF_SIZE);
        stepTitle.getStyleClass().add("step-title");
        stepTitle.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(stepTitle, Priority.ALWAYS);
        open.getStyleClass().add("open-step");
        HBox head = new HBox(stepTitle, inUse);
        head.setAlignment(Pos.BASELINE_LEFT);
        step = new VBox(3, head, open);
        content = new VBox(7, size, tiles, step);
        choose(decision);
    }

    private void choose(RecipeStep next) {
        chosen = next;
        tiles.choose(next);
        stepTitle.setText(next.title());
        inUse.setVisible(next.part() != null);
        open.getChildren().setAll(next.content());
        showChosen();
    }

    @Override
    public void findingChosen(Finding finding) {
        // Dust, stamps and faint lines are seen on the scan, not among the lines made of it.
        desk.look(finding.place().isEmpty() ? usualMode() : TableMode.SCAN);
    }

    /** Opens the step of a number from 1; false if there is none. */
    public boolean openStep(int number) {
        if (number < 1 || number > steps.size()) {
            return false;
        }
        choose(steps.get(number - 1));
        return true;
    }

    /** Turns the scan by quarters, clockwise if positive. */
    public void turn(int quarters) {
        if (desk.workspace().shownProperty().get() != null) {
            frame.turn(quarters);
        }
    }

    /** Changes left and right. */
    public void mirror() {
        if (desk.workspace().shownProperty().get() != null) {
            frame.mirror();
        }
    }

    private void setInUse(boolean on) {
        String what = (on ? "Use " : "Switch off ") + chosen.title().toLowerCase(Locale.ROOT);
        desk.change(what, recipe -> recipe.withStep(chosen.part(), on));
    }

    private void showChosen() {
        Shown shown = desk.workspace().shownProperty().get();
        if (shown == null) {
            return;
        }
        chosen.show(shown);
        boolean on = chosen.isOn(shown);
        inUse.show(on);
        open.setDisable(!on);
    }

    /** Uses settings from a file, for tests. */
    public void useFile(Path file) {
        kept.useFile(file);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.sheet().equals(SheetSection.AUTOMATIC);
    }

    @Override
    public boolean pressed(KeyEvent event) {
        switch (event.getCode()) {
            case R -> turn(event.isShiftDown() ? -1 : 1);
            case X -> mirror();
            default -> {
                return StepTiles.number(event).filter(this::openStep).isPresent();
            }
        }
        return true;
    }

    @Override
    public String purpose() {
        return "What is ink, and what is paper?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        size.setText(
                String.format(
                        Locale.ROOT,
                        "%d × %d px · %.1f × %.1f mm",
                        drawing.reading().map().width(),
                        drawing.reading().map().height(),
                        drawing.widthMm(),
                        drawing.heightMm()));
        tiles.show(shown);
        showChosen();
    }

    @Override
    public String whenClear() {
        return "Nothing to decide: ink and paper are clear.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.LINES;
    }
}

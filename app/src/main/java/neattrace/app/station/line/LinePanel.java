package neattrace.app.station.line;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.LineLook;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.job.Job;
import neattrace.trace.LineRecipe;

/** Ink becomes curves and lines: how wide they are, what is doubtful, and tools to finish them. */
public final class LinePanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "line",
                    "Line",
                    KeyCode.L,
                    "M3 19 C7 5 12 5 13 12 C14 19 18 18 21 6 M3 19 h0.1 M21 6 h0.1");

    private final LineDesk desk;
    private final StepPane steps;
    private final WidthRows widths;
    private final ChoiceField<LineLook> look;
    private final VBox content;
    private LineLook chosenLook = LineLook.POINTS;

    /** The station on a bench. */
    public LinePanel(Bench bench) {
        desk = new LineDesk(bench);
        steps =
                new StepPane(
                        List.of(
                                new MendStep(desk),
                                new WeightStep(desk),
                                new CurveStep(desk),
                                new PointStep(desk),
                                new LineColourStep(desk)),
                        true,
                        desk::shown);
        widths = new WidthRows(desk);
        look =
                new ChoiceField<>(
                        "Beside the ink",
                        Arrays.asList(LineLook.values()),
                        LineLook::words,
                        this::setLook);
        look.setId("line-look");
        look.show(chosenLook);
        bench.table()
                .lineLookProperty()
                .addListener(
                        (property, before, now) -> {
                            // Away from this station nothing is shown, which is no choice.
                            if (now != LineLook.NOTHING) {
                                chosenLook = now;
                                look.show(now);
                            }
                        });
        content = new VBox(8, widths, new Sentence("Shown:", look, "."), steps);
        content.getStyleClass().add("line-station");
    }

    /** A length in the user's words. */
    static String mm(double mm) {
        return String.format(
                Locale.ROOT, mm < 0.1 ? "%.3f mm" : mm < 10 ? "%.2f mm" : "%.0f mm", mm);
    }

    /** What the table shows beside the ink at this station. */
    public LineLook look() {
        return chosenLook;
    }

    private void setLook(LineLook next) {
        chosenLook = next;
        desk.look(next);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.line().equals(LineRecipe.AS_DRAWN);
    }

    @Override
    public boolean pressed(KeyEvent event) {
        return StepTiles.number(event).filter(steps::openStep).isPresent();
    }

    @Override
    public void entered() {
        desk.look(chosenLook);
    }

    @Override
    public void left() {
        desk.look(LineLook.NOTHING);
    }

    @Override
    public String purpose() {
        return "Ink becomes curves, as few as will do.";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        widths.show(desk.study(), desk.workspace().insights().studyFailureProperty().get());
        steps.show(shown);
    }

    @Override
    public String whenClear() {
        return "Nothing to decide: no nub, no break, no line too thin.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.LINES;
    }
}

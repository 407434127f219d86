package neattrace.app.station.line;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.StepPane;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.LineLook;
import neattrace.app.table.Mark;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.SpeckRecipe;
import neattrace.trace.Deviation;
import neattrace.trace.PointEdit;
import neattrace.trace.edit.InkEdit;

/** Ink becomes curves and lines: how wide they are, what is doubtful, and tools to finish them. */
public final class LinePanel implements Panel {

    /** Smaller deviations than this cannot be seen in print at 300 ppi, px. */
    private static final double WORTH_A_LOOK_PX = 0.5;

    private static final int MOST_DEVIATIONS = 20;

    private final LineDesk desk;
    private final CurveStep curves;
    private final StepPane steps;
    private final WidthRows widths;
    private final StudyFindings study;
    private final ChoiceField<LineLook> look;
    private final VBox content;
    private LineLook chosenLook = LineLook.POINTS;

    /** The panel of a workspace and its table. */
    public LinePanel(Workspace workspace, Table table) {
        desk = new LineDesk(workspace, table);
        curves = new CurveStep(desk);
        steps =
                new StepPane(
                        List.of(
                                new MendStep(desk),
                                new WeightStep(desk),
                                curves,
                                new PointStep(desk),
                                new ColourStep(desk),
                                new LimitStep(desk)),
                        true,
                        desk::shown);
        widths = new WidthRows(desk);
        study = new StudyFindings(desk);
        look =
                new ChoiceField<>(
                        "Beside the ink",
                        Arrays.asList(LineLook.values()),
                        LineLook::words,
                        this::setLook);
        look.setId("line-look");
        look.show(chosenLook);
        table.lineLookProperty()
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

    /** Opens the step of a number from 1, or folds it if it is open. */
    public void openStep(int number) {
        steps.openStep(number);
    }

    @Override
    public void findingChosen(Finding finding) {
        steps.fold();
    }

    @Override
    public Station station() {
        return Station.LINE;
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
    public List<Finding> findings(Shown shown) {
        Drawing drawing = shown.drawing();
        List<Finding> findings = new ArrayList<>();
        if (drawing.tracing().isNoise()) {
            findings.add(
                    Finding.general(
                            "Nothing was traced",
                            drawing.traced().emptiness().orElse(""),
                            new Answer(
                                    "Drop specks under 1 mm",
                                    () ->
                                            desk.workspace()
                                                    .change(
                                                            "Specks",
                                                            job ->
                                                                    job.withRecipe(
                                                                            job.recipe()
                                                                                    .withSpecks(
                                                                                            SpeckRecipe
                                                                                                    .under(
                                                                                                            1)))))));
        }
        drawing.work().adriftEdits().forEach(edit -> findings.add(adrift(edit)));
        drawing.work().adriftPoints().forEach(edit -> findings.add(adrift(edit)));
        if (desk.study() != null) {
            findings.addAll(study.of(desk.study(), drawing));
        }
        findings.addAll(deviations(drawing));
        return findings;
    }

    private Finding adrift(InkEdit edit) {
        return new Finding(
                edit.at(),
                4,
                edit.what() + ": the ink it was made for is gone",
                "The sheet has changed since. The edit is kept and does what it still can.",
                Mark.at(edit.at(), edit.what(), false),
                List.of(
                        new Answer(
                                "Drop the edit",
                                () ->
                                        desk.change(
                                                "Drop an edit",
                                                recipe -> {
                                                    List<InkEdit> rest =
                                                            new ArrayList<>(recipe.edits());
                                                    rest.remove(edit);
                                                    return recipe.withEdits(rest);
                                                }))));
    }

    private Finding adrift(PointEdit edit) {
        return new Finding(
                edit.at(),
                4,
                "A changed point is no longer there",
                "The curve has been drawn anew since. The change is kept, in case it comes back.",
                Mark.at(edit.at(), "point", false),
                List.of(
                        new Answer(
                                "Drop the change",
                                () ->
                                        desk.change(
                                                "Drop a changed point",
                                                recipe -> {
                                                    List<PointEdit> rest =
                                                            new ArrayList<>(recipe.points());
                                                    rest.remove(edit);
                                                    return recipe.withPoints(rest);
                                                }))));
    }

    private List<Finding> deviations(Drawing drawing) {
        double scale = drawing.resolution().mmPerPx();
        double bound = drawing.job().line().maxErrorPx();
        // Within the grain a closer fit follows nothing but grain.
        double worthALook = Math.max(WORTH_A_LOOK_PX, 1.01 * drawing.tracing().boundPx());
        return drawing.tracing().deviations().stream()
                .filter(deviation -> deviation.distance() > worthALook)
                .limit(MOST_DEVIATIONS)
                .map(deviation -> deviation(deviation, scale, bound))
                .toList();
    }

    private Finding deviation(Deviation deviation, double scale, double bound) {
        Point at = deviation.at().times(scale);
        String measure =
                String.format(Locale.ROOT, "%.3f mm off the scan", deviation.distance() * scale);
        return new Finding(
                at,
                2.5,
                measure,
                "The curve cuts this place short. A closer fit follows it, with more points.",
                Mark.at(at, measure, false),
                List.of(new Answer("Fit more closely", () -> curves.setCloseness(bound / 2))));
    }

    @Override
    public String whenSettled() {
        return desk.study() == null
                ? desk.workspace().insights().studyFailureProperty().get().isEmpty()
                        ? "The lines are being looked through …"
                        : "The lines could not be looked through."
                : "Nothing to decide: no nub, no break, no line too thin.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.LINES;
    }
}

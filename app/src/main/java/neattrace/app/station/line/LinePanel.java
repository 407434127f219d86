package neattrace.app.station.line;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.trace.Deviation;
import neattrace.trace.LineRecipe;

/** Curves and how close they keep to the ink. */
public final class LinePanel implements Panel {

    /** Smaller deviations than this cannot be seen in print at 300 ppi, px. */
    private static final double WORTH_A_LOOK_PX = 0.5;

    /** A bound widened by less than this factor is as good as the one asked for. */
    private static final double NOTICEABLY = 1.1;

    private static final int MOST_FINDINGS = 60;

    private final Workspace workspace;
    private final NumberField closeness;
    private final Label counts = new Label();
    private final Label fit = new Label();
    private final Label grainNote = new Label();
    private final VBox content;
    private double mmPerPx = 1;

    /** The panel of a workspace. */
    public LinePanel(Workspace workspace) {
        this.workspace = workspace;
        closeness =
                new NumberField(
                        "Closeness", "mm", 0.002, 2, 0.005, mm -> setCloseness(mm / mmPerPx));
        counts.getStyleClass().add("measure");
        counts.setWrapText(true);
        grainNote.getStyleClass().add("hint");
        grainNote.setWrapText(true);
        fit.getStyleClass().add("measure");
        fit.setWrapText(true);
        Label hint = new Label("Zoom in to see the curves' points.");
        hint.getStyleClass().add("hint");
        content =
                new VBox(
                        10,
                        new Sentence("Curves keep within", closeness, "of the ink's edge."),
                        grainNote,
                        counts,
                        fit,
                        hint);
    }

    private void setCloseness(double px) {
        double bound = Math.max(LineRecipe.LEAST_ERROR_PX, Math.min(LineRecipe.MOST_ERROR_PX, px));
        workspace.change("Closeness", job -> job.withLine(job.line().withMaxErrorPx(bound)));
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
        Drawing drawing = shown.drawing();
        mmPerPx = drawing.resolution().mmPerPx();
        closeness.show(Math.round(drawing.job().line().maxErrorPx() * mmPerPx * 1000) / 1000.0);
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%,d pieces of ink, %,d holes, %,d curves.",
                        drawing.lines().size(),
                        drawing.tracing().holes(),
                        drawing.tracing().segments()));
        double bound = drawing.tracing().boundPx();
        boolean grain = bound > NOTICEABLY * drawing.job().line().maxErrorPx();
        grainNote.setText(
                String.format(
                        Locale.ROOT,
                        "The scan's grain is not followed: curves may keep %.3f mm here.",
                        bound * mmPerPx));
        grainNote.setVisible(grain);
        grainNote.setManaged(grain);
        fit.setText(
                String.format(
                        Locale.ROOT,
                        "On average %.3f mm (%.2f px) from the scan's edge; at most %.3f mm.",
                        drawing.tracing().meanDeviation() * mmPerPx,
                        drawing.tracing().meanDeviation(),
                        drawing.tracing().maxDeviation() * mmPerPx));
    }

    @Override
    public List<Finding> findings(Shown shown) {
        double scale = shown.drawing().resolution().mmPerPx();
        double bound = shown.drawing().job().line().maxErrorPx();
        // Within the grain a closer fit follows nothing but grain.
        double worthALook = Math.max(WORTH_A_LOOK_PX, 1.01 * shown.drawing().tracing().boundPx());
        return shown.drawing().tracing().deviations().stream()
                .filter(deviation -> deviation.distance() > worthALook)
                .limit(MOST_FINDINGS)
                .map(deviation -> finding(deviation, scale, bound))
                .toList();
    }

    private Finding finding(Deviation deviation, double scale, double bound) {
        Point at = deviation.at().times(scale);
        String measure =
                String.format(Locale.ROOT, "%.3f mm off the scan", deviation.distance() * scale);
        return new Finding(
                at,
                2.5,
                measure,
                "The curve cuts this place short. A closer fit follows it, with more points.",
                Mark.at(at, measure, false),
                List.of(new Answer("Fit more closely", () -> setCloseness(bound / 2))));
    }

    @Override
    public String whenSettled() {
        return "No curve leaves the ink far enough to be seen in print.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.LINES;
    }
}

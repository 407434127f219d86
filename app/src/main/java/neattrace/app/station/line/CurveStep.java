package neattrace.app.station.line;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.job.pipeline.Drawing;
import neattrace.trace.LineRecipe;

/** How close curves keep to the ink. */
final class CurveStep implements Step {

    /** A bound widened by less than this factor is as good as the one asked for. */
    private static final double NOTICEABLY = 1.1;

    private final LineDesk desk;
    private final NumberField closeness;
    private final Label fit = new Label();
    private final Label grain = new Label();
    private final VBox content;
    private double mmPerPx = 1;

    CurveStep(LineDesk desk) {
        this.desk = desk;
        closeness =
                new NumberField(
                        "Closeness", "mm", 0.002, 2, 0.005, mm -> setCloseness(mm / mmPerPx));
        closeness.setId("closeness");
        fit.getStyleClass().add("measure");
        fit.setWrapText(true);
        grain.getStyleClass().add("hint");
        grain.setWrapText(true);
        content =
                new VBox(
                        8,
                        new Sentence("Curves keep within", closeness, "of the ink's edge."),
                        grain,
                        fit);
    }

    void setCloseness(double px) {
        double bound = Math.max(LineRecipe.LEAST_ERROR_PX, Math.min(LineRecipe.MOST_ERROR_PX, px));
        desk.change("Closeness", recipe -> recipe.withMaxErrorPx(bound));
    }

    @Override
    public String title() {
        return "Curves";
    }

    @Override
    public String state(Shown shown) {
        return String.format(Locale.ROOT, "%,d", shown.drawing().tracing().segments());
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        mmPerPx = drawing.resolution().mmPerPx();
        double asked = drawing.job().line().maxErrorPx();
        closeness.show(Math.round(asked * mmPerPx * 1000) / 1000.0);
        double bound = drawing.tracing().boundPx();
        boolean widened = bound > NOTICEABLY * asked;
        grain.setText(
                String.format(
                        Locale.ROOT,
                        "The scan's grain is not followed: curves may keep %.3f mm here.",
                        bound * mmPerPx));
        grain.setVisible(widened);
        grain.setManaged(widened);
        fit.setText(
                String.format(
                        Locale.ROOT,
                        "%,d pieces of ink, %,d holes, %,d curves. On average %.3f mm (%.2f px) from"
                                + " the scan's edge; at most %.3f mm.",
                        drawing.lines().size(),
                        drawing.tracing().holes(),
                        drawing.tracing().segments(),
                        drawing.tracing().meanDeviation() * mmPerPx,
                        drawing.tracing().meanDeviation(),
                        drawing.tracing().maxDeviation() * mmPerPx));
    }
}

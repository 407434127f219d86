package neattrace.app.station.line;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.job.setting.LineSettings;
import neattrace.trace.LineLimits;

/** What the goods can hold and the eye can see. */
final class LimitStep implements Step {

    private final NumberField line;
    private final NumberField gap;
    private final NumberField viewing;
    private final Label seen = new Label();
    private final VBox content;

    LimitStep(LineDesk desk) {
        line = desk.bench().field(LineSettings.LEAST_LINE);
        gap = desk.bench().field(LineSettings.LEAST_GAP);
        viewing = desk.bench().field(LineSettings.VIEWING);
        seen.getStyleClass().add("hint");
        seen.setWrapText(true);
        content =
                new VBox(
                        8,
                        new Sentence(
                                "The goods hold lines from",
                                line,
                                "and paper between lines from",
                                gap,
                                "on."),
                        new Sentence("They are looked at from", viewing, "away."),
                        seen);
    }

    @Override
    public String title() {
        return "Goods";
    }

    @Override
    public String state(Shown shown) {
        return LinePanel.mm(shown.drawing().job().line().limits().leastLineMm());
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        LineLimits limits = shown.drawing().job().line().limits();
        line.show(limits.leastLineMm());
        gap.show(limits.leastGapMm());
        viewing.show(limits.viewingMm());
        seen.setText(
                String.format(
                        Locale.ROOT,
                        "From there nobody sees what is narrower than %.2f mm.",
                        limits.seenMm()));
    }
}

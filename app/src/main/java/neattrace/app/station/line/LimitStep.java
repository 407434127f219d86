package neattrace.app.station.line;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.trace.LineLimits;

/** What the goods can hold and the eye can see. */
final class LimitStep implements Step {

    private final NumberField line;
    private final NumberField gap;
    private final NumberField viewing;
    private final Label seen = new Label();
    private final VBox content;

    LimitStep(LineDesk desk) {
        line =
                new NumberField(
                        "Thinnest line",
                        "mm",
                        0,
                        LineLimits.MOST_MM,
                        0.05,
                        mm ->
                                desk.change(
                                        "Thinnest line",
                                        r -> r.withLimits(r.limits().withLeastLineMm(mm))));
        line.setId("limit-line");
        gap =
                new NumberField(
                        "Narrowest gap",
                        "mm",
                        0,
                        LineLimits.MOST_MM,
                        0.05,
                        mm ->
                                desk.change(
                                        "Narrowest gap",
                                        r -> r.withLimits(r.limits().withLeastGapMm(mm))));
        gap.setId("limit-gap");
        viewing =
                new NumberField(
                        "Viewing distance",
                        "mm",
                        LineLimits.NEAREST_MM,
                        LineLimits.FARTHEST_MM,
                        100,
                        mm ->
                                desk.change(
                                        "Viewing distance",
                                        r -> r.withLimits(r.limits().withViewingMm(mm))));
        viewing.setId("limit-viewing");
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

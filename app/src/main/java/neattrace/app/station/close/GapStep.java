package neattrace.app.station.close;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.job.setting.GapSettings;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.region.Mend;

/** Up to which width gaps are closed, and how. */
final class GapStep implements Step {

    private final NumberField width;
    private final Button suggested;
    private final Label counts = new Label();
    private final ChoiceField<Mend> ways;
    private final VBox content;

    GapStep(CloseDesk desk, Mending mending) {
        width = desk.bench().field(GapSettings.GAP);
        suggested =
                Buttons.small(
                        "As the drawing suggests",
                        "gap-suggested",
                        () ->
                                desk.change(
                                        "Gap width from the drawing",
                                        settings -> settings.withGapMm(CloseSettings.AUTOMATIC)));
        ways = desk.bench().field(GapSettings.MEND);
        counts.getStyleClass().add("measure");
        counts.setWrapText(true);
        content =
                new VBox(
                        8,
                        new Sentence("Gaps up to", width, "are closed by an unseen line."),
                        counts,
                        suggested,
                        new Sentence("What you mend one by one gets", ways, "."));
    }

    @Override
    public String title() {
        return "Gaps";
    }

    @Override
    public String state(Shown shown) {
        long open =
                shown.drawing().areas().gaps().stream()
                        .filter(gap -> !gap.closed() && !gap.decided())
                        .count();
        return open == 0 ? "none open" : open + " open";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        AreaMap areas = shown.drawing().areas();
        boolean automatic = shown.drawing().job().close().isAutomatic();
        double mm = areas.gapPx() * shown.drawing().resolution().mmPerPx();
        width.show(Math.round(mm * 100) / 100.0);
        ways.show(shown.drawing().job().close().mend());
        suggested.setVisible(!automatic);
        suggested.setManaged(!automatic);
        long closed = areas.gaps().stream().filter(Gap::closed).count();
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%sAreas: %d. Gaps closed: %d; narrow openings left open: %d.",
                        automatic
                                ? "The width was chosen from the drawing: round it the areas"
                                        + " stay the same. "
                                : "",
                        areas.enclosed().size(),
                        closed,
                        areas.gaps().size() - closed));
    }
}

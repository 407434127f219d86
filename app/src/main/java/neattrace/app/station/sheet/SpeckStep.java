package neattrace.app.station.sheet;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetStep;
import neattrace.sheet.speck.SpeckReport;

/** Dust and pinholes. */
final class SpeckStep implements SheetPart {

    private final NumberField size;
    private final Label counts = new Hint("");
    private final VBox content;

    SpeckStep(Desk desk) {
        size =
                new NumberField(
                        "Speck size",
                        "mm",
                        0,
                        SheetRecipe.MOST_SPECK_MM,
                        0.05,
                        v -> desk.change("Specks", recipe -> recipe.withSpeckMm(v)));
        size.setId("speck-size");
        content =
                new VBox(
                        8,
                        new Sentence("Dust and pinholes under", size, "are dropped."),
                        counts,
                        Buttons.small(
                                "Let the scan decide",
                                "speck-automatic",
                                () ->
                                        desk.change(
                                                "Specks",
                                                recipe ->
                                                        recipe.withSpeckMm(
                                                                SheetRecipe.AUTOMATIC))));
    }

    @Override
    public String title() {
        return "Specks";
    }

    @Override
    public String state(Shown shown) {
        SpeckReport report = shown.drawing().reading().specks();
        return report.limitMm() == 0
                ? "all kept"
                : String.format(Locale.ROOT, "%d dropped", report.dropped());
    }

    @Override
    public SheetStep part() {
        return SheetStep.SPECKS;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        SpeckReport report = shown.drawing().reading().specks();
        size.show(Math.round(report.limitMm() * 100) / 100.0);
        String pattern =
                report.inPattern() == 0
                        ? "None of what is so small lines up like stippling or hatching."
                        : String.format(
                                Locale.ROOT,
                                "%d as small as that line up like stippling or hatching and were"
                                        + " left alone.",
                                report.inPattern());
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%d dropped, %d near the limit. %s",
                        report.dropped(),
                        report.doubtful().size(),
                        pattern));
    }
}

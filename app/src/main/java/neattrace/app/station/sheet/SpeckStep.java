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
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.SheetStep;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.speck.SpeckReport;

/** Dust and pinholes. */
final class SpeckStep implements RecipeStep {

    private final Desk desk;
    private final NumberField dust;
    private final NumberField pinholes;
    private final Label counts = new Hint("");
    private final VBox content;

    SpeckStep(Desk desk) {
        this.desk = desk;
        dust = desk.bench().field(SheetSettings.DUST);
        pinholes = desk.bench().field(SheetSettings.PINHOLES);
        content =
                new VBox(
                        8,
                        new Sentence("Dust under", dust, "is dropped."),
                        new Sentence("Pinholes under", pinholes, "are filled."),
                        counts,
                        Buttons.small(
                                "Let the scan decide",
                                "speck-automatic",
                                () ->
                                        desk.change(
                                                "Specks",
                                                r -> r.withSpecks(SpeckRecipe.AUTOMATIC))));
    }

    @Override
    public String title() {
        return "Specks";
    }

    @Override
    public String state(Shown shown) {
        SpeckReport report = shown.drawing().reading().specks();
        int dropped = report.dust().dropped();
        int filled = report.pinholes().dropped();
        if (dropped + filled == 0) {
            return "all kept";
        }
        String pinholesToo = filled == 0 ? "" : String.format(Locale.ROOT, ", %d filled", filled);
        return String.format(Locale.ROOT, "%d dropped%s", dropped, pinholesToo);
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
        dust.show(hundredths(report.dust().limitMm()));
        pinholes.show(hundredths(report.pinholes().limitMm()));
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%d dropped, %d filled, %d in doubt.%s%s",
                        report.dust().dropped(),
                        report.pinholes().dropped(),
                        report.doubtful().size() + report.unlisted(),
                        decidedBy(shown.drawing().reading().recipe().specks()),
                        pattern(report.inPattern())));
    }

    private static String decidedBy(SpeckRecipe sizes) {
        if (!sizes.dustByScan() && !sizes.pinholesByScan()) {
            return "";
        }
        String which =
                sizes.dustByScan() == sizes.pinholesByScan()
                        ? "both"
                        : sizes.dustByScan() ? "dust" : "pinholes";
        return " The scan decides about " + which + ", piece by piece, until you set a size.";
    }

    private static String pattern(int inPattern) {
        return inPattern == 0
                ? ""
                : String.format(
                        Locale.ROOT,
                        " %d that line up like stippling or hatching were left alone.",
                        inPattern);
    }

    private static double hundredths(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}

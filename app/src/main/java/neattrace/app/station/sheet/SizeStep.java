package neattrace.app.station.sheet;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.job.pipeline.Drawing;
import neattrace.job.setting.SheetSettings;
import neattrace.raster.reading.Opening;
import neattrace.sheet.SheetStep;
import neattrace.sheet.review.ScanFitness;
import neattrace.sheet.review.SheetReview;

/** What the scan is good for, and enlarging. */
final class SizeStep implements RecipeStep {

    private final Desk desk;
    private final NumberField ppi;
    private final NumberField enlarge;
    private final NumberField drawnAt;
    private final Sentence drawn;
    private final Label lines = new Hint("");
    private final VBox content;

    SizeStep(Desk desk) {
        this.desk = desk;
        ppi = desk.bench().field(SheetSettings.PPI);
        enlarge = desk.bench().field(SheetSettings.ENLARGE);
        drawnAt =
                new NumberField(
                        "Resolution of the page",
                        "ppi",
                        Opening.LEAST_PPI,
                        Opening.MOST_PPI,
                        100,
                        v ->
                                desk.workspace()
                                        .change(
                                                "Draw the page anew",
                                                job ->
                                                        job.withSource(
                                                                job.source()
                                                                        .withOpening(
                                                                                job.source()
                                                                                        .opening()
                                                                                        .withPpi(
                                                                                                v)))));
        drawnAt.setId("drawn-at");
        drawn = new Sentence("The page is drawn at", drawnAt, ".");
        drawn.managedProperty().bind(drawn.visibleProperty());
        content =
                new VBox(
                        7,
                        new Sentence("The scan has", ppi, "."),
                        drawn,
                        new Sentence("It is enlarged", enlarge, "before black and white."),
                        lines);
    }

    @Override
    public String title() {
        return "Size";
    }

    @Override
    public String state(Shown shown) {
        int enlarged = shown.drawing().job().recipe().frame().enlarge();
        String scan = String.format(Locale.ROOT, "%.0f ppi", shown.drawing().traced().scan().ppi());
        return enlarged == 1 ? scan : scan + ", " + enlarged + " ×";
    }

    @Override
    public SheetStep part() {
        return null;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        ppi.show(drawing.traced().scan().ppi());
        boolean page =
                drawing.picture().format().equals("SVG")
                        || drawing.picture().format().equals("PDF");
        drawn.setVisible(page);
        drawnAt.show(drawing.picture().resolution().ppi());
        enlarge.show(drawing.job().recipe().frame().enlarge());
        SheetReview review = desk.workspace().insights().reviewProperty().get();
        if (review == null) {
            lines.setText("Measuring lines …");
            return;
        }
        ScanFitness fitness = review.fitness();
        lines.setText(
                fitness.thinnestPx() == 0
                        ? "There are no lines to measure."
                        : String.format(
                                Locale.ROOT,
                                "The thinnest lines are %.1f px, %.2f mm. Next time scan at %.0f ppi.",
                                fitness.thinnestPx(),
                                fitness.thinnestMm(),
                                fitness.nextPpi()));
    }
}

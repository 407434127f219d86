package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.job.pipeline.Drawing;
import neattrace.raster.Resolution;
import neattrace.sheet.SheetRecipe;

/** What is ink and what is paper. */
public final class SheetPanel implements Panel {

    private final Workspace workspace;
    private final Label size = new Label();
    private final NumberField ppi;
    private final ChoiceField<Boolean> light;
    private final NumberField ink;
    private final Slider inkSlider = new Slider(5, 95, 50);
    private final NumberField speck;
    private final VBox content;

    /** The panel of a workspace. */
    public SheetPanel(Workspace workspace) {
        this.workspace = workspace;
        ppi =
                new NumberField(
                        "Resolution",
                        "ppi",
                        10,
                        20_000,
                        50,
                        v -> workspace.change("Resolution", job -> job.withPpi(v)));
        light =
                new ChoiceField<>(
                        "Uneven light",
                        List.of(true, false),
                        even -> even ? "evened out" : "left as it is",
                        even ->
                                workspace.change(
                                        "Light",
                                        job -> job.withRecipe(job.recipe().withEvenLight(even))));
        ink = new NumberField("Ink threshold", "%", 5, 95, 1, this::setInk);
        inkSlider.setAccessibleText("Ink threshold");
        inkSlider.setOnMouseReleased(event -> setInk(Math.rint(inkSlider.getValue())));
        inkSlider.setOnKeyReleased(event -> setInk(Math.rint(inkSlider.getValue())));
        inkSlider
                .valueProperty()
                .addListener(property -> ink.show(Math.rint(inkSlider.getValue())));
        speck =
                new NumberField(
                        "Speck size",
                        "mm",
                        0,
                        5,
                        0.05,
                        v ->
                                workspace.change(
                                        "Specks",
                                        job -> job.withRecipe(job.recipe().withSpeckMm(v))));
        size.getStyleClass().add("measure");
        size.setWrapText(true);
        size.setMinHeight(Region.USE_PREF_SIZE);
        content =
                new VBox(
                        10,
                        size,
                        new Sentence("The scan has", ppi, "."),
                        new Sentence("Uneven light and paper tone are", light, "."),
                        new Sentence(
                                "Ink is anything darker than",
                                ink,
                                "of the way from paper to ink."),
                        inkSlider,
                        new Sentence("Specks under", speck, "are dropped."));
    }

    private void setInk(double percent) {
        workspace.change(
                "Ink threshold", job -> job.withRecipe(job.recipe().withInkPercent(percent)));
    }

    @Override
    public Station station() {
        return Station.SHEET;
    }

    @Override
    public String purpose() {
        return "What is ink, and what is paper?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        size.setText(
                String.format(
                        Locale.ROOT,
                        "%s · %d × %d px · %.1f × %.1f mm",
                        drawing.job().source().name(),
                        drawing.picture().width(),
                        drawing.picture().height(),
                        drawing.widthMm(),
                        drawing.heightMm()));
        ppi.show(drawing.resolution().ppi());
        light.show(drawing.job().recipe().evenLight());
        ink.show(drawing.job().recipe().inkPercent());
        if (!inkSlider.isValueChanging()) {
            inkSlider.setValue(drawing.job().recipe().inkPercent());
        }
        speck.show(drawing.reading().speckMm());
    }

    @Override
    public List<Finding> findings(Shown shown) {
        Drawing drawing = shown.drawing();
        List<Finding> findings = new ArrayList<>();
        if (!drawing.resolution().stated()) {
            findings.add(
                    Finding.general(
                            "The file does not say its resolution",
                            "300 ppi is assumed. Every size in mm hangs on it.",
                            new Answer("300 ppi is right", () -> setPpi(Resolution.ASSUMED_PPI)),
                            new Answer("It is 600 ppi", () -> setPpi(600))));
        }
        int dropped = drawing.reading().specksDropped();
        boolean automatic = drawing.job().recipe().speckMm() == SheetRecipe.AUTOMATIC;
        if (dropped > 0 && automatic) {
            double usual = drawing.reading().speckMm();
            findings.add(
                    Finding.general(
                            dropped + " specks were dropped",
                            "The paper has grain; dots smaller than "
                                    + usual
                                    + " mm are taken for dust.",
                            new Answer("That is right", () -> setSpeck(usual)),
                            new Answer("Keep them", () -> setSpeck(0))));
        }
        double inked =
                (double) drawing.reading().map().inkPixels()
                        / drawing.picture().width()
                        / drawing.picture().height();
        if (inked > 0.6) {
            findings.add(
                    Finding.general(
                            String.format(Locale.ROOT, "%.0f %% of the sheet is ink", 100 * inked),
                            "That is a lot for line art. Is the picture white on black?"));
        }
        return findings;
    }

    private void setPpi(double value) {
        workspace.change("Resolution", job -> job.withPpi(value));
    }

    private void setSpeck(double mm) {
        workspace.change("Specks", job -> job.withRecipe(job.recipe().withSpeckMm(mm)));
    }

    @Override
    public String whenSettled() {
        return "Nothing to decide: ink and paper are clear.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.LINES;
    }
}

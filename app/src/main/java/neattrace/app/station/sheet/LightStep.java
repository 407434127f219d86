package neattrace.app.station.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.SlideField;
import neattrace.app.table.hand.SpotHand;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.SheetStep;
import neattrace.sheet.sweep.ThresholdSweep;

/** Even light, paper white, ink black, and the response between them. */
final class LightStep implements RecipeStep {

    private final Desk desk;
    private final ChoiceField<Boolean> even;
    private final NumberField paper;
    private final NumberField ink;
    private final SlideField faint;
    private final SlideField open;
    private final Label counts = new Hint("");
    private final VBox content;

    LightStep(Desk desk) {
        this.desk = desk;
        even = desk.bench().field(SheetSettings.EVEN_LIGHT);
        paper = desk.bench().field(SheetSettings.PAPER_WHITE);
        ink = desk.bench().field(SheetSettings.INK_BLACK);
        faint = slide("Faint lines are kept", LightRecipe::withFaint, "Faint lines");
        open = slide("Dense hatching stays open", LightRecipe::withOpen, "Open hatching");
        faint.setSliderId("faint");
        open.setSliderId("open");
        FlowPane point =
                new FlowPane(
                        6,
                        6,
                        Buttons.small("Point at paper", "point-at-paper", this::pointAtPaper),
                        Buttons.small("Point at ink", "point-at-ink", this::pointAtInk),
                        Buttons.small("Measure", "measure-levels", this::measure));
        content =
                new VBox(
                        7,
                        new Sentence("Uneven light is", even, "."),
                        new Sentence("Paper is", paper, "bright and ink", ink, "of 255."),
                        point,
                        faint,
                        open,
                        counts);
    }

    private interface Setting {
        LightRecipe with(LightRecipe light, double value);
    }

    private SlideField slide(String name, Setting setting, String what) {
        return new SlideField(
                name,
                0,
                100,
                v -> v == 0 ? "as it is" : String.format(Locale.ROOT, "%.0f %% more", v),
                v -> desk.sketch(r -> r.withLight(setting.with(r.light(), v)), this::count),
                v -> light(what, light -> setting.with(light, v)));
    }

    /** While a slide moves, what is in sight is counted. */
    private void count(Optional<ThresholdSweep> sweep) {
        double percent = desk.drawing().reading().inkPercent();
        sweep.ifPresent(found -> counts.setText(counts("In sight", found, percent)));
    }

    private void light(String what, UnaryOperator<LightRecipe> change) {
        desk.change(what, recipe -> recipe.withLight(change.apply(recipe.light())));
    }

    private void pointAtPaper() {
        desk.take(
                new SpotHand(
                        "Click on bare paper.",
                        at ->
                                tone(at).ifPresent(
                                                v ->
                                                        light(
                                                                "Paper white",
                                                                light -> light.withPaper(v)))));
    }

    private void pointAtInk() {
        desk.take(
                new SpotHand(
                        "Click on solid ink.",
                        at ->
                                tone(at).ifPresent(
                                                v ->
                                                        light(
                                                                "Ink black",
                                                                light -> light.withInk(v)))));
    }

    /** Brightness of the evened sheet round a place. */
    private Optional<Double> tone(Point mm) {
        Drawing drawing = desk.drawing();
        Optional<Double> tone =
                drawing.reading().evenedAt(mm.times(drawing.resolution().pxPerMm()));
        if (tone.isEmpty()) {
            desk.workspace().say("That is beyond the sheet.");
        }
        return tone;
    }

    private void measure() {
        light(
                "Measure paper and ink",
                light -> light.withPaper(LightRecipe.MEASURED).withInk(LightRecipe.MEASURED));
    }

    @Override
    public String title() {
        return "Light";
    }

    @Override
    public String state(Shown shown) {
        LightRecipe light = shown.drawing().job().recipe().light();
        boolean byHand =
                light.paper() != LightRecipe.MEASURED || light.ink() != LightRecipe.MEASURED;
        if (light.faint() > 0 || light.open() > 0) {
            return String.format(Locale.ROOT, "+%.0f, +%.0f", light.faint(), light.open());
        }
        return byHand ? "set by hand" : light.even() ? "evened" : "as it is";
    }

    @Override
    public SheetStep part() {
        return SheetStep.LIGHT;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        LightRecipe light = drawing.job().recipe().light();
        even.show(light.even());
        paper.show(Math.rint(drawing.reading().levels().paper()));
        ink.show(Math.rint(drawing.reading().levels().ink()));
        faint.show(light.faint());
        open.show(light.open());
        counts.setText(
                drawing.reading()
                        .sweep()
                        .map(sweep -> counts("As it is", sweep, drawing.reading().inkPercent()))
                        .orElse("Nothing parts ink from paper here."));
    }

    /** What is lost and what plugs as it is. */
    private static String counts(String when, ThresholdSweep sweep, double percent) {
        int threshold = sweep.at(percent);
        return String.format(
                Locale.ROOT,
                "%s, %d faint lines are lost and %d broken; %d slits are plugged and %d"
                        + " holes filled.",
                when,
                sweep.lost(threshold),
                sweep.broken(threshold),
                sweep.plugged(threshold),
                sweep.filled(threshold));
    }
}

package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.job.pipeline.Drawing;
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.ThresholdSweep;

/** Black or white: the threshold over the chart of what every one would do, and patches. */
final class DecisionStep implements RecipeStep {

    private final Desk desk;
    private final NumberField ink;
    private final ChoiceField<Method> method;
    private final ChoiceField<Method> method2;
    private final SweepChart chart;
    private final Label counts = new Hint("");
    private final NumberField patchInk;
    private final NumberField window;
    private final NumberField weight;
    private final Rows rows;
    private final VBox one;
    private final VBox adaptive;
    private final VBox content;
    private double patchPercent = 30;

    DecisionStep(Desk desk) {
        this.desk = desk;
        ink = desk.bench().field(SheetSettings.INK_THRESHOLD);
        method = methods("method");
        method2 = methods("method-adaptive");
        chart = new SweepChart(this::moved, this::setInk);
        patchInk =
                new NumberField(
                        "Patch threshold",
                        "%",
                        DecisionRecipe.LEAST_PERCENT,
                        DecisionRecipe.MOST_PERCENT,
                        1,
                        v -> patchPercent = v);
        patchInk.setId("patch-threshold");
        patchInk.show(patchPercent);
        rows = new Rows(this::remove);
        window = desk.bench().field(SheetSettings.WINDOW);
        weight = desk.bench().field(SheetSettings.WINDOW_WEIGHT);
        Button calm = Buttons.small("Calm", "calm-middle", () -> setInk(DecisionRecipe.CALM));
        calm.setAccessibleText("Take the calm middle");
        Sentence patches = new Sentence("In a patch ink is from", patchInk, ":");
        patches.getChildren().addAll(ShapeTools.buttons(desk, "patch", this::patch));
        one =
                new VBox(
                        5,
                        new Sentence("By", method, "ink is from", ink, calm),
                        chart,
                        counts,
                        patches,
                        rows);
        adaptive =
                new VBox(
                        6,
                        new Sentence("By", method2, "of", window, ", weight", weight, "."),
                        new Hint(
                                "Each pixel is compared with what lies round it: for light too"
                                        + " uneven to be evened out. Lines lose some of their true"
                                        + " width."));
        content = new VBox(6, one, adaptive);
    }

    private ChoiceField<Method> methods(String id) {
        ChoiceField<Method> field =
                new ChoiceField<>(
                        "Method",
                        List.of(Method.ONE, Method.ADAPTIVE),
                        m -> m == Method.ONE ? "one threshold" : "neighbourhoods",
                        m -> decision("Method", decision -> decision.withMethod(m)));
        field.setId(id);
        return field;
    }

    private void decision(String what, UnaryOperator<DecisionRecipe> change) {
        desk.change(what, recipe -> recipe.withDecision(change.apply(recipe.decision())));
    }

    private void moved(double percent) {
        ink.show(percent);
        InkReading reading = desk.drawing().reading();
        reading.sweep().ifPresent(sweep -> count(sweep, reading.changes(), percent));
        desk.sketch(recipe -> recipe.withInkPercent(percent));
    }

    private void setInk(double percent) {
        desk.change("Ink threshold", recipe -> recipe.withInkPercent(percent));
    }

    private void patch(SheetShape shape) {
        decision("Patch", decision -> decision.withPatch(new Patch(shape, patchPercent)));
    }

    private void remove(int index) {
        decision(
                "Remove a patch",
                decision -> {
                    List<Patch> left = new ArrayList<>(decision.patches());
                    left.remove(index);
                    return decision.withPatches(left);
                });
    }

    /**
     * Counts.
     *
     * @param changes those that concern the drawing
     */
    private void count(ThresholdSweep sweep, List<Change> changes, double percent) {
        int t = sweep.at(percent);
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "— %d pieces  ╌ %d holes  ·· %d specks. Faint lines lost %d, broken %d;"
                                + " slits plugged %d, holes filled %d.",
                        sweep.parts(t) - sweep.specks(t),
                        sweep.holes(t) - sweep.pinholes(t),
                        sweep.specks(t) + sweep.pinholes(t),
                        wrong(sweep, changes, t, Change.Kind.PART_LOST),
                        wrong(sweep, changes, t, Change.Kind.LINE_BREAKS),
                        wrong(sweep, changes, t, Change.Kind.SLIT_OPENS),
                        wrong(sweep, changes, t, Change.Kind.HOLE_OPENS)));
    }

    private static long wrong(
            ThresholdSweep sweep, List<Change> changes, int threshold, Change.Kind kind) {
        return changes.stream()
                .filter(change -> change.kind() == kind && sweep.isProblem(change, threshold))
                .count();
    }

    @Override
    public String title() {
        return "Threshold";
    }

    @Override
    public String state(Shown shown) {
        DecisionRecipe decision = shown.drawing().job().recipe().decision();
        if (decision.method() == Method.ADAPTIVE) {
            return "adaptive";
        }
        String percent =
                String.format(Locale.ROOT, "%.0f %%", shown.drawing().reading().inkPercent());
        String calm = decision.inkPercent() == DecisionRecipe.CALM ? ", calm" : "";
        int patches = decision.patches().size();
        return percent + (patches == 0 ? calm : ", +" + patches);
    }

    @Override
    public SheetStep part() {
        return SheetStep.DECISION;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Drawing drawing = shown.drawing();
        DecisionRecipe decision = drawing.job().recipe().decision();
        boolean single = decision.method() == Method.ONE;
        one.setVisible(single);
        one.setManaged(single);
        adaptive.setVisible(!single);
        adaptive.setManaged(!single);
        method.show(decision.method());
        method2.show(decision.method());
        ink.show(Math.rint(drawing.reading().inkPercent()));
        window.show(decision.windowMm());
        weight.show(decision.k());
        chart.show(
                drawing.reading().sweep().orElse(null),
                drawing.reading().calm().orElse(null),
                drawing.reading().inkPercent());
        drawing.reading()
                .sweep()
                .ifPresentOrElse(
                        sweep ->
                                count(
                                        sweep,
                                        drawing.reading().changes(),
                                        drawing.reading().inkPercent()),
                        () -> counts.setText("Nothing parts ink from paper here."));
        showPatches(shown, decision.patches());
    }

    private void showPatches(Shown shown, List<Patch> patches) {
        List<String> names = new ArrayList<>();
        List<Node> contents = new ArrayList<>();
        for (int i = 0; i < patches.size(); i++) {
            int index = i;
            Patch patch = patches.get(i);
            String size = MaskStep.size(shown, patch.shape());
            NumberField from =
                    new NumberField(
                            "Threshold of patch " + (i + 1),
                            "%",
                            DecisionRecipe.LEAST_PERCENT,
                            DecisionRecipe.MOST_PERCENT,
                            1,
                            v -> setPatch(index, v));
            from.setId("patch-ink-" + i);
            from.show(patch.inkPercent());
            HBox row = new HBox(4, new Label("From"), from, new Label(size));
            row.setAlignment(Pos.CENTER_LEFT);
            names.add("Patch from " + patch.inkPercent() + " %, " + size);
            contents.add(row);
        }
        rows.show(names, contents);
    }

    private void setPatch(int index, double percent) {
        decision(
                "Patch threshold",
                decision -> {
                    List<Patch> next = new ArrayList<>(decision.patches());
                    next.set(index, new Patch(next.get(index).shape(), percent));
                    return decision.withPatches(next);
                });
    }
}

package neattrace.app.station.sheet;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.SlideField;
import neattrace.app.work.Shown;
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetStep;

/** None, one strong pass, or several gentle ones. */
final class SharpenStep implements RecipeStep {

    private final Desk desk;
    private final NumberField passes;
    private final NumberField radius;
    private final NumberField grain;
    private final SlideField percent;
    private final VBox content;

    SharpenStep(Desk desk) {
        this.desk = desk;
        passes = desk.bench().field(SheetSettings.SHARPEN_PASSES);
        radius = desk.bench().field(SheetSettings.SHARPEN_RADIUS);
        grain = desk.bench().field(SheetSettings.SHARPEN_GRAIN);
        percent =
                new SlideField(
                        "Strength of a pass",
                        0,
                        SharpenRecipe.MOST_PERCENT,
                        v -> String.format(Locale.ROOT, "%.0f %%", v),
                        v ->
                                desk.sketch(
                                        r ->
                                                r.withSharpen(
                                                        with(
                                                                r.sharpen(),
                                                                Math.max(1, r.sharpen().passes()),
                                                                v))),
                        v -> set(s -> with(s, Math.max(1, s.passes()), v)));
        percent.setSliderId("sharpen-strength");
        FlowPane schools = new FlowPane(6, 6);
        schools.getChildren()
                .addAll(
                        List.of(
                                Buttons.small(
                                        "None",
                                        "sharpen-none",
                                        () -> set(s -> with(s, 0, s.percent()))),
                                Buttons.small(
                                        "One strong",
                                        "sharpen-strong",
                                        () -> set(s -> SharpenRecipe.STRONG)),
                                Buttons.small(
                                        "Several gentle",
                                        "sharpen-gentle",
                                        () -> set(s -> SharpenRecipe.GENTLE))));
        content =
                new VBox(
                        8,
                        schools,
                        new Sentence("Sharpened", passes, "times, each against", radius, "around."),
                        percent,
                        new Sentence("Differences under", grain, "are grain and left alone."));
    }

    private static SharpenRecipe with(SharpenRecipe s, int passes, double percent) {
        return new SharpenRecipe(passes, percent, s.radiusMm(), s.grainPercent());
    }

    private void set(UnaryOperator<SharpenRecipe> change) {
        desk.change("Sharpen", recipe -> recipe.withSharpen(change.apply(recipe.sharpen())));
    }

    @Override
    public String title() {
        return "Sharpen";
    }

    @Override
    public String state(Shown shown) {
        SharpenRecipe sharpen = shown.drawing().job().recipe().sharpen();
        return sharpen.passes() == 0
                ? "none"
                : String.format(Locale.ROOT, "%d × %.0f %%", sharpen.passes(), sharpen.percent());
    }

    @Override
    public SheetStep part() {
        return SheetStep.SHARPEN;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        SharpenRecipe sharpen = shown.drawing().job().recipe().sharpen();
        passes.show(sharpen.passes());
        radius.show(sharpen.radiusMm());
        grain.show(sharpen.grainPercent());
        percent.show(sharpen.percent());
    }
}

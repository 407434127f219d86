package neattrace.app.station.sheet;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Colour;
import neattrace.sheet.PencilRecipe.Use;
import neattrace.sheet.SheetStep;

/** Coloured under-drawings, and scans that are white on black. */
final class PencilStep implements SheetPart {

    private final ChoiceField<Use> use;
    private final ChoiceField<Colour> colour;
    private final ChoiceField<Boolean> negative;
    private final VBox content;

    PencilStep(Desk desk) {
        use =
                new ChoiceField<>(
                        "Under-drawing",
                        List.of(Use.NONE, Use.DROP, Use.KEEP),
                        PencilStep::words,
                        next ->
                                desk.change(
                                        "Under-drawing",
                                        recipe ->
                                                recipe.withPencil(
                                                        new PencilRecipe(
                                                                next, recipe.pencil().colour()))));
        use.setId("pencil-use");
        colour =
                new ChoiceField<>(
                        "Pencil",
                        List.of(Colour.values()),
                        c -> c.name().toLowerCase(Locale.ROOT),
                        next ->
                                desk.change(
                                        "Pencil",
                                        recipe ->
                                                recipe.withPencil(
                                                        new PencilRecipe(
                                                                recipe.pencil().use(), next))));
        colour.setId("pencil-colour");
        negative =
                new ChoiceField<>(
                        "Dark and light",
                        List.of(false, true),
                        on -> on ? "white on black" : "dark on light",
                        next ->
                                desk.change(
                                        next ? "White on black" : "Dark on light",
                                        recipe -> recipe.withNegative(next)));
        negative.setId("negative");
        content =
                new VBox(
                        8,
                        new Sentence("The under-drawing in", colour, "pencil", use, "."),
                        new Sentence("The drawing is", negative, "."),
                        new Hint("Dark ink over coloured pencil stays whole."));
    }

    private static String words(Use use) {
        return switch (use) {
            case NONE -> "counts as grey";
            case DROP -> "is dropped";
            case KEEP -> "is all that stays";
        };
    }

    @Override
    public String title() {
        return "Pencil";
    }

    @Override
    public String state(Shown shown) {
        PencilRecipe pencil = shown.drawing().job().recipe().pencil();
        String name = pencil.colour().name().toLowerCase(Locale.ROOT);
        return switch (pencil.use()) {
            case NONE -> "as grey";
            case DROP -> name + " dropped";
            case KEEP -> "only " + name;
        };
    }

    @Override
    public SheetStep part() {
        return SheetStep.PENCIL;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        PencilRecipe pencil = shown.drawing().job().recipe().pencil();
        use.show(pencil.use());
        colour.show(pencil.colour());
        negative.show(shown.drawing().job().recipe().negative());
    }
}

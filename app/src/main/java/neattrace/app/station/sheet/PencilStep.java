package neattrace.app.station.sheet;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.work.Shown;
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Colour;
import neattrace.sheet.PencilRecipe.Use;
import neattrace.sheet.SheetStep;

/** Coloured under-drawings, and scans that are white on black. */
final class PencilStep implements RecipeStep {

    private final ChoiceField<Use> use;
    private final ChoiceField<Colour> colour;
    private final ChoiceField<Boolean> negative;
    private final VBox content;

    PencilStep(Desk desk) {
        use = desk.bench().field(SheetSettings.PENCIL_USE);
        colour = desk.bench().field(SheetSettings.PENCIL_COLOUR);
        negative = desk.bench().field(SheetSettings.NEGATIVE);
        content =
                new VBox(
                        8,
                        new Sentence("The under-drawing in", colour, "pencil", use, "."),
                        new Sentence("The drawing is", negative, "."),
                        new Hint("Dark ink over coloured pencil stays whole."));
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

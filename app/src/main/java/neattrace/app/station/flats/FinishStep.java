package neattrace.app.station.flats;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.FlatRecipe;
import neattrace.flat.FlatRecipe.Pieces;
import neattrace.job.setting.FlatSettings;

/** How flats go into files. */
final class FinishStep implements Step {

    private final NumberField spread;
    private final ChoiceField<Pieces> pieces;
    private final Hint hint = new Hint("");
    private final VBox content;

    FinishStep(FlatsDesk desk) {
        spread = desk.bench().field(FlatSettings.SPREAD);
        pieces = desk.bench().field(FlatSettings.PIECES);
        content =
                new VBox(
                        8,
                        new Sentence(
                                "In files colours run on", spread, "beneath their neighbours."),
                        new Sentence("Each", pieces, "is one shape."),
                        hint);
    }

    @Override
    public String title() {
        return "Finish";
    }

    @Override
    public String state(Shown shown) {
        int colours = shown.drawing().layers().size();
        return colours + (colours == 1 ? " colour" : " colours");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        FlatRecipe flat = shown.drawing().job().flat();
        spread.show(flat.spreadMm());
        pieces.show(flat.pieces());
        hint.setText(
                String.format(
                        Locale.ROOT,
                        "Usual is %.3f mm, one pixel at 300 ppi; %.2f mm beneath thick lines. Beside"
                                + " bare paper nothing spreads.%s",
                        FlatRecipe.USUAL_SPREAD_MM,
                        FlatRecipe.WIDE_SPREAD_MM,
                        flat.pieces() == Pieces.BY_OBJECT
                                ? " An object is a group, by its name; other areas of a colour are one"
                                        + " where they touch."
                                : ""));
    }
}

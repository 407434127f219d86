package neattrace.app.station.flats;

import java.util.Arrays;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.FlatLimits;
import neattrace.flat.FlatRecipe;
import neattrace.flat.FlatRecipe.Pieces;

/** What the goods ask of flats, and how they go into files. */
final class FinishStep implements Step {

    private final NumberField least;
    private final NumberField inks;
    private final NumberField spread;
    private final ChoiceField<Pieces> pieces;
    private final Hint hint = new Hint("");
    private final VBox content;

    FinishStep(FlatsDesk desk) {
        least =
                new NumberField(
                        "Least width of an area",
                        "mm",
                        0,
                        FlatLimits.MOST_AREA_MM,
                        0.1,
                        mm ->
                                desk.changeFlat(
                                        "Least area",
                                        flat ->
                                                flat.withLimits(
                                                        new FlatLimits(
                                                                mm, flat.limits().mostInks()))));
        least.setId("least-area");
        inks =
                new NumberField(
                        "Most colours",
                        "",
                        0,
                        FlatLimits.MOST_INKS,
                        1,
                        count ->
                                desk.changeFlat(
                                        "Limit of colours",
                                        flat ->
                                                flat.withLimits(
                                                        new FlatLimits(
                                                                flat.limits().leastAreaMm(),
                                                                (int) Math.round(count)))));
        inks.setId("most-inks");
        spread =
                new NumberField(
                        "Spread",
                        "mm",
                        0,
                        FlatRecipe.MOST_SPREAD_MM,
                        0.005,
                        mm -> desk.changeFlat("Spread", flat -> flat.withSpreadMm(mm)));
        spread.setId("spread");
        pieces =
                new ChoiceField<>(
                        "Shapes in files",
                        Arrays.asList(Pieces.values()),
                        FinishStep::words,
                        kind -> desk.changeFlat("Shapes in files", flat -> flat.withPieces(kind)));
        pieces.setId("pieces");
        content =
                new VBox(
                        8,
                        new Sentence("Areas narrower than", least, "are too small to colour."),
                        new Sentence("The printer takes", inks, "colours; 0 is any number."),
                        new Sentence(
                                "In files colours run on", spread, "beneath their neighbours."),
                        new Sentence("Each", pieces, "is one shape."),
                        hint);
    }

    private static String words(Pieces pieces) {
        return switch (pieces) {
            case UNITED -> "colour";
            case BY_AREA -> "area";
            case BY_OBJECT -> "object";
        };
    }

    @Override
    public String title() {
        return "Finish";
    }

    @Override
    public String state(Shown shown) {
        FlatRecipe flat = shown.drawing().job().flat();
        int inks = shown.drawing().layers().size();
        return flat.limits().mostInks() == 0
                ? inks + (inks == 1 ? " ink" : " inks")
                : inks + " of " + flat.limits().mostInks() + " inks";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        FlatRecipe flat = shown.drawing().job().flat();
        least.show(flat.limits().leastAreaMm());
        inks.show(flat.limits().mostInks());
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

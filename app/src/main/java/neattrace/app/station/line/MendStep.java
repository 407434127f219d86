package neattrace.app.station.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.hand.BrushHand;
import neattrace.app.table.hand.PickHand;
import neattrace.app.table.hand.SpanHand;
import neattrace.app.table.hand.TrailHand;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.WeightRecipe;

/** Lines mended by hand, one action each; every one can be taken back on its own. */
final class MendStep implements Step {

    /** What one stroke of the brush does to a line's width. */
    private static final double THICKER = 1.3;

    private static final String NO_LINE = "There is no line here.";

    private final LineDesk desk;
    private final Rows rows;
    private final NumberField width;
    private final NumberField taper;
    private final VBox content;
    private double widthMm = 0.5;
    private double taperPercent = 35;

    MendStep(LineDesk desk) {
        this.desk = desk;
        rows = new Rows(this::remove);
        width =
                new NumberField(
                        "Width", "mm", 0.05, WeightRecipe.MOST_MM, 0.05, mm -> widthMm = mm);
        width.show(widthMm);
        width.setId("mend-width");
        taper =
                new NumberField(
                        "Share of the length", "%", 1, 100, 5, percent -> taperPercent = percent);
        taper.show(taperPercent);
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("Take away", "mend-take-away", this::takeAway),
                        Buttons.small("Join ends", "mend-join", this::join),
                        Buttons.small("Redraw", "mend-redraw", this::redraw),
                        Buttons.small("Thicker", "mend-thicker", () -> brush(THICKER)),
                        Buttons.small("Thinner", "mend-thinner", () -> brush(1 / THICKER)));
        content =
                new VBox(
                        8,
                        tools,
                        new Sentence(
                                Buttons.small("One width", "mend-one-width", this::oneWidth),
                                "of",
                                width,
                                "for a whole line."),
                        new Sentence(
                                Buttons.small("Taper", "mend-taper", this::taper),
                                "the free ends of a line over",
                                taper,
                                "of it."),
                        rows);
    }

    private void takeAway() {
        desk.take(
                new PickHand(
                        "Click a nub, a dot or a line; it goes, back to where it meets the next.",
                        desk::lineAt,
                        place ->
                                desk.edit(
                                        mender -> mender.takeAway(place, desk.reachMm()),
                                        "There is nothing to take away here.")));
    }

    private void join() {
        desk.take(
                new SpanHand(
                        "Drag from a free end to another end, to a line, or on to bare paper.",
                        desk::tipAt,
                        (from, to) ->
                                desk.edit(
                                        mender -> mender.join(from, to, desk.reachMm()),
                                        "No line ends where you began.")));
    }

    private void redraw() {
        desk.take(
                new TrailHand(
                        "Draw over a stretch or an end of a line; your line takes its place.",
                        line ->
                                desk.edit(
                                        mender -> mender.redraw(line, 1.5 * desk.reachMm()),
                                        "The line was too short.")));
    }

    private void brush(double factor) {
        String what = factor > 1 ? "thicker" : "thinner";
        desk.take(
                new BrushHand(
                        "Begin on a line and brush along it; only that line becomes " + what + ".",
                        (line, brush) ->
                                desk.edit(
                                        mender ->
                                                mender.brush(
                                                        line, brush / 2, factor, desk.reachMm()),
                                        "No line lies where you began.")));
    }

    private void oneWidth() {
        desk.take(
                new PickHand(
                        "Click a line; all of it gets this width.",
                        desk::strokeAt,
                        place ->
                                desk.edit(
                                        mender -> mender.oneWidth(place, widthMm, desk.reachMm()),
                                        NO_LINE)));
    }

    private void taper() {
        desk.take(
                new PickHand(
                        "Click a line; its free ends thin out.",
                        desk::strokeAt,
                        place ->
                                desk.edit(
                                        mender ->
                                                mender.taper(
                                                        place, taperPercent / 100, desk.reachMm()),
                                        "No line with a free end is here.")));
    }

    /** Rows run from the newest edit to the oldest. */
    private void remove(int row) {
        desk.change(
                "Take an edit back",
                recipe -> {
                    List<InkEdit> left = new ArrayList<>(recipe.edits());
                    left.remove(left.size() - 1 - row);
                    return recipe.withEdits(left);
                });
    }

    @Override
    public String title() {
        return "Mend";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().line().edits().size();
        return count == 0 ? "as drawn" : count == 1 ? "1 edit" : count + " edits";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<InkEdit> edits = shown.drawing().job().line().edits();
        List<String> names = new ArrayList<>();
        for (int i = edits.size() - 1; i >= 0; i--) {
            names.add((i + 1) + "  " + edits.get(i).what());
        }
        rows.show(names, names.stream().map(this::row).toList());
    }

    private Label row(String name) {
        Label label = new Label(name);
        label.getStyleClass().add("measure");
        Optional<Integer> number = Optional.of(Integer.parseInt(name.split(" ")[0]) - 1);
        label.setOnMouseClicked(event -> desk.lookAt(place(number.get()), 4));
        return label;
    }

    private Point place(int edit) {
        return desk.recipe().edits().get(edit).at();
    }
}

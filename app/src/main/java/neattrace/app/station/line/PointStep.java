package neattrace.app.station.line;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Step;
import neattrace.app.table.LineLook;
import neattrace.app.table.hand.PointHand;
import neattrace.app.work.Shown;

/** Single points of the outlines. */
final class PointStep implements Step {

    private final LineDesk desk;
    private final Button takeBack;
    private final Label words = new Label();
    private final VBox content;

    PointStep(LineDesk desk) {
        this.desk = desk;
        takeBack =
                Buttons.small(
                        "Take all back",
                        "points-back",
                        () -> desk.change("Points as traced", r -> r.withPoints(List.of())));
        words.getStyleClass().add("measure");
        words.setWrapText(true);
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(Buttons.small("Move points", "points-move", this::take), takeBack);
        content = new VBox(8, words, tools);
    }

    private void take() {
        desk.look(LineLook.POINTS);
        desk.take(
                new PointHand(
                        () -> desk.shown().drawing().lines(),
                        edit -> desk.change("Point", recipe -> recipe.with(edit))));
    }

    @Override
    public String title() {
        return "Points";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().line().points().size();
        return count == 0 ? "as traced" : count + " changed";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        int count = shown.drawing().job().line().points().size();
        words.setText(
                "For the last touch: drag a point or its handles, click twice on a curve for a new"
                        + " point, press Delete to take one away. Zoom in first.");
        takeBack.setVisible(count > 0);
        takeBack.setManaged(count > 0);
    }
}

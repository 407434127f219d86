package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.AreaGroup;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;

/** Areas marked once as belonging together. */
final class GroupStep implements Step {

    private final FlatsDesk desk;
    private final ColourStep colour;
    private final TextField name = new TextField();
    private final Rows rows;
    private final VBox content;

    GroupStep(FlatsDesk desk, ColourStep colour) {
        this.desk = desk;
        this.colour = colour;
        name.setPromptText("name of a group");
        name.setId("group-name");
        name.setAccessibleText("Name of the group");
        name.getStyleClass().add("plain-field");
        name.setOnAction(event -> sweep());
        HBox.setHgrow(name, Priority.ALWAYS);
        rows = new Rows(this::remove);
        content =
                new VBox(
                        8,
                        new Hint(
                                "Sweep once over all petals, all panes, all buttons. At Colour a click"
                                        + " can then colour the whole group."),
                        new HBox(
                                6,
                                name,
                                Buttons.small("Sweep a group", "sweep-group", this::sweep)),
                        rows);
    }

    private void sweep() {
        String words = name.getText().strip();
        if (words.isEmpty()) {
            desk.workspace().say("Give the group a name first.");
            name.requestFocus();
            return;
        }
        Drawing drawing = desk.drawing();
        colour.sweep(
                "Sweep over all areas that are " + words + ".",
                areas -> {
                    desk.change(
                            "Group " + words, job -> Colouring.grouped(job, drawing, areas, words));
                    colour.colourGroups();
                    desk.workspace()
                            .say(
                                    areas.size()
                                            + " areas are now “"
                                            + words
                                            + "”; one click colours them all.");
                });
    }

    private void remove(int index) {
        desk.change(
                "Forget a group",
                job -> {
                    List<AreaGroup> groups = new ArrayList<>(job.groups());
                    groups.remove(index);
                    return job.withGroups(groups);
                });
    }

    @Override
    public String title() {
        return "Groups";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().groups().size();
        return count == 0 ? "none" : count == 1 ? "1 group" : count + " groups";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        rows.show(
                desk.job().groups().stream()
                        .map(group -> group.name() + ", " + group.anchors().size() + " areas")
                        .toList());
    }
}

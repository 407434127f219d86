package neattrace.app.findings;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.finding.Group;
import neattrace.finding.Severity;

/** The folded room: how many kinds of each severity there are. */
final class Edge extends VBox {

    private final VBox counts = new VBox(6);

    Edge(Runnable whenOpened) {
        super(10);
        getStyleClass().add("findings-edge");
        setAlignment(Pos.TOP_CENTER);
        Button open = new Button("‹");
        open.setId("open-findings");
        open.getStyleClass().setAll("answer");
        open.setAccessibleText("Show the findings, key E");
        open.setTooltip(new Tooltip("Show the findings  E"));
        open.setOnAction(event -> whenOpened.run());
        counts.setAlignment(Pos.TOP_CENTER);
        Region push = new Region();
        VBox.setVgrow(push, Priority.ALWAYS);
        getChildren().addAll(open, counts, push);
    }

    void show(List<Group> groups) {
        counts.getChildren().clear();
        for (Severity severity : Severity.values()) {
            long kinds = groups.stream().filter(g -> g.kind().severity() == severity).count();
            if (kinds > 0) {
                Label count = new Label(String.valueOf(kinds));
                count.getStyleClass().addAll("edge-count", severity.key());
                count.setTooltip(
                        new Tooltip(
                                kinds
                                        + (kinds == 1 ? " kind " : " kinds ")
                                        + RowCell.how(severity)));
                counts.getChildren().add(count);
            }
        }
    }
}

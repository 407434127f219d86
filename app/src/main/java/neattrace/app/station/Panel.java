package neattrace.app.station;

import java.util.List;
import javafx.scene.Node;
import neattrace.app.docket.Finding;
import neattrace.app.route.Station;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.geom.Point;

/** A station's part of the docket and what it does on the table. */
public interface Panel {

    /** Which stop it belongs to. */
    Station station();

    /** One line about what is done here. */
    String purpose();

    /** The sentences and whatever else is set here. */
    Node content();

    /** Shows the values of a new drawing. */
    void show(Shown shown);

    /** The places that need a decision, first things first. */
    List<Finding> findings(Shown shown);

    /** What is said when there is nothing to decide. */
    String whenSettled();

    /** How the drawing is best seen here. */
    TableMode usualMode();

    /** Places pointed out besides the finding that is looked at. */
    default List<Mark> marks(Shown shown) {
        return List.of();
    }

    /** A finding is being looked at: whatever takes room from the findings may make way. */
    default void findingChosen(Finding finding) {}

    /** A click on the drawing at a place in mm. */
    default void clicked(Shown shown, Point place) {}
}

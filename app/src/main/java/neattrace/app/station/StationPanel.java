package neattrace.app.station;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import neattrace.app.route.Stop;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.finding.Finding;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.region.Area;

/** A station: what is set there, and what it does on the table. */
public interface StationPanel {

    /** Its stop on the route. */
    Stop stop();

    /** One line about what is done here. */
    String purpose();

    /** The sentences and whatever else is set here. */
    Node content();

    /** Shows the values of a new drawing. */
    void show(Shown shown);

    /** How the drawing is best seen here. */
    TableMode usualMode();

    /** Whether anything was set or done here; findings left as they are count by themselves. */
    boolean isTouched(Job job);

    /** What is said when there is nothing to decide. */
    String whenClear();

    /** One has come here. */
    default void entered() {}

    /** One goes away. */
    default void left() {}

    /** Places pointed out besides the finding that is looked at. */
    default List<Mark> marks(Shown shown) {
        return List.of();
    }

    /** What was asked here last, if it is still to be told. */
    default Optional<Reply> reply(Shown shown) {
        return Optional.empty();
    }

    /** A finding is being looked at. */
    default void findingChosen(Finding finding) {}

    /** A click on the drawing at a place in mm. */
    default void clicked(Shown shown, Point place) {}

    /** A key that means something here. True if it was dealt with. */
    default boolean pressed(KeyEvent event) {
        return false;
    }

    /** Whether it has something to show though no drawing is on the table. */
    default boolean standsAlone() {
        return false;
    }

    /** Puts away what lies over the table. True if something did. */
    default boolean putAway() {
        return false;
    }

    /** Stops work of its own, at the user's wish. True if there was any. */
    default boolean stopWork() {
        return false;
    }

    /** What lies over the table at times. */
    default Optional<Node> overTable() {
        return Optional.empty();
    }

    /** Takes up what a finding wants done by hand. */
    default void takeUp(String hand) {}

    /** Lays the swatch in hand on areas. */
    default void colour(List<Area> areas) {}
}

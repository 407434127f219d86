package neattrace.app.docket;

import javafx.scene.Node;
import neattrace.app.work.Shown;

/** One step of a station's work, as it is set in the docket. */
public interface Step {

    /** Its name. */
    String title();

    /** What it is set to, in a word or two. */
    String state(Shown shown);

    /** What is set here. */
    Node content();

    /** Shows the values of a new drawing. */
    void show(Shown shown);

    /** Whether it is in use. */
    default boolean isOn(Shown shown) {
        return true;
    }
}

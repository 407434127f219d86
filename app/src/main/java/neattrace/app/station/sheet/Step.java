package neattrace.app.station.sheet;

import javafx.scene.Node;
import neattrace.app.work.Shown;
import neattrace.sheet.SheetStep;

/** One step from scan to clean sheet, as it is set in the docket. */
interface Step {

    /** Its name. */
    String title();

    /** What it is set to, in a word or two. */
    String state(Shown shown);

    /** The part of the recipe that can be switched off; null if it cannot. */
    SheetStep part();

    /** What is set here. */
    Node content();

    /** Shows the values of a new drawing. */
    void show(Shown shown);
}

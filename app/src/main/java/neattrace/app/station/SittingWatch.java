package neattrace.app.station;

import neattrace.app.work.Shown;
import neattrace.app.work.Sitting;

/**
 * Notices that another job came onto the table, so that nothing of the last one is left in what is
 * set, typed or kept at a station. Belongs to the JavaFX thread.
 */
public final class SittingWatch {

    private Sitting last;

    /** Notes that something is kept of a drawing, which may not have been shown here yet. */
    public void keeps(Shown shown) {
        last = shown.of();
    }

    /** Whether a drawing is the first that is shown of its job. */
    public boolean isAnother(Shown shown) {
        boolean another = shown.of() != last;
        last = shown.of();
        return another;
    }
}

package neattrace.app.station.close;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.change.Closing;
import neattrace.region.Gap;
import neattrace.region.Mend;
import neattrace.trace.InkEdit;

/** Closes gaps in the way that was chosen. */
final class Mending {

    private final CloseDesk desk;

    Mending(CloseDesk desk) {
        this.desk = desk;
    }

    /** What a button says that closes one so. */
    static String answer(Mend mend) {
        return switch (mend) {
            case UNSEEN -> "Close it";
            case INK -> "Draw it in ink";
            case RUN_PAST -> "Run the end on";
        };
    }

    /** Closes a gap. */
    void close(Gap gap) {
        Mend mend = desk.settings().mend();
        Optional<Job> closed =
                Closing.close(desk.workspace().job(), gap, desk.study(), desk.mmPerPx());
        if (closed.isEmpty()) {
            desk.workspace().say("The lines are still being found; try again in a moment.");
            return;
        }
        String what =
                Closing.edit(gap, mend, desk.study(), desk.mmPerPx())
                        .map(InkEdit::what)
                        .orElse("Close a gap");
        desk.workspace().change(what, job -> closed.get());
        if (mend != Mend.UNSEEN) {
            desk.workspace().say(what + "; it is listed at Line, where it can be taken back.");
        }
    }

    /** Keeps a gap open or closed from now on. */
    void decide(Point place, boolean closed) {
        desk.workspace()
                .change(
                        closed ? "Close a gap" : "Leave a gap open",
                        job -> Closing.decide(job, place, closed));
    }
}

package neattrace.stage;

import java.util.concurrent.CancellationException;

/**
 * The line between a long computation and whoever waits for it.
 *
 * <p>A computation calls {@link #report} at its natural joints; an implementation may throw {@link
 * CancellationException} from there to stop the work. Values already returned stay valid, because
 * every step takes values and returns a value.
 */
@FunctionalInterface
public interface Progress {

    /** Listens to nobody and never cancels. */
    Progress SILENT = (step, share) -> {};

    /**
     * Says where the work is.
     *
     * @param step what is being done, in the user's words
     * @param share how much of the whole is done, 0 to 1
     * @throws CancellationException if the work is no longer wanted
     */
    void report(String step, double share);

    /** The part of this progress from {@code from} to {@code to}, as a progress of its own. */
    default Progress part(double from, double to) {
        return (step, share) -> report(step, from + share * (to - from));
    }
}

package neattrace.app.docket;

import java.util.List;
import neattrace.app.table.Mark;
import neattrace.geom.Point;

/**
 * A place that needs a decision.
 *
 * @param place where, mm; null if it concerns the whole drawing
 * @param reachMm how much round it should be seen
 * @param title what, with its measure
 * @param reason why it matters, in the words of the goods
 * @param mark how it is pointed out on the table; null if it has no place
 * @param answers what can be done; the first is the usual one
 */
public record Finding(
        Point place, double reachMm, String title, String reason, Mark mark, List<Answer> answers) {

    public Finding {
        answers = List.copyOf(answers);
    }

    /**
     * Something to do about a finding.
     *
     * @param label in the user's words
     * @param action does it
     */
    public record Answer(String label, Runnable action) {}

    /** A finding about the whole drawing. */
    public static Finding general(String title, String reason, Answer... answers) {
        return new Finding(null, 0, title, reason, null, List.of(answers));
    }
}

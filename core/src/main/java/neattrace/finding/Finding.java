package neattrace.finding;

import java.util.List;
import java.util.Optional;

/**
 * Something that needs a decision.
 *
 * @param kind what it is and how serious
 * @param place where; empty if it concerns the whole drawing
 * @param measure how much; empty if nothing is measured
 * @param limit what the goods hold, in the measure's unit; empty if that is no matter of limits
 * @param goods for which goods it matters, by their keys; empty if for all
 * @param title what, with its measure
 * @param reason why it matters, in the words of the goods
 * @param answers what can be done; the first is the usual one
 */
public record Finding(
        Kind kind,
        Optional<Place> place,
        Optional<Measure> measure,
        Optional<Double> limit,
        List<String> goods,
        String title,
        String reason,
        List<Answer> answers) {

    public Finding {
        goods = List.copyOf(goods);
        answers = List.copyOf(answers);
    }

    /** One about the whole drawing. */
    public static Finding of(Kind kind, String title, String reason, Answer... answers) {
        return new Finding(
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                title,
                reason,
                List.of(answers));
    }

    /** The same for some goods. */
    public Finding on(List<String> value) {
        return new Finding(kind, place, measure, limit, value, title, reason, answers);
    }

    /** The same at a place. */
    public Finding at(Place value) {
        return new Finding(kind, Optional.of(value), measure, limit, goods, title, reason, answers);
    }

    /** The same with a measure. */
    public Finding measuring(Measure value) {
        return new Finding(kind, place, Optional.of(value), limit, goods, title, reason, answers);
    }

    /** The same with what the goods hold, in the measure's unit. */
    public Finding against(double value) {
        return new Finding(kind, place, measure, Optional.of(value), goods, title, reason, answers);
    }
}

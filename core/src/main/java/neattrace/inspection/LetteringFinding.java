package neattrace.inspection;

import java.util.Optional;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.job.Lettering;

/** Tells of letters that goods do not hold. */
final class LetteringFinding {

    private LetteringFinding() {}

    /**
     * The finding; empty if it was left.
     *
     * @param mm measured, on the goods
     * @param least that they hold, mm
     */
    static Optional<Finding> of(
            Kind kind,
            Lettering one,
            double mm,
            double least,
            String title,
            String reason,
            Wished wished,
            Leaving left) {
        String what = wished.left(kind.key());
        if (left.isLeft(what, one.middle())) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(kind, title + wished.on(), reason, left.leave(what, one.middle()))
                        .at(
                                new Place.Box(
                                        one.middle(),
                                        one.to().x() - one.from().x(),
                                        one.to().y() - one.from().y()))
                        .measuring(Measure.mm(mm))
                        .against(least)
                        .on(wished.keys()));
    }
}

package neattrace.inspection;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.flat.Swatch;
import neattrace.goods.Needs.Coloured;
import neattrace.press.Cmyk;

/** What a press would not print well. */
final class PressInspection {

    static final String STATION = "press";

    private static final Kind TOO_MUCH_INK =
            new Kind(
                    STATION,
                    "ink-over-limit",
                    Severity.STOP,
                    Cost.RUN,
                    "%d swatches have too much ink");

    static final Inspection<Reads> PRESS =
            new Inspection<>(STATION, List.of(TOO_MUCH_INK), Reads::of, PressInspection::groups);

    /** What is read. */
    record Reads(List<Swatch> swatches, List<Wished> wished) {

        static Reads of(Known known) {
            return new Reads(known.drawing().job().swatches(), Wished.of(known.drawing()));
        }
    }

    private PressInspection() {}

    private static List<Group> groups(Reads reads) {
        List<Finding> found =
                reads.swatches().stream()
                        .flatMap(swatch -> tooMuch(swatch, reads.wished()).stream())
                        .toList();
        return Group.of(found, "less", "Make all of them less").stream().toList();
    }

    /** Held against the goods that take least ink of those that have too much. */
    private static Optional<Finding> tooMuch(Swatch swatch, List<Wished> wished) {
        double total = swatch.build().total();
        List<Wished> over =
                wished.stream()
                        .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                        .filter(one -> limit(one) > 0 && total > limit(one))
                        .sorted(Comparator.comparingDouble(PressInspection::limit))
                        .toList();
        return over.isEmpty() ? Optional.empty() : Optional.of(tooMuch(swatch, total, over));
    }

    private static double limit(Wished wished) {
        return wished.goods().printing().inkLimit();
    }

    private static Finding tooMuch(Swatch swatch, double total, List<Wished> over) {
        double limit = limit(over.get(0));
        Cmyk less = swatch.build().limitedTo(limit);
        return Finding.of(
                        TOO_MUCH_INK,
                        String.format(Locale.ROOT, "%s has %.0f %% ink", swatch.name(), total),
                        String.format(
                                Locale.ROOT,
                                "More than %.0f %% dries badly%s and sets off on the next sheet.",
                                limit,
                                over.get(0).on()),
                        new Answer.Change(
                                "less",
                                "Make it " + less,
                                "Less ink",
                                (job, drawing) ->
                                        job.swatch(swatch.id())
                                                .map(now -> job.withSwatch(now.withBuild(less)))
                                                .orElse(job)))
                .measuring(new Measure(total, "%"))
                .against(limit)
                .on(Wished.keys(over));
    }
}

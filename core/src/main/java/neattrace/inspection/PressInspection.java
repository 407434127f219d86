package neattrace.inspection;

import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.flat.Swatch;
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

    /** More ink than this dries badly on coated paper (common practice, no source), percent. */
    private static final double INK_LIMIT = 300;

    /** What is read. */
    record Reads(List<Swatch> swatches) {

        static Reads of(Known known) {
            return new Reads(known.drawing().job().swatches());
        }
    }

    private PressInspection() {}

    private static List<Group> groups(Reads reads) {
        List<Finding> found =
                reads.swatches().stream()
                        .filter(swatch -> swatch.build().total() > INK_LIMIT)
                        .map(PressInspection::tooMuch)
                        .toList();
        return Group.of(found, "less", "Make all of them less").stream().toList();
    }

    private static Finding tooMuch(Swatch swatch) {
        double total = swatch.build().total();
        Cmyk less = swatch.build().limitedTo(INK_LIMIT);
        return Finding.of(
                        TOO_MUCH_INK,
                        String.format(Locale.ROOT, "%s has %.0f %% ink", swatch.name(), total),
                        "More than 300 % dries badly and sets off on the next sheet.",
                        new Answer.Change(
                                "less",
                                "Make it " + less,
                                "Less ink",
                                (job, drawing) ->
                                        job.swatch(swatch.id())
                                                .map(now -> job.withSwatch(now.withBuild(less)))
                                                .orElse(job)))
                .measuring(new Measure(total, "%"))
                .against(INK_LIMIT);
    }
}

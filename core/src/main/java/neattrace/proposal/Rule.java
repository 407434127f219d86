package neattrace.proposal;

import java.util.Map;
import java.util.Optional;

/**
 * What is usually done about a kind of finding.
 *
 * @param answer the key of the answer that is given; empty if it is left as it is
 * @param doubt how doubtful that is, 0 to 1
 */
record Rule(Optional<String> answer, double doubt) {

    /** By the finding's kind; kinds that are not here are left, doubtfully. */
    static final Map<String, Rule> RULES =
            Map.ofEntries(
                    // Sheet
                    does("white-on-black", "turn", 0.5),
                    does("sheet-on-ground", "straighten", 0.3),
                    does("under-drawing", "drop", 0.25),
                    does("tilted", "level", 0.15),
                    does("scan-coarse", "enlarge", 0.3),
                    leaves("resolution-unknown", 0.7),
                    leaves("several-pictures", 0.3),
                    leaves("not-line-art", 0.8),
                    leaves("blemish-in-ink", 0.55),
                    leaves("detail-lost", 0.5),
                    leaves("speck-in-doubt", 0.5),
                    leaves("specks-dropped", 0.2),
                    leaves("blemish", 0.1),
                    leaves("crop", 0.05),
                    // Line
                    does("line-breaks", "mend", 0.35),
                    does("line-has-nub", "mend", 0.35),
                    does("line-has-dent", "mend", 0.4),
                    does("line-too-thin", "mend", 0.3),
                    leaves("corner-filled", 0.45),
                    leaves("tip-cut-off", 0.4),
                    leaves("strokes-stacked", 0.4),
                    leaves("gap-too-narrow", 0.5),
                    leaves("detail-unseen", 0.2),
                    leaves("edit-adrift", 0.5),
                    leaves("point-adrift", 0.4),
                    leaves("off-the-scan", 0.05),
                    // Flats
                    does("area-bare", "leave-bare", 0.5),
                    leaves("not-coloured", 1),
                    leaves("too-many-inks", 0.9),
                    leaves("area-too-small", 0.3),
                    leaves("colours-alike", 0.4),
                    leaves("colour-used-once", 0.15),
                    leaves("colour-crowded", 0.05),
                    leaves("colours-meet-in-gap", 0.4),
                    // Press, and what stands against goods as a whole
                    does("ink-over-limit", "less", 0.15),
                    does("black-rule-differs", "as-wanted", 0.25),
                    leaves("reference-not-cleared", 1),
                    leaves("size-leaves-nothing", 1),
                    leaves("lettering-small", 0.6),
                    leaves("lettering-thin", 0.5),
                    leaves("resolution-low", 0.4));

    private static final Rule UNKNOWN = new Rule(Optional.empty(), 0.5);

    static Rule of(String kind) {
        return RULES.getOrDefault(kind, UNKNOWN);
    }

    private static Map.Entry<String, Rule> does(String kind, String answer, double doubt) {
        return Map.entry(kind, new Rule(Optional.of(answer), doubt));
    }

    private static Map.Entry<String, Rule> leaves(String kind, double doubt) {
        return Map.entry(kind, new Rule(Optional.empty(), doubt));
    }
}

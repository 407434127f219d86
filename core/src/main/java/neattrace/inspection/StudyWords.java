package neattrace.inspection;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neattrace.finding.Cost;
import neattrace.finding.Severity;
import neattrace.goods.Detail;
import neattrace.trace.review.LineFinding.Kind;

/** What is found about lines, in a person's words. */
final class StudyWords {

    /** Kinds of findings by what the review calls them, in its order. */
    private static final Map<Kind, neattrace.finding.Kind> KINDS = kinds();

    /** Those that only limits of goods bring about. */
    static final List<neattrace.finding.Kind> AGAINST_GOODS =
            List.of(KINDS.get(Kind.THIN), KINDS.get(Kind.TIGHT), KINDS.get(Kind.UNSEEN));

    /** Those that matter whatever a drawing is for, in the review's order. */
    static final List<neattrace.finding.Kind> WHATEVER_FOR =
            KINDS.values().stream().filter(kind -> !AGAINST_GOODS.contains(kind)).toList();

    private StudyWords() {}

    private static Map<Kind, neattrace.finding.Kind> kinds() {
        Map<Kind, neattrace.finding.Kind> kinds = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            Cost cost = kind == Kind.UNSEEN || kind == Kind.STACKED ? Cost.WORK : Cost.PLACE;
            kinds.put(kind, LineInspection.kind(key(kind), Severity.LOOK, cost, several(kind)));
        }
        return kinds;
    }

    /** The kind of a finding, told of the goods it is for. */
    static neattrace.finding.Kind kind(Kind kind, Optional<Wished> wished) {
        neattrace.finding.Kind told = KINDS.get(kind);
        return wished.map(one -> told.withMany(told.many() + one.on())).orElse(told);
    }

    private static String key(Kind kind) {
        return switch (kind) {
            case BREAK -> "line-breaks";
            case NUB -> "line-has-nub";
            case DENT -> "line-has-dent";
            case FILLED_CORNER -> "corner-filled";
            case CUT_TIP -> "tip-cut-off";
            case STACKED -> "strokes-stacked";
            case THIN -> "line-too-thin";
            case TIGHT -> "gap-too-narrow";
            case UNSEEN -> "detail-unseen";
        };
    }

    private static String several(Kind kind) {
        return switch (kind) {
            case BREAK -> "%d breaks in lines";
            case NUB -> "%d nubs stick out of lines";
            case DENT -> "%d dents in lines";
            case FILLED_CORNER -> "%d corners have run full";
            case CUT_TIP -> "%d lines are cut off bluntly";
            case STACKED -> "%d pairs of strokes side by side";
            case THIN -> "%d stretches of line too thin";
            case TIGHT -> "%d gaps between lines too narrow";
            case UNSEEN -> "%d details too fine to be seen";
        };
    }

    /**
     * What it is, with its measure.
     *
     * @param measure mm, on the goods if they are known
     */
    static String title(Kind kind, double measure, Optional<Wished> wished) {
        String mm = Words.under(measure, wished.map(one -> limit(kind, one)).orElse(0.0));
        String on = wished.map(Wished::on).orElse("");
        return switch (kind) {
            case BREAK -> "A line breaks for " + mm;
            case NUB -> "A nub sticks out by " + mm;
            case DENT -> "A dent takes " + mm + " off a line";
            case FILLED_CORNER -> "A corner has run full over " + mm;
            case CUT_TIP -> "A line is cut off " + mm + " wide";
            case STACKED -> "Two strokes side by side for " + mm;
            case THIN -> "A line is only " + mm + " wide" + on;
            case TIGHT -> "Only " + mm + " between lines" + on;
            case UNSEEN -> "A detail of " + mm + on + " is too fine to be seen";
        };
    }

    static String reason(Kind kind, Optional<Wished> wished) {
        return wished.filter(Wished::isDecided)
                .map(one -> reason(kind, one))
                .orElseGet(() -> reason(kind));
    }

    /** What goods hold of a kind, mm on them; 0 if that is no matter of limits. */
    static double limit(Kind kind, Wished wished) {
        Detail detail = wished.goods().detail();
        return switch (kind) {
            case THIN -> detail.lineMm();
            case TIGHT -> detail.gapMm();
            case UNSEEN -> detail.seenMm();
            default -> 0;
        };
    }

    /** In the words of the goods. */
    private static String reason(Kind kind, Wished wished) {
        Detail detail = wished.goods().detail();
        return switch (kind) {
            case THIN ->
                    wished.subject()
                            + " holds lines from "
                            + Words.mm(detail.lineMm())
                            + " on; thinner ones may be lost in making.";
            case TIGHT ->
                    wished.subject()
                            + " holds paper between lines from "
                            + Words.mm(detail.gapMm())
                            + " on; narrower gaps may fill in.";
            case UNSEEN ->
                    String.format(
                            Locale.ROOT,
                            "From %.1f m away nobody sees what is narrower than %s.",
                            detail.viewingMm() / 1000,
                            Words.mm(detail.seenMm()));
            default -> reason(kind);
        };
    }

    private static String reason(Kind kind) {
        return switch (kind) {
            case BREAK -> "Both ends point at each other; colour would run through.";
            case NUB -> "Too short to be a line; it looks like a blot on the goods.";
            case DENT -> "The line is thinner for a moment and may look broken.";
            case FILLED_CORNER -> "Ink has run where paper should part the lines.";
            case CUT_TIP -> "It thins out and then stops bluntly, as if its point were lost.";
            case STACKED -> "As one line it can be made thinner again.";
            case THIN -> "Thinner than the goods can hold; it may be lost in making.";
            case TIGHT -> "Narrower than the goods can hold; it may fill in.";
            case UNSEEN -> "Nobody sees it from where the goods are looked at.";
        };
    }

    /** What its edit does. */
    static String answer(Kind kind) {
        return switch (kind) {
            case BREAK -> "Join them";
            case NUB -> "Take it off";
            case DENT -> "Fill it";
            case FILLED_CORNER -> "Open it";
            case CUT_TIP -> "Draw its point";
            case STACKED -> "Make one line";
            default -> "Thicken it";
        };
    }

    /** The same for several at once. */
    static String answerAll(Kind kind, int count) {
        return switch (kind) {
            case BREAK -> "Join all " + count;
            case NUB -> "Take all " + count + " off";
            case DENT -> "Fill all " + count;
            case FILLED_CORNER -> "Open all " + count;
            case CUT_TIP -> "Draw all " + count + " points";
            case STACKED -> "Make each pair one line";
            default -> "Thicken all " + count;
        };
    }

    /** What all their edits together are called. */
    static String edit(Kind kind) {
        return switch (kind) {
            case BREAK -> "Breaks joined";
            case NUB -> "Nubs taken off";
            case DENT -> "Dents filled";
            case FILLED_CORNER -> "Corners opened";
            case CUT_TIP -> "Points drawn";
            case STACKED -> "Strokes made one";
            default -> "Thin lines thickened";
        };
    }
}

package neattrace.inspection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.goods.Needs.Coloured;
import neattrace.job.change.Closing;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Gap;
import neattrace.region.Mend;
import neattrace.stage.Same;
import neattrace.trace.InkEdit;

/** Gaps that nobody has decided on yet. */
final class GapFindings {

    /** No more are told of singly, whatever the drawing. */
    private static final int MOST_SINGLY = 1000;

    private final CloseInspection.Reads reads;
    private final double mmPerPx;
    private final Mend mend;
    private final Optional<LineStudy> study;

    GapFindings(CloseInspection.Reads reads) {
        this.reads = reads;
        this.mmPerPx = reads.mmPerPx();
        this.mend = reads.close().mend();
        this.study = reads.study().map(Same::value);
    }

    List<Group> groups() {
        List<Gap> undecided =
                reads.areas().value().gaps().stream()
                        .filter(gap -> !gap.decided())
                        .sorted(
                                Comparator.comparing(Gap::ends, Comparator.reverseOrder())
                                        .thenComparingDouble(Gap::widthPx))
                        .toList();
        List<Group> groups = new ArrayList<>();
        if (concerned().isEmpty()) {
            return groups;
        }
        group(undecided, false, "Close all %d", "All are meant").ifPresent(groups::add);
        group(undecided, true, "Keep all %d closed", "Open all %d").ifPresent(groups::add);
        return groups;
    }

    /**
     * Goods for which it matters whether areas are closed; those that must be, if there are any.
     */
    private List<Wished> concerned() {
        if (mustBeClosed().isPresent()) {
            return reads.wished().stream().filter(one -> one.goods().needs().closed()).toList();
        }
        return reads.wished().stream()
                .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                .toList();
    }

    private Optional<Wished> mustBeClosed() {
        return reads.wished().stream().filter(one -> one.goods().needs().closed()).findFirst();
    }

    private Kind kind(Gap gap) {
        if (gap.closed()) {
            return CloseInspection.CLOSED;
        }
        return mustBeClosed().isPresent()
                ? CloseInspection.OPEN.withSeverity(Severity.STOP)
                : CloseInspection.OPEN;
    }

    private Optional<Group> group(List<Gap> gaps, boolean closed, String close, String open) {
        List<Gap> these = gaps.stream().filter(gap -> gap.closed() == closed).toList();
        List<Finding> singly = these.stream().limit(MOST_SINGLY).map(this::finding).toList();
        int more = these.size() - singly.size();
        return Group.of(
                        singly,
                        MOST_SINGLY,
                        all ->
                                List.of(
                                        Group.each(all, "close", counted(close, all)),
                                        Group.each(all, "open", counted(open, all))))
                .map(group -> group.and(more));
    }

    private static String counted(String label, List<Finding> all) {
        return String.format(Locale.ROOT, label, all.size());
    }

    private Finding finding(Gap gap) {
        Point at = gap.place().times(mmPerPx);
        double mm = gap.widthPx() * mmPerPx;
        Optional<InkEdit> edit = Closing.edit(gap, mend, study, mmPerPx);
        List<Answer> answers = new ArrayList<>();
        answers.add(
                edit.map(this::inInk)
                        .orElseGet(
                                () ->
                                        decide(
                                                "close",
                                                gap.closed() ? "Keep it closed" : "Close it",
                                                at,
                                                true)));
        answers.add(decide("open", gap.closed() ? "Open it" : "It is meant", at, false));
        answers.add(new Answer.ByHand("draw", "Draw it", "knife"));
        lineMeant(gap).ifPresent(answers::add);
        return Finding.of(
                        kind(gap),
                        String.format(
                                Locale.ROOT,
                                gap.closed()
                                        ? "A gap of %.2f mm was closed"
                                        : "An opening of %.2f mm",
                                mm),
                        reason(gap),
                        answers.toArray(Answer[]::new))
                .at(
                        new Place.Stretch(
                                at,
                                gap.from().times(mmPerPx),
                                gap.to().times(mmPerPx),
                                !gap.closed(),
                                Closing.way(gap, mend, study, mmPerPx),
                                Math.max(3, 3 * mm)))
                .measuring(Measure.mm(mm))
                .against(reads.areas().value().gapPx() * mmPerPx)
                .on(Wished.keys(gap.closed() ? List.of() : concerned()));
    }

    private static Answer decide(String key, String label, Point at, boolean close) {
        return new Answer.Change(
                key,
                label,
                close ? "Close a gap" : "Leave a gap open",
                (job, drawing) -> Closing.decide(job, at, close));
    }

    private Answer inInk(InkEdit edit) {
        String label = mend == Mend.INK ? "Draw it in ink" : "Run the end on";
        return new Answer.Change(
                "close", label, edit.what(), (job, drawing) -> job.withLine(job.line().with(edit)));
    }

    /** Marks the lines that end at an opening as meant to; if there are such lines. */
    private Optional<Answer> lineMeant(Gap gap) {
        if (gap.ends() == 0 || study.isEmpty()) {
            return Optional.empty();
        }
        LineStudy lines = study.get();
        if (lines.openLinesAt(gap).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new Answer.Change(
                        "line-meant",
                        "Its line is meant",
                        "A line meant open",
                        (job, drawing) -> Closing.leaveOpen(job, lines.openLinesAt(gap))));
    }

    /** Why it is thought to be a gap, how surely, and what it parts. */
    private String reason(Gap gap) {
        Optional<Wished> page = mustBeClosed().filter(one -> !gap.closed());
        String why = page.map(one -> " " + one.subject() + " must be closed.").orElse("");
        return parts(gap) + why;
    }

    private String parts(Gap gap) {
        String what =
                switch (gap.ends()) {
                    case 2 -> "Two ends of lines point at each other: surely a slip.";
                    case 1 -> "A line stops short of another: probably a slip.";
                    default -> "Two lines come near each other: perhaps meant.";
                };
        return what
                + String.format(
                        Locale.ROOT,
                        gap.closed() ? " It parts %s from %s." : " Closed, it parts %s from %s.",
                        size(gap.lesserPx()),
                        size(gap.greaterPx()));
    }

    private String size(long pixels) {
        double squareMm = pixels * mmPerPx * mmPerPx;
        return String.format(Locale.ROOT, squareMm < 9.95 ? "%.1f mm²" : "%.0f mm²", squareMm);
    }
}

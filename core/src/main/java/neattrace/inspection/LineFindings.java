package neattrace.inspection;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.trace.InkEdit;
import neattrace.trace.review.LineFinding;
import neattrace.trace.review.LineFinding.Kind;

/** What was measured about lines, as findings. */
final class LineFindings {

    /** No more of one kind than this are told of singly; nobody looks at more. */
    private static final int MOST_SINGLY = 400;

    private final Leaving left;
    private final List<InkEdit> edits;

    /**
     * Turns into findings what is still open.
     *
     * @param left what was left as it is
     * @param edits what was mended, though the measures have not seen it yet
     */
    LineFindings(Leaving left, List<InkEdit> edits) {
        this.left = left;
        this.edits = edits;
    }

    /**
     * Groups, kind by kind.
     *
     * @param found what was measured
     * @param wished for which goods; empty for what matters whatever it is for
     */
    List<Group> groups(List<LineFinding> found, Optional<Wished> wished) {
        Map<Kind, List<LineFinding>> byKind = new EnumMap<>(Kind.class);
        for (LineFinding finding : found) {
            boolean open =
                    !left.isLeft(left(finding.kind(), wished), finding.at()) && !isMended(finding);
            if (open) {
                byKind.computeIfAbsent(finding.kind(), kind -> new ArrayList<>()).add(finding);
            }
        }
        List<Group> groups = new ArrayList<>();
        byKind.forEach(
                (kind, all) -> {
                    if (!left.isLeft(allLeft(kind, wished))) {
                        groups.add(group(kind, all, wished));
                    }
                });
        return groups;
    }

    /** What one that was left is called in the log. */
    private static String left(Kind kind, Optional<Wished> wished) {
        String what = "line-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return wished.map(one -> one.left(what)).orElse(what);
    }

    private static String allLeft(Kind kind, Optional<Wished> wished) {
        return "all-" + left(kind, wished);
    }

    private boolean isMended(LineFinding finding) {
        return finding.fix().filter(edits::contains).isPresent();
    }

    private Group group(Kind kind, List<LineFinding> all, Optional<Wished> wished) {
        neattrace.finding.Kind told = StudyWords.kind(kind, wished);
        List<Finding> singly =
                all.stream().limit(MOST_SINGLY).map(one -> finding(told, one, wished)).toList();
        int more = all.size() - singly.size();
        return new Group(
                told,
                singly,
                more,
                all.size() == 1 ? List.of() : answers(all, singly, more, wished));
    }

    private List<Answer> answers(
            List<LineFinding> all, List<Finding> singly, int more, Optional<Wished> wished) {
        Kind kind = all.get(0).kind();
        List<Answer> answers = new ArrayList<>();
        List<InkEdit> fixes = all.stream().flatMap(one -> one.fix().stream()).toList();
        if (fixes.size() > 1) {
            InkEdit together = InkEdit.all(StudyWords.edit(kind), fixes);
            answers.add(mend(StudyWords.answerAll(kind, fixes.size()), together));
        }
        String label = "Leave all as they are";
        answers.add(
                more > 0
                        ? left.leaveAll(label, allLeft(kind, wished))
                        : Group.each(singly, Leaving.LEAVE, label));
        return answers;
    }

    private static Answer mend(String label, InkEdit edit) {
        return new Answer.Change(
                "mend", label, edit.what(), (job, drawing) -> job.withLine(job.line().with(edit)));
    }

    private Finding finding(
            neattrace.finding.Kind kind, LineFinding finding, Optional<Wished> wished) {
        List<Answer> answers = new ArrayList<>();
        finding.fix().ifPresent(fix -> answers.add(mend(StudyWords.answer(finding.kind()), fix)));
        answers.add(left.leave(left(finding.kind(), wished), finding.at()));
        double reach = Math.max(2.5, finding.from().distance(finding.to()) * 0.8);
        double mm = wished.map(one -> one.onGoods(finding.measureMm())).orElse(finding.measureMm());
        Finding told =
                Finding.of(
                                kind,
                                StudyWords.title(finding.kind(), mm, wished),
                                StudyWords.reason(finding.kind(), wished),
                                answers.toArray(Answer[]::new))
                        .at(
                                new Place.Stretch(
                                        finding.at(),
                                        finding.from(),
                                        finding.to(),
                                        true,
                                        List.of(),
                                        reach))
                        .measuring(Measure.mm(mm));
        return wished.map(one -> against(told, finding.kind(), one)).orElse(told);
    }

    private static Finding against(Finding told, Kind kind, Wished wished) {
        return told.on(wished.keys()).against(StudyWords.limit(kind, wished));
    }
}

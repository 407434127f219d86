package neattrace.inspection;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.job.pipeline.LineStudy;
import neattrace.trace.InkEdit;
import neattrace.trace.LineLimits;
import neattrace.trace.review.LineFinding;
import neattrace.trace.review.LineFinding.Kind;

/** What a study says about lines. */
final class StudyFindings {

    /** No more of one kind than this are told of singly; nobody looks at more. */
    private static final int MOST_SINGLY = 400;

    private final LineInspection.Reads reads;
    private final LineStudy study;
    private final Leaving left;

    StudyFindings(LineInspection.Reads reads, LineStudy study) {
        this.reads = reads;
        this.study = study;
        this.left =
                new Leaving(
                        LineInspection.STATION,
                        reads.reading().value(),
                        reads.resolution().pxPerMm(),
                        reads.log());
    }

    List<Group> groups() {
        Map<Kind, List<LineFinding>> byKind = new EnumMap<>(Kind.class);
        for (LineFinding finding : study.findings()) {
            boolean open = !left.isLeft(left(finding.kind()), finding.at()) && !isMended(finding);
            if (open) {
                byKind.computeIfAbsent(finding.kind(), kind -> new ArrayList<>()).add(finding);
            }
        }
        List<Group> groups = new ArrayList<>();
        byKind.forEach(
                (kind, all) -> {
                    if (!left.isLeft(allLeft(kind))) {
                        groups.add(group(kind, all));
                    }
                });
        return groups;
    }

    /** What one that was left is called in the log. */
    private static String left(Kind kind) {
        return "line-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String allLeft(Kind kind) {
        return "all-" + left(kind);
    }

    /** Whether its edit was made, though the study has not seen it yet. */
    private boolean isMended(LineFinding finding) {
        return finding.fix().filter(reads.line().edits()::contains).isPresent();
    }

    private Group group(Kind kind, List<LineFinding> all) {
        List<Finding> singly = all.stream().limit(MOST_SINGLY).map(this::finding).toList();
        int more = all.size() - singly.size();
        return new Group(
                StudyWords.KINDS.get(kind),
                singly,
                more,
                all.size() == 1 ? List.of() : answers(kind, all, singly, more));
    }

    private List<Answer> answers(Kind kind, List<LineFinding> all, List<Finding> singly, int more) {
        List<Answer> answers = new ArrayList<>();
        List<InkEdit> fixes = all.stream().flatMap(one -> one.fix().stream()).toList();
        if (fixes.size() > 1) {
            InkEdit together = InkEdit.all(StudyWords.edit(kind), fixes);
            answers.add(mend(StudyWords.answerAll(kind, fixes.size()), together));
        }
        String label = "Leave all as they are";
        answers.add(
                more > 0
                        ? left.leaveAll(label, allLeft(kind))
                        : Group.each(singly, Leaving.LEAVE, label));
        return answers;
    }

    private static Answer mend(String label, InkEdit edit) {
        return new Answer.Change(
                "mend", label, edit.what(), (job, drawing) -> job.withLine(job.line().with(edit)));
    }

    private Finding finding(LineFinding finding) {
        List<Answer> answers = new ArrayList<>();
        finding.fix().ifPresent(fix -> answers.add(mend(StudyWords.answer(finding.kind()), fix)));
        answers.add(left.leave(left(finding.kind()), finding.at()));
        double reach = Math.max(2.5, finding.from().distance(finding.to()) * 0.8);
        Finding told =
                Finding.of(
                                StudyWords.KINDS.get(finding.kind()),
                                StudyWords.title(finding),
                                StudyWords.reason(finding.kind()),
                                answers.toArray(Answer[]::new))
                        .at(
                                new Place.Stretch(
                                        finding.at(),
                                        finding.from(),
                                        finding.to(),
                                        true,
                                        List.of(),
                                        reach))
                        .measuring(Measure.mm(finding.measureMm()));
        LineLimits limits = study.about().limits();
        return switch (finding.kind()) {
            case THIN -> told.against(limits.leastLineMm());
            case TIGHT -> told.against(limits.leastGapMm());
            case UNSEEN -> told.against(limits.seenMm());
            default -> told;
        };
    }
}

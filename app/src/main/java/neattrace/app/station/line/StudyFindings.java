package neattrace.app.station.line;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.station.LeftAlone;
import neattrace.app.table.Mark;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.trace.edit.InkEdit;
import neattrace.trace.review.LineFinding;
import neattrace.trace.review.LineFinding.Kind;

/** What is doubtful about lines, in the user's words. */
final class StudyFindings {

    /** More of one kind than this are told of together. */
    private static final int MOST_SINGLY = 12;

    private final LineDesk desk;
    private final LeftAlone left;

    StudyFindings(LineDesk desk) {
        this.desk = desk;
        this.left = new LeftAlone(desk.workspace());
    }

    List<Finding> of(LineStudy study, Drawing drawing) {
        Map<Kind, List<LineFinding>> byKind = new EnumMap<>(Kind.class);
        for (LineFinding finding : study.findings()) {
            if (!isLeft(drawing, finding) && !isMended(drawing, finding)) {
                byKind.computeIfAbsent(finding.kind(), k -> new ArrayList<>()).add(finding);
            }
        }
        List<Finding> findings = new ArrayList<>();
        byKind.forEach(
                (kind, all) -> {
                    if (all.size() > MOST_SINGLY && isAboutGoods(kind)) {
                        if (!LeftAlone.isLeft(drawing, whole(kind))) {
                            findings.add(together(kind, all));
                        }
                    } else {
                        all.stream()
                                .limit(2 * MOST_SINGLY)
                                .forEach(one -> findings.add(single(drawing, one)));
                    }
                });
        return findings;
    }

    private static boolean isAboutGoods(Kind kind) {
        return kind == Kind.THIN || kind == Kind.TIGHT || kind == Kind.UNSEEN;
    }

    private static String whole(Kind kind) {
        return "all-" + name(kind);
    }

    private static String name(Kind kind) {
        return "line-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Point source(Drawing drawing, Point mm) {
        return drawing.reading().frame().toSource().apply(mm.times(drawing.resolution().pxPerMm()));
    }

    private static boolean isLeft(Drawing drawing, LineFinding finding) {
        return LeftAlone.isLeft(drawing, name(finding.kind()), source(drawing, finding.at()));
    }

    /** Whether its edit was made, though the study has not seen it yet. */
    private static boolean isMended(Drawing drawing, LineFinding finding) {
        return finding.fix().isPresent()
                && drawing.job().line().edits().contains(finding.fix().get());
    }

    private Finding single(Drawing drawing, LineFinding finding) {
        List<Answer> answers = new ArrayList<>();
        finding.fix()
                .ifPresent(fix -> answers.add(new Answer(answer(finding), () -> desk.make(fix))));
        answers.add(left.leave(name(finding.kind()), source(drawing, finding.at())));
        double reach = Math.max(2.5, finding.from().distance(finding.to()) * 0.8);
        return new Finding(
                finding.at(),
                reach,
                title(finding),
                reason(finding.kind()),
                new Mark(
                        finding.at(),
                        finding.from(),
                        finding.to(),
                        LinePanel.mm(finding.measureMm()),
                        false,
                        true),
                answers);
    }

    private Finding together(Kind kind, List<LineFinding> all) {
        List<InkEdit> fixes = all.stream().flatMap(one -> one.fix().stream()).toList();
        List<Answer> answers = new ArrayList<>();
        if (!fixes.isEmpty()) {
            answers.add(
                    new Answer(
                            "Thicken all of them",
                            () ->
                                    desk.change(
                                            "Thin lines thickened",
                                            recipe -> {
                                                List<InkEdit> next =
                                                        new ArrayList<>(recipe.edits());
                                                next.add(
                                                        InkEdit.all("Thin lines thickened", fixes));
                                                return recipe.withEdits(next);
                                            })));
        }
        answers.add(left.leave(whole(kind)));
        LineFinding worst = all.get(0);
        return new Finding(
                worst.at(),
                5,
                String.format(
                        Locale.ROOT,
                        "%d %s, the worst %s",
                        all.size(),
                        plural(kind),
                        LinePanel.mm(worst.measureMm())),
                reason(kind),
                Mark.at(worst.at(), LinePanel.mm(worst.measureMm()), false),
                answers);
    }

    private static String plural(Kind kind) {
        return switch (kind) {
            case THIN -> "stretches of thin line";
            case TIGHT -> "narrow gaps between lines";
            default -> "details too fine to be seen";
        };
    }

    private static String title(LineFinding finding) {
        String mm = LinePanel.mm(finding.measureMm());
        return switch (finding.kind()) {
            case BREAK -> "A line breaks for " + mm;
            case NUB -> "A nub sticks out by " + mm;
            case DENT -> "A dent takes " + mm + " off a line";
            case FILLED_CORNER -> "A corner has run full over " + mm;
            case CUT_TIP -> "A line is cut off " + mm + " wide";
            case STACKED -> "Two strokes side by side for " + mm;
            case THIN -> "A line is only " + mm + " wide";
            case TIGHT -> "Only " + mm + " between lines";
            case UNSEEN -> "A detail of " + mm + " is too fine to be seen";
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

    private static String answer(LineFinding finding) {
        return switch (finding.kind()) {
            case BREAK -> "Join them";
            case NUB -> "Take it off";
            case DENT -> "Fill it";
            case FILLED_CORNER -> "Open it";
            case CUT_TIP -> "Draw its point";
            case STACKED -> "Make one line";
            default -> "Thicken it";
        };
    }
}

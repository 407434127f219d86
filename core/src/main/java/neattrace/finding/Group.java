package neattrace.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;

/**
 * Findings of one kind.
 *
 * @param kind of all of them
 * @param findings at least one, the worst first
 * @param more how many there are besides that are not told singly
 * @param answers what can be done about all of them at once; none if each wants looking at
 */
public record Group(Kind kind, List<Finding> findings, int more, List<Answer> answers) {

    /** The most serious first, then what is dearest to be wrong about. */
    public static final Comparator<Group> ORDER =
            Comparator.comparing((Group group) -> group.kind().severity())
                    .thenComparing(group -> group.kind().cost());

    public Group {
        findings = List.copyOf(findings);
        answers = List.copyOf(answers);
        if (findings.isEmpty() || more < 0) {
            throw new IllegalArgumentException("a group has a finding");
        }
    }

    /** One finding alone, or several without answers for all. */
    public static Group of(Finding... findings) {
        return new Group(findings[0].kind(), List.of(findings), 0, List.of());
    }

    /**
     * Findings of one kind, with answers for all where there are several.
     *
     * @param most no more are told singly
     * @param forAll the answers, for those that are told
     * @return empty if there are none
     */
    public static Optional<Group> of(
            List<Finding> findings, int most, Function<List<Finding>, List<Answer>> forAll) {
        if (findings.isEmpty()) {
            return Optional.empty();
        }
        List<Finding> told = findings.subList(0, Math.min(most, findings.size()));
        return Optional.of(
                new Group(
                        told.get(0).kind(),
                        told,
                        findings.size() - told.size(),
                        findings.size() == 1 ? List.of() : forAll.apply(told)));
    }

    /** The same, all told, with one answer for all: that of a key. */
    public static Optional<Group> of(List<Finding> findings, String key, String label) {
        return of(findings, Integer.MAX_VALUE, all -> List.of(each(all, key, label)));
    }

    /** The same, and so many besides that are not told singly. */
    public Group and(int others) {
        return new Group(kind, findings, more + others, answers);
    }

    /** How many there are. */
    public int count() {
        return findings.size() + more;
    }

    /** All of them in a few words; the one's own if there is but one. */
    public String title() {
        return count() == 1 ? findings.get(0).title() : kind.several(count());
    }

    /**
     * The answer that gives each finding its own answer of a key, as one change.
     *
     * @param key of answers that are changes
     * @param label of the answer for all
     */
    public static Answer.Change each(List<Finding> findings, String key, String label) {
        List<Answer.Change> changes = new ArrayList<>();
        for (Finding finding : findings) {
            for (Answer answer : finding.answers()) {
                if (answer.key().equals(key) && answer instanceof Answer.Change change) {
                    changes.add(change);
                }
            }
        }
        return new Answer.Change(key, label, label, (job, drawing) -> all(changes, job, drawing));
    }

    private static Job all(List<Answer.Change> changes, Job job, Drawing drawing) {
        Job next = job;
        for (Answer.Change change : changes) {
            next = change.apply(next, drawing);
        }
        return next;
    }
}

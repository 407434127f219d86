package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A job with its past and its future, for undo and redo. Immutable; jobs share what did not change,
 * so a step costs a few references.
 */
public final class History {

    /** One step: the job after it and what was done, in the user's words. */
    public record Step(String what, Job job) {}

    private static final int MOST_STEPS = 1000;

    private final List<Step> steps;
    private final int now;

    private History(List<Step> steps, int now) {
        this.steps = steps;
        this.now = now;
    }

    /** A history that starts with {@code job}. */
    public static History of(Job job) {
        return new History(List.of(new Step("Open", job)), 0);
    }

    /** The job as it stands. */
    public Job job() {
        return steps.get(now).job();
    }

    /** After one more change; what was undone before is forgotten. The same if nothing changed. */
    public History then(String what, Job job) {
        if (job.equals(job())) {
            return this;
        }
        int first = Math.max(0, now + 2 - MOST_STEPS);
        List<Step> next = new ArrayList<>(steps.subList(first, now + 1));
        next.add(new Step(what, job));
        return new History(List.copyOf(next), next.size() - 1);
    }

    /** The same with something noted at every step, so that undoing does not take it back. */
    public History noted(UnaryOperator<Job> note) {
        return new History(
                steps.stream().map(step -> new Step(step.what(), note.apply(step.job()))).toList(),
                now);
    }

    /** What undo would take back, if anything. */
    public Optional<String> undoable() {
        return now > 0 ? Optional.of(steps.get(now).what()) : Optional.empty();
    }

    /** What redo would do again, if anything. */
    public Optional<String> redoable() {
        return now + 1 < steps.size() ? Optional.of(steps.get(now + 1).what()) : Optional.empty();
    }

    /** One step back; the same at the start. */
    public History undone() {
        return now > 0 ? new History(steps, now - 1) : this;
    }

    /** One step forward; the same at the end. */
    public History redone() {
        return now + 1 < steps.size() ? new History(steps, now + 1) : this;
    }
}

package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * A job with its past and its future, for undo and redo. Immutable; jobs share what did not change,
 * so a step costs a few references.
 *
 * @param <J> the kind of job, a value
 */
public final class History<J> {

    /** One step: the job after it and what was done, in the user's words. */
    private record Step<J>(String what, J job) {}

    private static final int MOST_STEPS = 1000;

    private final List<Step<J>> steps;
    private final int now;

    private History(List<Step<J>> steps, int now) {
        this.steps = steps;
        this.now = now;
    }

    /** A history that starts with {@code job}. */
    public static <J> History<J> of(J job) {
        return new History<>(List.of(new Step<>("Open", job)), 0);
    }

    /** The job as it stands. */
    public J job() {
        return steps.get(now).job();
    }

    /** After one more change; what was undone before is forgotten. The same if nothing changed. */
    public History<J> then(String what, J job) {
        if (job.equals(job())) {
            return this;
        }
        int first = Math.max(0, now + 2 - MOST_STEPS);
        List<Step<J>> next = new ArrayList<>(steps.subList(first, now + 1));
        next.add(new Step<>(what, job));
        return new History<>(List.copyOf(next), next.size() - 1);
    }

    /** The same with something noted at every step, so that undoing does not take it back. */
    public History<J> noted(UnaryOperator<J> note) {
        return new History<>(
                steps.stream()
                        .map(step -> new Step<>(step.what(), note.apply(step.job())))
                        .toList(),
                now);
    }

    /**
     * The same with the last change brought to its end, such as by what was worked out of it; no
     * step of its own. What was undone before is forgotten.
     */
    public History<J> completed(J job) {
        List<Step<J>> next = new ArrayList<>(steps.subList(0, now));
        next.add(new Step<>(steps.get(now).what(), job));
        return new History<>(List.copyOf(next), now);
    }

    /** Whether any of the steps that led here, the first and the last included, is such a job. */
    public boolean hasPassed(Predicate<J> such) {
        return steps.subList(0, now + 1).stream().map(Step::job).anyMatch(such);
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
    public History<J> undone() {
        return now > 0 ? new History<>(steps, now - 1) : this;
    }

    /** One step forward; the same at the end. */
    public History<J> redone() {
        return now + 1 < steps.size() ? new History<>(steps, now + 1) : this;
    }
}

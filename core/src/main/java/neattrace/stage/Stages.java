package neattrace.stage;

import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Runs stages and remembers, of each, what it made last. Safe for use by many threads: a stage
 * never runs twice at once, and who wants what is being made already waits for it. What is only
 * being prepared gives way: if the same stage is wanted of something else it is called off.
 */
public final class Stages {

    private final Map<Stage<?, ?>, Slot<?, ?>> slots = new ConcurrentHashMap<>();

    /**
     * The outcome of a stage; takes the time of making it unless it was made of an equal input
     * last.
     *
     * @param progress who waits; may call it off, also while others are waited for
     * @throws IOException if what is read cannot be
     * @throws CancellationException if {@code progress} says so
     */
    public <I, O> O get(Stage<I, O> stage, I input, Progress progress) throws IOException {
        return slot(stage).get(input, false, progress);
    }

    /**
     * The same, beforehand: nobody waits for it yet.
     *
     * @throws CancellationException besides, if the stage is wanted of something else meanwhile
     */
    public <I, O> O prepare(Stage<I, O> stage, I input, Progress progress) throws IOException {
        return slot(stage).get(input, true, progress);
    }

    /** What a stage made last, if it was made of an equal input. */
    public <I, O> Optional<O> known(Stage<I, O> stage, I input) {
        return slot(stage).known(input);
    }

    /** A copy that goes its own way from here: what is made there is not remembered here. */
    public Stages apart() {
        Stages copy = new Stages();
        copy.takeOver(this);
        return copy;
    }

    /** Remembers what others made in place of its own. */
    public void takeOver(Stages others) {
        others.slots.forEach((stage, slot) -> takeOver(stage, slot));
    }

    @SuppressWarnings("unchecked")
    private <I, O> void takeOver(Stage<I, O> stage, Slot<?, ?> slot) {
        Made<I, O> last = ((Slot<I, O>) slot).last();
        if (last != null) {
            slot(stage).remember(last);
        }
    }

    @SuppressWarnings("unchecked")
    private <I, O> Slot<I, O> slot(Stage<I, O> stage) {
        return (Slot<I, O>) slots.computeIfAbsent(stage, s -> new Slot<>(this, stage));
    }
}

package neattrace.stage;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.CancellationException;

/** The place of one stage: what it made last, and whether it is at work. */
final class Slot<I, O> {

    /** Who waits for others looks up so often whether it was called off, ms. */
    private static final long LOOK_MS = 20;

    /** Work that is going on; guarded by the slot. */
    private static final class Work<I> {
        private final I input;
        private boolean prepared;
        private volatile boolean givesWay;

        private Work(I input, boolean prepared) {
            this.input = input;
            this.prepared = prepared;
        }
    }

    private final Stages stages;
    private final Stage<I, O> stage;
    private Made<I, O> made;
    private Work<I> running;

    Slot(Stages stages, Stage<I, O> stage) {
        this.stages = stages;
        this.stage = stage;
    }

    O get(I input, boolean prepared, Progress progress) throws IOException {
        Work<I> work;
        Made<I, O> before;
        synchronized (this) {
            while (!isMade(input) && running != null) {
                meet(running, input, prepared);
                await();
                progress.report(stage.toString(), 0);
            }
            if (isMade(input)) {
                return made.output();
            }
            work = new Work<>(input, prepared);
            running = work;
            before = made;
        }
        try {
            O output =
                    stage.maker()
                            .make(
                                    input,
                                    new Run<>(stages, before, prepared, guarded(work, progress)));
            remember(new Made<>(input, output));
            return output;
        } finally {
            end();
        }
    }

    private boolean isMade(I input) {
        return made != null && made.input().equals(input);
    }

    /** What somebody wants is no longer only prepared; what nobody wants gives way. */
    private static <I> void meet(Work<I> running, I input, boolean prepared) {
        if (prepared || !running.prepared) {
            return;
        }
        if (running.input.equals(input)) {
            running.prepared = false;
        } else {
            running.givesWay = true;
        }
    }

    private void await() {
        try {
            wait(LOOK_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
    }

    private static Progress guarded(Work<?> work, Progress progress) {
        return (step, share) -> {
            if (work.givesWay) {
                throw new CancellationException();
            }
            progress.report(step, share);
        };
    }

    private synchronized void end() {
        running = null;
        notifyAll();
    }

    synchronized void remember(Made<I, O> next) {
        made = next;
    }

    synchronized Made<I, O> last() {
        return made;
    }

    synchronized Optional<O> known(I input) {
        return isMade(input) ? Optional.of(made.output()) : Optional.empty();
    }
}

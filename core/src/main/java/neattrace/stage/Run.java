package neattrace.stage;

import java.io.IOException;
import java.util.Optional;

/** A stage at work. */
public final class Run<I, O> {

    private final Stages stages;
    private final Made<I, O> before;
    private final boolean prepared;
    private final Progress progress;

    Run(Stages stages, Made<I, O> before, boolean prepared, Progress progress) {
        this.stages = stages;
        this.before = before;
        this.prepared = prepared;
        this.progress = progress;
    }

    /**
     * What the stage made last, of something else. Parts of it may be taken over as long as the
     * outcome equals one that is made anew.
     */
    public Optional<Made<I, O>> before() {
        return Optional.ofNullable(before);
    }

    /** Who waits, and may call it off. */
    public Progress progress() {
        return progress;
    }

    /**
     * What another stage makes, for what is seldom needed and therefore not read from the start. It
     * gives way as this stage does.
     */
    public <A, B> B get(Stage<A, B> stage, A input) throws IOException {
        return prepared
                ? stages.prepare(stage, input, progress)
                : stages.get(stage, input, progress);
    }
}

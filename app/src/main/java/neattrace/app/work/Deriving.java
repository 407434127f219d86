package neattrace.app.work;

import java.util.function.UnaryOperator;
import neattrace.job.Job;
import neattrace.stage.Progress;

/** Finds out, off the JavaFX thread, how to change the job. */
@FunctionalInterface
public interface Deriving {

    /**
     * Finds out.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    UnaryOperator<Job> derive(Progress progress) throws Exception;
}

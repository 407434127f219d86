package neattrace.app.work;

import neattrace.job.Job;
import neattrace.stage.Progress;

/** Makes another job of the open one, off the JavaFX thread. */
@FunctionalInterface
public interface Remaking {

    /**
     * What was made.
     *
     * @param job the other job
     * @param whenTaken called on the JavaFX thread when it becomes the open one
     */
    record Made(Job job, Runnable whenTaken) {}

    /**
     * Makes it.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    Made remake(Progress progress) throws Exception;
}

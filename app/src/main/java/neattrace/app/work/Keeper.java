package neattrace.app.work;

import java.io.IOException;
import java.lang.System.Logger.Level;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import neattrace.job.Job;
import neattrace.job.file.Autosave;

/** Autosaves off the JavaFX thread; of several changes in a row only the last is written. */
final class Keeper {

    private static final System.Logger LOG = System.getLogger(Keeper.class.getName());

    private final AtomicReference<Job> waiting = new AtomicReference<>();
    private final ExecutorService thread;
    private final Path folder;
    private final Consumer<IOException> whenFailed;
    private Autosave autosave;

    /**
     * A keeper.
     *
     * @param whenFailed told on the keeper's own thread that a job could not be kept, and why
     */
    Keeper(Path folder, Consumer<IOException> whenFailed) {
        this.folder = folder;
        this.whenFailed = whenFailed;
        this.thread = Worker.named("autosave", Thread.NORM_PRIORITY);
    }

    void keep(Job job) {
        if (waiting.getAndSet(job) == null && !thread.isShutdown()) {
            thread.execute(this::keepWaiting);
        }
    }

    private void keepWaiting() {
        Job job = waiting.getAndSet(null);
        if (job == null) {
            return;
        }
        try {
            if (autosave == null) {
                autosave = Autosave.start(folder);
            }
            autosave.keep(job);
        } catch (IOException | RuntimeException | Error e) {
            LOG.log(Level.WARNING, "the job could not be autosaved", e);
            whenFailed.accept(notKept(e));
        }
    }

    private static IOException notKept(Throwable e) {
        return new IOException(
                "The job is not being kept safe while you work; save it yourself. "
                        + Messages.plain(e),
                e);
    }

    /** Removes a job left behind, once what was handed to {@link #keep} before is safe. */
    void discard(Path kept) {
        thread.execute(
                () -> {
                    try {
                        Autosave.discard(kept);
                    } catch (IOException e) {
                        LOG.log(Level.WARNING, "an autosaved job could not be removed", e);
                    }
                });
    }

    void close() {
        thread.execute(
                () -> {
                    waiting.set(null);
                    try {
                        if (autosave != null) {
                            autosave.forget();
                            autosave.close();
                        }
                    } catch (IOException e) {
                        LOG.log(Level.WARNING, "autosave was not closed in order", e);
                    }
                });
        thread.shutdown();
        try {
            if (!thread.awaitTermination(10, TimeUnit.SECONDS)) {
                LOG.log(Level.WARNING, "autosave did not end in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

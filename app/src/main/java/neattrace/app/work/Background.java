package neattrace.app.work;

import java.lang.System.Logger.Level;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;
import neattrace.progress.Progress;

/**
 * Quiet work beside the main one: only the newest request counts, and nobody waits for it. Methods
 * belong to the JavaFX thread.
 */
final class Background implements AutoCloseable {

    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService thread;

    Background(String name) {
        thread = Worker.named(name, Thread.NORM_PRIORITY - 1);
    }

    /**
     * Starts work that makes all earlier void; one of the two is called on the JavaFX thread,
     * unless newer work has come.
     */
    <T> void start(Running.Work<T> work, Consumer<T> whenDone, Consumer<Throwable> whenFailed) {
        long ticket = newest.incrementAndGet();
        thread.execute(
                () -> {
                    if (ticket < newest.get()) {
                        return;
                    }
                    try {
                        T result = QuietPool.run(() -> work.run(listener(ticket)));
                        Platform.runLater(
                                () -> {
                                    if (ticket == newest.get()) {
                                        whenDone.accept(result);
                                    }
                                });
                    } catch (CancellationException e) {
                        // Newer work has come.
                    } catch (Throwable e) {
                        Platform.runLater(
                                () -> {
                                    if (ticket == newest.get()) {
                                        whenFailed.accept(e);
                                    }
                                });
                        System.getLogger(Background.class.getName())
                                .log(Level.WARNING, "work beside failed", e);
                    }
                });
    }

    private Progress listener(long ticket) {
        return (step, share) -> {
            if (ticket < newest.get()) {
                throw new CancellationException();
            }
        };
    }

    /** What runs is no longer wanted. */
    void stop() {
        newest.incrementAndGet();
    }

    @Override
    public void close() {
        stop();
        thread.shutdownNow();
    }
}

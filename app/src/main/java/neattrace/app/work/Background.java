package neattrace.app.work;

import java.lang.System.Logger.Level;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;
import neattrace.stage.Progress;

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
     * unless newer work has come or it was closed.
     */
    <T> void start(Running.Work<T> work, Consumer<T> whenDone, Consumer<Throwable> whenFailed) {
        long ticket = newest.incrementAndGet();
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> run(ticket, work, whenDone, whenFailed));
    }

    private <T> void run(
            long ticket,
            Running.Work<T> work,
            Consumer<T> whenDone,
            Consumer<Throwable> whenFailed) {
        while (ticket == newest.get()) {
            try {
                T result = QuietPool.run(() -> work.run(listener(ticket)));
                tell(ticket, () -> whenDone.accept(result));
                return;
            } catch (CancellationException e) {
                // Newer work has come; or it gave way to what is wanted, and is taken up again.
            } catch (Throwable e) {
                tell(ticket, () -> whenFailed.accept(e));
                System.getLogger(Background.class.getName())
                        .log(Level.WARNING, "work beside failed", e);
                return;
            }
        }
    }

    private void tell(long ticket, Runnable then) {
        Platform.runLater(
                () -> {
                    if (ticket == newest.get()) {
                        then.run();
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

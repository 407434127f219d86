package neattrace.app.work;

import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import neattrace.stage.Progress;

/**
 * The one computation that counts. Starting another makes all earlier ones void: they stop at their
 * next report and nothing of them is heard again. Methods belong to the JavaFX thread.
 */
final class Running implements AutoCloseable {

    /** Something that takes its time. */
    @FunctionalInterface
    interface Work<T> {
        T run(Progress progress) throws Exception;
    }

    private static final double IDLE = -1;

    /** Progress is told no more often than this. */
    private static final long PAUSE_NANOS = 40_000_000;

    private final ReadOnlyStringWrapper step = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(IDLE);
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService thread;

    /** Work on a thread of this name. */
    Running(String name) {
        thread = Worker.named(name, Thread.NORM_PRIORITY);
    }

    /** What is being done right now. */
    ReadOnlyStringProperty stepProperty() {
        return step.getReadOnlyProperty();
    }

    /** Share of the work that is done, or -1 when nothing runs. */
    ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /**
     * Starts work off the JavaFX thread; one of the two is called back on it, unless the work was
     * stopped or made void.
     */
    <T> void start(
            String what, Work<T> work, Consumer<T> whenDone, Consumer<Throwable> whenFailed) {
        step.set(what);
        progress.set(0);
        long ticket = newest.incrementAndGet();
        thread.execute(
                () -> {
                    try {
                        T result = work.run(listener(ticket));
                        end(ticket, () -> whenDone.accept(result));
                    } catch (CancellationException e) {
                        // Whoever stopped the work has dealt with it.
                    } catch (Throwable e) {
                        // Whatever it is, nobody may wait for this work any more.
                        end(ticket, () -> whenFailed.accept(e));
                    }
                });
    }

    private void end(long ticket, Runnable then) {
        Platform.runLater(
                () -> {
                    if (ticket == newest.get()) {
                        idle();
                        then.run();
                    }
                });
    }

    private Progress listener(long ticket) {
        AtomicLong told = new AtomicLong(System.nanoTime() - PAUSE_NANOS);
        AtomicReference<String> toldWhat = new AtomicReference<>("");
        return (what, share) -> {
            if (Thread.currentThread().isInterrupted() || ticket < newest.get()) {
                throw new CancellationException();
            }
            // Thousands of curves report; nobody reads more than some numbers a second.
            long now = System.nanoTime();
            long last = told.get();
            boolean news = !what.equals(toldWhat.get());
            if (!news && now - last < PAUSE_NANOS || !told.compareAndSet(last, now)) {
                return;
            }
            toldWhat.set(what);
            Platform.runLater(
                    () -> {
                        if (ticket == newest.get() && progress.get() >= 0) {
                            step.set(what);
                            progress.set(share);
                        }
                    });
        };
    }

    /** Stops what runs. Whether anything did. */
    boolean stop() {
        if (progress.get() < 0) {
            return false;
        }
        newest.incrementAndGet();
        idle();
        return true;
    }

    private void idle() {
        progress.set(IDLE);
        step.set("");
    }

    @Override
    public void close() {
        newest.incrementAndGet();
        thread.shutdownNow();
    }
}

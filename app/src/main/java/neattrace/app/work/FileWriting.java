package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import neattrace.stage.Progress;

/**
 * Writes files one after the other, off the JavaFX thread, says how it went, and can be stopped:
 * what was there before a stopped file is there after it. Belongs to the JavaFX thread.
 */
public final class FileWriting implements AutoCloseable {

    private static final double IDLE = -1;

    /** Whoever asked the program to end was told before that files are being written. */
    private static final int PATIENCE_SECONDS = 20;

    /** One file that is to be written. */
    private static final class Order {

        private final String what;
        private final Supplier<String> success;
        private final Writing writing;
        private final Runnable whenDone;
        private final AtomicBoolean stopped = new AtomicBoolean();

        Order(String what, Supplier<String> success, Writing writing, Runnable whenDone) {
            this.what = what;
            this.success = success;
            this.writing = writing;
            this.whenDone = whenDone;
        }
    }

    private final ReadOnlyStringWrapper step = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(IDLE);
    private final Deque<Order> orders = new ArrayDeque<>();
    private final Messages messages;
    private final Predicate<Path> isInput;
    private final ExecutorService thread = Worker.named("writing", Thread.NORM_PRIORITY);

    /** The thread while it writes; it is interrupted to stop it within a file. */
    private volatile Thread writer;

    private Runnable whenIdle;

    /**
     * A writer.
     *
     * @param isInput tells of a place that is never written to
     */
    FileWriting(Messages messages, Predicate<Path> isInput) {
        this.messages = messages;
        this.isInput = isInput;
    }

    /** What is being written; empty for nothing. */
    public ReadOnlyStringProperty stepProperty() {
        return step.getReadOnlyProperty();
    }

    /** Share of it that is done, or -1 when nothing is being written. */
    public ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /** Writes to a place, unless it is the picture on the table. */
    void write(Supplier<String> success, Path target, Writing writing, Runnable whenDone) {
        messages.clearTrouble();
        if (isInput.test(target)) {
            messages.complain(
                    new IOException(
                            target.getFileName()
                                    + " is the picture on the table; it is never written to."
                                    + " Choose another name."));
            return;
        }
        keep(success, String.valueOf(target.getFileName()), writing, whenDone);
    }

    /** Does something with files that are the program's own. */
    void keep(Supplier<String> success, String what, Writing writing, Runnable whenDone) {
        messages.clearTrouble();
        Order order = new Order(what, success, writing, whenDone);
        orders.add(order);
        if (orders.size() == 1) {
            show();
        }
        thread.execute(() -> run(order));
    }

    private void show() {
        Order now = orders.peek();
        step.set(now == null ? "" : "Writing " + now.what);
        progress.set(now == null ? IDLE : 0);
    }

    private void run(Order order) {
        Runnable then;
        try {
            writer = Thread.currentThread();
            progress(order).report("", 0);
            order.writing.write(progress(order));
            then =
                    () -> {
                        messages.say(order.success.get());
                        order.whenDone.run();
                    };
        } catch (Throwable e) {
            // Whatever it is, nobody may wait for this file any more.
            then =
                    () -> {
                        if (order.stopped.get()) {
                            messages.say(order.what + " was not written: it was stopped.");
                        } else {
                            messages.complain(e);
                        }
                    };
        } finally {
            writer = null;
            Thread.interrupted();
        }
        Runnable told = then;
        Platform.runLater(() -> ended(told));
    }

    private Progress progress(Order order) {
        return (what, share) -> {
            if (order.stopped.get()) {
                throw new CancellationException();
            }
            Platform.runLater(
                    () -> {
                        if (orders.peek() == order) {
                            progress.set(Math.max(progress.get(), share));
                        }
                    });
        };
    }

    private void ended(Runnable then) {
        orders.poll();
        show();
        then.run();
        Runnable next = whenIdle;
        if (orders.isEmpty() && next != null) {
            whenIdle = null;
            next.run();
        }
    }

    /** Stops the file that is being written; those asked for after it are written still. */
    public void stop() {
        if (!orders.isEmpty()) {
            stop(orders.peek());
        }
    }

    private void stop(Order order) {
        order.stopped.set(true);
        Thread now = writer;
        if (now != null && order == orders.peek()) {
            now.interrupt();
        }
    }

    /** Stops all that is being written and asked for. */
    public void stopAll() {
        List.copyOf(orders).forEach(this::stop);
    }

    /** Whether nothing is being written. */
    public boolean isIdle() {
        return orders.isEmpty();
    }

    /**
     * Calls once when all is written that was asked for.
     *
     * @param then called at once if nothing is being written; null to call nobody after all
     */
    public void whenIdle(Runnable then) {
        if (then != null && isIdle()) {
            then.run();
        } else {
            whenIdle = then;
        }
    }

    /** What was asked for is still written, unless that takes longer than anybody waits. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                stopAll();
                System.getLogger(FileWriting.class.getName())
                        .log(System.Logger.Level.WARNING, "a file was not written in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

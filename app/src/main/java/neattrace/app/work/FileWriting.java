package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import javafx.application.Platform;

/** Writes files one after the other, off the JavaFX thread, and says how it went. */
final class FileWriting implements AutoCloseable {

    /** The largest files take a minute or two. */
    private static final int MOST_MINUTES = 15;

    private final Messages messages;
    private final Predicate<Path> isInput;
    private final ExecutorService thread = Worker.named("writing", Thread.NORM_PRIORITY);

    /**
     * A writer.
     *
     * @param isInput tells of a place that is never written to
     */
    FileWriting(Messages messages, Predicate<Path> isInput) {
        this.messages = messages;
        this.isInput = isInput;
    }

    /** Writes to a place, unless it is the picture on the table. */
    void write(String success, Path target, Writing writing, Runnable whenDone) {
        if (!isInput.test(target)) {
            write(success, writing, whenDone);
            return;
        }
        messages.clearTrouble();
        messages.complain(
                new IOException(
                        target.getFileName()
                                + " is the picture on the table; it is never written to. Choose"
                                + " another name."));
    }

    void write(String success, Writing writing, Runnable whenDone) {
        messages.clearTrouble();
        thread.execute(
                () -> {
                    try {
                        writing.write();
                        Platform.runLater(
                                () -> {
                                    messages.say(success);
                                    whenDone.run();
                                });
                    } catch (Throwable e) {
                        Platform.runLater(() -> messages.complain(e));
                    }
                });
    }

    /** What was asked for is still written, however long it takes. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(MOST_MINUTES, TimeUnit.MINUTES)) {
                System.getLogger(FileWriting.class.getName())
                        .log(System.Logger.Level.WARNING, "a file was not written in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

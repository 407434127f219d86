package neattrace.app.work;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;

/** Writes files one after the other, off the JavaFX thread, and says how it went. */
final class FileWriting implements AutoCloseable {

    /** The largest files take a minute or two. */
    private static final int MOST_MINUTES = 15;

    private final Messages messages;
    private final ExecutorService thread = Worker.named("writing", Thread.NORM_PRIORITY);

    FileWriting(Messages messages) {
        this.messages = messages;
    }

    void write(String success, Workspace.Writing writing, Runnable whenDone) {
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

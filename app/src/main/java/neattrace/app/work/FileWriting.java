package neattrace.app.work;

import java.io.IOException;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;

/** Writes files one after the other, off the JavaFX thread, and says how it went. */
final class FileWriting implements AutoCloseable {

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
                    } catch (IOException | RuntimeException | OutOfMemoryError e) {
                        Platform.runLater(() -> messages.complain(e));
                    }
                });
    }

    /** What was asked for is still written. */
    @Override
    public void close() {
        thread.shutdown();
    }
}

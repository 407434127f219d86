package neattrace.app;

import java.io.IOException;
import java.lang.System.Logger.Level;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import neattrace.app.work.Workspace;

/**
 * What nobody expected to happen, on whatever thread: it goes into the program's log, the job is
 * kept aside, and the person is told once, for what fails at every pulse would bury what they do.
 */
final class Mishaps implements Thread.UncaughtExceptionHandler {

    private final Workspace workspace;
    private final AtomicBoolean told = new AtomicBoolean();

    Mishaps(Workspace workspace) {
        this.workspace = workspace;
    }

    /** From now on every thread tells of what it did not expect. */
    static void watch(Workspace workspace) {
        Mishaps mishaps = new Mishaps(workspace);
        Thread.setDefaultUncaughtExceptionHandler(mishaps);
        Thread.currentThread().setUncaughtExceptionHandler(mishaps);
    }

    @Override
    public void uncaughtException(Thread thread, Throwable trouble) {
        System.getLogger(Mishaps.class.getName())
                .log(Level.ERROR, "unexpected, on " + thread.getName(), trouble);
        if (told.getAndSet(true)) {
            return;
        }
        String what = trouble.getMessage() == null ? trouble.toString() : trouble.getMessage();
        Platform.runLater(
                () -> {
                    workspace.keepAside();
                    workspace.tellTrouble(
                            new IOException(
                                    "Something went wrong in the program ("
                                            + what
                                            + "). Your job is as it was and is kept aside; save it,"
                                            + " and start the program anew if things look odd.",
                                    trouble));
                });
    }
}

package neattrace.app.work;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * Work beside the window's thread that comes back to it, whatever becomes of it: nobody waits for
 * ever for what has failed.
 */
public final class Aside {

    private Aside() {}

    /**
     * Does work; one of the two is called on the JavaFX thread, unless the work was stopped by a
     * {@link CancellationException}, which whoever stopped it knows of.
     */
    public static <T> void run(
            Callable<T> work, Consumer<T> whenDone, Consumer<Throwable> whenFailed) {
        CompletableFuture.supplyAsync(
                        () -> {
                            try {
                                return work.call();
                            } catch (RuntimeException | Error e) {
                                throw e;
                            } catch (Exception e) {
                                throw new CompletionException(e);
                            }
                        })
                .whenComplete(
                        (done, wrapped) ->
                                Platform.runLater(
                                        () -> {
                                            if (wrapped == null) {
                                                whenDone.accept(done);
                                                return;
                                            }
                                            Throwable trouble = plain(wrapped);
                                            if (!(trouble instanceof CancellationException)) {
                                                whenFailed.accept(trouble);
                                            }
                                        }));
    }

    /** The same for what cannot fail; if it does all the same, that is told as any mishap. */
    public static <T> void run(Callable<T> work, Consumer<T> whenDone) {
        run(work, whenDone, Aside::mishap);
    }

    private static void mishap(Throwable trouble) {
        Thread thread = Thread.currentThread();
        thread.getUncaughtExceptionHandler().uncaughtException(thread, trouble);
    }

    private static Throwable plain(Throwable wrapped) {
        return wrapped instanceof CompletionException && wrapped.getCause() != null
                ? wrapped.getCause()
                : wrapped;
    }
}

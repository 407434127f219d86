package neattrace.app.station.press;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.print.ready.PlateStudy;

/**
 * Sheets printed beside the window's thread, first as made ready, then as drawn; only the newest
 * run counts. Methods belong to the JavaFX thread.
 */
final class PressRun {

    private final DoubleConsumer whenFurther;
    private final Runnable whenNews;
    private final Runnable whenFailed;
    private volatile int ticket;
    private boolean running;
    private Optional<RehearsalRun> ready = Optional.empty();
    private Optional<RehearsalRun> asDrawn = Optional.empty();

    /**
     * Nothing printed yet.
     *
     * @param whenFurther told how much is done, 0 to 1
     * @param whenNews told that more was printed, or that it is over
     * @param whenFailed told that it could not go on
     */
    PressRun(DoubleConsumer whenFurther, Runnable whenNews, Runnable whenFailed) {
        this.whenFurther = whenFurther;
        this.whenNews = whenNews;
        this.whenFailed = whenFailed;
    }

    boolean isRunning() {
        return running;
    }

    /** What came of it so far, as made ready or as drawn. */
    Optional<RehearsalRun> result(boolean made) {
        return made ? ready : asDrawn;
    }

    /** Prints so many sheets. */
    void start(PlateStudy study, int sheets, PressRecipe recipe) {
        forget();
        running = true;
        int own = ticket;
        CompletableFuture.runAsync(
                        () -> {
                            print(study, true, sheets, recipe, own);
                            print(study, false, sheets, recipe, own);
                        })
                .whenComplete((done, trouble) -> Platform.runLater(() -> end(own, trouble)));
    }

    private void print(PlateStudy study, boolean made, int sheets, PressRecipe recipe, int own) {
        RehearsalRun all =
                study.rehearse(
                        made,
                        sheets,
                        recipe,
                        sofar -> Platform.runLater(() -> took(sofar, made, own)),
                        (what, share) -> further((made ? share : 1 + share) / 2, own));
        Platform.runLater(() -> took(all, made, own));
    }

    private void further(double share, int own) {
        if (ticket != own) {
            throw new CancellationException();
        }
        Platform.runLater(
                () -> {
                    if (ticket == own) {
                        whenFurther.accept(share);
                    }
                });
    }

    private void took(RehearsalRun sofar, boolean made, int own) {
        if (ticket != own) {
            return;
        }
        if (made) {
            ready = Optional.of(sofar);
        } else {
            asDrawn = Optional.of(sofar);
        }
        whenNews.run();
    }

    private void end(int own, Throwable trouble) {
        if (ticket != own) {
            return;
        }
        running = false;
        Throwable cause = trouble instanceof CompletionException ? trouble.getCause() : trouble;
        if (cause != null && !(cause instanceof CancellationException)) {
            whenFailed.run();
        }
        whenNews.run();
    }

    /** Stops; what was printed is kept. False if nothing ran. */
    boolean stop() {
        boolean was = running;
        ticket++;
        running = false;
        return was;
    }

    /** Stops, and forgets what was printed. */
    void forget() {
        stop();
        ready = Optional.empty();
        asDrawn = Optional.empty();
    }
}

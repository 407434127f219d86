package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Work off the JavaFX thread: the newest counts, and nothing of what was stopped is heard. */
@ExtendWith(ApplicationExtension.class)
@Tag("thorough")
class RunningTest {

    private final List<String> heard = new CopyOnWriteArrayList<>();
    private final Running running = new Running("test");
    private final Background background = new Background("test beside");

    @AfterEach
    void close() {
        running.close();
        background.close();
    }

    private void until(String last) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> heard.contains(last));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void onFx(Runnable what) {
        Platform.runLater(what);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void start(String name, CountDownLatch waitFor) {
        running.start(
                name,
                progress -> {
                    waitFor.await();
                    progress.report(name, 0.5);
                    return name;
                },
                heard::add,
                failure -> heard.add("failed " + name));
    }

    @Test
    void onlyTheNewestWorkIsHeardOf() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    start("first", go);
                    start("second", go);
                    start("third", go);
                });
        assertThat(running.progressProperty().get()).isZero();
        assertThat(running.stepProperty().get()).isEqualTo("third");
        go.countDown();
        until("third");
        assertThat(heard).containsExactly("third");
        assertThat(running.progressProperty().get()).isNegative();
    }

    @Test
    void stoppedWorkIsNotHeardOfAgain() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    start("stopped", go);
                    assertThat(running.stop()).isTrue();
                    assertThat(running.stop()).isFalse();
                    start("next", go);
                });
        go.countDown();
        until("next");
        assertThat(heard).containsExactly("next");
    }

    @Test
    void failuresAreToldAndTheNextWorkRuns() throws Exception {
        onFx(
                () ->
                        running.start(
                                "bad",
                                progress -> {
                                    throw new IllegalStateException("no");
                                },
                                result -> heard.add("done"),
                                failure -> heard.add(failure.getMessage())));
        until("no");
        onFx(() -> start("good", new CountDownLatch(0)));
        until("good");
        assertThat(heard).containsExactly("no", "good");
    }

    @Test
    void besideTheWorkTheNewestCountsToo() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    for (String name : List.of("one", "two", "three")) {
                        background.start(
                                progress -> {
                                    go.await();
                                    progress.report("", 0);
                                    return name;
                                },
                                heard::add,
                                failure -> heard.add("never"));
                    }
                });
        go.countDown();
        until("three");
        assertThat(heard).containsExactly("three");
    }

    @Test
    void workBesideThatFailsIsToldAndTheNextRuns() throws Exception {
        onFx(
                () ->
                        background.start(
                                progress -> {
                                    throw new IllegalStateException("beside");
                                },
                                result -> heard.add("never"),
                                failure -> heard.add(failure.getMessage())));
        until("beside");
        onFx(() -> background.start(progress -> "after", heard::add, e -> heard.add("never")));
        until("after");
        assertThat(heard).containsExactly("beside", "after");
    }

    /** Errors of every kind end the work; nothing spins on. */
    @Test
    void evenAnErrorEndsTheWork() throws Exception {
        onFx(
                () ->
                        running.start(
                                "deep",
                                progress -> {
                                    throw new StackOverflowError("too deep");
                                },
                                result -> heard.add("done"),
                                failure -> heard.add(failure.getMessage())));
        until("too deep");
        assertThat(running.progressProperty().get()).isNegative();
    }

    @Test
    void whatFailsBesideTheWorkIsTold() throws Exception {
        onFx(
                () ->
                        background.start(
                                progress -> {
                                    throw new StackOverflowError("beside");
                                },
                                result -> heard.add("done"),
                                failure -> heard.add(failure.getMessage())));
        until("beside");
        assertThat(heard).containsExactly("beside");
    }

    /** Work that nobody waits for does what it does side by side in quiet threads, too. */
    @Test
    void quietWorkIsQuietInAllItsThreads() throws Exception {
        List<Integer> priorities = new CopyOnWriteArrayList<>();
        onFx(
                () ->
                        background.start(
                                progress -> {
                                    java.util.stream.IntStream.range(0, 64)
                                            .parallel()
                                            .forEach(
                                                    i ->
                                                            priorities.add(
                                                                    Thread.currentThread()
                                                                            .getPriority()));
                                    return "quiet";
                                },
                                heard::add,
                                failure -> heard.add("never")));
        until("quiet");
        assertThat(priorities).hasSize(64).allMatch(p -> p < Thread.NORM_PRIORITY);
    }
}

package neattrace.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(20)
class StagesTest {

    private final Stages stages = new Stages();
    private final AtomicInteger runs = new AtomicInteger();
    private final Stage<String, Integer> length =
            new Stage<>(
                    "Counting letters",
                    (text, run) -> {
                        runs.incrementAndGet();
                        return text.length();
                    });

    /** A stage that tells when it begins and goes on when it is let. */
    private static final class Held {
        private final CountDownLatch began = new CountDownLatch(1);
        private final CountDownLatch go = new CountDownLatch(1);
        private final AtomicInteger runs = new AtomicInteger();
        private final Stage<String, Object> stage =
                new Stage<>(
                        "Working",
                        (text, run) -> {
                            runs.incrementAndGet();
                            began.countDown();
                            await(go);
                            return new Object();
                        });
    }

    private <I, O> CompletableFuture<O> beside(Stage<I, O> stage, I input, Progress progress) {
        return CompletableFuture.supplyAsync(
                () -> {
                    try {
                        return stages.prepare(stage, input, progress);
                    } catch (IOException e) {
                        throw new IllegalStateException(e);
                    }
                });
    }

    @Test
    void whatWasMadeOfAnEqualInputIsNotMadeAgain() throws IOException {
        assertThat(stages.get(length, "abc", Progress.SILENT)).isEqualTo(3);
        assertThat(stages.get(length, new String("abc"), Progress.SILENT)).isEqualTo(3);
        assertThat(runs).hasValue(1);
        assertThat(stages.known(length, "abc")).contains(3);
        assertThat(stages.get(length, "abcd", Progress.SILENT)).isEqualTo(4);
        assertThat(stages.known(length, "abc")).isEmpty();
        assertThat(runs).hasValue(2);
    }

    /** Large values count as the same only if they are the same object. */
    @Test
    void identityIsEnoughAndNeeded() {
        int[] one = {1, 2};
        assertThat(Same.of(one)).isEqualTo(Same.of(one)).hasSameHashCodeAs(Same.of(one));
        assertThat(Same.of(one)).isNotEqualTo(Same.of(one.clone()));
    }

    @Test
    void aStageSeesWhatItMadeBeforeAndOtherStages() throws IOException {
        List<String> seen = new ArrayList<>();
        Stage<String, Integer> twice =
                new Stage<>(
                        "Doubling",
                        (text, run) -> {
                            run.before().ifPresent(made -> seen.add(made.input()));
                            return 2 * run.get(length, text);
                        });
        assertThat(stages.get(twice, "ab", Progress.SILENT)).isEqualTo(4);
        assertThat(stages.get(twice, "abc", Progress.SILENT)).isEqualTo(6);
        assertThat(seen).containsExactly("ab");
        assertThat(stages.known(length, "abc")).contains(3);
    }

    @Test
    void whatFailedIsNotRememberedAndCanBeTriedAgain() throws IOException {
        Stage<String, Integer> moody =
                new Stage<>(
                        "Trying",
                        (text, run) -> {
                            if (runs.incrementAndGet() == 1) {
                                throw new IOException("not now");
                            }
                            return text.length();
                        });
        assertThatThrownBy(() -> stages.get(moody, "abc", Progress.SILENT)).hasMessage("not now");
        assertThat(stages.known(moody, "abc")).isEmpty();
        assertThat(stages.get(moody, "abc", Progress.SILENT)).isEqualTo(3);
    }

    /** Two who want the same of one stage: it runs once, and both have it. */
    @Test
    void aStageNeverRunsTwiceAtOnce() throws Exception {
        Held held = new Held();
        CompletableFuture<Object> first = beside(held.stage, "abc", Progress.SILENT);
        held.began.await();
        Progress impatient = (step, share) -> held.go.countDown();
        Object second = stages.get(held.stage, "abc", impatient);
        assertThat(second).isSameAs(first.get());
        assertThat(held.runs).hasValue(1);
    }

    /** What is prepared of something else is called off as soon as the stage is wanted. */
    @Test
    void whatIsOnlyPreparedGivesWay() throws Exception {
        CountDownLatch began = new CountDownLatch(1);
        Stage<String, Integer> endless = endlessOfNothing(began);
        CompletableFuture<Integer> prepared = beside(endless, "", Progress.SILENT);
        began.await();
        assertThat(stages.get(endless, "abc", Progress.SILENT)).isEqualTo(3);
        assertThatThrownBy(prepared::get)
                .isInstanceOf(ExecutionException.class)
                .hasCauseInstanceOf(CancellationException.class);
    }

    /** So does what is prepared only because something else is. */
    @Test
    void whatPreparedWorkNeedsGivesWayToo() throws Exception {
        CountDownLatch began = new CountDownLatch(1);
        Stage<String, Integer> endless = endlessOfNothing(began);
        Stage<String, Integer> outer =
                new Stage<>("Doubling", (text, run) -> 2 * run.get(endless, text));
        CompletableFuture<Integer> prepared = beside(outer, "", Progress.SILENT);
        began.await();
        assertThat(stages.get(endless, "abc", Progress.SILENT)).isEqualTo(3);
        assertThatThrownBy(prepared::get)
                .isInstanceOf(ExecutionException.class)
                .hasCauseInstanceOf(CancellationException.class);
    }

    /** A stage that never ends of an empty text unless it is called off. */
    private static Stage<String, Integer> endlessOfNothing(CountDownLatch began) {
        return new Stage<>(
                "Working",
                (text, run) -> {
                    began.countDown();
                    while (text.isEmpty()) {
                        run.progress().report("Working", 0);
                        Thread.onSpinWait();
                    }
                    return text.length();
                });
    }

    /** Another stage is not held up at all. */
    @Test
    void preparingOneStageHoldsUpNoOther() throws Exception {
        Held held = new Held();
        CompletableFuture<Object> prepared = beside(held.stage, "", Progress.SILENT);
        held.began.await();
        assertThat(stages.get(length, "abc", Progress.SILENT)).isEqualTo(3);
        assertThat(prepared).isNotDone();
        held.go.countDown();
        assertThat(prepared.get()).isNotNull();
    }

    /** Who waits for another's work can still be called off. */
    @Test
    void waitingIsCalledOff() throws Exception {
        Held held = new Held();
        CompletableFuture<Object> first = beside(held.stage, "abc", Progress.SILENT);
        held.began.await();
        Progress fedUp =
                (step, share) -> {
                    throw new CancellationException();
                };
        assertThatThrownBy(() -> stages.get(held.stage, "abc", fedUp))
                .isInstanceOf(CancellationException.class);
        held.go.countDown();
        Object made = first.get();
        assertThat(stages.known(held.stage, "abc")).isEqualTo(Optional.of(made));
    }

    @Test
    void aCopyGoesItsOwnWayUntilItIsTakenOver() throws IOException {
        stages.get(length, "abc", Progress.SILENT);
        Stages apart = stages.apart();
        assertThat(apart.known(length, "abc")).contains(3);
        apart.get(length, "abcd", Progress.SILENT);
        assertThat(stages.known(length, "abc")).contains(3);
        stages.takeOver(apart);
        assertThat(stages.known(length, "abcd")).contains(4);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new CancellationException();
        }
    }
}

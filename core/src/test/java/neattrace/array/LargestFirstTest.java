package neattrace.array;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicIntegerArray;
import org.junit.jupiter.api.Test;

class LargestFirstTest {

    @Test
    void eachPieceIsDoneOnce() {
        AtomicIntegerArray done = new AtomicIntegerArray(1000);
        LargestFirst.forEach(1000, i -> i % 7, done::incrementAndGet);
        for (int i = 0; i < 1000; i++) {
            assertThat(done.get(i)).isEqualTo(1);
        }
    }

    /** With one processor the order is plain; with more, threads may say later what they began. */
    @Test
    void aSmallOneIsNotBegunBeforeALargeOne() {
        int[] sizes = {3, 50, 1, 7, 7, 20};
        List<Integer> begun = new ArrayList<>();
        ForkJoinPool one = new ForkJoinPool(1);
        try {
            one.submit(
                            () ->
                                    LargestFirst.forEach(
                                            sizes.length, i -> sizes[i], i -> begun.add(sizes[i])))
                    .join();
        } finally {
            one.shutdown();
        }
        assertThat(begun).containsExactly(50, 20, 7, 7, 3, 1);
    }

    @Test
    void nothingToDoIsDone() {
        LargestFirst.forEach(
                0,
                i -> 1,
                i -> {
                    throw new AssertionError();
                });
    }

    @Test
    void whatWorkThrowsComesOut() {
        assertThatThrownBy(
                        () ->
                                LargestFirst.forEach(
                                        10,
                                        i -> 1,
                                        i -> {
                                            throw new CancellationException();
                                        }))
                .isInstanceOf(CancellationException.class);
    }
}

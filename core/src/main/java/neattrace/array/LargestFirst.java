package neattrace.array;

import java.util.Comparator;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Does pieces of work of very different size side by side. Each processor takes the largest piece
 * that is left, so that none is still busy with a large one when all others are done.
 */
public final class LargestFirst {

    private LargestFirst() {}

    /**
     * Does them all.
     *
     * @param count how many pieces
     * @param size tells how large a piece is, in any unit
     * @param work what to do; must not wait for other pieces. The first exception it throws is
     *     thrown again here, and pieces not yet begun may be left undone
     */
    public static void forEach(int count, IntUnaryOperator size, IntConsumer work) {
        int[] order =
                IntStream.range(0, count)
                        .boxed()
                        .sorted(Comparator.comparingInt(i -> -size.applyAsInt(i)))
                        .mapToInt(Integer::intValue)
                        .toArray();
        AtomicInteger next = new AtomicInteger();
        IntStream.range(0, Math.min(count, Runtime.getRuntime().availableProcessors()))
                .parallel()
                .forEach(
                        processor -> {
                            for (int k; (k = next.getAndIncrement()) < count; ) {
                                work.accept(order[k]);
                            }
                        });
    }
}

package neattrace.app.work;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;

/**
 * Threads of low priority for work that nobody waits for. What such work does side by side it does
 * here as well: a parallel stream runs in the pool it is started from, and in the common pool it
 * would take turns with the work that somebody does wait for.
 */
final class QuietPool {

    private static final ForkJoinPool POOL =
            new ForkJoinPool(
                    Runtime.getRuntime().availableProcessors(), QuietPool::thread, null, false);

    private QuietPool() {}

    private static ForkJoinWorkerThread thread(ForkJoinPool pool) {
        ForkJoinWorkerThread thread =
                ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
        thread.setPriority(Thread.NORM_PRIORITY - 1);
        thread.setName("quiet-" + thread.getPoolIndex());
        return thread;
    }

    /** Runs work and waits for it; what it throws comes out as it was. */
    static <T> T run(Callable<T> work) throws Exception {
        try {
            return POOL.submit(work).get();
        } catch (ExecutionException e) {
            throw unwrapped(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
    }

    private static Exception unwrapped(ExecutionException e) {
        Throwable cause = e.getCause();
        // The pool wraps what is checked once more, and makes copies without a message.
        while (cause.getCause() != null
                && (cause.getClass() == RuntimeException.class
                        || cause.getClass() == cause.getCause().getClass())) {
            cause = cause.getCause();
        }
        if (cause instanceof Error error) {
            throw error;
        }
        return cause instanceof Exception known ? known : e;
    }
}

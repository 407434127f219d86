package neattrace.app.work;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Threads that work one task after the other and never keep the program from ending. */
public final class Worker {

    private Worker() {}

    /** A thread of this name and priority, not started before there is a task. */
    public static ExecutorService named(String name, int priority) {
        return Executors.newSingleThreadExecutor(
                task -> {
                    Thread worker = new Thread(task, name);
                    worker.setDaemon(true);
                    worker.setPriority(priority);
                    return worker;
                });
    }
}

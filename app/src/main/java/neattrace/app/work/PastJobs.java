package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import neattrace.job.Job;
import neattrace.job.file.JobFile;

/** What other jobs opened lately tell in their logs; looked up beside the window's thread. */
public final class PastJobs implements AutoCloseable {

    /** A file may lie on a share that is away, which nobody else shall wait for. */
    private final ExecutorService thread = Worker.named("past jobs", Thread.NORM_PRIORITY - 1);

    private final Folders folders;
    private final ReadOnlyObjectWrapper<List<Job>> jobs = new ReadOnlyObjectWrapper<>(List.of());

    PastJobs(Folders folders) {
        this.folders = folders;
    }

    /** Decisions and logs of the jobs, those opened last first; without their pictures. */
    public ReadOnlyObjectProperty<List<Job>> jobsProperty() {
        return jobs.getReadOnlyProperty();
    }

    /**
     * Looks them up again.
     *
     * @param open the file of the open job, which is no other job; null if it has none
     */
    void lookUp(Path open) {
        thread.execute(
                () -> {
                    List<Job> read =
                            read(
                                    folders.recent().stream()
                                            .filter(one -> one.toString().endsWith(JobFile.ENDING))
                                            .filter(one -> open == null || !isSame(one, open))
                                            .toList());
                    Platform.runLater(() -> jobs.set(read));
                });
    }

    private static boolean isSame(Path one, Path other) {
        return one.toAbsolutePath().normalize().equals(other.toAbsolutePath().normalize());
    }

    private static List<Job> read(List<Path> files) {
        List<Job> read = new ArrayList<>();
        for (Path file : files) {
            try {
                read.add(JobFile.peek(file));
            } catch (IOException e) {
                // A job that cannot be read tells nothing; opening it says why.
                System.getLogger(PastJobs.class.getName())
                        .log(System.Logger.Level.INFO, "no log of " + file, e);
            }
        }
        return read;
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}

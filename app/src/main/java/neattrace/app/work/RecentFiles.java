package neattrace.app.work;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Files opened lately that are still there. That is looked up on a thread of its own: a file may
 * lie on a share that is away, and asking for it then takes as long as the share's patience.
 * Belongs to the JavaFX thread.
 */
public final class RecentFiles implements AutoCloseable {

    private final ReadOnlyObjectWrapper<List<Path>> files = new ReadOnlyObjectWrapper<>(List.of());
    private final ExecutorService thread = Worker.named("recent files", Thread.NORM_PRIORITY - 1);
    private final Folders folders;
    private final Predicate<Path> isThere;

    RecentFiles(Folders folders) {
        this(folders, Files::exists);
    }

    /**
     * The same with another way to find out.
     *
     * @param isThere tells, in whatever time it takes, whether a file is there
     */
    RecentFiles(Folders folders, Predicate<Path> isThere) {
        this.folders = folders;
        this.isThere = isThere;
        lookUp();
    }

    /** Those that are there as far as is known, newest first. */
    public ReadOnlyObjectProperty<List<Path>> filesProperty() {
        return files.getReadOnlyProperty();
    }

    /** Puts a file that is there at the head. */
    void remember(Path file) {
        folders.remember(file);
        lookUp();
    }

    private void lookUp() {
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(
                () -> {
                    List<Path> there = folders.recent().stream().filter(isThere).toList();
                    Platform.runLater(() -> files.set(there));
                });
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}

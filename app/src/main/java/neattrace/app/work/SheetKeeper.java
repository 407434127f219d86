package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import neattrace.files.FileStamp;
import neattrace.gang.GangFile;
import neattrace.gang.GangSheet;

/**
 * Keeps the open sheet in its file, off the JavaFX thread; of several changes in a row only the
 * last is written. A file that another program wrote meanwhile is left alone, and the sheet goes on
 * in one beside it.
 */
final class SheetKeeper implements AutoCloseable {

    /** What is to be written where. */
    private record Waiting(Path file, GangSheet sheet) {}

    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final AtomicReference<Waiting> waiting = new AtomicReference<>();
    private final ExecutorService thread = Worker.named("keeping sheets", Thread.NORM_PRIORITY);
    private final Messages messages;

    /** What the file was like when it was last read or written here; of the keeper's thread. */
    private FileStamp stamp = FileStamp.NONE;

    private Path stamped;

    /** The file before the sheet went on beside it; what waits may still be meant for it. */
    private Path moved;

    SheetKeeper(Messages messages) {
        this.messages = messages;
    }

    ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** The sheet is in a file as it stands. */
    void isIn(Path sheetFile) {
        Path whole = sheetFile.toAbsolutePath().normalize();
        file.set(whole);
        FileStamp now = FileStamp.of(whole);
        thread.execute(
                () -> {
                    stamped = whole;
                    stamp = now;
                });
    }

    void keep(GangSheet sheet) {
        Waiting next = new Waiting(file.get(), sheet);
        if (waiting.getAndSet(next) == null && !thread.isShutdown()) {
            thread.execute(this::write);
        }
    }

    private void write() {
        Waiting next = waiting.getAndSet(null);
        try {
            Path target = next.file().equals(moved) ? stamped : next.file();
            if (Files.exists(target) && !FileStamp.of(target).equals(stamp)) {
                moved = next.file();
                stamped = beside(target);
                goOn(target, stamped);
                target = stamped;
            }
            GangFile.save(target, next.sheet());
            stamp = FileStamp.of(target);
        } catch (IOException | RuntimeException e) {
            complain("The sheet could not be kept: " + Messages.plain(e));
        }
    }

    /** The sheet goes on in a file beside its own. */
    private void goOn(Path before, Path beside) {
        Platform.runLater(() -> file.set(beside));
        complain(
                before.getFileName()
                        + " was changed by another program; the sheet here is kept as "
                        + beside.getFileName()
                        + ".");
    }

    private void complain(String text) {
        Platform.runLater(() -> messages.complain(new IOException(text)));
    }

    private static Path beside(Path file) {
        String name = file.getFileName().toString();
        String stem = name.substring(0, name.length() - GangFile.ENDING.length());
        Path other = file;
        for (int n = 2; Files.exists(other); n++) {
            other = file.resolveSibling(stem + " " + n + GangFile.ENDING);
        }
        return other;
    }

    /** What waits is still written. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(10, TimeUnit.SECONDS)) {
                System.getLogger(SheetKeeper.class.getName())
                        .log(System.Logger.Level.WARNING, "a sheet was not kept in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

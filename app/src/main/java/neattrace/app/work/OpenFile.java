package neattrace.app.work;

import java.nio.file.Path;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import neattrace.files.FileStamp;
import neattrace.files.SameFile;
import neattrace.job.Job;
import neattrace.job.log.WorkLog;

/**
 * Where the open job comes from and is kept, and whether that file holds it as it stands. Belongs
 * to the JavaFX thread.
 */
final class OpenFile {

    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();

    /** The job as the file holds it; null if no file does. */
    private Job saved;

    /** The job as it stands. */
    private Job job;

    /** The picture that was opened, which is never written to; null for jobs. */
    private Path scan;

    /** Whether the job was brought back after a crash and has not been saved since. */
    private boolean broughtBack;

    /** What the job's file was like when it was last read or written here. */
    private FileStamp stamp = FileStamp.NONE;

    /** The job file, or null if the job was never saved. */
    ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** Whether there are changes that are not in the job file. */
    ReadOnlyBooleanProperty unsavedProperty() {
        return unsaved.getReadOnlyProperty();
    }

    /** A job was read from a file or saved to it; {@code now} is what the file was like then. */
    void isIn(Path jobFile, Job held, FileStamp now) {
        start(jobFile, held);
        stamp = now;
    }

    /** A new job was made of a picture. */
    void isOf(Path picture) {
        start(null, null);
        scan = picture;
    }

    /** A job was brought back: whatever was decided in it is in no other file. */
    void isBroughtBack() {
        start(null, null);
        broughtBack = true;
    }

    /** A job was made that is in no file. */
    void isNowhere() {
        start(null, null);
    }

    private void start(Path jobFile, Job held) {
        file.set(jobFile);
        saved = held;
        scan = null;
        broughtBack = false;
        stamp = FileStamp.NONE;
        changed(job);
    }

    /** The job was saved; the picture it was made of is still not written to. */
    void savedTo(Path jobFile, Job held, FileStamp now) {
        Path picture = scan;
        isIn(jobFile, held, now);
        scan = picture;
    }

    /** The job as it stands from now on. */
    void changed(Job next) {
        job = next;
        unsaved.set(job != null && (saved == null || !decided(job).equals(decided(saved))));
    }

    /** Time that is worked is no change that anybody would have to save. */
    private static Job decided(Job job) {
        return job.withLog(
                job.log()
                        .withWork(
                                work ->
                                        WorkLog.EMPTY
                                                .withTools(work.tools())
                                                .withByHand(work.byHand())));
    }

    /**
     * Whether closing would lose something that somebody decided.
     *
     * <p>A job that is in a file, or was brought back, has something to lose wherever it differs
     * from that; one that never was in a file, once it was changed.
     *
     * @param undoable whether anything was changed since it was opened
     */
    boolean hasSomethingToLose(boolean undoable) {
        return unsaved.get() && (broughtBack || saved != null || undoable);
    }

    /** Whether another program saved the job's file since it was read or written here. */
    boolean wasChangedOnDisk() {
        return file.get() != null && !stamp.equals(FileStamp.of(file.get()));
    }

    /** Whether a place is the open picture, which is never written to. */
    boolean isScan(Path target) {
        return scan != null && SameFile.of(scan, target);
    }
}

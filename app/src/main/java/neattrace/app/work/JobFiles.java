package neattrace.app.work;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import neattrace.export.PngWriter;
import neattrace.files.FileStamp;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.print.Plans;
import neattrace.raster.reading.PictureReader;

/**
 * Opens jobs and saves them: where a job comes from and goes to, told of the job it was asked of.
 * Belongs to the JavaFX thread.
 */
final class JobFiles {

    private static final int PREVIEW_PX = 512;

    private final OpenFile file;
    private final LiveJob live;
    private final FileWriting writing;
    private final RecentFiles recent;
    private final Keeper keeper;
    private Runnable begun = () -> {};
    private Runnable before = () -> {};
    private Runnable saved = () -> {};

    JobFiles(OpenFile file, LiveJob live, FileWriting writing, RecentFiles recent, Keeper keeper) {
        this.file = file;
        this.live = live;
        this.writing = writing;
        this.recent = recent;
        this.keeper = keeper;
    }

    /** What is done once another job is open. */
    void whenBegun(Runnable value) {
        begun = value;
    }

    /** What is done before the open job is saved. */
    void beforeSaving(Runnable value) {
        before = value;
    }

    /** What is done once a job was saved. */
    void whenSaved(Runnable value) {
        saved = value;
    }

    /** Opens a picture or a job file. */
    void open(Path path) {
        String what = "Opening " + path.getFileName();
        if (path.toString().endsWith(JobFile.ENDING)) {
            FileStamp before = FileStamp.of(path);
            live.load(
                    what,
                    () -> JobFile.open(path),
                    job -> {
                        file.isIn(path, job, before);
                        recent.remember(path);
                        begun.run();
                    });
            return;
        }
        String name = path.getFileName().toString();
        live.load(
                what,
                () -> Job.of(new Source(name, PictureReader.bytes(path))),
                job -> {
                    file.isOf(path);
                    recent.remember(path);
                    begun.run();
                });
    }

    /** Takes over a job that was left behind by a crash. */
    void recover(Path kept) {
        live.load(
                "Bringing the job back",
                () -> JobFile.open(kept),
                job -> {
                    file.isBroughtBack();
                    keeper.discard(kept);
                    begun.run();
                });
    }

    /** Opens a job that is made by {@code source}, which may take its time. */
    void make(String what, Callable<Job> source) {
        live.load(
                what,
                source,
                job -> {
                    file.isNowhere();
                    begun.run();
                });
    }

    /** The job as it stands, to be saved whichever is open by then; empty if none is open. */
    Optional<Asked> asked() {
        Job job = live.job();
        Shown now = live.shownProperty().get();
        return job == null || now == null
                ? Optional.empty()
                : Optional.of(new Asked(live.opening(), job, now));
    }

    /**
     * Saves a job: as it stands if it is still open, else as it was when that was asked.
     *
     * @param whenDone runs after success, if the job is still open
     */
    void save(Asked asked, Path target, Runnable whenDone) {
        boolean open = asked.of() == live.opening();
        if (open) {
            before.run();
        }
        Asked now = open ? asked().orElse(asked) : asked;
        AtomicReference<FileStamp> stamp = new AtomicReference<>(FileStamp.NONE);
        writing.write(
                () -> "Saved " + target.getFileName() + ".",
                target,
                progress -> {
                    JobFile.save(
                            target,
                            now.job(),
                            PngWriter.preview(Plans.forPixels(now.shown().art()), PREVIEW_PX));
                    stamp.set(FileStamp.of(target));
                },
                () -> {
                    recent.remember(target);
                    saved.run();
                    if (now.of() == live.opening()) {
                        file.savedTo(target, now.job(), stamp.get());
                        whenDone.run();
                    }
                });
    }
}

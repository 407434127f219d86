package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import neattrace.export.png.ArtworkPainter;
import neattrace.export.png.PngWriter;
import neattrace.files.FileStamp;
import neattrace.files.SameFile;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.press.profile.PressProfile;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.review.SheetReview;

/**
 * The open job. All methods belong to the JavaFX thread; computing, reading and writing happen on
 * threads of its own, newest request first, and results come back to the JavaFX thread.
 */
public final class Workspace implements AutoCloseable {

    private static final int PREVIEW_PX = 512;

    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final Messages messages = new Messages();
    private final PressProfile press = PressProfile.bundled();
    private final Running running = new Running("computing");
    private final ReadOnlyObjectWrapper<ArtworkPainter> early = new ReadOnlyObjectWrapper<>();
    private final ShownMaker maker = new ShownMaker(press, this::showEarly);
    private final Insights insights = new Insights();
    private final Previews previews = new Previews(shown::get);
    private final SheetMaking sheetMaking = new SheetMaking(messages);
    private final FileWriting writing = new FileWriting(messages);
    private final Folders folders;
    private final Keeper keeper;
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();
    private Job saved;

    /** The picture that was opened, which is never written to; null for jobs. */
    private Path scan;

    /** Whether the open job was brought back after a crash and has not been saved since. */
    private boolean broughtBack;

    /** What the job's file was like when it was last read or written here. */
    private FileStamp stamp = FileStamp.NONE;

    private final List<Consumer<Shown>> waiting = new ArrayList<>();

    /** The history as it stood when the shown drawing was computed. */
    private History settled;

    /** A workspace without a job, keeping what is its own in {@code folders}. */
    public Workspace(Folders folders) {
        this.folders = folders;
        this.keeper =
                new Keeper(
                        folders.autosave(),
                        e -> Platform.runLater(() -> messages.complain(notKept(e))));
        history.addListener(property -> unsaved.set(isUnsaved()));
    }

    /** The job with its past and future; null before anything is open. */
    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** The newest computed drawing; null before the first one is ready. */
    public ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** What was found on the shown sheet; null while it is being looked through. */
    public ReadOnlyObjectProperty<SheetReview> reviewProperty() {
        return insights.reviewProperty();
    }

    /** Why the sheet could not be looked through; empty if it could, or is being. */
    public ReadOnlyStringProperty reviewFailureProperty() {
        return insights.reviewFailureProperty();
    }

    /**
     * What is known about the shown lines as lines, or about those before the last edit while they
     * are being looked through; null while nothing is known about this sheet.
     */
    public ReadOnlyObjectProperty<LineStudy> studyProperty() {
        return insights.studyProperty();
    }

    /** Why the lines could not be studied; empty if they could, or are being studied. */
    public ReadOnlyStringProperty studyFailureProperty() {
        return insights.studyFailureProperty();
    }

    /**
     * Paints the newest lines over the old colours while their areas are still being found; null
     * when the shown drawing is the newest.
     */
    public ReadOnlyObjectProperty<ArtworkPainter> earlyProperty() {
        return early.getReadOnlyProperty();
    }

    /** The job file, or null if the job was never saved. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** The last thing worth telling the user. */
    public ReadOnlyStringProperty messageProperty() {
        return messages.messageProperty();
    }

    /** The last thing that went wrong; empty once something was tried again. */
    public ReadOnlyStringProperty troubleProperty() {
        return messages.troubleProperty();
    }

    /** Says plainly what went wrong; nothing was changed. */
    public void tellTrouble(IOException e) {
        messages.clearTrouble();
        messages.complain(e);
    }

    private static IOException notKept(IOException e) {
        return new IOException(
                "The job is not being kept safe while you work; save it yourself. "
                        + Messages.plain(e),
                e);
    }

    /** What is being done right now. */
    public ReadOnlyStringProperty stepProperty() {
        return running.stepProperty();
    }

    /** Share of the running work that is done, or -1 when nothing runs. */
    public ReadOnlyDoubleProperty progressProperty() {
        return running.progressProperty();
    }

    /** How inks look. */
    public PressProfile press() {
        return press;
    }

    /** Quick looks at what a recipe would do. */
    public Previews previews() {
        return previews;
    }

    /** Making sheets of a folder of scans, beside whatever else goes on. */
    public SheetMaking sheetMaking() {
        return sheetMaking;
    }

    /** Recent files and autosave. */
    public Folders folders() {
        return folders;
    }

    /** The job as it stands, or null. */
    public Job job() {
        return history.get() == null ? null : history.get().job();
    }

    /** Whether there are changes that are not in the job file. */
    public boolean isUnsaved() {
        return job() != null && !job().equals(saved);
    }

    /** Whether closing would lose something that somebody decided. */
    public boolean hasSomethingToLose() {
        return isUnsaved() && (broughtBack || history.get().undoable().isPresent());
    }

    /** Whether another program saved the job's file since it was read or written here. */
    public boolean wasChangedOnDisk() {
        return file.get() != null && !stamp.equals(FileStamp.of(file.get()));
    }

    /** {@link #isUnsaved} as it changes. */
    public ReadOnlyBooleanProperty unsavedProperty() {
        return unsaved.getReadOnlyProperty();
    }

    private void keepSaved(Job job) {
        saved = job;
        unsaved.set(isUnsaved());
    }

    /** Tells the user something. */
    public void say(String text) {
        messages.say(text);
    }

    /** Opens a picture or a job file. */
    public void open(Path path) {
        boolean isJob = path.toString().endsWith(JobFile.ENDING);
        FileStamp before = FileStamp.of(path);
        load(
                "Opening " + path.getFileName(),
                () ->
                        isJob
                                ? JobFile.open(path)
                                : Job.of(
                                        new Source(
                                                path.getFileName().toString(),
                                                PictureReader.bytes(path))),
                isJob ? path : null,
                () -> {
                    scan = isJob ? null : path;
                    stamp = before;
                    folders.remember(path);
                });
    }

    /** Jobs that a crash left behind, newest first. */
    public List<Path> leftBehind() {
        return Keeper.leftBehind(folders.autosave());
    }

    /** Takes over a job that was left behind by a crash. */
    public void recover(Path kept) {
        load(
                "Bringing the job back",
                () -> JobFile.open(kept),
                null,
                () -> {
                    // Whatever was decided in it is in no other file.
                    broughtBack = true;
                    keeper.discard(kept);
                });
    }

    /** Opens a job that is made by {@code source}, which may take its time. */
    public void make(String what, Callable<Job> source) {
        load(what, source, null, () -> {});
    }

    private void load(String what, Callable<Job> source, Path jobFile, Runnable whenOpen) {
        messages.clearTrouble();
        running.start(
                what,
                progress -> maker.make(source.call(), null, progress),
                result -> {
                    Job job = result.drawing().job();
                    file.set(jobFile);
                    scan = null;
                    broughtBack = false;
                    stamp = FileStamp.NONE;
                    history.set(History.of(job));
                    keepSaved(jobFile == null ? null : job);
                    settle(result);
                    keeper.keep(job);
                    whenOpen.run();
                    welcome(result);
                },
                this::notOpened);
    }

    /** The job that was open stays; a change that the opening made void is computed after all. */
    private void notOpened(Throwable e) {
        if (history.get() != settled) {
            computeAgain();
        }
        messages.complain(e);
    }

    private void welcome(Shown result) {
        int pieces = result.drawing().lines().size();
        int areas = result.drawing().areas().enclosed().size();
        String counts =
                (pieces == 1 ? "1 piece of ink, " : pieces + " pieces of ink, ")
                        + (areas == 1 ? "1 area." : areas + " areas.");
        say(result.drawing().traced().emptiness().orElse(counts));
    }

    /** Changes the job; one step of undo. */
    public void change(String what, UnaryOperator<Job> change) {
        if (history.get() == null) {
            return;
        }
        try {
            Job next = change.apply(job());
            Shown now = shown.get();
            boolean known = now != null && now.drawing().job().source() == next.source();
            to(
                    history.get()
                            .then(
                                    what,
                                    known
                                            ? Reframing.carry(job(), next, now.drawing().picture())
                                            : next));
        } catch (IllegalArgumentException e) {
            say("Not changed: " + e.getMessage() + ".");
        }
    }

    /** Changes the job by what takes its time to find out; one step of undo. */
    public void derive(String what, Deriving work) {
        if (history.get() != settled) {
            say("Something is still being worked out; try again in a moment.");
            return;
        }
        messages.clearTrouble();
        running.start(what, work::derive, change -> change(what, change), messages::complain);
    }

    /** What comes of the next change is known already and need not be computed once more. */
    public void hasWorkedOut(Drawing drawing) {
        maker.hasWorkedOut(drawing);
    }

    /** Takes the last change back. */
    public void undo() {
        if (history.get() != null && history.get().undoable().isPresent()) {
            say("Undone: " + history.get().undoable().get());
            to(history.get().undone());
        }
    }

    /** Does again what was undone last. */
    public void redo() {
        if (history.get() != null && history.get().redoable().isPresent()) {
            say("Done again: " + history.get().redoable().get());
            to(history.get().redone());
        }
    }

    private void to(History next) {
        if (next == history.get()) {
            return;
        }
        messages.clearTrouble();
        history.set(next);
        keeper.keep(next.job());
        computeAgain();
    }

    private void computeAgain() {
        Job job = job();
        Shown base = shown.get();
        running.start(
                "Working",
                progress -> maker.make(job, base, progress),
                this::settle,
                e -> {
                    takeBack();
                    messages.complain(e);
                });
    }

    private void settle(Shown result) {
        settled = history.get();
        previews.stop();
        early.set(null);
        insights.lookThrough(result.drawing().traced());
        shown.set(result);
        List<Consumer<Shown>> now = List.copyOf(waiting);
        waiting.clear();
        now.forEach(then -> then.accept(result));
    }

    /** Back to the job whose drawing is on the table, however many changes came since. */
    private void takeBack() {
        if (settled != null && history.get() != settled) {
            history.set(settled);
            waiting.clear();
            early.set(null);
            keeper.keep(settled.job());
        }
    }

    /** Lines are shown as soon as they are there; areas take longer. */
    private void showEarly(Job job, ArtworkPainter painter) {
        Platform.runLater(
                () -> {
                    if (job() == job) {
                        early.set(painter);
                    }
                });
    }

    /** Stops the running work and takes back whatever it was to show. */
    public void cancel() {
        if (running.stop()) {
            takeBack();
            say("Stopped; what is on the table is as it was.");
        }
    }

    /** Saves the job; {@code whenDone} runs after success. */
    public void save(Path target, Runnable whenDone) {
        Job job = job();
        Shown now = shown.get();
        if (job == null || now == null) {
            return;
        }
        write(
                "Saved " + target.getFileName() + ".",
                () -> JobFile.save(target, job, PngWriter.preview(now.art(), PREVIEW_PX)),
                () -> {
                    file.set(target);
                    broughtBack = false;
                    stamp = FileStamp.of(target);
                    keepSaved(job);
                    folders.remember(target);
                    whenDone.run();
                });
    }

    /** Something that writes a file. */
    @FunctionalInterface
    public interface Writing {
        void write() throws IOException;
    }

    /**
     * Waits until what is being worked out is there, so that no file tells of an older drawing.
     *
     * @param then called with the newest drawing, at once if nothing is being worked out
     */
    public void whenSettled(Consumer<Shown> then) {
        if (shown.get() == null) {
            return;
        }
        if (history.get() == settled) {
            then.accept(shown.get());
            return;
        }
        say("A change is still being worked out; the file is written right after.");
        waiting.add(then);
    }

    /** Whether a place is the open picture, which is never written to. */
    private boolean isScan(Path target) {
        return scan != null && SameFile.of(scan, target);
    }

    /**
     * Writes a file off the JavaFX thread and says how it went; never over the open picture.
     *
     * @param target where to
     */
    public void write(String success, Path target, Writing writing, Runnable whenDone) {
        if (isScan(target)) {
            tellTrouble(
                    new IOException(
                            target.getFileName()
                                    + " is the picture on the table; it is never written to."
                                    + " Choose another name."));
            return;
        }
        write(success, writing, whenDone);
    }

    /** Does something with files off the JavaFX thread and says how it went. */
    public void write(String success, Writing writing, Runnable whenDone) {
        this.writing.write(success, writing, whenDone);
    }

    /** Ends in good order: nothing is left to be offered back. */
    @Override
    public void close() {
        running.close();
        sheetMaking.close();
        insights.close();
        previews.close();
        writing.close();
        keeper.close();
    }
}

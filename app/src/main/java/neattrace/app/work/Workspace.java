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
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import neattrace.export.PlanPainter;
import neattrace.export.PngWriter;
import neattrace.files.FileStamp;
import neattrace.inspection.Inspection;
import neattrace.inspection.Inspector;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Plans;
import neattrace.raster.reading.PictureReader;

/**
 * The open job. All methods belong to the JavaFX thread; computing, reading and writing happen on
 * threads of its own, newest request first, and results come back to the JavaFX thread.
 */
public final class Workspace implements AutoCloseable {

    private static final int PREVIEW_PX = 512;

    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>();
    private final OpenFile file = new OpenFile();
    private final Messages messages = new Messages();
    private final PressProfile press = PressProfile.bundled();
    private final Running running = new Running("computing");
    private final ReadOnlyObjectWrapper<PlanPainter> early = new ReadOnlyObjectWrapper<>();
    private final Pipeline pipeline = new Pipeline();
    private final ShownMaker maker = new ShownMaker(pipeline, press, this::showEarly);
    private final Insights insights;
    private final Previews previews = new Previews(shown::get);
    private final SheetMaking sheetMaking = new SheetMaking(messages);
    private final FileWriting writing = new FileWriting(messages, file::isScan);
    private final Folders folders;
    private final Keeper keeper;
    private final List<Consumer<Shown>> waiting = new ArrayList<>();

    /** The history as it stood when the shown drawing was computed. */
    private History settled;

    /** A workspace without a job, keeping what is its own in {@code folders}. */
    public Workspace(Folders folders) {
        this(folders, Inspector.ALL);
    }

    /**
     * The same with other inspections.
     *
     * @param inspections what is looked for in the job, beside the work
     */
    public Workspace(Folders folders, List<Inspection<?>> inspections) {
        this.folders = folders;
        this.insights = new Insights(pipeline, inspections);
        this.keeper =
                new Keeper(folders.autosave(), e -> Platform.runLater(() -> messages.complain(e)));
        history.addListener(property -> file.changed(job()));
    }

    /** The job with its past and future; null before anything is open. */
    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** The newest computed drawing; null before the first one is ready. */
    public ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /**
     * Paints the newest lines over the old colours while their areas are still being found; null
     * when the shown drawing is the newest.
     */
    public ReadOnlyObjectProperty<PlanPainter> earlyProperty() {
        return early.getReadOnlyProperty();
    }

    /** The job file, or null if the job was never saved. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return file.fileProperty();
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

    /** Computes what the job comes to; may be used by any thread. */
    public Pipeline pipeline() {
        return pipeline;
    }

    /** What is found out about the shown drawing beside the work. */
    public Insights insights() {
        return insights;
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
    public ReadOnlyBooleanProperty unsavedProperty() {
        return file.unsavedProperty();
    }

    /** Whether closing would lose something that somebody decided. */
    public boolean hasSomethingToLose() {
        return job() != null && file.hasSomethingToLose(history.get().undoable().isPresent());
    }

    /** Whether another program saved the job's file since it was read or written here. */
    public boolean wasChangedOnDisk() {
        return file.wasChangedOnDisk();
    }

    /** Tells the user something. */
    public void say(String text) {
        messages.say(text);
    }

    /** Opens a picture or a job file. */
    public void open(Path path) {
        String what = "Opening " + path.getFileName();
        if (path.toString().endsWith(JobFile.ENDING)) {
            FileStamp before = FileStamp.of(path);
            load(
                    what,
                    () -> JobFile.open(path),
                    job -> {
                        file.isIn(path, job, before);
                        folders.remember(path);
                    });
            return;
        }
        String name = path.getFileName().toString();
        load(
                what,
                () -> Job.of(new Source(name, PictureReader.bytes(path))),
                job -> {
                    file.isOf(path);
                    folders.remember(path);
                });
    }

    /** Takes over a job that was left behind by a crash. */
    public void recover(Path kept) {
        load(
                "Bringing the job back",
                () -> JobFile.open(kept),
                job -> {
                    file.isBroughtBack();
                    keeper.discard(kept);
                });
    }

    /** Opens a job that is made by {@code source}, which may take its time. */
    public void make(String what, Callable<Job> source) {
        load(what, source, job -> file.isNowhere());
    }

    private void load(String what, Callable<Job> source, Consumer<Job> whenOpen) {
        messages.clearTrouble();
        running.start(
                what,
                progress -> maker.make(source.call(), null, progress),
                result -> {
                    Job job = result.drawing().job();
                    history.set(History.of(job));
                    keeper.keep(job);
                    whenOpen.accept(job);
                    settle(result);
                    say(result.summary());
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
        insights.lookThrough(result.drawing());
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
    private void showEarly(Job job, PlanPainter painter) {
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
                () ->
                        JobFile.save(
                                target,
                                job,
                                PngWriter.preview(Plans.forPixels(now.art()), PREVIEW_PX)),
                () -> {
                    file.savedTo(target, job);
                    folders.remember(target);
                    whenDone.run();
                });
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

    /**
     * Writes a file off the JavaFX thread and says how it went; never over the open picture.
     *
     * @param target where to
     */
    public void write(String success, Path target, Writing writing, Runnable whenDone) {
        this.writing.write(success, target, writing, whenDone);
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

package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.util.Duration;
import neattrace.export.PlanPainter;
import neattrace.inspection.Inspection;
import neattrace.inspection.Inspector;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.job.WrittenFile;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;

/**
 * The open job. All methods belong to the JavaFX thread; computing, reading and writing happen on
 * threads of its own, newest request first, and results come back to the JavaFX thread.
 */
public final class Workspace implements AutoCloseable {

    private final OpenFile file = new OpenFile();
    private final Messages messages = new Messages();
    private final PressProfile press = PressProfile.bundled();
    private final Pipeline pipeline = new Pipeline();
    private final Insights insights;
    private final Previews previews;
    private final SheetMaking sheetMaking = new SheetMaking(messages);
    private final FileWriting writing = new FileWriting(messages, file::isScan);
    private final Folders folders;
    private final RecentFiles recent;
    private final Keeper keeper;
    private final LiveJob live;
    private final JobFiles files;
    private final SheetDesk sheetDesk = new SheetDesk(messages);
    private final StringProperty overWords = new SimpleStringProperty("");
    private final DoubleProperty overScale = new SimpleDoubleProperty();
    private final WorkClock clock = new WorkClock();
    private final WorkNotes notes = new WorkNotes(this, clock);
    private final PastJobs past;

    /** A workspace without a job, keeping what is its own in {@code folders}. */
    public Workspace(Folders folders) {
        this(folders, Inspector.ALL, Insights.CALM);
    }

    /**
     * The same with other inspections.
     *
     * @param inspections what is looked for in the job, beside the work
     * @param calm how long nothing changes before goods are printed on the stand-in press; {@link
     *     Duration#INDEFINITE} for never
     */
    public Workspace(Folders folders, List<Inspection<?>> inspections, Duration calm) {
        this.folders = folders;
        this.recent = new RecentFiles(folders);
        this.past = new PastJobs(folders);
        this.insights = new Insights(pipeline, inspections, calm);
        this.keeper =
                new Keeper(folders.autosave(), e -> Platform.runLater(() -> messages.complain(e)));
        this.live =
                new LiveJob(
                        pipeline, messages, keeper, this::beforeShown, this::hasSomethingToLose);
        this.files = new JobFiles(file, live, writing, recent, keeper);
        this.previews = new Previews(live.shownProperty()::get);
        files.whenBegun(this::began);
        files.beforeSaving(() -> noteWork(0));
        files.whenSaved(sheetDesk::lookAgain);
        live.historyProperty().addListener(property -> file.changed(job()));
    }

    /** The job with its past and future; null before anything is open. */
    public ReadOnlyObjectProperty<History<Job>> historyProperty() {
        return live.historyProperty();
    }

    /** The newest computed drawing; null before the first one is ready. */
    public ReadOnlyObjectProperty<Shown> shownProperty() {
        return live.shownProperty();
    }

    /**
     * Paints the newest lines over the old colours while their areas are still being found; null
     * when the shown drawing is the newest.
     */
    public ReadOnlyObjectProperty<PlanPainter> earlyProperty() {
        return live.earlyProperty();
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
        return live.stepProperty();
    }

    /** Share of the running work that is done, or -1 when nothing runs. */
    public ReadOnlyDoubleProperty progressProperty() {
        return live.progressProperty();
    }

    /** How inks look on the job's press. */
    public PressProfile press() {
        return job() == null ? press : job().press().profile();
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

    /** The open sheet of stickers. */
    public SheetDesk sheetDesk() {
        return sheetDesk;
    }

    /** How large what lies over the table is seen, pixels for each mm; 0 if nothing does. */
    public DoubleProperty overScaleProperty() {
        return overScale;
    }

    /** What is in hand of what lies over the table, in words; empty for nothing. */
    public StringProperty overWordsProperty() {
        return overWords;
    }

    /** Files opened lately. */
    public RecentFiles recent() {
        return recent;
    }

    /** Puts a file that was opened or saved at the head of those opened lately. */
    public void remember(Path file) {
        recent.remember(file);
    }

    /** Where the program keeps what is its own. */
    public Folders folders() {
        return folders;
    }

    /** Measures the time that is worked on the job. */
    public WorkClock clock() {
        return clock;
    }

    /**
     * Puts the time worked since into the job's log, with what drives it.
     *
     * @param least seconds below which it is not worth it yet
     */
    public void noteWork(int least) {
        if (clock.seconds() >= least) {
            notes.note();
        }
    }

    /** What other jobs opened lately tell. */
    public PastJobs past() {
        return past;
    }

    /** The job as it stands, or null. */
    public Job job() {
        return live.job();
    }

    /** Whether there are changes that are not in the job file. */
    public ReadOnlyBooleanProperty unsavedProperty() {
        return file.unsavedProperty();
    }

    /** Whether closing would lose something that somebody decided. */
    public boolean hasSomethingToLose() {
        return job() != null && file.hasSomethingToLose(live.canUndo());
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
        files.open(path);
    }

    /** Takes over a job that was left behind by a crash. */
    public void recover(Path kept) {
        files.recover(kept);
    }

    /** Opens a job that is made by {@code source}, which may take its time. */
    public void make(String what, Callable<Job> source) {
        files.make(what, source);
    }

    /** Another job is open: time worked before was worked on the one before. */
    private void began() {
        clock.forget();
        past.lookUp(file.fileProperty().get());
    }

    private void beforeShown(Shown next) {
        previews.stop();
        insights.lookThrough(next.drawing());
    }

    /** Changes the job; one step of undo. */
    public void change(String what, UnaryOperator<Job> change) {
        live.change(what, change);
    }

    /**
     * Notes in a job's log that a file was written of it; no step of undo. If that job is no longer
     * open it is told that its log does not know.
     */
    public void noteWritten(Sitting of, WrittenFile file) {
        if (!live.note(of, job -> job.withLog(job.log().with(file)))) {
            messages.say(
                    file.name()
                            + " was written of the drawing that was open before; its log does not"
                            + " tell of it.");
        }
    }

    /** Notes in the open job what nobody has done: what is told stays told. */
    void noteQuietly(UnaryOperator<Job> note) {
        live.note(live.opening(), note);
    }

    /** The opening of the job on the table; null before one is open. */
    public Sitting opening() {
        return live.opening();
    }

    /** Changes the job by what takes its time to find out; one step of undo. */
    public void derive(String what, Deriving work) {
        live.derive(what, work);
    }

    /**
     * Makes another job of this one, which takes its time and takes decisions along by itself; one
     * step of undo.
     */
    public void remake(String what, Remaking work) {
        live.remake(what, work);
    }

    /** Takes the last change back. */
    public void undo() {
        live.undo();
    }

    /** Does again what was undone last. */
    public void redo() {
        live.redo();
    }

    /** Stops the running work and takes back whatever it was to show. */
    public void cancel() {
        live.cancel();
    }

    /**
     * Waits until what is being worked out is there, so that no file tells of an older drawing.
     *
     * @param what the file that is waited for, told if nothing comes of it
     * @param then called with the newest drawing, at once if nothing is being worked out
     */
    public void whenSettled(String what, Consumer<Shown> then) {
        live.whenSettled(what, then);
    }

    /** The job as it stands, to be saved whichever is open by then; empty if none is open. */
    public Optional<Asked> asked() {
        return files.asked();
    }

    /**
     * Saves a job: as it stands if it is still open, else as it was when that was asked.
     *
     * @param whenDone runs after success, if the job is still open
     */
    public void save(Asked asked, Path target, Runnable whenDone) {
        files.save(asked, target, whenDone);
    }

    /** Saves the open job. */
    public void save(Path target, Runnable whenDone) {
        asked().ifPresent(now -> save(now, target, whenDone));
    }

    /**
     * Writes a file off the JavaFX thread and says how it went; never over the open picture.
     *
     * @param target where to
     */
    public void write(String success, Path target, Writing writing, Runnable whenDone) {
        write(() -> success, target, writing, whenDone);
    }

    /** The same where what is said is known once it is written. */
    public void write(Supplier<String> success, Path target, Writing writing, Runnable whenDone) {
        this.writing.write(success, target, writing, whenDone);
    }

    /** Does something with files of the program's own off the JavaFX thread. */
    public void keep(String success, String what, Writing writing, Runnable whenDone) {
        this.writing.keep(() -> success, what, writing, whenDone);
    }

    /** Keeps the job as it stands where a crash cannot take it. */
    public void keepAside() {
        if (job() != null) {
            keeper.keep(job());
        }
    }

    /** What runs only if the job that is open now is still open then. */
    public Runnable whileOpen(Runnable then) {
        Sitting of = opening();
        return () -> {
            if (of == opening()) {
                then.run();
            }
        };
    }

    /** Files that are being written, and how far it is. */
    public FileWriting writing() {
        return writing;
    }

    /** Ends in good order: nothing is left to be offered back. */
    @Override
    public void close() {
        live.close();
        sheetMaking.close();
        sheetDesk.close();
        insights.close();
        previews.close();
        recent.close();
        past.close();
        writing.close();
        keeper.close();
    }
}

package neattrace.app.work;

import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import neattrace.export.PlanPainter;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.job.pipeline.Pipeline;

/**
 * The job as it stands and the drawing computed of it, which follows behind: each change starts
 * another computation, and when one comes to nothing the job goes back to where its drawing is.
 * Belongs to the JavaFX thread.
 */
final class LiveJob implements AutoCloseable {

    private final ReadOnlyObjectWrapper<History<Job>> history = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<PlanPainter> early = new ReadOnlyObjectWrapper<>();
    private final Running running = new Running("computing");
    private final WaitingFiles<Shown> waiting = new WaitingFiles<>();
    private final Messages messages;
    private final Keeper keeper;
    private final ShownMaker maker;
    private final Consumer<Shown> beforeShown;
    private final BooleanSupplier loses;

    /** The history as it stood when the shown drawing was computed; notes make no difference. */
    private History<Job> settled;

    /** The opening of the job; null before one is open. */
    private Sitting opening;

    /** What was noted since another job is being made of this one. */
    private UnaryOperator<Job> notedSince = UnaryOperator.identity();

    /** Whether something was noted that the shown drawing does not know yet. */
    private boolean notedUnshown;

    /** What is being opened; empty for nothing. */
    private String loading = "";

    /** Opens that anew. */
    private Runnable again;

    /** What is opened once all that waits for the drawing is done; null for nothing. */
    private Runnable afterwards;

    /**
     * No job yet.
     *
     * @param beforeShown told of every new drawing just before it is shown
     * @param loses whether opening another job would lose something
     */
    LiveJob(
            Pipeline pipeline,
            Messages messages,
            Keeper keeper,
            Consumer<Shown> beforeShown,
            BooleanSupplier loses) {
        this.messages = messages;
        this.keeper = keeper;
        this.maker = new ShownMaker(pipeline, this::showEarly);
        this.beforeShown = beforeShown;
        this.loses = loses;
    }

    ReadOnlyObjectProperty<History<Job>> historyProperty() {
        return history.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<PlanPainter> earlyProperty() {
        return early.getReadOnlyProperty();
    }

    ReadOnlyStringProperty stepProperty() {
        return running.stepProperty();
    }

    ReadOnlyDoubleProperty progressProperty() {
        return running.progressProperty();
    }

    /** The job as it stands, or null. */
    Job job() {
        return history.get() == null ? null : history.get().job();
    }

    /** The opening of the job; null before one is open. */
    Sitting opening() {
        return opening;
    }

    /** Whether there is a change to take back. */
    boolean canUndo() {
        return history.get() != null && history.get().undoable().isPresent();
    }

    /**
     * Makes another job the open one; the old one stays open if it cannot be made, or if it was
     * changed meanwhile. Files that wait for the old one are written first.
     */
    void load(String what, Callable<Job> source, Consumer<Job> whenOpen) {
        if (!waiting.isEmpty()) {
            messages.say("The file that was asked for is written first.");
            afterwards = () -> load(what, source, whenOpen);
            return;
        }
        messages.clearTrouble();
        Sitting next = new Sitting();
        boolean mayLose = loses.getAsBoolean();
        start(
                what,
                progress -> maker.make(next, source.call(), null, progress),
                result -> opened(what, next, result, mayLose, whenOpen),
                this::notOpened);
        loading = what;
        again = () -> load(what, source, whenOpen);
    }

    private void opened(
            String what, Sitting next, Shown result, boolean mayLose, Consumer<Job> whenOpen) {
        if (!mayLose && loses.getAsBoolean()) {
            notOpened(new IOException(what + " was left: the drawing here was changed meanwhile."));
            return;
        }
        Job job = result.drawing().job();
        opening = next;
        history.set(History.of(job));
        keeper.keep(job);
        whenOpen.accept(job);
        settle(result);
        messages.say(result.summary());
    }

    /** The job that was open stays; a change that the opening made void is computed after all. */
    private void notOpened(Throwable e) {
        if (history.get() != settled) {
            computeAgain();
        }
        refresh();
        messages.complain(e);
    }

    /** Starts work; what was being opened is not opened then, and that is said. */
    private <T> void start(
            String what,
            Running.Work<T> work,
            Consumer<T> whenDone,
            Consumer<Throwable> whenFailed) {
        if (!loading.isEmpty()) {
            messages.say(loading + " was left: something else was asked for meanwhile.");
        }
        loading = "";
        notedSince = UnaryOperator.identity();
        running.start(
                what,
                work,
                done -> {
                    loading = "";
                    whenDone.accept(done);
                },
                e -> {
                    loading = "";
                    whenFailed.accept(e);
                });
    }

    /** Changes the job; one step of undo. */
    void change(String what, UnaryOperator<Job> change) {
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
            messages.say("Not changed: " + e.getMessage() + ".");
        }
    }

    /**
     * Notes something in the job's log that is no step of undo, such as a file that was written.
     * What runs goes on. False if that job is no longer open.
     */
    boolean note(Sitting of, UnaryOperator<Job> note) {
        if (of != opening || history.get() == null) {
            return false;
        }
        History<Job> next = history.get().noted(note);
        if (history.get() == settled) {
            settled = next;
        }
        history.set(next);
        keeper.keep(next.job());
        UnaryOperator<Job> before = notedSince;
        notedSince = job -> note.apply(before.apply(job));
        notedUnshown = true;
        refresh();
        return true;
    }

    /** What was noted is shown once nothing else is being worked out. */
    private void refresh() {
        if (notedUnshown && running.progressProperty().get() < 0) {
            computeAgain();
        }
    }

    /** Changes the job by what takes its time to find out; one step of undo. */
    void derive(String what, Deriving work) {
        if (isBusy()) {
            return;
        }
        start(what, work::derive, change -> change(what, change), this::notDone);
    }

    private void notDone(Throwable e) {
        refresh();
        messages.complain(e);
    }

    private boolean isBusy() {
        if (history.get() == null || history.get() != settled || !loading.isEmpty()) {
            messages.say("Something is still being worked out; try again in a moment.");
            return true;
        }
        messages.clearTrouble();
        return false;
    }

    /**
     * Makes another job of this one, which takes its time and takes decisions along by itself; one
     * step of undo.
     */
    void remake(String what, Remaking work) {
        if (isBusy()) {
            return;
        }
        start(
                what,
                work::remake,
                made -> {
                    made.whenTaken().run();
                    to(history.get().then(what, notedSince.apply(made.job())));
                },
                this::notDone);
    }

    /** Takes the last change back. */
    void undo() {
        if (history.get() != null && history.get().undoable().isPresent()) {
            messages.say("Undone: " + history.get().undoable().get());
            to(history.get().undone());
        }
    }

    /** Does again what was undone last. */
    void redo() {
        if (history.get() != null && history.get().redoable().isPresent()) {
            messages.say("Done again: " + history.get().redoable().get());
            to(history.get().redone());
        }
    }

    private void to(History<Job> next) {
        if (next == history.get()) {
            refresh();
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
        Sitting of = opening;
        notedUnshown = false;
        start(
                "Working",
                progress -> maker.make(of, job, base, progress),
                this::settle,
                e -> {
                    String given = takeBack();
                    messages.complain(new IOException(Messages.plain(e) + given, e));
                    goOn();
                    refresh();
                });
    }

    private void settle(Shown result) {
        settled = history.get();
        beforeShown.accept(result);
        early.set(null);
        shown.set(result);
        waiting.serve(result);
        goOn();
        refresh();
    }

    private void goOn() {
        Runnable next = afterwards;
        afterwards = null;
        if (next != null) {
            next.run();
        }
    }

    /**
     * Back to the job whose drawing is on the table, however many changes came since.
     *
     * @return what waited for the drawing and is not written now, in a sentence; empty for nothing
     */
    private String takeBack() {
        if (settled != null && history.get() != settled) {
            history.set(settled);
            early.set(null);
            keeper.keep(settled.job());
        }
        String given = waiting.giveUp();
        return given.isEmpty() ? "" : " Not written: " + given + ".";
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
    void cancel() {
        if (running.stop()) {
            loading = "";
            afterwards = null;
            String given = takeBack();
            messages.say("Stopped; what is on the table is as it was." + given);
            refresh();
        }
    }

    /**
     * Waits until what is being worked out is there, so that no file tells of an older drawing.
     *
     * @param what the file that is waited for, told if nothing comes of it
     * @param then called with the newest drawing, at once if nothing is being worked out
     */
    void whenSettled(String what, Consumer<Shown> then) {
        if (shown.get() == null) {
            return;
        }
        if (history.get() == settled) {
            then.accept(shown.get());
            return;
        }
        messages.say("A change is still being worked out; the file is written right after.");
        waiting.add(what, then);
        if (!loading.isEmpty()) {
            // What is being opened had made the change void; the file comes first.
            afterwards = again;
            loading = "";
            computeAgain();
        }
    }

    @Override
    public void close() {
        running.close();
    }
}

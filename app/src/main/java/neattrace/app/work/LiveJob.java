package neattrace.app.work;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
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
import neattrace.press.PressProfile;

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
    private final List<Consumer<Shown>> waiting = new ArrayList<>();
    private final Messages messages;
    private final Keeper keeper;
    private final ShownMaker maker;
    private final Consumer<Shown> beforeShown;

    /** The history as it stood when the shown drawing was computed. */
    private History<Job> settled;

    /**
     * No job yet.
     *
     * @param beforeShown told of every new drawing just before it is shown
     */
    LiveJob(
            Pipeline pipeline,
            PressProfile press,
            Messages messages,
            Keeper keeper,
            Consumer<Shown> beforeShown) {
        this.messages = messages;
        this.keeper = keeper;
        this.maker = new ShownMaker(pipeline, this::showEarly);
        this.beforeShown = beforeShown;
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

    /** Whether there is a change to take back. */
    boolean canUndo() {
        return history.get() != null && history.get().undoable().isPresent();
    }

    /** Makes another job the open one; the old one stays open if it cannot be made. */
    void load(String what, Callable<Job> source, Consumer<Job> whenOpen) {
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
                    messages.say(result.summary());
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

    /** Notes something in the job that is no step of undo, such as a file that was written. */
    void note(UnaryOperator<Job> note) {
        if (history.get() != null) {
            keep(history.get().noted(note));
        }
    }

    /** Changes the job by what takes its time to find out; one step of undo. */
    void derive(String what, Deriving work) {
        if (history.get() != settled) {
            messages.say("Something is still being worked out; try again in a moment.");
            return;
        }
        messages.clearTrouble();
        running.start(what, work::derive, change -> change(what, change), messages::complain);
    }

    /**
     * Makes another job of this one, which takes its time and takes decisions along by itself; one
     * step of undo.
     */
    void remake(String what, Remaking work) {
        if (history.get() == null || history.get() != settled) {
            messages.say("Something is still being worked out; try again in a moment.");
            return;
        }
        messages.clearTrouble();
        running.start(
                what,
                work::remake,
                made -> {
                    made.whenTaken().run();
                    to(history.get().then(what, made.job()));
                },
                messages::complain);
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
            return;
        }
        messages.clearTrouble();
        keep(next);
    }

    private void keep(History<Job> next) {
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
        beforeShown.accept(result);
        early.set(null);
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
    void cancel() {
        if (running.stop()) {
            takeBack();
            messages.say("Stopped; what is on the table is as it was.");
        }
    }

    /**
     * Waits until what is being worked out is there, so that no file tells of an older drawing.
     *
     * @param then called with the newest drawing, at once if nothing is being worked out
     */
    void whenSettled(Consumer<Shown> then) {
        if (shown.get() == null) {
            return;
        }
        if (history.get() == settled) {
            then.accept(shown.get());
            return;
        }
        messages.say("A change is still being worked out; the file is written right after.");
        waiting.add(then);
    }

    @Override
    public void close() {
        running.close();
    }
}

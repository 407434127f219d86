package neattrace.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import neattrace.gang.GangArranger;
import neattrace.gang.GangFile;
import neattrace.gang.GangLoader;
import neattrace.gang.GangSheet;
import neattrace.gang.GangSticker;
import neattrace.gang.GangWork;
import neattrace.goods.nest.NestWish;
import neattrace.job.History;
import neattrace.stage.Progress;

/**
 * The open sheet of stickers, a job of its own beside the drawing on the table. It is kept in its
 * file as one works; its drawings are read, and its stickers arranged, beside the window's thread.
 * All methods belong to the JavaFX thread.
 */
public final class SheetDesk implements AutoCloseable {

    /** While one waits it gets better for so long at most, seconds. */
    private static final double PATIENCE = 600;

    private final ReadOnlyObjectWrapper<History<GangSheet>> history = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<KnownSheet> known = new ReadOnlyObjectWrapper<>();
    private final BooleanProperty inHand = new SimpleBooleanProperty();
    private final StringProperty under = new SimpleStringProperty("");
    private final Running running = new Running("sheet of stickers");
    private final SheetKeeper keeper;
    private final GangLoader loader;
    private final Messages messages;

    /** What is still to be done; a change that comes between does not make it void. */
    private GangWork wish = GangWork.NONE;

    /** The sheet that is being worked on, before anything was arranged of it. */
    private GangSheet basis;

    /** What waits for the sheet to be worked out. */
    private final WaitingFiles<KnownSheet> waiting = new WaitingFiles<>();

    /** A window that is going away may still come to the front once more. */
    private boolean closed;

    SheetDesk(Messages messages) {
        this.loader = new GangLoader();
        this.messages = messages;
        this.keeper = new SheetKeeper(messages);
    }

    /** The sheet with its past and its future; null before one is open. */
    public ReadOnlyObjectProperty<History<GangSheet>> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** What is known of the sheet, or of an earlier one while it is being worked on. */
    public ReadOnlyObjectProperty<KnownSheet> knownProperty() {
        return known.getReadOnlyProperty();
    }

    /** Its file; null before one is open. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return keeper.fileProperty();
    }

    /** Whether it is what one works on, so that undoing concerns it and not the drawing. */
    public BooleanProperty inHandProperty() {
        return inHand;
    }

    /** What is told of the sticker in hand; empty for none. */
    public StringProperty underProperty() {
        return under;
    }

    /** What is being done right now. */
    public ReadOnlyStringProperty stepProperty() {
        return running.stepProperty();
    }

    /** Share of it that is done, or -1 when nothing runs. */
    public ReadOnlyDoubleProperty progressProperty() {
        return running.progressProperty();
    }

    /** The sheet as it stands; null if none is open. */
    public GangSheet sheet() {
        return history.get() == null ? null : history.get().job();
    }

    /** What it is called: its title, or its file's name. */
    public String name() {
        if (sheet() == null) {
            return "";
        }
        String file = String.valueOf(fileProperty().get().getFileName());
        return sheet().title().isBlank()
                ? file.substring(0, file.length() - GangFile.ENDING.length())
                : sheet().title();
    }

    /** Something that makes a sheet's file and takes its time. */
    @FunctionalInterface
    public interface Making {

        /**
         * Makes it.
         *
         * @return the file
         */
        Path make(Progress progress) throws IOException;
    }

    /**
     * Makes a sheet's file beside the window's thread; it may be stopped.
     *
     * @param then called with the file
     */
    public void prepare(String what, Making making, Consumer<Path> then) {
        messages.clearTrouble();
        giveUp("another sheet was asked for");
        wish = GangWork.NONE;
        running.start(what, making::make, then, messages::complain);
    }

    /** Opens a sheet; false, and told, if it cannot be read. */
    public boolean open(Path file) {
        messages.clearTrouble();
        try {
            GangSheet sheet = GangFile.open(file);
            // One that nobody has arranged yet is arranged at once.
            begin(file, sheet, sheet.places().isEmpty() ? GangWork.ARRANGE : GangWork.NONE);
            return true;
        } catch (IOException e) {
            messages.complain(e);
            return false;
        }
    }

    /** Makes a sheet in a file, and arranges it; false, and told, if it cannot be written. */
    public boolean make(Path file, GangSheet sheet) {
        messages.clearTrouble();
        try {
            GangFile.save(file, sheet);
            begin(file, sheet, GangWork.ARRANGE);
            return true;
        } catch (IOException e) {
            messages.complain(e);
            return false;
        }
    }

    private void begin(Path file, GangSheet sheet, GangWork first) {
        giveUp("another sheet was opened");
        keeper.isIn(file);
        known.set(null);
        wish = first;
        history.set(History.of(sheet));
        work();
    }

    /** Changes the sheet; one step of undo. */
    public void change(String what, UnaryOperator<GangSheet> change) {
        change(what, change, GangWork.NONE);
    }

    /** The same, and what is done to the places of its stickers then, in the same step of undo. */
    public void change(String what, UnaryOperator<GangSheet> change, GangWork then) {
        if (sheet() == null) {
            return;
        }
        try {
            History<GangSheet> next = history.get().then(what, change.apply(sheet()));
            // An arrangement that a change interrupts is still wanted.
            wish = then.compareTo(wish) > 0 ? then : wish;
            if (next != history.get()) {
                to(next);
            } else if (then != GangWork.NONE) {
                work();
            }
        } catch (IllegalArgumentException e) {
            messages.say("Not changed: " + e.getMessage() + ".");
        }
    }

    /** Arranges all that is not pinned anew. */
    public void arrange() {
        change("Arranged", sheet -> sheet.withSeed(sheet.seed() + 1), GangWork.ARRANGE);
    }

    /** Looks for something better until it is stopped, or nothing better is to be expected. */
    public void improve() {
        change("Arranged", sheet -> sheet.withSeed(sheet.seed() + 1), GangWork.IMPROVE);
    }

    private void to(History<GangSheet> next) {
        messages.clearTrouble();
        history.set(next);
        keeper.keep(next.job());
        work();
    }

    /** Takes the last change back. */
    public void undo() {
        go(history.get().undoable(), "Undone: ", history.get().undone());
    }

    /** Does again what was undone last. */
    public void redo() {
        go(history.get().redoable(), "Done again: ", history.get().redone());
    }

    private void go(Optional<String> what, String said, History<GangSheet> there) {
        if (what.isPresent()) {
            messages.say(said + what.get());
            wish = GangWork.NONE;
            to(there);
        }
    }

    /** Looks whether a drawing was changed, moved or deleted since. */
    public void lookAgain() {
        if (!closed && sheet() != null && running.progressProperty().get() < 0) {
            work();
        }
    }

    /** Stops; what was found until then is kept. */
    public void stop() {
        if (running.stop()) {
            boolean arranging = wish != GangWork.NONE;
            wish = GangWork.NONE;
            messages.say(
                    arranging
                            ? "Stopped; the best arrangement so far is kept."
                            : "Stopped before all drawings were read.");
            if (known.get() != null && arranging) {
                work();
            } else {
                giveUp("reading the drawings was stopped");
            }
        }
    }

    /** Reads the drawings, does what is wished, and finds out what there is to know. */
    private void work() {
        GangSheet of = sheet();
        GangWork now = wish;
        basis = of;
        running.start(
                now == GangWork.NONE ? "Reading the drawings" : "Arranging",
                progress -> {
                    List<GangSticker> read =
                            loader.load(of, progress.part(0, now == GangWork.NONE ? 0.9 : 0.4));
                    if (now == GangWork.NONE) {
                        return KnownSheet.of(of, read, true);
                    }
                    // What lies there is seen while the rest is being arranged.
                    tell(of, KnownSheet.of(of, read, false));
                    return KnownSheet.of(
                            arranged(of, read, now, progress.part(0.4, 1)), read, true);
                },
                this::settle,
                this::failed);
    }

    private GangSheet arranged(
            GangSheet of, List<GangSticker> read, GangWork now, Progress progress) {
        NestWish usual = NestWish.USUAL;
        if (now == GangWork.MAKE_ROOM) {
            return GangArranger.makeRoom(of, read, usual, progress);
        }
        return GangArranger.arrange(
                of,
                read,
                now == GangWork.IMPROVE ? usual.forSeconds(PATIENCE) : usual,
                better -> tell(of, KnownSheet.of(better, read, false)),
                progress);
    }

    /** Shows something better while better is still looked for. */
    private void tell(GangSheet of, KnownSheet better) {
        Platform.runLater(
                () -> {
                    // A change made meanwhile comes first.
                    boolean wanted = running.progressProperty().get() >= 0 && basis == of;
                    if (wanted) {
                        took(better);
                    }
                });
    }

    private void settle(KnownSheet result) {
        wish = GangWork.NONE;
        took(result);
        waiting.serve(known.get());
    }

    private void failed(Throwable e) {
        messages.complain(e);
        giveUp(Messages.plain(e));
    }

    private void took(KnownSheet result) {
        if (!result.sheet().equals(sheet())) {
            history.set(history.get().completed(result.sheet()));
            keeper.keep(result.sheet());
        }
        KnownSheet before = known.get();
        boolean same =
                before != null
                        && before.arranged() == result.arranged()
                        && before.sheet().equals(result.sheet())
                        && before.stickers().equals(result.stickers());
        // Looking again mostly finds what was known.
        if (!same) {
            known.set(result);
        }
    }

    /**
     * Waits until the sheet is worked out, so that no file tells of an older one.
     *
     * @param what the file that is waited for, told if nothing comes of it
     * @param then called with all that is known, at once if nothing is being worked out
     */
    public void whenSettled(String what, Consumer<KnownSheet> then) {
        KnownSheet now = known.get();
        boolean newest = now != null && now.arranged() && now.sheet().equals(sheet());
        if (newest && isSettled()) {
            then.accept(now);
            return;
        }
        if (sheet() == null || isSettled()) {
            notWritten(what, "the sheet could not be worked out");
            return;
        }
        messages.say("The sheet is still being worked out; the file is written right after.");
        waiting.add(what, then);
    }

    private void notWritten(String what, String why) {
        messages.complain(new IOException(what + " was not written: " + why + "."));
    }

    private void giveUp(String why) {
        String given = waiting.giveUp();
        if (!given.isEmpty()) {
            notWritten(given, why);
        }
    }

    /** Waits for nothing: whether all is worked out. */
    public boolean isSettled() {
        return running.progressProperty().get() < 0;
    }

    @Override
    public void close() {
        closed = true;
        running.close();
        keeper.close();
    }
}

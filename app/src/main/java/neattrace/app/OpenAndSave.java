package neattrace.app;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import neattrace.app.docket.Choice;
import neattrace.app.station.TargetFile;
import neattrace.app.work.Asked;
import neattrace.app.work.FileWriting;
import neattrace.app.work.Folders;
import neattrace.app.work.Workspace;
import neattrace.files.FileNames;
import neattrace.gang.GangFile;
import neattrace.job.file.Autosave;
import neattrace.job.file.JobFile;
import neattrace.plan.WorkHabits;
import neattrace.raster.reading.PictureReader;
import neattrace.standin.skerry.SkerryDrawing;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerrySheet;

/** Opens, saves and closes, and asks before changes are lost. */
final class OpenAndSave {

    private final Workspace workspace;
    private final PromptBar prompt;
    private final Supplier<Window> window;
    private final Consumer<Path> openSheet;
    private boolean mayClose;

    /**
     * For a window.
     *
     * @param openSheet opens a sheet of stickers
     */
    OpenAndSave(
            Workspace workspace,
            PromptBar prompt,
            Supplier<Window> window,
            Consumer<Path> openSheet) {
        this.openSheet = openSheet;
        this.workspace = workspace;
        this.prompt = prompt;
        this.window = window;
    }

    /** Lets the user choose a file to open. */
    void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Open a drawing, a job or a sheet of stickers");
        chooser.getExtensionFilters()
                .add(
                        new FileChooser.ExtensionFilter(
                                "Pictures, jobs, sheets",
                                Stream.concat(
                                                PictureReader.ENDINGS.stream().map(e -> "*." + e),
                                                Stream.of(
                                                        "*" + JobFile.ENDING,
                                                        "*" + GangFile.ENDING))
                                        .toList()));
        File file = chooser.showOpenDialog(window.get());
        if (file != null) {
            open(file.toPath());
        }
    }

    /** Opens a file, once unsaved changes are dealt with. */
    void open(Path file) {
        if (file.toString().endsWith(GangFile.ENDING)) {
            // It lies beside the drawing on the table, which stays as it is.
            openSheet.accept(file);
            return;
        }
        unlessUnsaved("Cancel", () -> workspace.open(file));
    }

    /** Opens a drawing of the demo. */
    void openDemo(SkerryDrawing demo) {
        unlessUnsaved(
                "Cancel",
                () -> workspace.make("Drawing " + demo.title(), () -> SkerryJobs.job(demo)));
    }

    /** Opens the demo's sheet of stickers, drawn first if it is not there. */
    void openDemoSheet() {
        Path folder = workspace.folders().demo();
        workspace
                .sheetDesk()
                .prepare(
                        "Drawing the Skerry Mail’s sheet",
                        progress -> SkerrySheet.write(folder, progress),
                        openSheet);
    }

    private void unlessUnsaved(String orNot, Runnable action) {
        if (!workspace.hasSomethingToLose()) {
            action.run();
            return;
        }
        prompt.ask(
                "“" + workspace.job().title() + "” has changes that are not saved.",
                // What was changed while it was being saved is asked about again.
                new Choice("Save", () -> save(() -> unlessUnsaved(orNot, action))),
                new Choice("Don't save", action),
                new Choice(orNot, () -> {}));
    }

    /** Saves the job, asking for a place the first time. */
    void save(Runnable whenDone) {
        if (workspace.sheetDesk().inHandProperty().get()) {
            workspace.say(
                    "The sheet is kept in "
                            + workspace.sheetDesk().fileProperty().get().getFileName()
                            + " as you work.");
            return;
        }
        workspace.asked().ifPresent(asked -> save(asked, whenDone));
    }

    /** Whatever comes onto the table while the person thinks, it is this job that is saved. */
    private void save(Asked asked, Runnable whenDone) {
        Path known = workspace.fileProperty().get();
        if (known != null && workspace.wasChangedOnDisk() && Files.exists(known)) {
            Path other = beside(known);
            prompt.ask(
                    "“"
                            + known.getFileName()
                            + "” was saved by another program since it was opened here.",
                    new Choice(
                            "Keep both: save as " + other.getFileName(),
                            () -> workspace.save(asked, other, whenDone)),
                    new Choice("Replace it", () -> workspace.save(asked, known, whenDone)),
                    new Choice("Cancel", () -> {}));
            return;
        }
        if (known != null) {
            workspace.save(asked, known, whenDone);
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the job");
        chooser.setInitialFileName(FileNames.proposed(asked.job().title()) + JobFile.ENDING);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Job", "*" + JobFile.ENDING));
        saveTo(chooser.showSaveDialog(window.get()), asked, whenDone);
    }

    /** Saves a job to a file that was chosen; null for none. */
    void saveTo(File chosen, Asked asked, Runnable whenDone) {
        TargetFile.complete(
                chosen,
                JobFile.ENDING,
                path -> false,
                prompt::ask,
                path -> workspace.save(asked, path, whenDone));
    }

    /** The next free name beside a file. */
    private static Path beside(Path file) {
        String name = file.getFileName().toString();
        String stem = name.substring(0, name.length() - JobFile.ENDING.length());
        Path other = file;
        for (int n = 2; Files.exists(other); n++) {
            other = file.resolveSibling(stem + " " + n + JobFile.ENDING);
        }
        return other;
    }

    /** Says which damaged settings, goods, layouts and habits were set aside. */
    void tellWhatWasSetAside() {
        Folders folders = workspace.folders();
        List<Path> aside = new ArrayList<>(folders.recipes().setDamagedAside());
        aside.addAll(folders.goods().setDamagedAside());
        aside.addAll(folders.layouts().setDamagedAside());
        WorkHabits.setDamagedAside(folders.workHabits()).ifPresent(aside::add);
        if (!aside.isEmpty()) {
            workspace.say(
                    (aside.size() == 1
                                    ? "A damaged file of yours was set aside: "
                                    : aside.size()
                                            + " damaged files of yours were set aside, the first: ")
                            + aside.get(0).getFileName());
        }
    }

    /** Offers a job back that a crash left behind. */
    void offerWhatWasLeft() {
        List<Path> left = workspace.folders().leftBehind();
        if (left.isEmpty()) {
            return;
        }
        Path newest = left.get(0);
        prompt.ask(
                "The last time, the program ended without warning. A job was kept.",
                new Choice(
                        "Bring it back",
                        () -> unlessUnsaved("Cancel", () -> workspace.recover(newest))),
                new Choice("Throw it away", () -> discard(newest)));
    }

    private void discard(Path kept) {
        workspace.keep(
                "Thrown away.", "the kept job", progress -> Autosave.discard(kept), () -> {});
    }

    /** Asks before changes are lost, and before files that are being written are. */
    void closeRequested(WindowEvent event) {
        if (mayClose || !workspace.hasSomethingToLose() && workspace.writing().isIdle()) {
            return;
        }
        event.consume();
        unlessUnsaved("Stay", this::closeWhenWritten);
    }

    private void closeWhenWritten() {
        FileWriting writing = workspace.writing();
        if (writing.isIdle()) {
            close();
            return;
        }
        writing.whenIdle(this::written);
        prompt.ask(
                writing.stepProperty().get() + " … The window closes when that is done.",
                new Choice("Stop writing and close", () -> stopAndClose(writing)),
                new Choice("Stay", () -> writing.whenIdle(null)));
    }

    private void stopAndClose(FileWriting writing) {
        writing.stopAll();
        writing.whenIdle(this::close);
    }

    /** What could not be written is told before anybody goes. */
    private void written() {
        if (workspace.troubleProperty().get().isEmpty()) {
            unlessUnsaved("Stay", this::close);
        } else {
            prompt.over();
            prompt.tell(workspace.troubleProperty().get());
        }
    }

    private void close() {
        mayClose = true;
        window.get().hide();
    }
}

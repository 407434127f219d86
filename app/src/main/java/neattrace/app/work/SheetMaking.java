package neattrace.app.work;

import java.nio.file.Path;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import neattrace.export.OneBitWriter.Format;
import neattrace.job.sheets.SheetFolder;
import neattrace.job.sheets.SheetWish;

/** Clean sheets of a folder of scans, made beside whatever else goes on. */
public final class SheetMaking implements AutoCloseable {

    private final Messages messages;
    private final Running running = new Running("sheets");

    SheetMaking(Messages messages) {
        this.messages = messages;
    }

    /**
     * Makes a sheet of every scan in a folder; says how it went.
     *
     * @param sheets where they go, each named after its scan
     */
    public void make(Path scans, Path sheets, SheetWish wish, Format format) {
        messages.clearTrouble();
        running.start(
                "Making sheets",
                progress -> SheetFolder.make(scans, sheets, wish, format, progress),
                messages::say,
                messages::complain);
    }

    /** What is being done right now. */
    public ReadOnlyStringProperty stepProperty() {
        return running.stepProperty();
    }

    /** Share of it that is done, or -1 when nothing runs. */
    public ReadOnlyDoubleProperty progressProperty() {
        return running.progressProperty();
    }

    /** Stops it. */
    public void cancel() {
        if (running.stop()) {
            messages.say("Stopped; sheets that were made already are kept.");
        }
    }

    @Override
    public void close() {
        running.close();
    }
}

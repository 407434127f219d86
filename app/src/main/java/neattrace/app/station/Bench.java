package neattrace.app.station;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.stage.FileChooser;
import neattrace.app.docket.Asker;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.table.Hand;
import neattrace.app.table.Table;
import neattrace.app.work.Shown;
import neattrace.app.work.Sitting;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.setting.Option;
import neattrace.job.setting.Quantity;

/** What a station works with: the job, the table, files, and the window round them. */
public final class Bench {

    private final Workspace workspace;
    private final Table table;
    private final Consumer<String> go;
    private final Runnable refresh;
    private final Asker asker;

    /**
     * A bench.
     *
     * @param go goes to the station of a key
     * @param refresh shows marks and replies again, though the drawing is the same
     * @param asker asks a person something
     */
    public Bench(
            Workspace workspace, Table table, Consumer<String> go, Runnable refresh, Asker asker) {
        this.asker = asker;
        this.workspace = workspace;
        this.table = table;
        this.go = go;
        this.refresh = refresh;
    }

    /** The open job. */
    public Workspace workspace() {
        return workspace;
    }

    /** The table. */
    public Table table() {
        return table;
    }

    /** What is on the table; null for nothing. */
    public Shown shown() {
        return workspace.shownProperty().get();
    }

    /** The drawing on the table; null for none. */
    public Drawing drawing() {
        return shown() == null ? null : shown().drawing();
    }

    /** Changes the job; one step of undo. */
    public void change(String what, UnaryOperator<Job> change) {
        workspace.change(what, change);
    }

    /** Tells the user something. */
    public void say(String text) {
        workspace.say(text);
    }

    /** Goes to a station. */
    public void go(String station) {
        go.accept(station);
    }

    /** Shows marks and replies again. */
    public void refresh() {
        refresh.run();
    }

    /** Takes up something to draw by hand and says how. */
    public void take(Hand hand) {
        table.take(hand);
        table.requestFocus();
        workspace.say(hand.hint() + "  Esc lays it down.");
    }

    /** Goes to a place on the page, mm, and shows about so much round it. */
    public void lookAt(Point place, double reachMm) {
        table.lookAt(place, reachMm);
    }

    /** How many mm some pixels of the screen are at this zoom. */
    public double mm(double screenPx) {
        return table.mm(screenPx);
    }

    /** A place on the page, mm, in px of the untouched source. */
    public Point toSource(Point mm) {
        Drawing drawing = drawing();
        return drawing.reading().frame().toSource().apply(mm.times(drawing.resolution().pxPerMm()));
    }

    /** A place on the untouched source in mm on the page. */
    public Point toPage(Point source) {
        Drawing drawing = drawing();
        return drawing.reading()
                .frame()
                .toSheet()
                .apply(source)
                .times(drawing.resolution().mmPerPx());
    }

    /** A field that sets a number of the job; its id is the setting's key. */
    public NumberField field(Quantity setting) {
        NumberField field =
                new NumberField(
                        setting.name(),
                        setting.unit(),
                        setting.least(),
                        setting.most(),
                        setting.step(),
                        value -> change(setting.name(), job -> setting.with(job, value)));
        field.setId(setting.key());
        return field;
    }

    /** A field that sets a choice of the job; its id is the setting's key. */
    public <T> ChoiceField<T> field(Option<T> setting) {
        ChoiceField<T> field =
                new ChoiceField<>(
                        setting.name(),
                        setting.choices(),
                        setting.words(),
                        choice -> change(setting.name(), job -> setting.with(job, choice)));
        field.setId(setting.key());
        return field;
    }

    /** Lets the user choose a file to read; null if none was. */
    public File choose(String title, String kind, String... patterns) {
        return chooser(title, kind, patterns).showOpenDialog(table.getScene().getWindow());
    }

    /**
     * Lets the user choose where to write something of the open job.
     *
     * @param ending of what is written; it is put to names without it
     * @param then called with the file, unless nothing is to be written or another job has come
     *     onto the table meanwhile
     */
    public void chooseTarget(
            String title, String name, String kind, String ending, Consumer<Path> then) {
        chooseTarget(title, name, kind, ending, path -> false, then);
    }

    /**
     * The same for one of several formats.
     *
     * @param known tells of endings that say themselves what is meant
     */
    public void chooseTarget(
            String title,
            String name,
            String kind,
            String ending,
            Predicate<Path> known,
            Consumer<Path> then) {
        FileChooser chooser = chooser(title, kind, "*" + ending);
        chooser.setInitialFileName(name + ending);
        Sitting of = workspace.opening();
        File file = chooser.showSaveDialog(table.getScene().getWindow());
        TargetFile.complete(file, ending, known, asker, path -> ofJob(of, path, then));
    }

    private void ofJob(Sitting of, Path path, Consumer<Path> then) {
        if (of == workspace.opening()) {
            then.accept(path);
            return;
        }
        workspace.tellTrouble(
                new IOException(
                        path.getFileName()
                                + " was not written: another drawing came onto the table while its"
                                + " name was chosen."));
    }

    /** Asks a person something across the top of the table. */
    public Asker asker() {
        return asker;
    }

    private static FileChooser chooser(String title, String kind, String... patterns) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, patterns));
        return chooser;
    }
}

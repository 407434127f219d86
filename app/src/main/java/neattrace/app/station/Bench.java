package neattrace.app.station;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.stage.FileChooser;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.table.Hand;
import neattrace.app.table.Table;
import neattrace.app.work.Shown;
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

    /**
     * A bench.
     *
     * @param go goes to the station of a key
     * @param refresh shows marks and replies again, though the drawing is the same
     */
    public Bench(Workspace workspace, Table table, Consumer<String> go, Runnable refresh) {
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

    /** Lets the user choose where to write; null if not. */
    public File chooseTarget(String title, String name, String kind, String ending) {
        FileChooser chooser = chooser(title, kind, "*" + ending);
        chooser.setInitialFileName(name + ending);
        return chooser.showSaveDialog(table.getScene().getWindow());
    }

    /**
     * The same for one of several formats.
     *
     * @param known tells of endings that say themselves what is meant
     * @return where, with the ending if none was known; empty if nowhere
     */
    public Optional<Path> chooseTarget(
            String title, String name, String kind, String ending, Predicate<Path> known) {
        File file = chooseTarget(title, name, kind, ending);
        if (file == null) {
            return Optional.empty();
        }
        Path path = file.toPath();
        return Optional.of(known.test(path) ? path : Path.of(file.getPath() + ending));
    }

    private static FileChooser chooser(String title, String kind, String... patterns) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, patterns));
        return chooser;
    }
}

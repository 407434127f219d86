package neattrace.app.station.flats;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.paint.Color;
import neattrace.app.station.Bench;
import neattrace.app.table.Hand;
import neattrace.app.table.Table;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.files.FileNames;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;
import neattrace.region.Area;

/** What the steps of the Flats station work with. */
final class FlatsDesk {

    private final Bench bench;
    private final Workspace workspace;
    private final Table table;

    /** Id of the swatch in hand; {@link Fill#PAPER} takes colour away. */
    private final ReadOnlyObjectWrapper<Integer> inHand = new ReadOnlyObjectWrapper<>(Fill.PAPER);

    FlatsDesk(Bench bench) {
        this.bench = bench;
        this.workspace = bench.workspace();
        this.table = bench.table();
    }

    Bench bench() {
        return bench;
    }

    Workspace workspace() {
        return workspace;
    }

    Shown shown() {
        return workspace.shownProperty().get();
    }

    Drawing drawing() {
        return shown().drawing();
    }

    /** The job as it stands; the shown one's before anything was changed. */
    Job job() {
        Job job = workspace.job();
        return job == null ? drawing().job() : job;
    }

    ReadOnlyObjectWrapper<Integer> inHand() {
        return inHand;
    }

    /** The name of what is in hand. */
    String inHandName() {
        return job().swatch(inHand.get()).map(Swatch::name).orElse("bare paper");
    }

    void change(String what, UnaryOperator<Job> change) {
        workspace.change(what, change);
    }

    void changePalette(String what, UnaryOperator<Palette> change) {
        change(what, job -> job.withPalette(change.apply(job.palette())));
    }

    void changeFlat(String what, UnaryOperator<FlatRecipe> change) {
        change(what, job -> job.withFlat(change.apply(job.flat())));
    }

    /** Makes a change, or says that there is nothing to change. */
    void changeIf(String what, Function<Job, Optional<Job>> change, String otherwise) {
        Optional<Job> next = change.apply(job());
        if (next.isEmpty()) {
            workspace.say(otherwise);
            return;
        }
        change(what, job -> next.get());
    }

    /** Colours areas with what is in hand. */
    void colour(List<Area> areas) {
        colour(areas, inHand.get());
    }

    void colour(List<Area> areas, int swatch) {
        Job job = job();
        List<Area> free =
                areas.stream().filter(area -> !Colouring.isLocked(job, drawing(), area)).toList();
        if (free.isEmpty()) {
            workspace.say("The colour there is locked.");
            return;
        }
        String name = job.swatch(swatch).map(Swatch::name).orElse("bare paper");
        Drawing drawing = drawing();
        change(
                free.size() == 1
                        ? "Colour an area " + name
                        : "Colour " + free.size() + " areas " + name,
                now -> Colouring.fill(now, drawing, free, swatch));
        if (free.size() > 1) {
            workspace.say(free.size() + " areas are now " + name + ".");
        }
    }

    Color colour(Cmyk build) {
        Rgb rgb = workspace.press().preview(build);
        return Color.rgb(rgb.r(), rgb.g(), rgb.b());
    }

    /** Takes up something to draw by hand and says how. */
    void take(Hand hand) {
        bench.take(hand);
    }

    void lookAt(Point place, double reachMm) {
        table.lookAt(place, reachMm);
    }

    /** Shows the colour that a click would lay; null if clicks do not colour. */
    void dab(Color colour) {
        table.dabProperty().set(colour);
    }

    /** Whether pages are mid-grey, to judge colours on. */
    BooleanProperty greyGround() {
        return table.greyGroundProperty();
    }

    double mm(double screenPx) {
        return table.mm(screenPx);
    }

    /** Lets the user choose a file to read; null if none was. */
    File choose(String title, String kind, String... patterns) {
        return bench.choose(title, kind, patterns);
    }

    /** Lets the user choose where to write; null if not. */
    void chooseTarget(String title, String name, String ending, Consumer<Path> then) {
        bench.chooseTarget(title, FileNames.proposed(name), "Palette", ending, then);
    }
}

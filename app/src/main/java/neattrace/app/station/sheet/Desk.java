package neattrace.app.station.sheet;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import neattrace.app.station.Bench;
import neattrace.app.table.Hand;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.sweep.ThresholdSweep;

/** What the steps of the sheet work with. */
final class Desk {

    private final Bench bench;
    private final Workspace workspace;
    private final Table table;

    Desk(Bench bench) {
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

    /** The recipe as it stands; the automatic one before anything is open. */
    SheetRecipe recipe() {
        Job job = workspace.job();
        return job == null ? SheetRecipe.automatic() : job.recipe();
    }

    Drawing drawing() {
        return bench.drawing();
    }

    /** Changes the recipe; one step of undo. */
    void change(String what, UnaryOperator<SheetRecipe> change) {
        workspace.change(what, job -> job.withRecipe(change.apply(job.recipe())));
    }

    /** Shows what a change would do without making it. */
    void sketch(UnaryOperator<SheetRecipe> change) {
        try {
            workspace.previews().sketch(change.apply(recipe()), table.inSight(), table::setSketch);
        } catch (IllegalArgumentException e) {
            workspace.say("Not possible: " + e.getMessage() + ".");
        }
    }

    /** The same, and counts what is lost and what plugs in the part in sight. */
    void sketch(UnaryOperator<SheetRecipe> change, Consumer<Optional<ThresholdSweep>> count) {
        workspace
                .previews()
                .sketchAndCount(change.apply(recipe()), table.inSight(), table::setSketch, count);
    }

    /** Takes up something to draw by hand and says how. */
    void take(Hand hand) {
        bench.take(hand);
    }

    /** Shows the untouched scan, which is what some hands draw on. */
    void showScan() {
        look(TableMode.SCAN);
    }

    void look(TableMode mode) {
        table.modeProperty().set(mode);
    }

    /** A place on the page in px of the untouched source. */
    Point toSource(Point mm) {
        return bench.toSource(mm);
    }

    /** A place on the untouched source in mm on the page. */
    Point toPage(Point source) {
        return bench.toPage(source);
    }
}

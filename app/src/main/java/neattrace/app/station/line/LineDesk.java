package neattrace.app.station.line;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import neattrace.app.station.Bench;
import neattrace.app.table.Hand;
import neattrace.app.table.LineLook;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.LineStudy;
import neattrace.trace.InkEdit;
import neattrace.trace.LineRecipe;
import neattrace.trace.mend.LineMender;

/** What the steps of the line work with. */
final class LineDesk {

    /** So near to a line on screen is on it, px. */
    private static final double REACH_PX = 9;

    private final Bench bench;
    private final Workspace workspace;
    private final Table table;

    LineDesk(Bench bench) {
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

    LineStudy study() {
        return workspace.insights().studyProperty().get();
    }

    /** The recipe as it stands; lines as drawn before anything is open. */
    LineRecipe recipe() {
        Job job = workspace.job();
        return job == null ? LineRecipe.AS_DRAWN : job.line();
    }

    /** Changes the recipe; one step of undo. */
    void change(String what, UnaryOperator<LineRecipe> change) {
        workspace.change(what, job -> job.withLine(change.apply(job.line())));
    }

    /** Makes an edit of the ink, or says that there is nothing to edit. */
    void edit(Function<LineMender, Optional<InkEdit>> finding, String otherwise) {
        if (study() == null) {
            workspace.say("The lines are still being found; try again in a moment.");
            return;
        }
        Optional<InkEdit> edit = finding.apply(study().mender());
        if (edit.isEmpty()) {
            workspace.say(otherwise);
            return;
        }
        make(edit.get());
    }

    void make(InkEdit edit) {
        change(edit.what(), recipe -> recipe.with(edit));
        workspace.say(edit.what() + ".");
    }

    /** The stroke under a place, to light up. */
    List<Point> strokeAt(Point place) {
        return study() == null ? List.of() : study().mender().strokeAt(place, reachMm());
    }

    /** The line under a place from one meeting to the next, to light up. */
    List<Point> lineAt(Point place) {
        return study() == null ? List.of() : study().mender().lineAt(place, reachMm());
    }

    /** The free end near a place. */
    Optional<Point> tipAt(Point place) {
        return Optional.ofNullable(study()).flatMap(known -> known.mender().tip(place, reachMm()));
    }

    double reachMm() {
        return table.mm(REACH_PX);
    }

    /** Takes up something to draw by hand and says how. */
    void take(Hand hand) {
        table.modeProperty().set(TableMode.LINES);
        bench.take(hand);
    }

    void look(LineLook look) {
        table.lineLookProperty().set(look);
    }

    /** Shows how wide lines are, round a place or, without one, on the whole page. */
    void showWidth(Point place) {
        look(LineLook.WIDTHS);
        if (place == null) {
            table.fit();
        } else {
            table.lookAt(place, 8);
        }
    }

    /** Goes to a place on the page. */
    void lookAt(Point place, double reachMm) {
        table.lookAt(place, reachMm);
    }
}

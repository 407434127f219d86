package neattrace.app.station.close;

import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.app.station.Bench;
import neattrace.app.table.Hand;
import neattrace.app.table.Table;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

/** What the steps of the Close station work with. */
final class CloseDesk {

    private final Bench bench;
    private final Workspace workspace;
    private final Table table;

    CloseDesk(Bench bench) {
        this.bench = bench;
        this.workspace = bench.workspace();
        this.table = bench.table();
    }

    /** Shows marks and replies again. */
    void refresh() {
        bench.refresh();
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

    /** What is known about the lines on the table; nothing while they are being found. */
    Optional<LineStudy> study() {
        return Optional.ofNullable(workspace.insights().studyProperty().get())
                .filter(study -> study.fits(shown().drawing().traced()));
    }

    /** The settings as they stand. */
    CloseSettings settings() {
        Job job = workspace.job();
        return job == null ? CloseSettings.automatic() : job.close();
    }

    /** Changes the settings; one step of undo. */
    void change(String what, UnaryOperator<CloseSettings> change) {
        workspace.change(what, job -> job.withClose(change.apply(job.close())));
    }

    /** Takes up something to draw by hand and says how. */
    void take(Hand hand) {
        bench.take(hand);
    }

    void lookAt(Point place, double reachMm) {
        table.lookAt(place, reachMm);
    }

    double mm(double screenPx) {
        return table.mm(screenPx);
    }

    double mmPerPx() {
        return shown().drawing().resolution().mmPerPx();
    }

    /** Where a gap is, mm. */
    Point place(Gap gap) {
        return gap.place().times(mmPerPx());
    }
}

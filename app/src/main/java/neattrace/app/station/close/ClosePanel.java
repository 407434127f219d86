package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Hint;
import neattrace.app.docket.StepPane;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.Mark;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.pipeline.Pipeline;
import neattrace.region.Gap;

/** Which gaps are closed and which stay open, cuts, the frame, and where colour would run. */
public final class ClosePanel implements Panel {

    /** How near to a ring's middle a click counts, screen px. */
    private static final double CLICK_PX = 11;

    private final CloseDesk desk;
    private final Mending mending;
    private final KnifeStep knife;
    private final FrameStep frame;
    private final OpenStep open;
    private final GapFindings gaps;
    private final RunReport run;
    private final StepPane steps;
    private final VBox content;

    /**
     * The panel of a workspace and its table.
     *
     * @param whenFindingsChange shows the findings again, though the drawing is the same
     */
    public ClosePanel(Workspace workspace, Table table, Runnable whenFindingsChange) {
        desk = new CloseDesk(workspace, table, whenFindingsChange);
        mending = new Mending(desk);
        knife = new KnifeStep(desk);
        frame = new FrameStep(desk);
        open = new OpenStep(desk);
        gaps = new GapFindings(desk, mending, open, knife::take);
        run = new RunReport(desk, mending);
        steps =
                new StepPane(
                        List.of(new GapStep(desk, mending), knife, frame, open), true, desk::shown);
        Hint hint =
                new Hint(
                        "Click a ring to open or close it. Click anywhere else to see where colour"
                                + " would run.");
        content = new VBox(8, hint, steps);
        content.getStyleClass().add("line-station");
    }

    /** Opens the step of a number from 1, or folds it if it is open. */
    public void openStep(int number) {
        steps.openStep(number);
    }

    @Override
    public Station station() {
        return Station.CLOSE;
    }

    @Override
    public String purpose() {
        return "Where would colour run out?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        steps.show(shown);
    }

    @Override
    public List<Finding> findings(Shown shown) {
        List<Finding> findings = new ArrayList<>();
        if (shown.drawing().areas().areas().isEmpty() && !shown.drawing().lines().isEmpty()) {
            findings.add(
                    Finding.general(
                            "No areas were made",
                            String.format(
                                    Locale.ROOT,
                                    "Either the whole sheet is ink, or it has more than %,d"
                                            + " stretches of paper: that is noise, not a drawing."
                                            + " Specks and the ink threshold are set at Sheet.",
                                    Pipeline.MOST_AREAS)));
            return findings;
        }
        findings.addAll(run.findings(shown));
        findings.addAll(knife.findings(shown));
        findings.addAll(gaps.of(shown));
        return findings;
    }

    /** A click on a gap opens it, or closes it; one elsewhere asks where colour would run. */
    @Override
    public void clicked(Shown shown, Point place) {
        shown.drawing().areas().gaps().stream()
                .filter(gap -> desk.place(gap).distance(place) < desk.mm(CLICK_PX))
                .min(Comparator.comparingDouble(gap -> desk.place(gap).distance(place)))
                .ifPresentOrElse(this::turn, () -> run.ask(place));
    }

    private void turn(Gap gap) {
        if (gap.closed()) {
            mending.decide(desk.place(gap), false);
        } else {
            mending.close(gap);
        }
    }

    @Override
    public List<Mark> marks(Shown shown) {
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        List<Mark> marks = new ArrayList<>(frame.marks(shown));
        marks.addAll(open.marks(shown));
        marks.addAll(knife.marks(shown));
        shown.drawing().areas().gaps().forEach(gap -> marks.add(GapFindings.mark(gap, mmPerPx)));
        run.mark(shown).ifPresent(marks::add);
        return marks;
    }

    @Override
    public String whenSettled() {
        return "Every gap is decided.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}

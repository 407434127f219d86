package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Hint;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.Reply;
import neattrace.app.station.StationPanel;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

/** Which gaps are closed and which stay open, cuts, the frame, and where colour would run. */
public final class ClosePanel implements StationPanel {

    private static final Stop STOP =
            new Stop("close", "Close", KeyCode.C, "M14 4.5 A8 8 0 1 0 19.5 10 M14 4.5 L19.5 10");

    /** How near to a ring's middle a click counts, screen px. */
    private static final double CLICK_PX = 11;

    private final CloseDesk desk;
    private final Mending mending;
    private final KnifeStep knife;
    private final BorderStep frame;
    private final OpenStep open;
    private final RunReport run;
    private final StepPane steps;
    private final VBox content;

    /** The station on a bench. */
    public ClosePanel(Bench bench) {
        desk = new CloseDesk(bench);
        mending = new Mending(desk);
        knife = new KnifeStep(desk);
        frame = new BorderStep(desk);
        open = new OpenStep(desk);
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

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public boolean isTouched(Job job) {
        return !job.close().equals(CloseSettings.automatic());
    }

    @Override
    public boolean pressed(KeyEvent event) {
        return StepTiles.number(event).filter(steps::openStep).isPresent();
    }

    /** What the knife or a question came to; the knife's before, since it is not done. */
    @Override
    public Optional<Reply> reply(Shown shown) {
        return knife.reply().or(() -> run.reply(shown));
    }

    @Override
    public void takeUp(String hand) {
        knife.take();
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
        shown.drawing().areas().gaps().forEach(gap -> marks.add(mark(gap, mmPerPx)));
        run.mark(shown).ifPresent(marks::add);
        return marks;
    }

    @Override
    public String whenClear() {
        return "Every gap is decided.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }

    /** A gap on the table: red and broken while it is open and nobody has decided on it. */
    private static Mark mark(Gap gap, double mmPerPx) {
        Mark mark = measured(gap, mmPerPx);
        return gap.decided() && !gap.closed() ? mark.meant("meant open") : mark;
    }

    private static Mark measured(Gap gap, double mmPerPx) {
        return new Mark(
                gap.place().times(mmPerPx),
                gap.from().times(mmPerPx),
                gap.to().times(mmPerPx),
                String.format(
                        Locale.ROOT,
                        "%.2f mm, %s",
                        gap.widthPx() * mmPerPx,
                        gap.closed() ? "closed" : "open"),
                false,
                !gap.closed());
    }
}

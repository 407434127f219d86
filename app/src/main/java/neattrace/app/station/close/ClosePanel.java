package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

/** Which gaps are closed and which stay open. */
public final class ClosePanel implements Panel {

    /** How near to a gap's middle a click counts, mm. */
    private static final double CLICK_MM = 2.5;

    private final Workspace workspace;
    private final NumberField width;
    private final Label counts = new Label();
    private final VBox content;

    /** The panel of a workspace. */
    public ClosePanel(Workspace workspace) {
        this.workspace = workspace;
        width =
                new NumberField(
                        "Gap width",
                        "mm",
                        0,
                        CloseSettings.WIDEST_GAP_MM,
                        0.1,
                        mm ->
                                workspace.change(
                                        "Gap width",
                                        job -> job.withClose(job.close().withGapMm(mm))));
        counts.getStyleClass().add("measure");
        counts.setWrapText(true);
        Label hint = new Label("A click on a ring opens a gap or closes it.");
        hint.getStyleClass().add("hint");
        content =
                new VBox(
                        10,
                        new Sentence("Gaps up to", width, "are closed by an unseen line."),
                        counts,
                        hint);
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
        width.show(shown.drawing().job().close().gapMm());
        long closed = shown.drawing().areas().gaps().stream().filter(Gap::closed).count();
        long open = shown.drawing().areas().gaps().size() - closed;
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%d areas. %d gaps are closed, %d narrow openings are left open.",
                        shown.drawing().areas().enclosed().size(),
                        closed,
                        open));
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
        }
        List<Gap> closed = closedUnasked(shown);
        if (closed.size() > 1) {
            findings.add(allClosed(shown, closed));
        }
        CloseSettings settings = shown.drawing().job().close();
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        List<Gap> undecided =
                shown.drawing().areas().gaps().stream()
                        .filter(gap -> !isDecided(gap.place().times(mmPerPx), settings))
                        // Open ones come first, on top what is most likely a slip of the pen.
                        .sorted(
                                Comparator.comparing(Gap::closed)
                                        .thenComparing(Gap::ends, Comparator.reverseOrder())
                                        .thenComparingDouble(Gap::widthPx))
                        .toList();
        for (Gap gap : undecided) {
            findings.add(finding(gap, mmPerPx));
        }
        return findings;
    }

    private static List<Gap> closedUnasked(Shown shown) {
        CloseSettings settings = shown.drawing().job().close();
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        return shown.drawing().areas().gaps().stream()
                .filter(gap -> gap.closed() && !isDecided(gap.place().times(mmPerPx), settings))
                .toList();
    }

    private Finding allClosed(Shown shown, List<Gap> closed) {
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        double gapMm = shown.drawing().job().close().gapMm();
        return Finding.general(
                String.format(
                        Locale.ROOT, "%d gaps up to %.1f mm were closed", closed.size(), gapMm),
                "Green rings show where. They stop colour from running out.",
                new Answer("Keep them all closed", () -> keepClosed(closed, mmPerPx)));
    }

    private void keepClosed(List<Gap> closed, double mmPerPx) {
        workspace.change(
                "Keep " + closed.size() + " gaps closed",
                (Job job) -> {
                    CloseSettings settings = job.close();
                    for (Gap gap : closed) {
                        settings = settings.with(gap.place().times(mmPerPx), true);
                    }
                    return job.withClose(settings);
                });
    }

    /** A click on a gap opens it, or closes it again. */
    @Override
    public void clicked(Shown shown, Point place) {
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        shown.drawing().areas().gaps().stream()
                .filter(gap -> gap.place().times(mmPerPx).distance(place) < CLICK_MM)
                .min(Comparator.comparingDouble(gap -> gap.place().times(mmPerPx).distance(place)))
                .ifPresentOrElse(
                        gap -> decide(gap.place().times(mmPerPx), !gap.closed()),
                        () -> workspace.say("There is no gap here. Click on a ring."));
    }

    private static boolean isDecided(Point place, CloseSettings settings) {
        return near(settings.opened(), place) || near(settings.closed(), place);
    }

    private static boolean near(List<Point> places, Point place) {
        return places.stream().anyMatch(other -> other.distance(place) < 1);
    }

    private Finding finding(Gap gap, double mmPerPx) {
        Point at = gap.place().times(mmPerPx);
        double mm = gap.widthPx() * mmPerPx;
        String measure = String.format(Locale.ROOT, "%.2f mm", mm);
        Mark mark = mark(gap, mmPerPx, false);
        Answer close =
                new Answer(gap.closed() ? "Keep it closed" : "Close it", () -> decide(at, true));
        Answer open =
                new Answer(gap.closed() ? "Open it" : "Leave it open", () -> decide(at, false));
        return new Finding(
                at,
                Math.max(3, 3 * mm),
                gap.closed() ? "A gap of " + measure + " was closed" : "An opening of " + measure,
                reason(gap),
                mark,
                List.of(close, open));
    }

    private static String reason(Gap gap) {
        String what =
                switch (gap.ends()) {
                    case 2 -> "Two ends of lines point at each other.";
                    case 1 -> "A line stops short of another.";
                    default -> "Two lines come near each other.";
                };
        return what
                + (gap.closed()
                        ? " Left open, colour runs from side to side."
                        : " Colour runs through here.");
    }

    private static Mark mark(Gap gap, double mmPerPx, boolean strong) {
        return new Mark(
                gap.place().times(mmPerPx),
                gap.from().times(mmPerPx),
                gap.to().times(mmPerPx),
                String.format(
                        Locale.ROOT,
                        "%.2f mm, %s",
                        gap.widthPx() * mmPerPx,
                        gap.closed() ? "closed" : "open"),
                strong,
                !gap.closed());
    }

    private void decide(Point place, boolean close) {
        workspace.change(
                close ? "Close a gap" : "Leave a gap open",
                (Job job) -> job.withClose(job.close().with(place, close)));
    }

    @Override
    public List<Mark> marks(Shown shown) {
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        return shown.drawing().areas().gaps().stream()
                .map(gap -> mark(gap, mmPerPx, false))
                .toList();
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

package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Step;
import neattrace.app.table.Mark;
import neattrace.app.table.hand.PickHand;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.change.Closing;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.CloseSettings;
import neattrace.region.OpenLine;

/** Lines that are meant to end in the open. */
final class OpenStep implements Step {

    /** A click so near to a line means it, screen px. */
    private static final double NEAR_PX = 9;

    private final CloseDesk desk;
    private final Rows rows;
    private final VBox content;

    OpenStep(CloseDesk desk) {
        this.desk = desk;
        rows = new Rows(this::remove);
        content =
                new VBox(
                        8,
                        new Hint(
                                "Hair, feathers, whiskers: no opening at a line marked here is"
                                        + " closed, whatever the width."),
                        Buttons.small("Mark a line", "open-line", this::take),
                        rows);
    }

    private void take() {
        desk.take(
                new PickHand(
                        "Click lines that are meant to end in the open.",
                        this::strokeAt,
                        this::mark));
    }

    private List<Point> strokeAt(Point place) {
        return desk.study()
                .map(study -> study.mender().strokeAt(place, desk.mm(NEAR_PX)))
                .orElse(List.of());
    }

    private void mark(Point place) {
        Optional<LineStudy> study = desk.study();
        if (study.isEmpty()) {
            desk.workspace().say("The lines are still being found; try again in a moment.");
            return;
        }
        study.get()
                .openLineAt(place, desk.mm(NEAR_PX))
                .ifPresentOrElse(
                        line -> mark(List.of(line)),
                        () -> desk.workspace().say("There is no line here."));
    }

    private void mark(List<OpenLine> lines) {
        List<OpenLine> fresh =
                lines.stream().filter(line -> !desk.settings().openLines().contains(line)).toList();
        if (fresh.isEmpty()) {
            desk.workspace().say("That line is marked already.");
            return;
        }
        desk.workspace().change("A line meant open", job -> Closing.leaveOpen(job, fresh));
        desk.workspace().say("Openings at this line are left alone from now on.");
    }

    private void remove(int index) {
        desk.change(
                "A line no longer meant open",
                settings -> {
                    List<OpenLine> left = new ArrayList<>(settings.openLines());
                    left.remove(index);
                    return settings.withOpenLines(left);
                });
    }

    /** The lines, to be seen on the table. */
    List<Mark> marks(Shown shown) {
        return shown.drawing().job().close().openLines().stream()
                .map(line -> Mark.line(line.middle(), middle(line), "meant open"))
                .toList();
    }

    private static Point middle(OpenLine line) {
        return line.middle().get(line.middle().size() / 2);
    }

    @Override
    public String title() {
        return "Left open";
    }

    @Override
    public String state(Shown shown) {
        CloseSettings close = shown.drawing().job().close();
        int lines = close.openLines().size();
        int places = close.opened().size();
        String both =
                (lines == 0 ? "" : lines == 1 ? "1 line" : lines + " lines")
                        + (lines > 0 && places > 0 ? ", " : "")
                        + (places == 0 ? "" : places == 1 ? "1 opening" : places + " openings");
        return both.isEmpty() ? "nothing" : both;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<OpenLine> lines = shown.drawing().job().close().openLines();
        List<String> names = lines.stream().map(OpenStep::name).toList();
        rows.show(
                names,
                IntStream.range(0, lines.size()).mapToObj(i -> label(names, lines, i)).toList());
    }

    private Label label(List<String> names, List<OpenLine> lines, int i) {
        Label label = new Label(names.get(i));
        label.getStyleClass().add("measure");
        label.setOnMouseClicked(event -> desk.lookAt(middle(lines.get(i)), 8));
        return label;
    }

    private static String name(OpenLine line) {
        Point at = middle(line);
        return String.format(Locale.ROOT, "A line at %.0f, %.0f mm", at.x(), at.y());
    }
}

package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Choice;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Step;
import neattrace.app.station.Reply;
import neattrace.app.table.Mark;
import neattrace.app.table.hand.PickHand;
import neattrace.app.table.hand.TrailHand;
import neattrace.app.work.Shown;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.region.Join;
import neattrace.region.tree.Knife;
import neattrace.region.tree.Slice;

/** Areas cut along lines drawn by hand, and made one again. */
final class KnifeStep implements Step {

    /** A click so near to a cut means it, screen px. */
    private static final double NEAR_PX = 9;

    private final CloseDesk desk;
    private final Rows rows;
    private final Hint hint = new Hint("");
    private final VBox content;

    /** A line that stopped short, until it is decided on. */
    private Slice unfinished;

    private List<Point> unfinishedLine = List.of();

    KnifeStep(CloseDesk desk) {
        this.desk = desk;
        rows = new Rows(this::remove);
        hint.setText(
                "A cut is never printed. It runs from line to line; an end that stops up to "
                        + String.format(Locale.ROOT, "%.1f mm", Knife.SNAP_MM)
                        + " short is run on.");
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("Cut an area", "knife-cut", this::take),
                        Buttons.small("Make one again", "knife-merge", this::merge));
        content = new VBox(8, tools, hint, rows);
    }

    /** Takes up the knife. */
    void take() {
        desk.take(new TrailHand("Draw across an area, from line to line.", this::drawn));
    }

    private Knife knife() {
        return desk.shown().drawing().knife();
    }

    private void drawn(List<Point> line) {
        cut(line, Knife.SNAP_MM);
    }

    private void cut(List<Point> line, double reachMm) {
        Slice slice = knife().cut(line, reachMm);
        unfinished = null;
        switch (slice.verdict()) {
            case THROUGH -> make(slice.cut().orElseThrow());
            case STOPS_SHORT -> {
                unfinished = slice;
                unfinishedLine = line;
                desk.workspace()
                        .say(
                                String.format(
                                        Locale.ROOT,
                                        "Not cut: the line stops %.1f mm short. Draw again from"
                                                + " line to line, or answer the finding.",
                                        slice.shortMm()));
            }
            case ALONG_A_LINE ->
                    desk.workspace().say("Not cut: you drew along a line, not across paper.");
            case OFF_THE_SHEET -> desk.workspace().say("Not cut: that is off the sheet.");
            case A_DOT -> desk.workspace().say("Not cut: the line was hardly more than a dot.");
        }
        desk.refresh();
    }

    /** Both parts keep the area's colour until one of them is given another. */
    private void make(Join cut) {
        Drawing drawing = desk.shown().drawing();
        List<Point> sides = knife().sides(cut);
        desk.workspace()
                .change(
                        "Cut an area",
                        (Job job) -> {
                            List<Join> cuts = new ArrayList<>(job.close().cuts());
                            cuts.add(cut);
                            List<Fill> fills = new ArrayList<>(job.fills());
                            for (Point side : sides) {
                                drawing.areaAt(side)
                                        .map(
                                                area ->
                                                        drawing.attachment()
                                                                .swatchOf()
                                                                .get(area.label()))
                                        .ifPresent(swatch -> fills.add(new Fill(side, swatch)));
                            }
                            return job.withClose(job.close().withCuts(cuts)).withFills(fills);
                        });
        desk.workspace().say("Cut.");
    }

    private void merge() {
        if (desk.settings().cuts().isEmpty()) {
            desk.workspace().say("Nothing has been cut.");
            return;
        }
        desk.take(
                new PickHand(
                        "Click a cut; its two sides are one area again.",
                        place -> cutAt(place).map(Join::line).orElse(List.of()),
                        place ->
                                cutAt(place)
                                        .ifPresentOrElse(
                                                cut -> remove(desk.settings().cuts().indexOf(cut)),
                                                () ->
                                                        desk.workspace()
                                                                .say("There is no cut here."))));
    }

    private Optional<Join> cutAt(Point place) {
        return desk.settings().cuts().stream()
                .filter(cut -> cut.distance(place) <= desk.mm(NEAR_PX))
                .min((a, b) -> Double.compare(a.distance(place), b.distance(place)));
    }

    private void remove(int index) {
        desk.change(
                "Make areas one again",
                settings -> {
                    List<Join> cuts = new ArrayList<>(settings.cuts());
                    cuts.remove(index);
                    return settings.withCuts(cuts);
                });
        desk.workspace().say("One area again.");
    }

    /** What the last cut came to if it did not reach a line. */
    Optional<Reply> reply() {
        if (unfinished == null) {
            return Optional.empty();
        }
        Slice slice = unfinished;
        List<Point> line = unfinishedLine;
        return Optional.of(
                new Reply(
                        String.format(Locale.ROOT, "The cut stops %.1f mm short", slice.shortMm()),
                        "A cut that does not reach the line leaves the two sides one area.",
                        Mark.at(
                                        slice.at(),
                                        String.format(Locale.ROOT, "%.1f mm", slice.shortMm()),
                                        true)
                                .along(line),
                        List.of(
                                new Choice(
                                        "Run it on to the line",
                                        () -> cut(line, slice.shortMm() * 1.5 + 1)),
                                new Choice("Forget it", this::forget))));
    }

    private void forget() {
        unfinished = null;
        desk.refresh();
    }

    /** Cuts and lines from a rough, to be seen on the table. */
    List<Mark> marks(Shown shown) {
        return shown.drawing().job().close().cuts().stream()
                .map(cut -> Mark.line(cut.line(), cut.middle(), "cut"))
                .toList();
    }

    @Override
    public String title() {
        return "Knife";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().close().cuts().size();
        return count == 0 ? "no cuts" : count == 1 ? "1 cut" : count + " cuts";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<Join> cuts = shown.drawing().job().close().cuts();
        List<String> names = new ArrayList<>();
        List<Label> labels = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            Join cut = cuts.get(i);
            String name =
                    String.format(
                            Locale.ROOT,
                            "Cut %d at %.0f, %.0f mm",
                            i + 1,
                            cut.middle().x(),
                            cut.middle().y());
            Label label = new Label(name);
            label.getStyleClass().add("measure");
            label.setOnMouseClicked(event -> desk.lookAt(cut.middle(), 8));
            names.add(name);
            labels.add(label);
        }
        rows.show(names, labels);
    }
}

package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.table.Mark;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.flat.Fill;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.press.Cmyk;
import neattrace.press.colour.Rgb;
import neattrace.region.Area;

/** Swatches, and areas that take them. */
public final class FlatsPanel implements Panel {

    private static final int MOST_FINDINGS = 400;

    /** With more bare areas than this, one answer for all is offered. */
    private static final int MANY = 5;

    private static final Color PAPER = Color.WHITE;
    private static final double LIST_HEIGHT = 196;

    private final Workspace workspace;
    private final VBox cards = new VBox(4);
    private final SwatchEditor editor;
    private final Label counts = new Label();
    private final VBox content;

    /** Id of the swatch in hand; {@link Fill#PAPER} takes colour away. */
    private final ReadOnlyObjectWrapper<Integer> inHand = new ReadOnlyObjectWrapper<>(Fill.PAPER);

    private Shown shown;

    /** The panel of a workspace. */
    public FlatsPanel(Workspace workspace) {
        this.workspace = workspace;
        this.editor = new SwatchEditor(this::replace, this::remove);
        Button add = new Button("New swatch");
        add.setId("new-swatch");
        add.getStyleClass().setAll("answer");
        add.setOnAction(event -> add());
        counts.getStyleClass().add("measure");
        counts.setWrapText(true);
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setMinHeight(LIST_HEIGHT);
        scroll.setPrefHeight(LIST_HEIGHT);
        scroll.setMaxHeight(LIST_HEIGHT);
        scroll.getStyleClass().add("swatch-scroll");
        HBox row = new HBox(8, add, editor.removeButton());
        content = new VBox(8, scroll, editor, row, counts);
    }

    /** Id of the swatch in hand. */
    public ReadOnlyObjectProperty<Integer> inHandProperty() {
        return inHand.getReadOnlyProperty();
    }

    /** Takes the swatch at a place in the palette in hand, from 1; 0 is bare paper. */
    public void pick(int place) {
        Job job = workspace.job();
        if (place == 0) {
            take(Fill.PAPER);
        } else if (job != null && place <= job.swatches().size()) {
            take(job.swatches().get(place - 1).id());
        }
    }

    private void take(int id) {
        inHand.set(id);
        if (shown != null) {
            showSwatches(shown.drawing().job());
        }
        workspace.say(
                workspace
                        .job()
                        .swatch(id)
                        .map(swatch -> "In hand: " + swatch.name())
                        .orElse("In hand: bare paper"));
    }

    /** The colour of the swatch in hand. */
    public Color dab() {
        Job job = workspace.job();
        Optional<Swatch> swatch = job == null ? Optional.empty() : job.swatch(inHand.get());
        return swatch.map(s -> colour(s.build())).orElse(PAPER);
    }

    private Color colour(Cmyk build) {
        Rgb rgb = workspace.press().preview(build);
        return Color.rgb(rgb.r(), rgb.g(), rgb.b());
    }

    private void add() {
        Job job = workspace.job();
        if (job == null) {
            return;
        }
        int id = job.freeSwatchId();
        Swatch swatch = StarterColours.swatch(id);
        workspace.change("New swatch", now -> now.withSwatch(swatch));
        inHand.set(id);
        showSwatches(workspace.job());
    }

    private void replace(Swatch swatch) {
        workspace.change("Change " + swatch.name(), job -> job.withSwatch(swatch));
    }

    private void remove(int id) {
        workspace.change("Remove a swatch", job -> job.withoutSwatch(id));
        inHand.set(Fill.PAPER);
    }

    @Override
    public void clicked(Shown now, Point place) {
        Optional<Area> area = now.drawing().areaAt(place);
        if (area.isEmpty()) {
            workspace.say("There is no area here.");
        } else if (area.get().outside()) {
            workspace.say("This is the paper round the drawing; it stays bare.");
        } else {
            colour(now.drawing(), area.get(), inHand.get());
        }
    }

    private void colour(Drawing drawing, Area area, int swatch) {
        String name = workspace.job().swatch(swatch).map(Swatch::name).orElse("bare paper");
        workspace.change(
                "Colour an area " + name,
                job -> {
                    List<Fill> fills = new ArrayList<>(job.fills());
                    fills.removeIf(
                            fill ->
                                    drawing.areaAt(fill.anchor())
                                            .filter(other -> other.label() == area.label())
                                            .isPresent());
                    fills.add(new Fill(drawing.anchorMm(area), swatch));
                    return job.withFills(fills);
                });
    }

    @Override
    public Station station() {
        return Station.FLATS;
    }

    @Override
    public String purpose() {
        return "Pick a swatch, click the areas.";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown now) {
        boolean other = shown == null || shown.drawing().picture() != now.drawing().picture();
        shown = now;
        Drawing drawing = now.drawing();
        Job job = workspace.job() == null ? drawing.job() : workspace.job();
        if (other && !job.swatches().isEmpty()) {
            inHand.set(job.swatches().get(0).id());
        }
        if (job.swatch(inHand.get()).isEmpty() && inHand.get() != Fill.PAPER) {
            inHand.set(Fill.PAPER);
        }
        showSwatches(job);
        counts.setText(
                String.format(
                        Locale.ROOT,
                        "%d of %d areas are decided.",
                        drawing.areas().enclosed().size() - drawing.emptyAreas().size(),
                        drawing.areas().enclosed().size()));
    }

    private void showSwatches(Job job) {
        ToggleGroup group = new ToggleGroup();
        List<Node> nodes = new ArrayList<>();
        nodes.add(
                new SwatchCard(
                        0,
                        "Bare paper",
                        "takes colour away",
                        PAPER,
                        inHand.get() == Fill.PAPER,
                        group,
                        () -> take(Fill.PAPER)));
        int place = 1;
        for (Swatch swatch : job.swatches()) {
            nodes.add(
                    new SwatchCard(
                            place++,
                            swatch.name(),
                            swatch.build().toString(),
                            colour(swatch.build()),
                            inHand.get() == swatch.id(),
                            group,
                            () -> take(swatch.id())));
        }
        cards.getChildren().setAll(nodes);
        editor.show(job.swatch(inHand.get()).orElse(null));
    }

    @Override
    public List<Finding> findings(Shown now) {
        Drawing drawing = now.drawing();
        List<Finding> findings = new ArrayList<>();
        for (Fill lost : drawing.attachment().lost()) {
            findings.add(
                    new Finding(
                            lost.anchor(),
                            4,
                            "A colour lost its area",
                            "The area it was laid in is gone or has been joined to another.",
                            Mark.at(lost.anchor(), "lost colour", false),
                            List.of(new Answer("Forget it", () -> forget(lost)))));
        }
        List<Area> bare = drawing.emptyAreas();
        if (bare.size() > MANY) {
            findings.add(
                    Finding.general(
                            bare.size() + " areas are still bare",
                            "They follow below, the smallest first: those are the ones missed.",
                            new Answer("Leave them all bare", () -> leaveBare(drawing, bare))));
        }
        for (Area area : bare) {
            if (findings.size() >= MOST_FINDINGS) {
                break;
            }
            findings.add(empty(drawing, area));
        }
        return findings;
    }

    private void forget(Fill lost) {
        workspace.change(
                "Forget a lost colour",
                job -> job.withFills(job.fills().stream().filter(f -> !f.equals(lost)).toList()));
    }

    private Finding empty(Drawing drawing, Area area) {
        double squareMm = drawing.squareMm(area);
        Point at = drawing.anchorMm(area);
        String measure =
                squareMm < 1
                        ? String.format(Locale.ROOT, "%.2f mm² without colour", squareMm)
                        : String.format(Locale.ROOT, "%.0f mm² without colour", squareMm);
        return new Finding(
                at,
                Math.max(3, 2.5 * area.radiusPx() * drawing.resolution().mmPerPx()),
                measure,
                squareMm < 2
                        ? "A speck this small is easily missed and prints white."
                        : "An enclosed area that is still bare.",
                Mark.at(at, measure, false),
                List.of(
                        new Answer("Colour it", () -> colourFound(drawing, area)),
                        new Answer("Leave it bare", () -> colour(drawing, area, Fill.PAPER))));
    }

    private void leaveBare(Drawing drawing, List<Area> bare) {
        workspace.change(
                "Leave " + bare.size() + " areas bare",
                job -> {
                    List<Fill> fills = new ArrayList<>(job.fills());
                    bare.forEach(area -> fills.add(new Fill(drawing.anchorMm(area), Fill.PAPER)));
                    return job.withFills(fills);
                });
    }

    private void colourFound(Drawing drawing, Area area) {
        if (inHand.get() == Fill.PAPER) {
            workspace.say("Pick a swatch first: press its number.");
        } else {
            colour(drawing, area, inHand.get());
        }
    }

    @Override
    public String whenSettled() {
        return "Every area is decided.";
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }
}

package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.Target;
import neattrace.app.table.hand.PickHand;
import neattrace.app.table.hand.SweepHand;
import neattrace.app.work.Shown;
import neattrace.flat.Fill;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.flat.alike.AlikeAreas;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Area;
import neattrace.trace.LineColour;

/** Swatches to pick, and what a click colours. */
final class ColourStep implements Step {

    private static final Color PAPER = Color.WHITE;
    private static final double LIST_HEIGHT = 148;

    /** A click so near to a line is on it, screen px. */
    private static final double LINE_PX = 6;

    private final FlatsDesk desk;
    private final VBox cards = new VBox(4);
    private final VBox content;
    private final ChoiceField<Reach> reaches;
    private Reach reach = Reach.ONE;

    /** Areas of the sweep that is going on. */
    private final Set<Area> swept = new LinkedHashSet<>();

    private AlikeAreas alike;
    private Drawing alikeOf;

    ColourStep(FlatsDesk desk) {
        this.desk = desk;
        reaches =
                new ChoiceField<>(
                        "What a click colours",
                        Arrays.asList(Reach.values()),
                        Reach::words,
                        next -> reach = next);
        reaches.setId("reach");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setMinHeight(LIST_HEIGHT);
        scroll.setPrefHeight(LIST_HEIGHT);
        scroll.setMaxHeight(LIST_HEIGHT);
        scroll.getStyleClass().add("swatch-scroll");
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("New swatch", "new-swatch", this::add),
                        Buttons.small("Sweep over areas", "sweep", this::sweep),
                        Buttons.small("Take up a colour", "take-up", this::takeUp));
        content = new VBox(8, scroll, new Sentence("A click colours", reaches, "."), tools);
    }

    private void add() {
        int id = desk.job().freeSwatchId();
        Swatch swatch = StarterColours.swatch(id);
        desk.change("New swatch", now -> now.withSwatch(swatch));
        desk.inHand().set(id);
        showSwatches(desk.job());
    }

    private void sweep() {
        sweep("Sweep over areas; all of them become " + desk.inHandName() + ".", desk::colour);
    }

    /** Sweeps over areas and tells which they were. */
    void sweep(String hint, Consumer<List<Area>> whenSwept) {
        swept.clear();
        desk.take(
                new SweepHand(
                        hint,
                        place -> area(place).ifPresent(swept::add),
                        () -> {
                            List<Area> areas = List.copyOf(swept);
                            swept.clear();
                            if (!areas.isEmpty()) {
                                whenSwept.accept(areas);
                            }
                        }));
    }

    private Optional<Area> area(Point place) {
        return desk.drawing().areaAt(place).filter(area -> !area.outside());
    }

    private void takeUp() {
        desk.take(
                new PickHand(
                        "Click an area; its swatch comes in hand.",
                        place -> List.of(),
                        place -> {
                            Optional<Integer> swatch =
                                    area(place)
                                            .map(
                                                    area ->
                                                            desk.drawing()
                                                                    .attachment()
                                                                    .swatchOf()
                                                                    .get(area.label()));
                            swatch.ifPresentOrElse(
                                    this::take,
                                    () -> desk.workspace().say("There is no colour here."));
                        }));
    }

    /** Takes a swatch in hand. */
    void take(int id) {
        desk.inHand().set(id);
        if (desk.shown() != null) {
            showSwatches(desk.job());
        }
        desk.workspace().say("In hand: " + desk.inHandName());
    }

    /** From now on a click colours whole groups. */
    void colourGroups() {
        reach = Reach.GROUP;
        reaches.show(reach);
    }

    /** The colour of the swatch in hand. */
    Color dab() {
        Job job = desk.workspace().job();
        Optional<Swatch> swatch = job == null ? Optional.empty() : job.swatch(desk.inHand().get());
        return swatch.map(s -> desk.colour(s.build())).orElse(PAPER);
    }

    /** What a click at a place would colour; while sweeping, what was swept over as well. */
    Target target(Point place) {
        if (!swept.isEmpty()) {
            return Target.of(List.copyOf(swept));
        }
        if (reach == Reach.LINE) {
            LineStudy study = desk.workspace().insights().studyProperty().get();
            return study == null
                    ? Target.NOTHING
                    : new Target(List.of(), study.mender().strokeAt(place, desk.mm(LINE_PX)));
        }
        return Target.of(area(place).map(this::reached).orElse(List.of()));
    }

    private List<Area> reached(Area area) {
        return switch (reach) {
            case ONE, LINE -> List.of(area);
            case GROUP -> Colouring.groupOf(desk.drawing(), area);
            case ALIKE -> {
                if (alikeOf == null || alikeOf.areas() != desk.drawing().areas()) {
                    alikeOf = desk.drawing();
                    alike = new AlikeAreas(alikeOf.areas().areas(), alikeOf.areaOutlines());
                }
                yield alike.like(area);
            }
        };
    }

    void clicked(Point place) {
        if (reach == Reach.LINE) {
            colourLine(place);
            return;
        }
        Optional<Area> area = desk.drawing().areaAt(place);
        if (area.isEmpty()) {
            desk.workspace().say("There is no area here.");
        } else if (area.get().outside()) {
            desk.workspace().say("This is the paper round the drawing; it stays bare.");
        } else {
            desk.colour(reached(area.get()));
        }
    }

    private void colourLine(Point place) {
        if (target(place).stroke().isEmpty()) {
            desk.workspace().say("There is no line here.");
            return;
        }
        int swatch = desk.inHand().get();
        desk.change(
                "Colour of a line",
                job ->
                        job.withLine(
                                job.line()
                                        .withColour(
                                                job.line()
                                                        .colour()
                                                        .with(
                                                                new LineColour.Hold(
                                                                        place, swatch)))));
    }

    private void showSwatches(Job job) {
        int inHand = desk.inHand().get();
        ToggleGroup group = new ToggleGroup();
        List<Node> nodes = new ArrayList<>();
        nodes.add(
                new SwatchCard(
                        0,
                        "Bare paper",
                        "takes colour away",
                        PAPER,
                        inHand == Fill.PAPER,
                        group,
                        () -> take(Fill.PAPER)));
        int place = 1;
        String heading = "";
        for (Swatch swatch : job.swatches()) {
            if (!swatch.group().equals(heading)) {
                heading = swatch.group();
                Label label = new Label(heading.isEmpty() ? "Others" : heading);
                label.getStyleClass().add("swatch-group");
                nodes.add(label);
            }
            nodes.add(
                    new SwatchCard(
                            place++,
                            swatch.locked() ? swatch.name() + " (locked)" : swatch.name(),
                            swatch.build()
                                    + (swatch.spot().isPresent() ? ", an ink of its own" : ""),
                            desk.colour(swatch.build()),
                            inHand == swatch.id(),
                            group,
                            () -> take(swatch.id())));
        }
        cards.getChildren().setAll(nodes);
    }

    @Override
    public String title() {
        return "Colour";
    }

    @Override
    public String state(Shown shown) {
        int bare = shown.drawing().emptyAreas().size();
        int all = shown.drawing().areas().enclosed().size();
        return all - bare + " of " + all + " done";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        showSwatches(desk.job());
    }
}

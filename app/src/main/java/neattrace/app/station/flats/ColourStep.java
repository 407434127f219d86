package neattrace.app.station.flats;

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
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
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
import neattrace.flat.review.AlikeAreas;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.trace.LineColour;

/** Swatches to pick, and what a click colours. */
final class ColourStep implements Step {

    private static final Color PAPER = Color.WHITE;

    /** Sixteen swatches and bare paper, two in a row. */
    private static final double MOST_HEIGHT = 9 * 42.0;

    private static final double LEAST_HEIGHT = 130;

    /** A click so near to a line is on it, screen px. */
    private static final double LINE_PX = 6;

    private final FlatsDesk desk;
    private final GridPane cards = new GridPane();
    private final VBox content;
    private final ChoiceField<Reach> reaches;
    private Reach reach = Reach.ONE;

    /** Areas of the sweep that is going on. */
    private final Set<Area> swept = new LinkedHashSet<>();

    private AlikeAreas alike;
    private AreaMap alikeOf;

    ColourStep(FlatsDesk desk) {
        this.desk = desk;
        reaches =
                new ChoiceField<>(
                        "What a click colours",
                        Arrays.asList(Reach.values()),
                        Reach::words,
                        next -> reach = next);
        reaches.setId("reach");
        cards.setHgap(4);
        cards.setVgap(4);
        for (int column = 0; column < 2; column++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(50);
            cards.getColumnConstraints().add(half);
        }
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setMinHeight(LEAST_HEIGHT);
        scroll.setMaxHeight(MOST_HEIGHT);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        cards.heightProperty()
                .addListener(
                        (property, before, now) ->
                                scroll.setPrefHeight(Math.min(MOST_HEIGHT, now.doubleValue() + 2)));
        scroll.getStyleClass().add("swatch-scroll");
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("New swatch", "new-swatch", this::add),
                        Buttons.small("Sweep over areas", "sweep", this::sweep),
                        Buttons.small("Take a colour off the drawing", "take-up", this::takeUp));
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
                Drawing now = desk.drawing();
                if (alikeOf != now.areas()) {
                    alikeOf = now.areas();
                    alike = new AlikeAreas(alikeOf.areas(), now.areaOutlines());
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
        cards.getChildren().clear();
        add(
                new SwatchCard(
                        0,
                        "Bare paper",
                        "takes colour away",
                        PAPER,
                        inHand == Fill.PAPER,
                        group,
                        () -> take(Fill.PAPER)),
                0);
        int place = 1;
        int cell = 1;
        String heading = "";
        for (Swatch swatch : job.swatches()) {
            if (!swatch.group().equals(heading)) {
                heading = swatch.group();
                cell += cell % 2;
                Label label = new Label(heading.isEmpty() ? "Others" : heading);
                label.getStyleClass().add("swatch-group");
                cards.add(label, 0, cell / 2, 2, 1);
                cell += 2;
            }
            add(
                    new SwatchCard(
                            place++,
                            swatch.locked() ? swatch.name() + " (locked)" : swatch.name(),
                            swatch.build()
                                    + (swatch.spot().isPresent() ? ", an ink of its own" : ""),
                            desk.colour(swatch.build()),
                            inHand == swatch.id(),
                            group,
                            () -> take(swatch.id())),
                    cell++);
        }
    }

    private void add(SwatchCard card, int cell) {
        cards.add(card, cell % 2, cell / 2);
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
        if (alikeOf != shown.drawing().areas()) {
            alikeOf = null;
            alike = null;
        }
        showSwatches(desk.job());
    }
}

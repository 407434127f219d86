package neattrace.app.station.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.hand.PickHand;
import neattrace.app.work.Shown;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.press.Cmyk;
import neattrace.trace.LineColour;

/** Lines in colours of their own. */
final class LineColourStep implements Step {

    private final LineDesk desk;
    private final VBox content = new VBox(8);
    private List<Integer> offered = List.of();
    private ChoiceField<Integer> all;
    private ChoiceField<Integer> one;
    private final ChoiceField<Boolean> border;
    private int oneSwatch;

    LineColourStep(LineDesk desk) {
        this.desk = desk;
        border =
                new ChoiceField<>(
                        "Lines on the outside",
                        List.of(false, true),
                        on -> on ? "stay black" : "take part",
                        on -> change("Line colour", c -> c.withBorderBlack(on)));
        border.setId("colour-border");
        offer(List.of(0));
    }

    private void change(String what, UnaryOperator<LineColour> change) {
        desk.change(what, recipe -> recipe.withColour(change.apply(recipe.colour())));
    }

    private String name(int swatch) {
        Job job = desk.workspace().job();
        return swatch == 0 || job == null
                ? "black"
                : job.swatch(swatch).map(Swatch::name).orElse("black");
    }

    /** Fields whose choices are the job's swatches. */
    private void offer(List<Integer> swatches) {
        offered = swatches;
        all =
                new ChoiceField<>(
                        "Colour of all lines",
                        swatches,
                        this::name,
                        id -> change("Line colour", c -> c.withSwatch(id)));
        all.setId("colour-all");
        one = new ChoiceField<>("Colour of a line", swatches, this::name, id -> oneSwatch = id);
        one.setId("colour-one");
        if (swatches.contains(oneSwatch)) {
            one.show(oneSwatch);
        } else {
            oneSwatch = 0;
        }
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("All umber", "colour-umber", () -> add("Umber")),
                        Buttons.small("All half strength", "colour-half", this::half),
                        Buttons.small(
                                "All black again",
                                "colour-black",
                                () -> change("Lines black", c -> LineColour.BLACK)));
        content.getChildren()
                .setAll(
                        new Sentence("All lines are", all, "; those on the outside", border, "."),
                        new Sentence(
                                Buttons.small("Colour a line", "colour-line", this::pick),
                                one,
                                "."),
                        tools);
    }

    private void pick() {
        int swatch = oneSwatch;
        desk.take(
                new PickHand(
                        "Click a line; all of it becomes " + name(swatch) + ".",
                        desk::strokeAt,
                        place -> {
                            if (desk.strokeAt(place).isEmpty()) {
                                desk.workspace().say("There is no line here.");
                                return;
                            }
                            change(
                                    "Colour of a line",
                                    c -> c.with(new LineColour.Hold(place, swatch)));
                        }));
    }

    /** All lines in a colour that is added to the swatches if it is not there yet. */
    private void add(String name) {
        Job job = desk.workspace().job();
        Optional<Swatch> there =
                job.swatches().stream().filter(swatch -> swatch.name().equals(name)).findFirst();
        Swatch swatch =
                there.orElseGet(
                        () -> new Swatch(job.freeSwatchId(), name, new Cmyk(40, 65, 80, 45)));
        desk.workspace()
                .change(
                        "Line colour",
                        now -> {
                            Job next = there.isPresent() ? now : now.withSwatch(swatch);
                            return next.withLine(
                                    next.line()
                                            .withColour(
                                                    next.line().colour().withSwatch(swatch.id())));
                        });
    }

    /** All lines in half of the ink they have now. */
    private void half() {
        Job job = desk.workspace().job();
        int now = job.line().colour().swatch();
        Optional<Swatch> base = job.swatch(now);
        Cmyk full = base.map(Swatch::build).orElse(new Cmyk(0, 0, 0, 100));
        String name =
                Swatch.named("Half " + base.map(Swatch::name).orElse("black").toLowerCase(), "");
        Cmyk build = new Cmyk(full.c() / 2, full.m() / 2, full.y() / 2, full.k() / 2);
        Swatch half = new Swatch(job.freeSwatchId(), name, build);
        desk.workspace()
                .change(
                        "Half strength",
                        old -> {
                            Job next = old.withSwatch(half);
                            return next.withLine(
                                    next.line()
                                            .withColour(
                                                    next.line().colour().withSwatch(half.id())));
                        });
    }

    @Override
    public String title() {
        return "Colour";
    }

    @Override
    public String state(Shown shown) {
        LineColour colour = shown.drawing().job().line().colour();
        if (colour.isBlack()) {
            return "black";
        }
        int held = colour.held().size();
        return colour.swatch() != 0
                ? name(colour.swatch()).toLowerCase()
                : held == 1 ? "1 line" : held + " lines";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<Integer> ids = new ArrayList<>();
        ids.add(0);
        shown.drawing().job().swatches().forEach(swatch -> ids.add(swatch.id()));
        if (!ids.equals(offered)) {
            offer(ids);
        }
        LineColour colour = shown.drawing().job().line().colour();
        all.show(colour.swatch());
        border.show(colour.borderBlack());
    }
}

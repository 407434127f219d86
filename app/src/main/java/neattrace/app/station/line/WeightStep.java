package neattrace.app.station.line;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.hand.PickHand;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.setting.LineSettings;
import neattrace.trace.WeightRecipe;
import neattrace.trace.review.WidthTable;

/** The weight of all lines together. */
final class WeightStep implements Step {

    private static final double USUAL_EVEN_MM = 0.5;

    private final LineDesk desk;
    private final ChoiceField<Boolean> even;
    private final NumberField evenMm;
    private final NumberField all;
    private final ChoiceField<Boolean> bolder;
    private final NumberField outside;
    private final NumberField taper;
    private final FlowPane parts = new FlowPane(6, 6);
    private final Sentence evenWidth;
    private final VBox content;

    WeightStep(LineDesk desk) {
        this.desk = desk;
        even =
                new ChoiceField<>(
                        "Widths",
                        List.of(false, true),
                        on -> on ? "one and the same weight" : "the weight they were drawn with",
                        on -> change("Line weight", w -> w.withEvenMm(on ? usualMm() : 0)));
        even.setId("weight-even");
        evenMm = desk.bench().field(LineSettings.WEIGHT_EVEN);
        evenWidth = new Sentence("It is", evenMm, ".");
        all =
                new NumberField(
                        "Change of all lines",
                        "mm",
                        0,
                        WeightRecipe.MOST_MM,
                        0.05,
                        mm -> change("Line weight", w -> w.withAllMm(signed(mm))));
        all.setId("weight-all");
        bolder =
                new ChoiceField<>(
                        "Bolder or thinner",
                        List.of(true, false),
                        on -> on ? "bolder" : "thinner",
                        on -> {
                            double mm = Math.abs(desk.recipe().weight().allMm());
                            change("Line weight", w -> w.withAllMm(on ? mm : -mm));
                        });
        bolder.setId("weight-bolder");
        outside = desk.bench().field(LineSettings.WEIGHT_OUTSIDE);
        taper = desk.bench().field(LineSettings.TAPER);
        content =
                new VBox(
                        6,
                        new Sentence("Lines keep", even, "."),
                        evenWidth,
                        new Sentence("All are", all, bolder, "."),
                        new Sentence("The outline round the outside is", outside, "bolder."),
                        parts,
                        new Sentence("Free ends thin out over", taper, "of a line."));
    }

    private boolean isBolder = true;

    private double signed(double mm) {
        return isBolder ? mm : -mm;
    }

    private double usualMm() {
        double usual =
                desk.study() == null
                        ? USUAL_EVEN_MM
                        : desk.study().widths().map(WidthTable::usualMm).orElse(USUAL_EVEN_MM);
        return Math.max(0.05, Math.round(usual * 20) / 20.0);
    }

    private void change(String what, UnaryOperator<WeightRecipe> change) {
        desk.change(what, recipe -> recipe.withWeight(change.apply(recipe.weight())));
    }

    @Override
    public String title() {
        return "Weight";
    }

    @Override
    public String state(Shown shown) {
        WeightRecipe weight = shown.drawing().job().line().weight();
        if (weight.isAsDrawn()) {
            return "as drawn";
        }
        if (weight.evenMm() > 0) {
            return LinePanel.mm(weight.evenMm());
        }
        if (weight.allMm() != 0) {
            return (weight.allMm() > 0 ? "+" : "−") + LinePanel.mm(Math.abs(weight.allMm()));
        }
        return weight.outsideMm() > 0 ? "bold outside" : "tapered";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        WeightRecipe weight = shown.drawing().job().line().weight();
        even.show(weight.evenMm() > 0);
        evenMm.show(weight.evenMm());
        evenWidth.setVisible(weight.evenMm() > 0);
        evenWidth.setManaged(weight.evenMm() > 0);
        all.show(Math.abs(weight.allMm()));
        if (weight.allMm() != 0) {
            isBolder = weight.allMm() > 0;
        }
        bolder.show(isBolder);
        outside.show(weight.outsideMm());
        taper.show(Math.round(weight.taperShare() * 100));
        showParts(weight);
    }

    private void showParts(WeightRecipe weight) {
        parts.getChildren().clear();
        boolean any = weight.outsideMm() > 0;
        parts.setVisible(any);
        parts.setManaged(any);
        if (!any) {
            return;
        }
        int chosen = weight.outsideParts().size();
        String only =
                chosen == 0
                        ? "Only round parts I choose"
                        : chosen == 1 ? "1 part; choose more" : chosen + " parts; choose more";
        parts.getChildren()
                .add(
                        Buttons.small(
                                only,
                                "weight-parts",
                                () ->
                                        desk.take(
                                                new PickHand(
                                                        "Click the ink of a part; only chosen parts"
                                                                + " get a bolder outside.",
                                                        desk::strokeAt,
                                                        this::choose))));
        if (chosen > 0) {
            parts.getChildren()
                    .add(
                            Buttons.small(
                                    "Round all",
                                    "weight-all-parts",
                                    () ->
                                            change(
                                                    "Bolder outside",
                                                    w -> w.withOutsideParts(List.of()))));
        }
    }

    private void choose(Point place) {
        if (!desk.shown().drawing().inkAt(place)) {
            desk.workspace().say("Click on ink.");
            return;
        }
        change(
                "Bolder outside",
                weight -> {
                    List<Point> next = new ArrayList<>(weight.outsideParts());
                    next.add(place);
                    return weight.withOutsideParts(next);
                });
    }
}

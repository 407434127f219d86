package neattrace.app.station.flats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.table.hand.PickHand;
import neattrace.app.table.hand.TrailHand;
import neattrace.app.work.Shown;
import neattrace.flat.Form;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.change.Colouring;

/** Insets, lit and shaded sides, highlights and shadows; all of them flat, all in one light. */
final class FormStep implements Step {

    private static final String NO_COLOUR = "Only an area that has a colour takes form.";

    private final FlatsDesk desk;
    private final ChoiceField<Light> light;
    private final Rows rows;
    private final VBox content;
    private double mm = 1.5;

    /** Where light comes from, by the hours of a clock half way between. */
    private enum Light {
        UPPER_LEFT("the upper left", 315),
        ABOVE("above", 0),
        UPPER_RIGHT("the upper right", 45),
        RIGHT("the right", 90),
        LOWER_RIGHT("the lower right", 135),
        BELOW("below", 180),
        LOWER_LEFT("the lower left", 225),
        LEFT("the left", 270);

        private final String words;
        private final double degrees;

        Light(String words, double degrees) {
            this.words = words;
            this.degrees = degrees;
        }

        static Light nearest(double degrees) {
            Light best = UPPER_LEFT;
            double least = 360;
            for (Light one : values()) {
                double away = Math.abs(Math.IEEEremainder(degrees - one.degrees, 360));
                if (away < least) {
                    least = away;
                    best = one;
                }
            }
            return best;
        }
    }

    FormStep(FlatsDesk desk) {
        this.desk = desk;
        light =
                new ChoiceField<>(
                        "Where the light comes from",
                        Arrays.asList(Light.values()),
                        one -> one.words,
                        one ->
                                desk.changeFlat(
                                        "Light", flat -> flat.withLightDegrees(one.degrees)));
        light.setId("light");
        NumberField width =
                new NumberField("How broad", "mm", 0.1, Form.FARTHEST_MM, 0.1, v -> mm = v);
        width.show(mm);
        width.setId("form-width");
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        Buttons.small("Shaded side", "form-shaded", () -> side(false)),
                        Buttons.small("Lit side", "form-lit", () -> side(true)),
                        Buttons.small("Inset, lighter", "form-inset-lit", () -> inset(true)),
                        Buttons.small("Inset, darker", "form-inset", () -> inset(false)),
                        Buttons.small("Draw a highlight", "form-highlight", this::highlight),
                        Buttons.small("Draw a shadow", "form-shade", this::shade),
                        Buttons.small("Cast shadow", "form-cast", this::cast));
        rows = new Rows(this::remove);
        content =
                new VBox(
                        8,
                        new Sentence("Light comes from", light, ". Forms are", width, "broad."),
                        tools,
                        rows);
    }

    private void side(boolean lit) {
        pick(
                lit
                        ? "Click an area; its side towards the light gets lighter."
                        : "Click an area; its side away from the light gets darker.",
                lit ? "Lit side" : "Shaded side",
                place -> Colouring.side(desk.job(), desk.drawing(), place, mm, lit));
    }

    private void inset(boolean lit) {
        pick(
                "Click an area; it gets " + (lit ? "lighter" : "darker") + " inside its edge.",
                "Inset",
                place -> Colouring.inset(desk.job(), desk.drawing(), place, mm, lit));
    }

    private interface Making {
        Optional<Job> make(Point place);
    }

    private void pick(String hint, String what, Making making) {
        desk.take(
                new PickHand(
                        hint,
                        place -> List.of(),
                        place -> desk.changeIf(what, job -> making.make(place), NO_COLOUR)));
    }

    private void highlight() {
        desk.take(
                new TrailHand(
                        "Draw the highlight's outline within one area.",
                        line ->
                                desk.changeIf(
                                        "Highlight",
                                        job ->
                                                line.size() < 3
                                                        ? Optional.empty()
                                                        : Colouring.highlight(
                                                                job, desk.drawing(), line),
                                        NO_COLOUR)));
    }

    private void shade() {
        desk.take(
                new TrailHand(
                        "Draw the shadow's outline over any number of areas.",
                        line ->
                                desk.changeIf(
                                        "Shadow",
                                        job ->
                                                line.size() < 3
                                                        ? Optional.empty()
                                                        : Colouring.shade(
                                                                job, desk.drawing(), line),
                                        "There is no colour beneath what you drew.")));
    }

    private void cast() {
        desk.change("Cast shadow", job -> Colouring.cast(job, 2 * mm));
    }

    /** Rows run from the newest form to the oldest. */
    private void remove(int row) {
        desk.changeFlat(
                "Take a form away",
                flat -> {
                    List<Form> left = new ArrayList<>(flat.forms());
                    left.remove(left.size() - 1 - row);
                    return flat.withForms(left);
                });
    }

    @Override
    public String title() {
        return "Form";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().flat().forms().size();
        return count == 0 ? "flat" : count == 1 ? "1 form" : count + " forms";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = desk.job();
        light.show(Light.nearest(job.flat().lightDegrees()));
        List<String> names = new ArrayList<>();
        for (int i = job.flat().forms().size() - 1; i >= 0; i--) {
            names.add((i + 1) + "  " + job.flat().forms().get(i).words());
        }
        rows.show(names);
    }
}

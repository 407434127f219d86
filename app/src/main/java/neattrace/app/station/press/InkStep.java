package neattrace.app.station.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.Swatch;
import neattrace.goods.GoodsKind;
import neattrace.job.Job;
import neattrace.job.setting.PressSettings;
import neattrace.press.separate.OneColourRecipe;
import neattrace.print.ready.FewerInks;
import neattrace.print.ready.PlateStudy;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressPalette;

/** Which inks there are: process or of their own, fewer, or a single one. */
final class InkStep implements Step {

    /** What colours are printed with. */
    private enum With {
        PROCESS("the four process inks"),
        SPOTS("an ink of its own each"),
        MIXED("some with inks of their own");

        private final String words;

        With(String words) {
            this.words = words;
        }
    }

    private static final int MOST_INKS = 40;

    /** Room for the words of a merge, px. */
    private static final double MERGE_PX = 204;

    private final PressDesk desk;
    private final ChoiceField<With> with;
    private final NumberField inks;
    private final ChoiceField<Boolean> one;
    private final ChoiceField<OneColourRecipe.Style> style;
    private final Node between;
    private final Rows merged;
    private final VBox proposals = new VBox(4);
    private final Hint mergedWords = new Hint("");
    private final VBox content;
    private List<Integer> mergedIds = List.of();

    InkStep(PressDesk desk) {
        this.desk = desk;
        with =
                new ChoiceField<>(
                        "Inks",
                        List.of(With.PROCESS, With.SPOTS),
                        choice -> choice.words,
                        this::print);
        with.setId("inks-with");
        inks = new NumberField("Inks at most", "", 1, MOST_INKS, 1, this::fewer);
        inks.setId("inks-most");
        one = desk.bench().field(PressSettings.ONE_COLOUR);
        style = desk.bench().field(PressSettings.ONE_COLOUR_STYLE);
        between = new Sentence("Between ink and bare:", style, "; a click on an area darkens it.");
        merged = new Rows(this::apart);
        content =
                new VBox(
                        8,
                        new Sentence("It is printed", one, "."),
                        between,
                        new Sentence("Colours are printed with", with, "."),
                        new Sentence("No more than", inks, "inks, black and white included."),
                        mergedWords,
                        merged,
                        proposals);
        desk.studyProperty().addListener(property -> propose());
    }

    /** Prints all colours that way. */
    private void print(With choice) {
        desk.bench()
                .change(
                        "Inks",
                        job ->
                                job.withSwatches(
                                        choice == With.SPOTS
                                                ? PressPalette.spots(
                                                        job.swatches(), job.press().profile())
                                                : job.swatches().stream()
                                                        .map(one -> one.withSpot(Optional.empty()))
                                                        .toList()));
    }

    private void fewer(double most) {
        Shown shown = desk.bench().shown();
        if (shown == null) {
            return;
        }
        int white =
                desk.studyProperty().get() != null
                                && desk.studyProperty()
                                        .get()
                                        .sheet()
                                        .terms()
                                        .underbase()
                                        .isPresent()
                        ? 1
                        : 0;
        int count = (int) Math.rint(most) - white;
        desk.bench()
                .workspace()
                .derive(
                        "Fewer inks",
                        progress -> {
                            FewerInks found = FewerInks.of(PressArt.of(shown.drawing()), count);
                            return found::in;
                        });
    }

    private void apart(int row) {
        int id = mergedIds.get(row);
        desk.change(
                "An ink of its own again",
                press -> {
                    Map<Integer, Integer> kept = new TreeMap<>(press.merged());
                    kept.remove(id);
                    Set<Integer> cloth = new TreeSet<>(press.cloth());
                    cloth.remove(id);
                    return press.withMerged(kept).withCloth(cloth);
                });
    }

    /** The three single merges that harm least, each a button. */
    private void propose() {
        proposals.getChildren().clear();
        PlateStudy study = desk.studyProperty().get();
        if (study == null) {
            return;
        }
        List<Node> buttons = new ArrayList<>();
        Set<String> told = new TreeSet<>();
        for (FewerInks one : study.merges()) {
            FewerInks.Merge merge = one.merges().get(0);
            String pair =
                    Math.min(merge.from().id(), merge.into().id())
                            + " "
                            + Math.max(merge.from().id(), merge.into().id());
            if (buttons.size() < 3 && told.add(pair)) {
                buttons.add(merge(one, merge, buttons.size()));
            }
        }
        if (!buttons.isEmpty()) {
            Label label = new Label("What would harm least:");
            label.getStyleClass().add("hint");
            proposals.getChildren().add(label);
            proposals.getChildren().addAll(buttons);
        }
    }

    /** Looked at first, then taken. */
    private Node merge(FewerInks fewer, FewerInks.Merge merge, int number) {
        String words =
                String.format(
                        Locale.ROOT,
                        "%s in %s (%.0f away)",
                        merge.from().name(),
                        merge.into().name(),
                        merge.difference());
        Button take =
                Buttons.small(
                        words,
                        "merge-" + number,
                        () -> desk.bench().change("Fewer inks", fewer::in));
        Button look =
                Buttons.small("Look", "look-merge-" + number, () -> desk.look(words, fewer::in));
        take.setMinWidth(0);
        take.setMaxWidth(MERGE_PX);
        take.setWrapText(true);
        look.setAccessibleText("Look at " + words);
        look.setTooltip(new Tooltip("The plates as they would be; again to look back"));
        return new HBox(6, take, look);
    }

    @Override
    public String title() {
        return "Inks";
    }

    @Override
    public String state(Shown shown) {
        if (shown.drawing().job().press().oneColour().on()) {
            return "one";
        }
        Job job = shown.drawing().job();
        return switch (isCloth(job) ? With.SPOTS : kind(job)) {
            case PROCESS -> "process";
            case SPOTS -> "spot";
            case MIXED -> "mixed";
        };
    }

    /** Cloth gets a screen for each colour, whatever else is printed with process inks. */
    private boolean isCloth(Job job) {
        return desk.wanted(job).filter(one -> one.goods().kind() == GoodsKind.SHIRT).isPresent();
    }

    private static With kind(Job job) {
        long spots = job.swatches().stream().filter(swatch -> swatch.spot().isPresent()).count();
        if (spots == 0) {
            return With.PROCESS;
        }
        return spots == job.swatches().size() ? With.SPOTS : With.MIXED;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = shown.drawing().job();
        boolean single = job.press().oneColour().on();
        one.show(single);
        style.show(job.press().oneColour().style());
        between.setVisible(single);
        between.setManaged(single);
        boolean cloth = isCloth(job);
        with.show(cloth ? With.SPOTS : kind(job));
        with.setDisable(cloth);
        inks.show(
                desk.studyProperty().get() == null ? 4 : desk.studyProperty().get().inks().size());
        List<Integer> ids = new ArrayList<>();
        List<String> names = new ArrayList<>();
        job.press()
                .merged()
                .forEach(
                        (from, into) -> {
                            ids.add(from);
                            names.add(name(job, from) + " in " + name(job, into));
                        });
        job.press()
                .cloth()
                .forEach(
                        id -> {
                            ids.add(id);
                            names.add(name(job, id) + ": the cloth shows it");
                        });
        mergedIds = ids;
        merged.show(names);
        mergedWords.setText(names.isEmpty() ? "" : "Not printed in an ink of their own:");
        mergedWords.setVisible(!names.isEmpty());
        mergedWords.setManaged(!names.isEmpty());
        propose();
    }

    private static String name(Job job, int id) {
        return job.swatch(id).map(Swatch::name).orElse("a colour that is gone");
    }
}

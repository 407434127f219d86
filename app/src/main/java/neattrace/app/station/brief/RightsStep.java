package neattrace.app.station.brief;

import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.job.Reference;
import neattrace.job.Reference.Use;
import neattrace.job.log.Snapshot;

/** What the drawing was made after, and whether that may be sold. */
final class RightsStep implements Step {

    private final BriefDesk desk;
    private final TextField what = plain("reference-what", "what it is, such as a photo");
    private final TextField whose = plain("reference-whose", "whose it is, or where it is from");
    private final Rows rows = Rows.ofTwoLines(this::remove);
    private final PictureBox picture;
    private final VBox content;
    private Use use = Use.OWN;

    RightsStep(BriefDesk desk) {
        this.desk = desk;
        ChoiceField<Use> uses =
                new ChoiceField<>(
                        "What it may be used for",
                        Arrays.asList(Use.values()),
                        RightsStep::words,
                        next -> use = next);
        uses.setId("reference-use");
        uses.show(use);
        what.setOnAction(event -> add());
        whose.setOnAction(event -> add());
        picture = new PictureBox(desk, "reference-picture", "A picture of it …");
        content =
                new VBox(
                        8,
                        rows,
                        what,
                        whose,
                        new Sentence("It is", uses, "."),
                        picture,
                        Buttons.small("Note the reference", "add-reference", this::add),
                        new Hint(
                                "These are notes of yours, no legal advice. What is not cleared"
                                        + " stops goods that are for sale."));
    }

    private static TextField plain(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.getStyleClass().add("plain-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        return field;
    }

    private static String words(Use use) {
        return switch (use) {
            case OWN -> "my own";
            case CLEARED -> "cleared for sale";
            case PRIVATE -> "for practice only";
            case UNKNOWN -> "not looked into yet";
        };
    }

    private void add() {
        try {
            Reference reference =
                    new Reference(what.getText(), whose.getText(), use, picture.picture());
            desk.bench().change("Reference", job -> job.withBrief(job.brief().with(reference)));
            what.clear();
            whose.clear();
            picture.show(Snapshot.NONE);
        } catch (IllegalArgumentException e) {
            desk.bench().say("Not noted: " + e.getMessage() + ".");
            what.requestFocus();
        }
    }

    private void remove(int index) {
        Reference gone = desk.job().brief().references().get(index);
        desk.bench().change("Reference", job -> job.withBrief(job.brief().without(gone)));
    }

    @Override
    public String title() {
        return "Rights";
    }

    @Override
    public String state(Shown shown) {
        List<Reference> all = shown.drawing().job().brief().references();
        long open = all.stream().filter(one -> !one.use().forSale()).count();
        return all.isEmpty() ? "none" : open == 0 ? "all cleared" : open + " not cleared";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        List<Reference> all = desk.job().brief().references();
        rows.show(
                all.stream().map(Reference::what).toList(),
                all.stream().map(RightsStep::row).toList());
    }

    private static Node row(Reference reference) {
        Label name = new Label(reference.what());
        Label state =
                new Label(
                        words(reference.use())
                                + (reference.whose().isEmpty() ? "" : ", " + reference.whose()));
        state.getStyleClass().add("tile-state");
        name.setMaxWidth(170);
        state.setMaxWidth(170);
        VBox text = new VBox(name, state);
        return reference.picture().isEmpty()
                ? text
                : new HBox(6, PictureBox.small(reference.picture()), text);
    }
}

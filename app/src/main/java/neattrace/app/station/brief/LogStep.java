package neattrace.app.station.brief;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Rows;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.docket.TextValue;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Shown;
import neattrace.job.Day;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.change.TakeOver;
import neattrace.job.log.Proof;
import neattrace.job.log.Proof.Fault;
import neattrace.job.log.Snapshot;
import neattrace.job.log.Tools;

/** With what it was drawn, what worked before, and what came back from the printer. */
final class LogStep implements Step {

    private final BriefDesk desk;
    private final TextValue pen;
    private final TextValue paper;
    private final TextValue scanner;
    private final MenuButton worked = new MenuButton("Settings that worked …");
    private final Hint hint = new Hint("");
    private final Rows proofs = Rows.ofTwoLines(this::remove);
    private final MenuButton faults = new MenuButton();
    private final TextValue words;
    private final TextValue changed;
    private final Sentence afterwards;
    private final PictureBox photo;
    private final VBox content;
    private final Set<Fault> wrong = EnumSet.noneOf(Fault.class);
    private final SittingWatch watch = new SittingWatch();
    private String said = "";

    LogStep(BriefDesk desk) {
        this.desk = desk;
        pen = tool("log-pen", "Pen it was drawn with", "a pen", Tools::withPen);
        paper = tool("log-paper", "Paper it was drawn on", "some paper", Tools::withPaper);
        scanner = tool("log-scanner", "Scanner", "a scanner", Tools::withScanner);
        worked.setId("settings-that-worked");
        worked.getStyleClass().add("answer-menu");
        worked.setOnShowing(event -> fillWorked());
        faults.setId("proof-faults");
        faults.getStyleClass().add("answer-menu");
        for (Fault fault : Fault.values()) {
            CheckMenuItem item = new CheckMenuItem(fault.label());
            item.setOnAction(event -> mark(fault, item.isSelected()));
            faults.getItems().add(item);
        }
        words = new TextValue("What else there is to say", "nothing else", text -> said = text);
        words.setId("proof-words");
        changed = new TextValue("What was changed for it", "nothing yet", this::setChanged);
        changed.setId("proof-changed");
        afterwards = new Sentence("For the last one was changed:", changed, ".");
        photo = new PictureBox(desk, "proof-photo", "A photo of it …");
        content =
                new VBox(
                        8,
                        new Sentence("Drawn with", pen, "on", paper, ", read by", scanner, "."),
                        new VBox(4, worked, hint),
                        new Hint("When a proof comes back:"),
                        new FlowPane(6, 6, faults, photo),
                        new Sentence("Besides:", words, "."),
                        Buttons.small("Note what came back", "add-proof", this::add),
                        proofs,
                        afterwards);
        desk.workspace().past().jobsProperty().addListener(property -> showWorked());
        showFaults();
    }

    private interface With {
        Tools apply(Tools tools, String value);
    }

    private TextValue tool(String id, String name, String prompt, With with) {
        TextValue field =
                new TextValue(
                        name, prompt, text -> change("Tools", tools -> with.apply(tools, text)));
        field.setId(id);
        return field;
    }

    private void change(String what, UnaryOperator<Tools> change) {
        desk.bench()
                .change(
                        what,
                        job ->
                                job.withLog(
                                        job.log()
                                                .withWork(
                                                        work ->
                                                                work.withTools(
                                                                        change.apply(
                                                                                work.tools())))));
        showWorked();
    }

    private List<Job> alike() {
        Job job = desk.job();
        return job == null
                ? List.of()
                : TakeOver.alike(
                        job.log().work().tools(), desk.workspace().past().jobsProperty().get());
    }

    private void showWorked() {
        List<Job> alike = alike();
        worked.setDisable(alike.isEmpty());
        hint.setText(
                alike.isEmpty()
                        ? "Jobs opened lately that name the same paper or pen are offered here."
                        : "");
        hint.setVisible(alike.isEmpty());
        hint.setManaged(alike.isEmpty());
    }

    private void fillWorked() {
        worked.getItems().clear();
        for (Job other : alike()) {
            Tools tools = other.log().work().tools();
            MenuItem item =
                    new MenuItem(
                            other.title()
                                    + ": "
                                    + named(tools.paper())
                                    + ", "
                                    + named(tools.pen()));
            item.setMnemonicParsing(false);
            item.setOnAction(
                    event ->
                            desk.bench()
                                    .change(
                                            "Settings of " + other.title(),
                                            job -> TakeOver.settings(job, other)));
            worked.getItems().add(item);
        }
    }

    private static String named(String tool) {
        return tool.isEmpty() ? "not named" : tool;
    }

    private void mark(Fault fault, boolean is) {
        if (is) {
            wrong.add(fault);
        } else {
            wrong.remove(fault);
        }
        showFaults();
    }

    private void showFaults() {
        faults.setText(
                wrong.isEmpty()
                        ? "Nothing was wrong"
                        : wrong.size() == 1
                                ? wrong.iterator().next().label()
                                : wrong.size() + " things were wrong");
    }

    private void add() {
        int goods = desk.chosen().map(WantedGoods::id).orElse(0);
        // What is still being typed belongs to it.
        words.getOnAction().handle(null);
        try {
            Proof proof = new Proof(LocalDate.now(), goods, wrong, said, "", photo.picture());
            desk.bench()
                    .change(
                            "Proof",
                            job -> {
                                List<Proof> next = new ArrayList<>(job.log().proofs());
                                next.add(proof);
                                return job.withLog(job.log().withProofs(next));
                            });
        } catch (IllegalArgumentException e) {
            desk.bench().say("Not noted: " + e.getMessage() + ".");
            return;
        }
        startAnew();
    }

    /** Nothing is said of the next proof yet. */
    private void startAnew() {
        wrong.clear();
        faults.getItems().forEach(item -> ((CheckMenuItem) item).setSelected(false));
        showFaults();
        said = "";
        words.show("");
        photo.show(Snapshot.NONE);
    }

    private void setChanged(String text) {
        desk.bench()
                .change(
                        "Changed for a proof",
                        job -> {
                            List<Proof> next = new ArrayList<>(job.log().proofs());
                            int last = next.size() - 1;
                            if (last >= 0) {
                                next.set(last, next.get(last).withChanged(text));
                            }
                            return job.withLog(job.log().withProofs(next));
                        });
    }

    private void remove(int index) {
        desk.bench()
                .change(
                        "Without a proof",
                        job -> {
                            List<Proof> next = new ArrayList<>(job.log().proofs());
                            next.remove(index);
                            return job.withLog(job.log().withProofs(next));
                        });
    }

    @Override
    public String title() {
        return "Log";
    }

    @Override
    public String state(Shown shown) {
        int count = shown.drawing().job().log().proofs().size();
        return count == 0 ? "no proof yet" : count == 1 ? "1 proof" : count + " proofs";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        if (watch.isAnother(shown)) {
            startAnew();
        }
        Job job = desk.job();
        Tools tools = job.log().work().tools();
        pen.show(tools.pen());
        paper.show(tools.paper());
        scanner.show(tools.scanner());
        List<Proof> all = job.log().proofs();
        afterwards.setVisible(!all.isEmpty());
        afterwards.setManaged(!all.isEmpty());
        changed.show(all.isEmpty() ? "" : all.get(all.size() - 1).changed());
        proofs.show(
                all.stream().map(LogStep::words).toList(), all.stream().map(LogStep::row).toList());
        showWorked();
    }

    private static String words(Proof proof) {
        String faults =
                proof.faults().stream()
                        .sorted()
                        .map(Fault::label)
                        .collect(Collectors.joining(", "));
        String what = faults.isEmpty() ? "nothing wrong" : faults;
        return proof.words().isEmpty() ? what : what + "; " + proof.words();
    }

    private static Node row(Proof proof) {
        Label what = new Label(words(proof));
        Label then =
                new Label(
                        Day.shortly(proof.day())
                                + (proof.changed().isEmpty() ? "" : ": " + proof.changed()));
        then.getStyleClass().add("tile-state");
        what.setMaxWidth(150);
        then.setMaxWidth(150);
        VBox text = new VBox(what, then);
        return proof.photo().isEmpty() ? text : new HBox(6, PictureBox.small(proof.photo()), text);
    }
}

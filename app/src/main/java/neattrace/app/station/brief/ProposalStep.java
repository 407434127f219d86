package neattrace.app.station.brief;

import java.io.File;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Remaking;
import neattrace.app.work.Shown;
import neattrace.finding.Place;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.proposal.Decision;
import neattrace.proposal.Proposal;
import neattrace.proposal.Proposer;
import neattrace.raster.reading.PictureReader;

/** Takes the drawing as far as it goes, and tells what was decided on the way. */
final class ProposalStep implements Step {

    private static final double ROW = 46;
    private static final double WIDTH = 232;

    private final BriefDesk desk;
    private final Button go;
    private final Label summary = new Hint("");
    private final ListView<Decision> list = new ListView<>();
    private final Label detail = new Hint("");
    private final HBox acts;
    private final VBox content;

    /** What the proposal was made of, and of which colours; null if there is none. */
    private Job base;

    private Path rough;
    private Set<String> without = Set.of();
    private Job made;
    private List<Decision> taken = List.of();
    private final SittingWatch watch = new SittingWatch();

    ProposalStep(BriefDesk desk) {
        this.desk = desk;
        go = new Button("Take it as far as it goes");
        go.setId("propose");
        go.getStyleClass().setAll("answer", "wide");
        go.setOnAction(event -> run());
        Button withRough = Buttons.small("With a rough …", "propose-rough", this::chooseRough);
        list.setId("decisions");
        list.getStyleClass().add("decision-list");
        list.setCellFactory(view -> new Row());
        list.setPlaceholder(new Label(""));
        list.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (property, before, one) ->
                                detail.setText(
                                        one == null ? "" : one.words() + " " + one.reason()));
        list.setMinHeight(0);
        VBox.setVgrow(list, Priority.ALWAYS);
        acts =
                new HBox(
                        6,
                        Buttons.small("Look at it", "decision-look", this::look),
                        Buttons.small("Take it back", "decision-back", this::takeBack));
        go.setMaxWidth(Double.MAX_VALUE);
        content = new VBox(8, go, withRough, summary, list, detail, acts);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        detail.setMinHeight(Region.USE_PREF_SIZE);
        tell(List.of());
    }

    private void chooseRough() {
        File file =
                desk.bench()
                        .choose(
                                "A rough with colours",
                                "Pictures",
                                "*.png",
                                "*.jpg",
                                "*.jpeg",
                                "*.tif",
                                "*.tiff",
                                "*.webp",
                                "*.bmp");
        if (file != null) {
            run(file.toPath());
        }
    }

    /** Proposes anew from the job as it is, by the rough that served it last. */
    void run() {
        run(rough);
    }

    /** The same by a rough; it is remembered only if it can be read. */
    void run(Path colours) {
        if (desk.shown() == null) {
            return;
        }
        Job now = desk.job();
        // After a proposal nothing else was changed: begin again from what it was made of.
        propose(isUntouched(now) ? base.withLog(now.log()) : now, Set.of(), colours);
    }

    private void propose(Job from, Set<String> leave, Path colours) {
        Pipeline pipeline = desk.workspace().pipeline();
        desk.workspace()
                .remake(
                        "Taking it as far as it goes",
                        progress -> {
                            Pipeline apart = pipeline.apart();
                            Proposal proposal =
                                    Proposer.propose(
                                            apart,
                                            from,
                                            colours == null
                                                    ? Optional.empty()
                                                    : Optional.of(PictureReader.read(colours)),
                                            leave,
                                            progress);
                            pipeline.takeOver(apart);
                            Job job = proposal.drawing().job();
                            return new Remaking.Made(
                                    job,
                                    () -> {
                                        base = from;
                                        made = job;
                                        without = leave;
                                        rough = colours;
                                        taken = proposal.decisions();
                                    });
                        });
    }

    private void tell(List<Decision> decisions) {
        list.getItems().setAll(decisions);
        boolean any = !decisions.isEmpty();
        list.setVisible(any);
        list.setManaged(any);
        acts.setVisible(any);
        acts.setManaged(any);
        detail.setVisible(any);
        detail.setManaged(any);
        long taken = decisions.stream().filter(one -> one.done().isPresent()).count();
        summary.setText(
                any
                        ? String.format(
                                Locale.ROOT,
                                "%d decisions were taken, %d things left to you; the most doubtful"
                                        + " first. Undo takes all back.",
                                taken,
                                decisions.size() - taken)
                        : "Key J. Every station is run with the program's own best judgement; what you"
                                + " decided stays, and nothing it decides is hidden.");
        list.setPrefHeight(ROW * Math.min(5, Math.max(1, decisions.size())));
        if (any) {
            list.getSelectionModel().select(0);
        }
    }

    private void look() {
        Decision one = list.getSelectionModel().getSelectedItem();
        if (one == null) {
            return;
        }
        desk.bench().go(one.station());
        one.place().ifPresent(place -> desk.bench().lookAt(place.at(), Math.max(4, reach(place))));
    }

    private static double reach(Place place) {
        return place.reachMm();
    }

    private void takeBack() {
        Decision one = list.getSelectionModel().getSelectedItem();
        if (one == null) {
            return;
        }
        if (one.done().isEmpty()) {
            desk.bench().say("It was left as it is; there is nothing to take back.");
            return;
        }
        if (!isUntouched(desk.job())) {
            desk.bench().say("The job was changed since; undo that first, or propose anew.");
            return;
        }
        Set<String> next = new HashSet<>(without);
        next.add(one.id());
        propose(base.withLog(desk.job().log()), next, rough);
    }

    /** Files that were written since are no change of what was proposed. */
    private boolean isUntouched(Job now) {
        return made != null && made.withLog(now.log()).equals(now);
    }

    @Override
    public String title() {
        return "Proposal";
    }

    @Override
    public String state(Shown shown) {
        int count = list.getItems().size();
        return count == 0 ? "none yet" : String.valueOf(count);
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        if (watch.isAnother(shown)) {
            base = null;
            made = null;
            rough = null;
            without = Set.of();
            taken = List.of();
        }
        // What was undone is no longer decided; done again, it is.
        List<Decision> now = isTaken() ? taken : List.of();
        if (!now.equals(list.getItems())) {
            tell(now);
        }
    }

    /** Whether the proposal is among the steps that led to the job as it stands. */
    private boolean isTaken() {
        return made != null
                && desk.workspace()
                        .historyProperty()
                        .get()
                        .hasPassed(job -> made.withLog(job.log()).equals(job));
    }

    /** One decision: how doubtful, what, why. */
    private static final class Row extends ListCell<Decision> {

        @Override
        protected void updateItem(Decision one, boolean empty) {
            super.updateItem(one, empty);
            if (empty || one == null) {
                setGraphic(null);
                return;
            }
            Label doubt = new Label(word(one.doubt()));
            doubt.getStyleClass().addAll("tile-state", "decision-doubt");
            Label what = new Label(one.what());
            what.getStyleClass().add("decision-what");
            Label done = new Label(one.done().orElse("left as it is"));
            done.getStyleClass().add("tile-state");
            Region push = new Region();
            HBox.setHgrow(push, Priority.ALWAYS);
            VBox text = new VBox(1, what, new HBox(8, done, push, doubt));
            text.setMaxWidth(WIDTH);
            text.setPrefWidth(WIDTH);
            setGraphic(text);
            setAccessibleText(one.words() + " " + one.reason() + " " + doubt.getText());
        }

        private static String word(double doubt) {
            return doubt >= 0.7
                    ? "wants you"
                    : doubt >= 0.4 ? "doubtful" : doubt >= 0.25 ? "fairly sure" : "sure";
        }
    }
}

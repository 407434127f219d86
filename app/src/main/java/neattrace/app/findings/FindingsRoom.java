package neattrace.app.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Choice;
import neattrace.app.station.Reply;
import neattrace.app.table.Mark;
import neattrace.app.work.Looked;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Severity;

/**
 * What needs a decision at a station: kinds, the most serious first, and of the open one its places
 * and what can be done about all of them; below, the place that is looked at. Folds to an edge.
 */
public final class FindingsRoom extends StackPane {

    static final double SCROLL_BAR = 12;

    private static final double WIDTH = 292;

    /** What the room's findings do. */
    public interface Acts {

        /** A finding is looked at. */
        void lookAt(Finding finding);

        /** Whether nothing was changed since these were found. */
        boolean isNewest(Looked found);

        /** An answer is given. True if it changed the job, so that what it was about is settled. */
        boolean give(Answer answer, Looked about);
    }

    private final Acts acts;
    private final Worklist work = new Worklist();
    private final Label heading = new Label();
    private final ListView<Row> list = new ListView<>();
    private final Detail detail = new Detail();
    private final Label hint = new Label();
    private final VBox open;
    private final Edge edge = new Edge(() -> wish(false));
    private final Thumbnails thumbnails = new Thumbnails();
    private Optional<Reply> reply = Optional.empty();
    private String otherwise = "";

    /** Whether the room is to be folded; null leaves it to whether there is anything. */
    private Boolean folded;

    /** A room. */
    public FindingsRoom(Acts acts) {
        this.acts = acts;
        getStyleClass().add("findings");
        setId("findings-room");
        edge.setId("findings-edge");
        heading.getStyleClass().add("findings-heading");
        heading.setWrapText(true);
        heading.setMinHeight(USE_PREF_SIZE);
        heading.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(heading, Priority.ALWAYS);
        Button fold = Answers.button("Fold", "E", () -> wish(true));
        fold.setId("fold-findings");
        fold.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(8, heading, fold);
        head.setAlignment(Pos.TOP_LEFT);
        hint.getStyleClass().add("hint");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        list.setId("findings");
        list.setAccessibleText("Findings");
        list.setCellFactory(view -> new RowCell(this));
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        list.widthProperty().addListener(property -> list.refresh());
        VBox.setVgrow(list, Priority.ALWAYS);
        open = new VBox(8, head, list, detail, hint);
        open.setId("findings-open");
        open.getStyleClass().add("findings-open");
        open.setPrefWidth(WIDTH);
        open.setMinWidth(WIDTH);
        open.setMaxWidth(WIDTH);
        setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(open, edge);
        render();
    }

    /**
     * Shows what is found at a station.
     *
     * @param found all that was found; null if nothing is known or there is no drawing
     * @param where the station's key
     * @param said what the station says to something asked
     * @param ifNothing what is said if there is nothing
     */
    public void show(Looked found, String where, Optional<Reply> said, String ifNothing) {
        work.show(found, found == null || acts.isNewest(found), where);
        reply = said;
        otherwise = ifNothing;
        render();
    }

    private void render() {
        List<Group> groups = work.groups();
        boolean none = groups.isEmpty();
        list.getItems().setAll(work.rows());
        list.setVisible(!none);
        list.setManaged(!none);
        heading.setText(none ? otherwise : heading(groups));
        showDetail();
        hint.setText(
                chosen() == null
                        ? "N goes to the first place."
                        : "N next place · A answers the whole kind");
        hint.setVisible(!none);
        hint.setManaged(!none);
        boolean sure = work.looked() == null ? otherwise.isEmpty() : work.isWhole();
        fold(folded == null ? none && reply.isEmpty() && sure : folded);
        edge.show(groups);
    }

    private static String heading(List<Group> groups) {
        Findings findings = new Findings(groups);
        String at = groups.get(0).kind().station();
        int stop = findings.kinds(at, Severity.STOP);
        int look = findings.kinds(at, Severity.LOOK);
        List<String> parts = new ArrayList<>();
        if (stop > 0) {
            parts.add(stop == 1 ? "1 stops the job" : stop + " stop the job");
        }
        if (look > 0) {
            parts.add(look + " to look at");
        }
        String kinds = groups.size() == 1 ? "1 kind" : groups.size() + " kinds";
        return kinds + ": " + (parts.isEmpty() ? "good to know" : String.join(", ", parts));
    }

    /**
     * What the answers below are about: what is chosen, else a reply, else the open kind's first.
     */
    private Finding about() {
        return chosen() == null && reply.isPresent() ? null : work.about();
    }

    private void showDetail() {
        Finding about = about();
        if (about != null) {
            detail.show(
                    about.title(),
                    about.reason(),
                    about.answers().stream()
                            .map(one -> new Choice(one.label(), () -> answer(about, one)))
                            .toList());
        } else if (reply.isPresent()) {
            detail.show(reply.get().title(), reply.get().reason(), reply.get().choices());
        } else {
            detail.showNothing();
        }
    }

    /** Folds the room to an edge, or opens it, whatever there is. */
    public void wish(boolean next) {
        folded = next;
        fold(next);
    }

    /** Folds the open room, opens the folded one. */
    public void turnFold() {
        wish(open.isVisible());
    }

    private void fold(boolean next) {
        open.setVisible(!next);
        open.setManaged(!next);
        edge.setVisible(next);
        edge.setManaged(next);
    }

    /** The finding that is looked at; null for none. */
    public Finding chosen() {
        return work.chosen();
    }

    /** How what is looked at is pointed out. */
    public Optional<Mark> mark() {
        return chosen() != null ? Marks.of(chosen()) : reply.map(Reply::mark);
    }

    /** Nothing is looked at any more. */
    public void clearChoice() {
        work.choose(null);
        render();
    }

    /** The findings that are told at this station, in their order. */
    public List<Finding> findings() {
        return work.findings();
    }

    Image thumbnail(Finding finding) {
        return thumbnails.of(work.looked(), finding.place().orElseThrow());
    }

    /** Opens a kind, or closes the open one; one alone is looked at. */
    void turn(Group group) {
        boolean wasOpen = work.isOpen(group);
        work.turn(group);
        if (!wasOpen && work.left(group).size() == 1) {
            choose(work.left(group).get(0));
            return;
        }
        render();
        list.requestFocus();
    }

    /** Looks at a finding. */
    void choose(Finding finding) {
        work.choose(finding);
        render();
        for (int i = 0; i < list.getItems().size(); i++) {
            if (list.getItems().get(i).holds(finding)) {
                list.scrollTo(Math.max(0, i - 1));
            }
        }
        list.requestFocus();
        acts.lookAt(finding);
    }

    /** Goes on to the next finding, or back to the one before. */
    public void step(int by) {
        go(work.next(by));
    }

    private boolean go(Finding next) {
        if (next == null) {
            return false;
        }
        if (folded != null && folded) {
            wish(false);
        }
        choose(next);
        return true;
    }

    private void pressed(KeyEvent event) {
        boolean used =
                switch (event.getCode()) {
                    case ENTER -> answer(0);
                    case DELETE, BACK_SPACE -> answer(1);
                    case A -> answerAll(event.isShiftDown() ? 1 : 0);
                    case RIGHT -> go(work.next(1));
                    case LEFT -> go(work.next(-1));
                    case DOWN -> go(work.nextKind(1));
                    case UP -> go(work.nextKind(-1));
                    default -> false;
                };
        if (used) {
            event.consume();
        }
    }

    private boolean answer(int which) {
        Finding about = about();
        if (about != null && which < about.answers().size()) {
            answer(about, about.answers().get(which));
            return true;
        }
        if (about == null && reply.isPresent() && which < reply.get().choices().size()) {
            reply.get().choices().get(which).action().run();
            return true;
        }
        return false;
    }

    private void answer(Finding finding, Answer answer) {
        if (!acts.give(answer, work.looked())) {
            return;
        }
        // What comes next is looked at while the change is worked out.
        work.answered(finding);
        if (chosen() == null) {
            clearChoice();
        } else {
            choose(chosen());
        }
    }

    private boolean answerAll(int which) {
        Optional<Group> whole = work.whole().filter(group -> which < group.answers().size());
        whole.ifPresent(group -> answerAll(group, group.answers().get(which)));
        return whole.isPresent();
    }

    /** Gives an answer to a whole kind. */
    void answerAll(Group group, Answer answer) {
        if (acts.give(answer, work.looked())) {
            work.answered(group);
            clearChoice();
        }
    }
}

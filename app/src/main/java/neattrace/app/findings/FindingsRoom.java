package neattrace.app.findings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
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
import neattrace.finding.Kind;
import neattrace.finding.Place;
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
    private final Label heading = new Label();
    private final ListView<Row> list = new ListView<>();
    private final Detail detail = new Detail();
    private final Label hint = new Label();
    private final VBox open;
    private final Edge edge = new Edge(() -> wish(false));
    private final Thumbnails thumbnails = new Thumbnails();
    private final Map<String, String> openKinds = new HashMap<>();

    /** What was answered since what is shown was found. */
    private final Set<Told> answered = new HashSet<>();

    private Looked looked;
    private String station = "";
    private Optional<Reply> reply = Optional.empty();
    private Finding chosen;

    /** Whether the room is to be folded; null leaves it to whether there is anything. */
    private Boolean folded;

    /** What tells a finding from others. */
    private record Told(Kind kind, Optional<Place> place, String title) {

        static Told of(Finding finding) {
            return new Told(finding.kind(), finding.place(), finding.title());
        }
    }

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
        render("");
    }

    /**
     * Shows what is found at a station.
     *
     * @param found all that was found; null if nothing is known or there is no drawing
     * @param where the station's key
     * @param said what the station says to something asked
     * @param otherwise what is said if there is nothing
     */
    public void show(Looked found, String where, Optional<Reply> said, String otherwise) {
        if (found != looked) {
            if (found == null || acts.isNewest(found)) {
                answered.clear();
            }
            chosen = again(found, chosen);
        }
        if (!where.equals(station)) {
            chosen = null;
        }
        looked = found;
        station = where;
        reply = said;
        render(otherwise);
    }

    /** The finding that takes the place of one that was chosen before; null if none does. */
    private static Finding again(Looked found, Finding before) {
        if (found == null || before == null) {
            return null;
        }
        return found.findings().at(before.kind().station()).stream()
                .filter(group -> group.kind().equals(before.kind()))
                .flatMap(group -> group.findings().stream())
                .filter(one -> Told.of(one).equals(Told.of(before)))
                .findFirst()
                .orElse(null);
    }

    private List<Group> groups() {
        return looked == null ? List.of() : looked.findings().at(station);
    }

    private List<Finding> left(Group group) {
        return group.findings().stream().filter(one -> !answered.contains(Told.of(one))).toList();
    }

    private void render(String otherwise) {
        List<Row> rows = new ArrayList<>();
        List<Group> shown = groups().stream().filter(group -> !left(group).isEmpty()).toList();
        String openKind = openKind(shown);
        for (Group group : shown) {
            rows.addAll(Row.of(group, left(group), group.kind().key().equals(openKind)));
        }
        list.getItems().setAll(rows);
        list.setVisible(!rows.isEmpty());
        list.setManaged(!rows.isEmpty());
        heading.setText(rows.isEmpty() ? otherwise : heading(shown));
        showDetail();
        hint.setText(
                rows.isEmpty()
                        ? ""
                        : chosen == null
                                ? "N goes to the first place."
                                : "N next place · A answers the whole kind");
        hint.setVisible(!rows.isEmpty());
        hint.setManaged(!rows.isEmpty());
        boolean nothing = rows.isEmpty() && reply.isEmpty();
        boolean sure = looked == null ? otherwise.isEmpty() : looked.whole();
        fold(folded == null ? nothing && sure : folded);
        edge.show(shown);
    }

    /** The kind that is open: the one chosen to be, else the most serious one. */
    private String openKind(List<Group> shown) {
        String wanted = openKinds.get(station);
        boolean there =
                wanted != null
                        && (wanted.isEmpty()
                                || shown.stream()
                                        .anyMatch(group -> group.kind().key().equals(wanted)));
        return there ? wanted : shown.isEmpty() ? "" : shown.get(0).kind().key();
    }

    private static String heading(List<Group> shown) {
        Findings findings = new Findings(shown);
        String at = shown.get(0).kind().station();
        int stop = findings.kinds(at, Severity.STOP);
        int look = findings.kinds(at, Severity.LOOK);
        List<String> parts = new ArrayList<>();
        if (stop > 0) {
            parts.add(stop == 1 ? "1 stops the job" : stop + " stop the job");
        }
        if (look > 0) {
            parts.add(look + " to look at");
        }
        String kinds = shown.size() == 1 ? "1 kind" : shown.size() + " kinds";
        return kinds + ": " + (parts.isEmpty() ? "good to know" : String.join(", ", parts));
    }

    /** What is chosen, else the first of the open kind: what the answers below are about. */
    private Finding about() {
        if (chosen != null || reply.isPresent()) {
            return chosen;
        }
        List<Group> shown = groups().stream().filter(group -> !left(group).isEmpty()).toList();
        String kind = openKind(shown);
        return shown.stream()
                .filter(group -> group.kind().key().equals(kind))
                .findFirst()
                .map(group -> left(group).get(0))
                .orElse(null);
    }

    private void showDetail() {
        Finding about = about();
        if (chosen == null && reply.isPresent()) {
            detail.show(reply.get().title(), reply.get().reason(), reply.get().choices());
        } else if (about != null) {
            detail.show(
                    about.title(),
                    about.reason(),
                    about.answers().stream()
                            .map(one -> new Choice(one.label(), () -> answer(about, one)))
                            .toList());
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
        return chosen;
    }

    /** How what is looked at is pointed out. */
    public Optional<Mark> mark() {
        return chosen != null ? Marks.of(chosen) : reply.map(Reply::mark);
    }

    /** Nothing is looked at any more. */
    public void clearChoice() {
        chosen = null;
        render(heading.getText());
    }

    /** The findings that are told at this station, in their order. */
    public List<Finding> findings() {
        return groups().stream().flatMap(group -> left(group).stream()).toList();
    }

    Image thumbnail(Finding finding) {
        return thumbnails.of(looked.drawing(), finding.place().orElseThrow());
    }

    /** Opens a kind, or closes the open one. */
    void turn(Group group) {
        boolean isOpen = group.kind().key().equals(openKind(groups()));
        openKinds.put(station, isOpen ? "" : group.kind().key());
        if (!isOpen && left(group).size() == 1) {
            choose(left(group).get(0));
            return;
        }
        render(heading.getText());
        list.requestFocus();
    }

    /** Looks at a finding. */
    void choose(Finding finding) {
        chosen = finding;
        openKinds.put(station, finding.kind().key());
        render(heading.getText());
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
        List<Finding> all = findings();
        if (all.isEmpty()) {
            return;
        }
        int at = indexOf(all, chosen);
        if (folded != null && folded) {
            wish(false);
        }
        choose(all.get(Math.floorMod(at < 0 && by > 0 ? 0 : Math.max(at, 0) + by, all.size())));
    }

    private static int indexOf(List<Finding> all, Finding one) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) == one) {
                return i;
            }
        }
        return -1;
    }

    private void pressed(KeyEvent event) {
        boolean used =
                switch (event.getCode()) {
                    case ENTER -> answer(0);
                    case DELETE, BACK_SPACE -> answer(1);
                    case A -> answerAll(event.isShiftDown() ? 1 : 0);
                    case RIGHT -> stepped(1);
                    case LEFT -> stepped(-1);
                    case DOWN -> stepKind(1);
                    case UP -> stepKind(-1);
                    default -> false;
                };
        if (used && event.getCode() != KeyCode.TAB) {
            event.consume();
        }
    }

    private boolean stepped(int by) {
        step(by);
        return true;
    }

    /** Goes on to the first finding of the next kind. */
    private boolean stepKind(int by) {
        List<Group> shown = groups().stream().filter(group -> !left(group).isEmpty()).toList();
        if (shown.isEmpty()) {
            return false;
        }
        int at = -1;
        for (int i = 0; i < shown.size(); i++) {
            at = shown.get(i).kind().key().equals(openKind(shown)) ? i : at;
        }
        int next = chosen == null && at >= 0 ? at : Math.floorMod(at + by, shown.size());
        choose(left(shown.get(next)).get(0));
        return true;
    }

    private boolean answer(int which) {
        if (chosen == null && reply.isPresent() && which < reply.get().choices().size()) {
            reply.get().choices().get(which).action().run();
            return true;
        }
        Finding about = about();
        if (about == null || which >= about.answers().size()) {
            return false;
        }
        answer(about, about.answers().get(which));
        return true;
    }

    private void answer(Finding finding, Answer answer) {
        List<Finding> before = findings();
        if (!acts.give(answer, looked)) {
            return;
        }
        // What comes next is looked at while the change is worked out.
        answered.add(Told.of(finding));
        List<Finding> rest = findings();
        int at = indexOf(before, finding);
        boolean sameKind =
                at >= 0 && at < rest.size() && rest.get(at).kind().equals(finding.kind());
        if (sameKind) {
            choose(rest.get(at));
        } else {
            clearChoice();
        }
    }

    private boolean answerAll(int which) {
        String kind = openKind(groups());
        for (Group group : groups()) {
            boolean whole = left(group).size() == group.findings().size();
            if (group.kind().key().equals(kind) && whole && which < group.answers().size()) {
                answerAll(group, group.answers().get(which));
                return true;
            }
        }
        return false;
    }

    /** Gives an answer to a whole kind. */
    void answerAll(Group group, Answer answer) {
        if (acts.give(answer, looked)) {
            group.findings().forEach(one -> answered.add(Told.of(one)));
            clearChoice();
        }
    }
}

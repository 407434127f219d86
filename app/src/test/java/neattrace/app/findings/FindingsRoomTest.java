package neattrace.app.findings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.work.Looked;
import neattrace.app.work.LookedDrawing;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Severity;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
@Tag("thorough")
class FindingsRoomTest implements FindingsRoom.Acts {

    private static final Kind LEAK = new Kind("close", "leak", Severity.STOP, Cost.RUN, "%d leaks");
    private static final Kind BLOT =
            new Kind("close", "blot", Severity.LOOK, Cost.PLACE, "%d blots");
    private static final Kind ELSEWHERE =
            new Kind("press", "wet", Severity.STOP, Cost.RUN, "%d wet");

    private final List<String> done = new ArrayList<>();
    private boolean newest = true;
    private FindingsRoom room;

    @Start
    void start(Stage stage) {
        room = new FindingsRoom(this);
        stage.setScene(new Scene(room, 320, 600));
        stage.show();
    }

    @Override
    public void lookAt(Finding finding) {
        done.add("look " + finding.title());
    }

    @Override
    public boolean isNewest(Looked found) {
        return newest;
    }

    @Override
    public boolean give(Answer answer, Looked about) {
        done.add(answer.label());
        return answer instanceof Answer.Change;
    }

    private static Answer answer(String label) {
        return new Answer.Change(label, label, label, (job, drawing) -> job);
    }

    private static Finding finding(Kind kind, String title) {
        return Finding.of(kind, title, "because", answer("yes " + title), answer("no " + title));
    }

    private static Group group(Kind kind, String... titles) {
        List<Finding> findings = new ArrayList<>();
        for (String title : titles) {
            findings.add(finding(kind, title));
        }
        return new Group(kind, findings, 0, List.of(answer("all yes"), answer("all no")));
    }

    private static Looked looked(Group... groups) {
        return new LookedDrawing(null, new Findings(List.of(groups)), true);
    }

    private void show(FxRobot robot, Looked looked) {
        robot.interact(() -> room.show(looked, "close", Optional.empty(), "All clear."));
    }

    private static boolean isFolded(FxRobot robot) {
        boolean edge = robot.lookup("#findings-edge").query().isVisible();
        assertThat(robot.lookup("#findings-open").query().isVisible()).isEqualTo(!edge);
        return edge;
    }

    private List<String> titles() {
        return room.findings().stream().map(Finding::title).toList();
    }

    @Test
    void findingsAreWorkedThroughByKeyboardTheMostSeriousFirst(FxRobot robot) {
        show(robot, looked(group(BLOT, "c", "d"), group(LEAK, "a", "b")));
        robot.interact(() -> room.step(1));
        robot.push(KeyCode.ENTER).push(KeyCode.DELETE);
        assertThat(done).containsExactly("look a", "yes a", "look b", "no b");
        assertThat(titles()).as("what is answered goes at once").containsExactly("c", "d");
        robot.interact(() -> room.step(1));
        robot.push(KeyCode.RIGHT);
        assertThat(done).endsWith("look c", "look d");
        robot.push(KeyCode.RIGHT);
        assertThat(room.chosen().title()).as("round again").isEqualTo("c");
    }

    @Test
    void oneKeyAnswersAWholeKindAndAnotherTheOtherWay(FxRobot robot) {
        show(robot, looked(group(LEAK, "a", "b"), group(BLOT, "c", "d")));
        robot.interact(() -> room.step(1));
        robot.push(KeyCode.A);
        assertThat(titles()).containsExactly("c", "d");
        robot.push(KeyCode.DOWN).push(KeyCode.SHIFT, KeyCode.A);
        assertThat(done).contains("all yes", "all no");
        assertThat(titles()).isEmpty();
    }

    @Test
    void aKindSomeOfWhichIsAnsweredIsNoLongerAnsweredAsAWhole(FxRobot robot) {
        show(robot, looked(group(LEAK, "a", "b", "c")));
        robot.interact(() -> room.step(1));
        robot.push(KeyCode.ENTER).push(KeyCode.A);
        assertThat(done).doesNotContain("all yes");
        assertThat(titles()).containsExactly("b", "c");
    }

    @Test
    void whatIsFoundAnewComesBackOnlyIfItWasFoundAfterTheAnswer(FxRobot robot) {
        show(robot, looked(group(LEAK, "a", "b")));
        robot.interact(() -> room.step(1));
        robot.push(KeyCode.ENTER);
        newest = false;
        show(robot, looked(group(LEAK, "a", "b")));
        assertThat(titles()).containsExactly("b");
        newest = true;
        show(robot, looked(group(LEAK, "a", "b")));
        assertThat(titles()).containsExactly("a", "b");
    }

    @Test
    void whatIsLookedAtStaysLookedAtWhenItIsFoundAgain(FxRobot robot) {
        show(robot, looked(group(LEAK, "a", "b", "c")));
        robot.interact(() -> room.step(1));
        robot.interact(() -> room.step(1));
        show(robot, looked(group(LEAK, "a0", "b", "c")));
        assertThat(room.chosen().title()).isEqualTo("b");
        assertThat(done).as("the table does not move").containsExactly("look a", "look b");
    }

    @Test
    void itFoldsWhereThereIsNothingAndOpensAgain(FxRobot robot) {
        show(robot, looked(group(ELSEWHERE, "x")));
        assertThat(isFolded(robot)).isTrue();
        robot.clickOn("#open-findings");
        assertThat(isFolded(robot)).isFalse();
        assertThat(robot.lookup("All clear.").tryQuery()).isPresent();
        robot.clickOn("#fold-findings");
        assertThat(isFolded(robot)).isTrue();
        robot.interact(() -> room.step(1));
        assertThat(room.chosen()).isNull();
    }

    @Test
    void theNextFindingOpensAFoldedRoom(FxRobot robot) {
        show(robot, looked(group(LEAK, "a")));
        robot.clickOn("#fold-findings");
        robot.interact(() -> room.step(1));
        assertThat(isFolded(robot)).isFalse();
        assertThat(room.chosen().title()).isEqualTo("a");
    }

    @Test
    void manyFindingsOfAKindAreTold(FxRobot robot) {
        String[] titles =
                IntStream.range(0, 500).mapToObj(i -> "place " + i).toArray(String[]::new);
        show(robot, looked(group(LEAK, titles)));
        assertThat(robot.lookup("500 leaks").tryQuery()).isPresent();
        robot.interact(() -> room.step(-1));
        assertThat(room.chosen().title()).isEqualTo("place 499");
        robot.push(KeyCode.ENTER);
        assertThat(titles()).hasSize(499);
    }
}

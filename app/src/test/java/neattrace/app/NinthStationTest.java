package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.util.Duration;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.Folders;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Severity;
import neattrace.inspection.Inspection;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A station more is a panel, an inspection, and a line for each in a list. */
class NinthStationTest extends WindowTest {

    private static final Kind UNNAMED =
            new Kind("names", "unnamed", Severity.LOOK, Cost.LITTLE, "%d names missing");

    private final AtomicInteger looks = new AtomicInteger();
    private final AtomicReference<Boolean> onTheWindowsThread = new AtomicReference<>(false);

    /** Whether the drawing's name is more than a file's. */
    private Inspection<String> names() {
        return new Inspection<>(
                "names",
                List.of(UNNAMED),
                known -> known.drawing().job().title(),
                title -> {
                    looks.incrementAndGet();
                    onTheWindowsThread.compareAndSet(false, Platform.isFxApplicationThread());
                    return title.contains(" ") ? List.of() : List.of(Group.of(unnamed(title)));
                });
    }

    private static Finding unnamed(String title) {
        return Finding.of(
                UNNAMED,
                "“" + title + "” is no name",
                "A file's name tells a client nothing.",
                new Answer.Change(
                        "name",
                        "Call it “A drawing”",
                        "Name",
                        (job, drawing) -> job.withTitle("A drawing")));
    }

    private record Names(Bench bench, Label name) implements StationPanel {

        @Override
        public Stop stop() {
            return new Stop("names", "Names", KeyCode.K, "M3 3 H21");
        }

        @Override
        public String purpose() {
            return "What is it called?";
        }

        @Override
        public Node content() {
            return name;
        }

        @Override
        public void show(Shown shown) {
            name.setText(shown.drawing().job().title());
        }

        @Override
        public TableMode usualMode() {
            return TableMode.ALL;
        }

        @Override
        public boolean isTouched(Job job) {
            return job.title().contains(" ");
        }

        @Override
        public String whenClear() {
            return "It has a name.";
        }
    }

    @Start
    void start(Stage stage) {
        List<Inspection<?>> inspections = new ArrayList<>(Inspector.ALL);
        inspections.add(names());
        workspace =
                new Workspace(
                        Folders.below(folder.resolve("ninth")), inspections, Duration.INDEFINITE);
        workbench =
                NeatTraceApp.show(
                        stage,
                        workspace,
                        bench -> {
                            List<StationPanel> all = new ArrayList<>(Stations.all(bench));
                            all.add(new Names(bench, new Label()));
                            return all;
                        });
    }

    @Test
    void itIsOnTheRouteFindsAndSettles(FxRobot robot) throws Exception {
        open(robot, boxes("ninth.png", 300));
        robot.push(KeyCode.K);
        assertThat(robot.lookup("What is it called?").tryQuery()).isPresent();
        assertThat(robot.from(robot.lookup("#stop-names")).lookup("1 to look at").tryQuery())
                .isPresent();
        robot.push(KeyCode.N).push(KeyCode.ENTER);
        settled();
        assertThat(workspace.job().title()).isEqualTo("A drawing");
        assertThat(robot.from(robot.lookup("#stop-names")).lookup("settled").tryQuery())
                .isPresent();
        assertThat(looks.get()).as("it is looked for again only of another name").isEqualTo(2);
    }

    @Test
    void nothingIsLookedForOnTheWindowsThread(FxRobot robot) throws Exception {
        open(robot, boxes("thread.png", 300));
        robot.push(KeyCode.C).push(KeyCode.N).push(KeyCode.ENTER);
        settled();
        assertThat(looks.get()).isPositive();
        assertThat(onTheWindowsThread.get()).isFalse();
    }
}

package neattrace.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class OncePerPulseTest {

    private final AtomicInteger done = new AtomicInteger();
    private final Pane node = new Pane();
    private OncePerPulse once;
    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        once = new OncePerPulse(node, done::incrementAndGet);
        stage.setScene(new Scene(new Group(node), 100, 100));
        stage.show();
    }

    private void until(int times) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> done.get() >= times);
        // A picture later nothing more has come.
        AtomicInteger pictures = new AtomicInteger();
        Runnable count = pictures::incrementAndGet;
        Platform.runLater(
                () -> {
                    stage.getScene().addPostLayoutPulseListener(count);
                    Platform.requestNextPulse();
                });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> pictures.get() > 0);
        assertThat(done.get()).isEqualTo(times);
    }

    @Test
    void manyRequestsAreOne(FxRobot robot) throws Exception {
        robot.interact(
                () -> {
                    once.ask();
                    once.ask();
                    once.ask();
                    assertThat(done.get()).isZero();
                });
        until(1);
        robot.interact(once::ask);
        until(2);
    }

    @Test
    void whatWasDoneAtOnceIsNotDoneAgain(FxRobot robot) throws Exception {
        robot.interact(
                () -> {
                    once.doIfAsked();
                    once.ask();
                    once.doIfAsked();
                    once.doIfAsked();
                });
        until(1);
    }

    @Test
    void anotherSceneTakesTheRequestAlong(FxRobot robot) throws Exception {
        robot.interact(
                () -> {
                    once.ask();
                    ((Group) node.getParent()).getChildren().clear();
                    stage.setScene(new Scene(new Group(node), 120, 120));
                });
        until(1);
    }
}

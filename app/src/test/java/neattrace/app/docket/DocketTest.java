package neattrace.app.docket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

import java.util.function.DoubleConsumer;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
@Tag("thorough")
class DocketTest {

    private final DoubleConsumer whenSet = mock(DoubleConsumer.class);
    private NumberField field;
    private Button elsewhere;

    @Start
    void start(Stage stage) {
        field = new NumberField("Gap width", "mm", 0, 4, 0.1, whenSet);
        field.show(1);
        elsewhere = new Button("elsewhere");
        stage.setScene(
                new Scene(new VBox(new Sentence("Gaps up to", field, "."), elsewhere), 360, 500));
        stage.show();
    }

    private void type(FxRobot robot, String text) {
        robot.clickOn(field);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
    }

    @Test
    void aNumberIsTakenWithItsUnitAndWithAComma(FxRobot robot) {
        type(robot, "0,75");
        robot.push(KeyCode.ENTER);
        verify(whenSet).accept(0.75);
        assertThat(field.getText()).isEqualTo("0.75 mm");
        type(robot, "1.5 mm");
        robot.clickOn(elsewhere);
        verify(whenSet).accept(1.5);
        verifyNoMoreInteractions(whenSet);
    }

    /** The field shows two decimals of what may have more; a visit must not round it. */
    @Test
    void visitingAFieldChangesNothing(FxRobot robot) {
        robot.clickOn(elsewhere);
        robot.interact(() -> field.show(0.1267));
        assertThat(field.getText()).isEqualTo("0.13 mm");
        robot.clickOn(field);
        robot.clickOn(elsewhere);
        verify(whenSet, never()).accept(anyDouble());
    }

    /** A number that changes while the field has the focus must not be set back by leaving it. */
    @Test
    void aFieldThatIsVisitedFollowsTheDrawing(FxRobot robot) {
        robot.clickOn(field);
        robot.interact(() -> field.show(1.6));
        assertThat(field.getText()).isEqualTo("1.6 mm");
        robot.clickOn(elsewhere);
        verify(whenSet, never()).accept(anyDouble());
        robot.clickOn(field);
        robot.write("2");
        String typed = field.getText();
        robot.interact(() -> field.show(0.4));
        assertThat(field.getText()).as("what is being typed stays").isEqualTo(typed);
    }

    @Test
    void whatIsNoNumberIsPutBack(FxRobot robot) {
        type(robot, "wide");
        robot.push(KeyCode.ENTER);
        assertThat(field.getText()).isEqualTo("1 mm");
        type(robot, "");
        robot.push(KeyCode.ENTER);
        assertThat(field.getText()).isEqualTo("1 mm");
        verify(whenSet, never()).accept(anyDouble());
    }

    @Test
    void numbersStayWithinTheirRange(FxRobot robot) {
        type(robot, "99");
        robot.push(KeyCode.ENTER);
        verify(whenSet).accept(4);
        type(robot, "-3");
        robot.push(KeyCode.ENTER);
        verify(whenSet).accept(0);
    }

    @Test
    void keysStepTheNumberAndEscapePutsItBack(FxRobot robot) {
        robot.clickOn(field);
        robot.push(KeyCode.UP);
        verify(whenSet).accept(1.1);
        robot.push(KeyCode.DOWN);
        verify(whenSet).accept(1);
        type(robot, "2.2");
        robot.push(KeyCode.ESCAPE);
        assertThat(field.getText()).isEqualTo("1 mm");
    }
}

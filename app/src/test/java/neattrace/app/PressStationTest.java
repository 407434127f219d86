package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neattrace.app.station.press.PressPanel;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.Tone;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Plates, black, inks and the stand-in press at Press in a real window. */
class PressStationTest extends WindowTest {

    private static final Swatch SEA = new Swatch(1, "Sea", new Cmyk(80, 30, 10, 0));

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private PressPanel panel() {
        return workbench.station(PressPanel.class);
    }

    private void press(FxRobot robot) throws Exception {
        open(robot, boxes("press.png", 300));
        robot.interact(
                () ->
                        workspace.change(
                                "Colour",
                                job ->
                                        job.withSwatch(SEA)
                                                .withFills(
                                                        drawing().areas().enclosed().stream()
                                                                .limit(1)
                                                                .map(
                                                                        area ->
                                                                                new Fill(
                                                                                        drawing()
                                                                                                .anchorMm(
                                                                                                        area),
                                                                                        1))
                                                                .toList())));
        settled();
        robot.push(KeyCode.P);
        until(() -> robot.lookup("#plate-1").tryQuery().isPresent());
    }

    private static boolean says(FxRobot robot, String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.isVisible() && label.getText().contains(words));
    }

    private void step(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryAs(ToggleButton.class).fire());
    }

    private void fire(FxRobot robot, String id) throws Exception {
        until(() -> robot.lookup(id).tryQuery().isPresent());
        robot.interact(() -> robot.lookup(id).queryAs(Button.class).fire());
    }

    @Test
    void platesAreLookedAtByKeys(FxRobot robot) throws Exception {
        press(robot);
        assertThat(says(robot, "ink in one place")).isTrue();
        robot.push(KeyCode.DIGIT1);
        until(() -> panel().shownInks().size() == 1);
        String first = panel().shownInks().get(0);
        robot.push(KeyCode.SHIFT, KeyCode.DIGIT2);
        until(() -> panel().shownInks().size() == 2);
        assertThat(panel().shownInks()).contains(first);
        robot.push(KeyCode.ESCAPE);
        until(() -> panel().shownInks().isEmpty());
        robot.push(KeyCode.DIGIT1).push(KeyCode.O).push(KeyCode.DIGIT1);
        until(() -> panel().shownInks().isEmpty());
        robot.push(KeyCode.I).push(KeyCode.I).push(KeyCode.G);
        assertThat(robot.lookup("#see-ground").queryAs(Button.class).getText())
                .isEqualTo("Its own paper");
        robot.push(KeyCode.F);
        until(() -> !robot.lookup("#plates-view").query().isVisible());
    }

    @Test
    void theFootTellsInksAndTheirTotal(FxRobot robot) throws Exception {
        press(robot);
        Point anchor = drawing().anchorMm(drawing().areas().enclosed().get(0));
        Label foot = robot.lookup("#foot-under").queryAs(Label.class);
        Point2D at = panel().onScreen(anchor);
        robot.moveTo(at).moveBy(1, 1);
        until(() -> foot.getText().contains("C80 M30 Y10: 120 %"));
    }

    @Test
    void blackTrapsAndLimitAreSetAndTakenBack(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-black-traps");
        fire(robot, "#black-rule");
        settled();
        assertThat(drawing().job().press().school()).isEqualTo(BlackSchool.AS_DRAWN);
        set(robot, "#register", "0.3");
        robot.interact(() -> workbench.table().requestFocus());
        settled();
        assertThat(drawing().job().press().registerMm()).isEqualTo(0.3);
        set(robot, "#ink-limit", "240");
        robot.interact(() -> workbench.table().requestFocus());
        settled();
        assertThat(drawing().job().press().inkLimit()).isEqualTo(240);
        fire(robot, "#press-as-goods");
        settled();
        assertThat(drawing().job().press().registerMm()).isEqualTo(-1);
        robot.interact(() -> workspace.undo());
        settled();
        assertThat(drawing().job().press().registerMm()).isEqualTo(0.3);
    }

    @Test
    void aProfileIsOpenedAndADamagedOneIsRefused(FxRobot robot) throws Exception {
        press(robot);
        Path file = folder.resolve("own.icc");
        byte[] bytes = PressProfile.bundled().bytes();
        Files.write(file, Arrays.copyOf(bytes, 300));
        robot.interact(() -> panel().openProfile(file));
        until(() -> says(robot, "damaged"));
        int at = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("Coated");
        bytes[at] = 'F';
        Files.write(file, bytes);
        robot.interact(() -> panel().openProfile(file));
        settled();
        assertThat(drawing().job().press().profile().name()).startsWith("Foated");
        step(robot, "#step-black-traps");
        fire(robot, "#profile-look");
        settled();
        Cmyk now = drawing().job().swatch(1).orElseThrow().build();
        assertThat(drawing().job().swatch(1).orElseThrow().wish()).isPresent();
        assertThat(now.total()).isLessThanOrEqualTo(300);
        fire(robot, "#profile-shipped");
        settled();
        assertThat(drawing().job().press().profile().isBundled()).isTrue();
    }

    @Test
    void aColourIsTypedAsScreenColourAndAsMeasured(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-colours");
        set(robot, "#swatch-hex", "#00FF30");
        robot.interact(() -> workbench.table().requestFocus());
        until(() -> drawing().job().swatch(1).orElseThrow().wish().isPresent());
        until(() -> says(robot, "duller"));
        fire(robot, "#neighbour-0");
        settled();
        set(robot, "#swatch-lab", "50 0 0");
        robot.interact(() -> workbench.table().requestFocus());
        until(
                () ->
                        Math.abs(
                                        PressProfile.bundled()
                                                        .lab(
                                                                drawing()
                                                                        .job()
                                                                        .swatch(1)
                                                                        .orElseThrow()
                                                                        .build())
                                                        .l()
                                                - 50)
                                < 2);
        fire(robot, "#swatch-spot");
        until(() -> drawing().job().swatch(1).orElseThrow().spot().isPresent());
        until(() -> says(robot, "An ink of its own"));
    }

    @Test
    void inOneColourAClickDarkensAnArea(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-inks");
        fire(robot, "#one-colour");
        settled();
        assertThat(drawing().job().press().oneColour().on()).isTrue();
        until(() -> panel().inks() == 1);
        Point anchor = drawing().anchorMm(drawing().areas().enclosed().get(0));
        robot.clickOn(panel().onScreen(anchor), MouseButton.PRIMARY);
        until(() -> drawing().job().press().oneColour().byHand().size() == 1);
        Tone first = drawing().job().press().oneColour().byHand().get(0).tone();
        until(() -> panel().inks() == 1);
        assertThat(first).isNotEqualTo(Tone.BARE);
        robot.interact(() -> workspace.undo());
        settled();
        assertThat(drawing().job().press().oneColour().byHand()).isEmpty();
    }

    @Test
    void sheetsArePrintedOnTheStandInAndLookedAt(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-rehearse");
        set(robot, "#press-sheets", "12");
        robot.interact(() -> workbench.table().requestFocus());
        fire(robot, "#press-run");
        until(() -> says(robot, "As drawn"));
        until(
                () ->
                        robot.lookup("#press-run")
                                .queryAs(Button.class)
                                .getText()
                                .equals("Print them"));
        assertThat(says(robot, "As made ready")).isTrue();
        fire(robot, "#sheet-worst");
        fire(robot, "#without-0");
        fire(robot, "#sheet-plates");
        assertThat(says(robot, "of 100 sheets fail (12 printed)")).isTrue();
    }
}

package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import neattrace.app.station.press.PressPanel;
import neattrace.finding.Finding;
import neattrace.flat.Fill;
import neattrace.flat.StarterPalette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.GoodsSection;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
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
        show(stage, Duration.millis(500));
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
        until(() -> drawing().job().press().profile().name().startsWith("Foated"));
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
        set(robot, "#swatch-called", "Pond");
        set(robot, "#swatch-hex", "51 102 153");
        robot.interact(() -> workbench.table().requestFocus());
        until(
                () ->
                        drawing()
                                .job()
                                .swatch(1)
                                .orElseThrow()
                                .wish()
                                .equals(Optional.of(new Rgb(51, 102, 153))));
        assertThat(drawing().job().swatch(1).orElseThrow().name()).isEqualTo("Pond");
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

    @Test
    void blackIsGivenColoursAndTakenThemByKeysAlone(FxRobot robot) throws Exception {
        press(robot);
        robot.push(KeyCode.U);
        Point2D at = panel().onScreen(onLine());
        var view = robot.lookup("#plates-view").query();
        Point2D middle =
                view.localToScreen(
                        view.getLayoutBounds().getWidth() / 2,
                        view.getLayoutBounds().getHeight() / 2);
        double mm = workspace.overScaleProperty().get();
        walk(robot, at.getX() - middle.getX(), mm, KeyCode.RIGHT, KeyCode.LEFT);
        walk(robot, at.getY() - middle.getY(), mm, KeyCode.DOWN, KeyCode.UP);
        robot.push(KeyCode.SPACE);
        until(() -> drawing().job().press().choices().size() == 1);
        settled();
        robot.push(KeyCode.SPACE);
        until(() -> drawing().job().press().choices().isEmpty());
    }

    /** A place in the middle of a line of the boxes, mm on the sheet. */
    private Point onLine() {
        return new Point(
                drawing().extent().left() + 0.3,
                (drawing().extent().top() + drawing().extent().bottom()) / 2);
    }

    private static void walk(FxRobot robot, double px, double mm, KeyCode there, KeyCode back) {
        KeyCode way = px > 0 ? there : back;
        double left = Math.abs(px);
        while (left >= mm) {
            robot.push(way);
            left -= mm;
        }
        for (int i = 0; i < Math.round(left); i++) {
            robot.push(KeyCode.SHIFT, way);
        }
    }

    @Test
    void inksAreLaidInAnotherOrder(FxRobot robot) throws Exception {
        press(robot);
        until(() -> says(robot, "Yellow"));
        fire(robot, "#earlier-4");
        settled();
        assertThat(drawing().job().press().order())
                .containsExactly("Yellow", "Cyan", "Black", "Magenta");
        robot.push(KeyCode.DIGIT3);
        until(() -> panel().shownInks().equals(List.of("Black")));
        fire(robot, "#most-ink-0");
    }

    @Test
    void mergesAreLookedAtBeforeTheyAreTaken(FxRobot robot) throws Exception {
        press(robot);
        robot.interact(
                () ->
                        workspace.change(
                                "Two colours",
                                job ->
                                        job.withSwatch(
                                                        new Swatch(
                                                                2, "Sand", new Cmyk(5, 20, 50, 0)))
                                                .withFills(List.of(fill(0, 1), fill(1, 2)))));
        settled();
        step(robot, "#step-inks");
        fire(robot, "#look-merge-0");
        until(() -> says(robot, "As it would be: "));
        assertThat(drawing().job().press().merged()).isEmpty();
        robot.push(KeyCode.ESCAPE);
        until(() -> !says(robot, "As it would be: "));
        fire(robot, "#merge-0");
        settled();
        assertThat(drawing().job().press().merged()).hasSize(1);
    }

    private Fill fill(int area, int swatch) {
        return new Fill(drawing().anchorMm(drawing().areas().enclosed().get(area)), swatch);
    }

    @Test
    void coloursComeFromPalettesAndOffPictures(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-colours");
        fire(robot, "#choose-colour");
        fire(robot, "#palette-1-1");
        settled();
        assertThat(drawing().job().swatch(1).orElseThrow().build())
                .isEqualTo(StarterPalette.ALL.get(1).colours().get(1).build());
        fire(robot, "#choose-colour");
        BufferedImage picture = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 60 * 40; i++) {
            picture.setRGB(i % 60, i / 60, i % 60 < 30 ? 0x336699 : 0xCC3322);
        }
        Path file = folder.resolve("beach.png");
        ImageIO.write(picture, "png", file.toFile());
        robot.interact(() -> panel().openPicture(file));
        until(() -> robot.lookup("#picture-picker").query().isVisible());
        robot.interact(() -> robot.lookup("#picture-picker").query().requestFocus());
        for (int i = 0; i < 8; i++) {
            robot.push(KeyCode.LEFT);
        }
        robot.push(KeyCode.ENTER);
        until(
                () ->
                        drawing().job().swatch(1).orElseThrow().wish().isPresent()
                                && drawing()
                                        .job()
                                        .swatch(1)
                                        .orElseThrow()
                                        .wish()
                                        .get()
                                        .equals(new Rgb(0x33, 0x66, 0x99)));
    }

    @Test
    void aColourIsChosenByEyeWithKeysAlone(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-colours");
        var before = drawing().job().swatch(1).orElseThrow();
        robot.interact(() -> robot.lookup("#reach-picker").query().requestFocus());
        for (int i = 0; i < 5; i++) {
            robot.push(KeyCode.RIGHT);
        }
        robot.push(KeyCode.UP).push(KeyCode.PLUS).push(KeyCode.ENTER);
        until(() -> drawing().job().swatch(1).orElseThrow().wish().isPresent());
        var now = drawing().job().swatch(1).orElseThrow();
        var press = PressProfile.bundled();
        // Five steps of six degrees, and one of light.
        assertThat(now.wish().get().toLab().hue())
                .isCloseTo(press.preview(before.build()).toLab().hue() + 30, within(3.0));
        assertThat(now.wish().get().toLab().l())
                .isCloseTo(press.preview(before.build()).toLab().l() + 4, within(1.0));
    }

    @Test
    void anInkOfItsOwnHasAColourOnScreenOfItsOwn(FxRobot robot) throws Exception {
        press(robot);
        step(robot, "#step-colours");
        fire(robot, "#swatch-spot");
        until(() -> drawing().job().swatch(1).orElseThrow().spot().isPresent());
        settled();
        var ink = drawing().job().swatch(1).orElseThrow().spot();
        set(robot, "#swatch-hex", "#FF00CC");
        robot.interact(() -> workbench.table().requestFocus());
        until(() -> drawing().job().swatch(1).orElseThrow().wish().isPresent());
        assertThat(drawing().job().swatch(1).orElseThrow().spot()).isEqualTo(ink);
        assertThat(drawing().job().swatch(1).orElseThrow().wish()).contains(new Rgb(0xFF, 0, 0xCC));
    }

    @Test
    void aFindingOfThePressIsLookedAtOnThePlates(FxRobot robot) throws Exception {
        press(robot);
        robot.interact(
                () ->
                        workspace.change(
                                "Goods",
                                job ->
                                        job.withGoods(
                                                        GoodsSection.UNDECIDED.with(
                                                                UsualGoods.of(GoodsKind.STICKER)))
                                                .withPress(
                                                        job.press()
                                                                .withSchool(
                                                                        BlackSchool.AS_DRAWN))));
        settled();
        until(() -> findings("press").stream().anyMatch(one -> one.place().isPresent()));
        Finding fringe = findings("press").get(0);
        assertThat(fringe.reason()).contains("of 100 sheets");
        double before = workspace.overScaleProperty().get();
        robot.push(KeyCode.N);
        until(() -> workspace.overScaleProperty().get() > before);
        answer(robot, fringe, "keep-back");
        settled();
        assertThat(findings("press")).noneMatch(one -> one.kind().key().equals("black-fringed"));
    }
}

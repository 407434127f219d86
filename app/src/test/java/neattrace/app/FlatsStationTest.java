package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.station.flats.FlatsPanel;
import neattrace.finding.Finding;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.PaletteFile;
import neattrace.geom.Point;
import neattrace.goods.GoodsWish;
import neattrace.job.setting.GoodsSettings;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The Flats station in a real window: two boxes side by side on 40 x 25 mm. */
class FlatsStationTest extends WindowTest {

    private static final Point LEFT = new Point(10, 12);
    private static final Point RIGHT = new Point(30, 12);

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void open(FxRobot robot) throws Exception {
        open(robot, boxes("flats.png", 300));
        twoSwatches(robot);
        robot.push(KeyCode.F);
        robot.push(KeyCode.DIGIT1);
    }

    private void step(FxRobot robot, String name) {
        robot.interact(() -> robot.lookup("#step-" + name).queryAs(ToggleButton.class).fire());
    }

    private void fire(FxRobot robot, String button) throws Exception {
        robot.interact(() -> robot.lookup(button).queryAs(Button.class).fire());
        settled();
    }

    private void choose(FxRobot robot, String card) throws Exception {
        robot.interact(() -> robot.lookup(card).queryAs(ToggleButton.class).fire());
        settled();
    }

    private void type(FxRobot robot, String field, String text) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(text));
    }

    private Integer swatchAt(Point mm) {
        int label = drawing().areaAt(mm).orElseThrow().label();
        return drawing().attachment().swatchOf().get(label);
    }

    private List<Finding> findings() {
        return findings("flats");
    }

    @Test
    void oneSweepColoursAllItGoesOverInOneStep(FxRobot robot) throws Exception {
        open(robot);
        robot.clickOn("#sweep");
        drag(robot, 10, 8, 18, 8, 25, 8);
        settled();
        assertThat(swatchAt(LEFT)).isEqualTo(1);
        assertThat(swatchAt(RIGHT)).isEqualTo(1);
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(drawing().attachment().swatchOf()).isEmpty();
    }

    @Test
    void allLikeThisOneLightUpAndTakeTheColour(FxRobot robot) throws Exception {
        open(robot);
        fire(robot, "#reach");
        assertThat(workbench.station(FlatsPanel.class).target(LEFT).areas()).hasSize(2);
        click(robot, LEFT.x(), LEFT.y());
        settled();
        assertThat(swatchAt(RIGHT)).isEqualTo(1);
        assertThat(message(robot)).contains("2 areas are now Red");
    }

    @Test
    void aGroupIsMarkedOnceAndColouredWithOneClick(FxRobot robot) throws Exception {
        open(robot);
        step(robot, "groups");
        robot.clickOn("#sweep-group");
        assertThat(message(robot)).contains("name first");
        type(robot, "#group-name", "boxes");
        robot.clickOn("#sweep-group");
        drag(robot, 10, 8, 18, 8, 25, 8);
        settled();
        assertThat(workspace.job().groups()).hasSize(1);
        robot.push(KeyCode.ESCAPE);
        step(robot, "colour");
        robot.push(KeyCode.DIGIT2);
        click(robot, RIGHT.x(), RIGHT.y());
        settled();
        assertThat(swatchAt(LEFT)).isEqualTo(2);
    }

    @Test
    void aLineIsColouredOnlyWhenThatIsAskedFor(FxRobot robot) throws Exception {
        open(robot);
        click(robot, 20, 6);
        settled();
        assertThat(workspace.job().line().colour().isBlack()).as("the area beside it").isTrue();
        assertThat(workspace.job().fills()).hasSize(1);
        for (int i = 0; i < 3; i++) {
            fire(robot, "#reach");
        }
        assertThat(workbench.station(FlatsPanel.class).target(new Point(20, 6)).stroke())
                .isNotEmpty();
        click(robot, 20, 6);
        settled();
        assertThat(workspace.job().line().colour().held()).hasSize(1);
        assertThat(workspace.job().fills()).hasSize(1);
    }

    @Test
    void aColourwayHasInksOfItsOwn(FxRobot robot) throws Exception {
        open(robot);
        click(robot, LEFT.x(), LEFT.y());
        settled();
        step(robot, "palette");
        type(robot, "#colourway-name", "Night");
        fire(robot, "#new-colourway");
        assertThat(workspace.job().palette().shown()).isZero();
        robot.interact(
                () ->
                        workspace.change(
                                "Inks",
                                job ->
                                        job.withSwatch(
                                                job.swatch(1)
                                                        .orElseThrow()
                                                        .withBuild(new Cmyk(40, 90, 80, 40)))));
        settled();
        assertThat(drawing().layers().get(0).swatch().build().k()).isEqualTo(40);
        choose(robot, "#colourway-0");
        assertThat(workspace.job().palette().shown()).isEqualTo(Palette.FIRST);
        assertThat(drawing().layers().get(0).swatch().build()).isEqualTo(new Cmyk(0, 90, 80, 0));
        choose(robot, "#colourway-1");
        Node wall = workbench.station(FlatsPanel.class).overTable().orElseThrow();
        fire(robot, "#side-by-side");
        assertThat(wall.isVisible()).isTrue();
        assertThat(robot.lookup(".wall-card").queryAll()).hasSize(2);
        until(
                () ->
                        robot.lookup(".wall-card .image-view").queryAll().stream()
                                .allMatch(view -> ((ImageView) view).getImage() != null));
        robot.push(KeyCode.ESCAPE);
        assertThat(wall.isVisible()).isFalse();
        assertThat(workspace.job().palette().shown()).isZero();
        fire(robot, "#side-by-side");
        fire(robot, "#wall-0");
        assertThat(wall.isVisible()).isFalse();
        assertThat(workspace.job().palette().shown()).isEqualTo(Palette.FIRST);
        choose(robot, "#colourway-1");
        fire(robot, "#drop-colourway");
        assertThat(workspace.job().palette().colourways()).isEmpty();
    }

    @Test
    void aLockedSwatchKeepsItsAreas(FxRobot robot) throws Exception {
        open(robot);
        click(robot, LEFT.x(), LEFT.y());
        settled();
        step(robot, "palette");
        fire(robot, "#swatch-lock");
        assertThat(workspace.job().swatch(1).orElseThrow().locked()).isTrue();
        Node name = robot.lookup("#swatch-name").query();
        assertThat(name.isDisabled()).isTrue();
        robot.push(KeyCode.DIGIT2);
        click(robot, LEFT.x(), LEFT.y());
        assertThat(message(robot)).contains("locked");
        assertThat(swatchAt(LEFT)).isEqualTo(1);
    }

    @Test
    void palettesGoOutAndComeIn(FxRobot robot) throws Exception {
        open(robot);
        Path file = folder.resolve("palette.json");
        robot.interact(
                () ->
                        workbench
                                .station(FlatsPanel.class)
                                .writePalette(PaletteFile.Format.JSON, file));
        until(() -> Files.exists(file));
        robot.interact(() -> workbench.station(FlatsPanel.class).readPalette(file));
        until(() -> workspace.job().swatches().size() == 4);
        settled();
        assertThat(workspace.job().swatches().get(3).build()).isEqualTo(new Cmyk(90, 50, 10, 0));
        assertThat(workspace.job().swatches()).extracting(Swatch::id).doesNotHaveDuplicates();
        Path broken = Files.writeString(folder.resolve("broken.css"), "nothing");
        robot.interact(() -> workbench.station(FlatsPanel.class).readPalette(broken));
        until(() -> workspace.troubleProperty().get().contains("no colour"));
        assertThat(workspace.job().swatches()).hasSize(4);
    }

    @Test
    void coloursMeantToBeOneAreMergedByTheFinding(FxRobot robot) throws Exception {
        open(robot);
        robot.interact(
                () ->
                        workspace.change(
                                "Two reds",
                                job ->
                                        job.withSwatch(
                                                        new Swatch(
                                                                3, "Reds", new Cmyk(0, 91, 80, 0)))
                                                .withFills(
                                                        List.of(
                                                                new Fill(LEFT, 1),
                                                                new Fill(RIGHT, 3)))));
        settled();
        Finding alike = findings().get(0);
        assertThat(alike.title()).contains("all but one colour");
        answer(robot, alike, "merge");
        assertThat(swatchAt(LEFT)).isEqualTo(swatchAt(RIGHT));
        assertThat(workspace.job().swatches()).hasSize(2);
        assertThat(findings()).extracting(Finding::title).noneMatch(t -> t.contains("all but"));
    }

    @Test
    void aPictureColoursTheDrawingAndItsColoursCanBeTaken(FxRobot robot) throws Exception {
        open(robot);
        Path file = dabs("rough.png");
        step(robot, "picture");
        robot.interact(() -> workbench.station(FlatsPanel.class).openPicture(file));
        until(() -> robot.lookup("#reference").queryAs(ImageView.class).getImage() != null);
        robot.clickOn("#reference");
        settled();
        assertThat(workspace.job().swatches()).hasSize(3);
        robot.interact(() -> robot.lookup("#use-rough").queryAs(Button.class).fire());
        until(() -> workspace.job().fills().size() == 2);
        settled();
        assertThat(swatchAt(LEFT)).isNotEqualTo(swatchAt(RIGHT));
        assertThat(workspace.job().swatches())
                .extracting(Swatch::name)
                .startsWith("Red", "Blue", "Yellow")
                .hasSize(5);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(workspace.job().fills()).isEmpty();
    }

    @Test
    void aShadedSideIsAFlatOfItsOwn(FxRobot robot) throws Exception {
        open(robot);
        click(robot, LEFT.x(), LEFT.y());
        settled();
        step(robot, "form");
        robot.clickOn("#form-shaded");
        click(robot, LEFT.x(), LEFT.y());
        settled();
        assertThat(drawing().layers()).hasSize(2);
        assertThat(drawing().layers().get(1).swatch().name()).isEqualTo("Red, shaded");
        click(robot, RIGHT.x(), RIGHT.y());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(message(robot)).contains("has a colour");
        robot.push(KeyCode.ESCAPE);
        fire(robot, "#remove-0");
        assertThat(drawing().layers()).hasSize(1);
    }

    @Test
    void theFilesAskForWhatWasSet(FxRobot robot) throws Exception {
        open(robot);
        step(robot, "finish");
        fire(robot, "#pieces");
        set(robot, "#spread", "0.17");
        assertThat(workspace.shownProperty().get().art().pieces())
                .isEqualTo(FlatRecipe.Pieces.BY_AREA);
        assertThat(workspace.shownProperty().get().art().spreadMm()).isEqualTo(0.17);
        robot.interact(
                () ->
                        workspace.change(
                                "Both",
                                job ->
                                        job.withGoods(
                                                        job.goods()
                                                                .with(
                                                                        GoodsWish.parse(
                                                                                "shirt:20mm",
                                                                                List.of())))
                                                .withFills(
                                                        List.of(
                                                                new Fill(LEFT, 1),
                                                                new Fill(RIGHT, 2)))));
        settled();
        robot.interact(
                () -> workspace.change("Two inks", job -> GoodsSettings.of(1).inks().with(job, 2)));
        settled();
        assertThat(findings().get(0).title()).isEqualTo("3 inks on the 20 mm shirt; 2 at most");
    }
}

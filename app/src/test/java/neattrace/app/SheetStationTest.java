package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.event.ActionEvent;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import neattrace.app.station.make.MakePanel;
import neattrace.app.station.sheet.SheetPanel;
import neattrace.app.table.TableMode;
import neattrace.finding.Finding;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.raster.Picture;
import neattrace.raster.PngFile;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetStep;
import neattrace.sheet.SpeckRecipe;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The Sheet station in a real window: every step by mouse or key, and its effect on the sheet. */
class SheetStationTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private static final double PPI = 254;

    private SheetRecipe recipe() {
        return workspace.job().recipe();
    }

    /**
     * A frame of 60 x 30 mm on a sheet of 80 x 60 mm at 10 px a mm, turned by an angle, on paper of
     * 235; a faint line across the lower part, and a black bar along the right edge.
     */
    private Path scan(String name, double degrees, boolean bar) throws IOException {
        BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(0xEBEBEB));
        g.fillRect(0, 0, 800, 600);
        g.setColor(new Color(0x1C1C1C));
        if (bar) {
            g.fillRect(785, 0, 15, 600);
        }
        g.rotate(Math.toRadians(degrees), 400, 300);
        g.setStroke(new BasicStroke(6));
        g.draw(new Rectangle2D.Double(100, 150, 600, 300));
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngFile.write(image, PPI, out);
        return Files.write(folder.resolve(name), out.toByteArray());
    }

    private void openSheet(FxRobot robot, Path file) throws Exception {
        open(robot, file);
        robot.push(KeyCode.S);
    }

    private void openStep(FxRobot robot, String step) {
        robot.clickOn("#step-" + step);
    }

    private static double tilt(Drawing drawing) {
        return drawing.reading().recipe().frame().tiltDegrees();
    }

    @Test
    void aTiltIsProposedAndOneKeyLevelsIt(FxRobot robot) throws Exception {
        openSheet(robot, scan("tilted.png", 2, false));
        assertThat(robot.lookup("The drawing lies turned by 2.00°").tryQuery()).isPresent();
        Finding finding = findings("sheet").get(0);
        assertThat(finding.answers().get(0).label()).isEqualTo("Level it");
        robot.push(KeyCode.N);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(recipe().frame().tiltDegrees()).isCloseTo(2, within(0.011));
        assertThat(workspace.insights().reviewProperty().get().tilt().degrees())
                .isCloseTo(0, within(0.02));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(tilt(drawing())).isZero();
    }

    @Test
    void aLineDrawnAlongSomethingLevelTurnsTheSheet(FxRobot robot) throws Exception {
        openSheet(robot, scan("byhand.png", 3, false));
        openStep(robot, "frame");
        robot.clickOn("#level-by-hand");
        assertThat(message(robot)).contains("level or upright");
        drag(robot, 12, 13, 68, 13 + 56 * Math.tan(Math.toRadians(3)));
        settled();
        // One screen pixel at the end of the line is about a tenth of a degree.
        assertThat(tilt(drawing())).isCloseTo(3, within(0.25));
        assertThat(workbench.table().handProperty().get()).isNull();
    }

    @Test
    void cropsByHandAndToTheDrawingAndBack(FxRobot robot) throws Exception {
        openSheet(robot, scan("crop.png", 0, false));
        openStep(robot, "frame");
        robot.clickOn("#crop-to-drawing");
        settled();
        assertThat(drawing().widthMm()).isCloseTo(70.6, within(0.3));
        assertThat(drawing().heightMm()).isCloseTo(40.6, within(0.3));
        robot.clickOn("#whole-scan");
        settled();
        assertThat(drawing().widthMm()).isCloseTo(80, within(1e-6));
        robot.clickOn("#crop-by-hand");
        assertThat(workbench.table().modeProperty().get()).isEqualTo(TableMode.SCAN);
        drag(robot, 5, 10, 45, 50);
        settled();
        assertThat(drawing().widthMm()).isCloseTo(40, within(0.5));
        robot.clickOn("#step-in-use");
        settled();
        assertThat(recipe().isOn(SheetStep.FRAME)).isFalse();
        assertThat(drawing().widthMm()).as("kept, but not in use").isCloseTo(80, within(1e-6));
    }

    @Test
    void cornersAreDraggedAndTakenWithEnter(FxRobot robot) throws Exception {
        openSheet(robot, scan("corners.png", 0, false));
        openStep(robot, "frame");
        robot.clickOn("#corners-by-hand");
        drag(robot, 0.06 * 80, 0.06 * 60, 10, 15);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(recipe().frame().corners()).hasSize(4);
        assertThat(recipe().frame().corners().get(0).distance(new Point(100, 150))).isLessThan(6);
        assertThat(drawing().reading().frame().toSheet().isAffine()).isFalse();
        robot.push(KeyCode.U);
        robot.moveTo(onScreen(20, 20));
        assertThat(workbench.table().lensProperty().get()).isTrue();
        assertThat(workbench.table().modeProperty().get()).isEqualTo(TableMode.SCAN);
        robot.push(KeyCode.I);
        assertThat(workbench.table().modeProperty().get()).isNotEqualTo(TableMode.SCAN);
    }

    @Test
    void theSheetsOwnEdgeIsMaskedOffWithOneKey(FxRobot robot) throws Exception {
        openSheet(robot, scan("edge.png", 0, true));
        assertThat(drawing().lines()).hasSize(2);
        assertThat(robot.lookup(".group-title").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().startsWith("The sheet's own edge"));
        robot.push(KeyCode.N);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(recipe().masks()).hasSize(1);
        assertThat(drawing().lines()).hasSize(1);
    }

    @Test
    void masksAreDrawnAsBoxPolygonAndBrushAndTakenAway(FxRobot robot) throws Exception {
        openSheet(robot, scan("masks.png", 0, false));
        openStep(robot, "masks");
        robot.clickOn("#mask-box");
        drag(robot, 8, 12, 40, 48);
        settled();
        assertThat(recipe().masks()).hasSize(1);
        assertThat(drawing().reading().map().isInk(102, 300)).isFalse();
        robot.clickOn("#mask-kind");
        robot.clickOn("#mask-polygon");
        for (double[] at : new double[][] {{5, 20}, {15, 20}, {15, 40}, {5, 40}}) {
            robot.clickOn(onScreen(at[0], at[1]));
        }
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(recipe().masks().get(1).kind()).isEqualTo(Mask.Kind.PROTECT);
        assertThat(drawing().reading().map().isInk(102, 300))
                .as("protecting wins over erasing")
                .isTrue();
        robot.clickOn("#mask-kind");
        robot.clickOn("#mask-kind");
        robot.clickOn("#mask-brush");
        drag(robot, 60, 45, 72, 45);
        settled();
        assertThat(recipe().masks()).hasSize(3);
        assertThat(drawing().reading().map().isInk(660, 450)).isFalse();
        robot.push(KeyCode.ESCAPE);
        assertThat(workbench.table().handProperty().get()).isNull();
        robot.clickOn("#remove-0");
        settled();
        assertThat(recipe().masks()).hasSize(2);
    }

    @Test
    void masksThatCoverAllSaySoAndGoInOneAnswer(FxRobot robot) throws Exception {
        openSheet(robot, scan("all.png", 0, false));
        openStep(robot, "masks");
        robot.clickOn("#mask-box");
        drag(robot, -3, -3, 83, 63);
        settled();
        assertThat(drawing().lines()).isEmpty();
        assertThat(robot.lookup("Nothing on this sheet is ink").tryQuery()).isPresent();
        robot.clickOn("Take all masks away");
        settled();
        assertThat(drawing().lines()).hasSize(1);
    }

    @Test
    void pointingAtPaperAndInkSetsTheirLevels(FxRobot robot) throws Exception {
        openSheet(robot, scan("levels.png", 0, false));
        openStep(robot, "light");
        robot.clickOn("#point-at-ink");
        robot.clickOn(onScreen(10, 30));
        settled();
        assertThat(recipe().light().ink()).isBetween(15.0, 40.0);
        robot.clickOn("#point-at-paper");
        robot.clickOn(onScreen(40, 30));
        settled();
        assertThat(recipe().light().paper()).isBetween(230.0, 255.0);
        robot.clickOn("#measure-levels");
        settled();
        assertThat(recipe().light().paper()).isEqualTo(LightRecipe.MEASURED);
    }

    @Test
    void theThresholdIsDraggedOnTheChartAndGoesBackToCalm(FxRobot robot) throws Exception {
        openSheet(robot, scan("chart.png", 0, false));
        assertThat(drawing().reading().inkPercent()).isEqualTo(50);
        robot.moveTo("#sweep-chart");
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(-60, 0);
        robot.release(MouseButton.PRIMARY);
        settled();
        assertThat(recipe().decision().inkPercent()).isBetween(20.0, 40.0);
        double dragged = recipe().decision().inkPercent();
        robot.push(KeyCode.RIGHT);
        settled();
        assertThat(recipe().decision().inkPercent()).isEqualTo(dragged + 1);
        robot.clickOn("#calm-middle");
        settled();
        assertThat(drawing().reading().inkPercent()).isEqualTo(50);
        robot.clickOn("#method");
        settled();
        assertThat(drawing().lines()).isNotEmpty();
        robot.clickOn("#method-adaptive");
        settled();
        robot.clickOn("#patch-box");
        drag(robot, 20, 40, 40, 50);
        settled();
        assertThat(recipe().decision().patches()).hasSize(1);
        robot.interact(
                () -> {
                    TextField field = robot.lookup("#patch-ink-0").queryAs(TextField.class);
                    field.setText("22 %");
                    field.fireEvent(new ActionEvent());
                });
        settled();
        assertThat(recipe().decision().patches().get(0).inkPercent()).isEqualTo(22);
        robot.clickOn("#remove-0");
        settled();
        assertThat(recipe().decision().patches()).isEmpty();
    }

    @Test
    void stepsOpenByTheirNumberAndStayOpen(FxRobot robot) throws Exception {
        openSheet(robot, scan("keys.png", 0, false));
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup(".step-title").queryAs(Label.class).getText()).isEqualTo("Sharpen");
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup(".step-title").queryAs(Label.class).getText()).isEqualTo("Sharpen");
        robot.push(KeyCode.DIGIT7);
        assertThat(robot.lookup("#speck-size").tryQuery()).isPresent();
    }

    @Test
    void pinholesHaveASizeOfTheirOwn(FxRobot robot) throws Exception {
        openSheet(robot, scan("holes.png", 0, false));
        openStep(robot, "specks");
        TextField field = robot.lookup("#pinhole-size").queryAs(TextField.class);
        robot.interact(
                () -> {
                    field.setText("0.3");
                    field.fireEvent(new ActionEvent());
                });
        settled();
        assertThat(recipe().specks()).isEqualTo(SpeckRecipe.AUTOMATIC.withPinholeMm(0.3));
        robot.clickOn("#speck-automatic");
        settled();
        assertThat(recipe().specks()).isEqualTo(SpeckRecipe.AUTOMATIC);
    }

    @Test
    void settingsAreKeptUsedAgainAndUsedOnAFolder(FxRobot robot) throws Exception {
        openSheet(robot, scan("kept.png", 0, false));
        openStep(robot, "sharpen");
        robot.clickOn("#sharpen-strong");
        settled();
        openStep(robot, "kept");
        robot.clickOn("#recipe-name");
        robot.interact(
                () -> robot.lookup("#recipe-name").queryAs(TextField.class).setText("matt, 0.3"));
        robot.clickOn("#keep-recipe");
        until(() -> message(robot).equals("Kept as “matt, 0.3”."));
        assertThat(workspace.folders().recipes().all()).hasSize(1);

        Path sheet = folder.resolve("sheet.tif");
        robot.interact(() -> workbench.station(MakePanel.class).write(sheet));
        until(() -> message(robot).equals("Wrote sheet.tif."));
        Picture written = PictureReader.read(sheet);
        assertThat(written.grey().isOneBit()).isTrue();
        assertThat(written.resolution().ppi()).isEqualTo(PPI);

        Path scans = Files.createDirectories(folder.resolve("scans"));
        Files.copy(scan("one.png", 0, false), scans.resolve("one.png"));
        Files.write(scans.resolve("two.png"), new byte[] {1, 2});
        robot.interact(
                () -> workbench.station(MakePanel.class).make(scans, folder.resolve("sheets")));
        until(() -> message(robot).startsWith("1 of 2 sheets made in sheets."));
        assertThat(message(robot)).contains("two.png");
        assertThat(folder.resolve("sheets/one.tif")).isRegularFile();
    }

    @Test
    void whiteOnBlackIsTurnedRoundWithOneKey(FxRobot robot) throws Exception {
        BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.setStroke(new BasicStroke(6));
        g.drawOval(150, 90, 280, 220);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngFile.write(image, PPI, out);
        open(robot, Files.write(folder.resolve("negative.png"), out.toByteArray()));
        assertThat(robot.lookup("Turn it round").tryQuery()).isPresent();
        robot.push(KeyCode.N);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(recipe().negative()).isTrue();
        assertThat(drawing().tracing().holes()).isEqualTo(1);
        assertThat(robot.lookup("Turn it round").tryQuery()).isEmpty();
    }

    @Test
    void settingsOfAnotherVersionAreRefusedAndChangeNothing(FxRobot robot) throws Exception {
        openSheet(robot, scan("recipe.png", 0, false));
        SheetRecipe before = recipe();
        Path old =
                Files.writeString(
                        folder.resolve("old.ntrecipe"),
                        "{\"format\": \"neat-trace-sheet-recipe\", \"version\": 8}");
        robot.interact(() -> workbench.station(SheetPanel.class).useFile(old));
        assertThat(message(robot)).contains("version 8", "Nothing was changed");
        assertThat(recipe()).isEqualTo(before);
    }

    @Test
    void aLeftFindingStaysAwayAndIsSavedWithTheJob(FxRobot robot) throws Exception {
        openSheet(robot, scan("left.png", 1, false));
        int before = findings("sheet").size();
        robot.push(KeyCode.N);
        robot.push(KeyCode.DELETE);
        settled();
        assertThat(findings("sheet")).hasSize(before - 1);
        assertThat(workspace.job().settled()).hasSize(1);
    }

    /** On keys, as buttons and back: the drawing turns and nothing decided is lost. */
    @Test
    void theScanIsTurnedAndMirroredOnAKey(FxRobot robot) throws Exception {
        openSheet(robot, scan("turned.png", 0, false));
        int width = drawing().reading().map().width();
        int height = drawing().reading().map().height();
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.R);
        settled();
        assertThat(drawing().reading().map().width()).isEqualTo(height);
        assertThat(recipe().frame().turns()).isEqualTo(1);
        robot.push(KeyCode.X);
        settled();
        assertThat(recipe().frame().mirrored()).isTrue();
        robot.push(KeyCode.X);
        robot.push(KeyCode.SHIFT, KeyCode.R);
        settled();
        assertThat(drawing().reading().map().width()).isEqualTo(width);
        assertThat(recipe().frame()).isEqualTo(FrameRecipe.WHOLE);
        openStep(robot, "frame");
        robot.clickOn("#turn-left");
        settled();
        assertThat(recipe().frame().turns()).isEqualTo(3);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(recipe().frame()).isEqualTo(FrameRecipe.WHOLE);
    }

    /** Cut short it still opens, and the first finding says so. */
    @Test
    void aDamagedFileIsToldFirst(FxRobot robot) throws Exception {
        BufferedImage image = ImageIO.read(scan("whole.png", 0, false).toFile());
        BufferedImage grey =
                new BufferedImage(
                        image.getWidth(), image.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
        grey.getGraphics().drawImage(image, 0, 0, null);
        Path whole = folder.resolve("whole.jpg");
        ImageIO.write(grey, "jpeg", whole.toFile());
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = folder.resolve("cut.jpg");
        Files.write(cut, java.util.Arrays.copyOf(bytes, bytes.length * 7 / 10));
        openSheet(robot, cut);
        assertThat(robot.lookup("The picture's file is damaged").tryQuery()).isPresent();
    }
}

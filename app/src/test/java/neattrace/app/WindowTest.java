package neattrace.app;

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
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.util.Duration;
import neattrace.app.work.Folders;
import neattrace.app.work.Workspace;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.inspection.Inspector;
import neattrace.job.pipeline.Drawing;
import neattrace.press.Cmyk;
import neattrace.raster.PngFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The program in a real window, with real mouse and keys. */
@Tag("thorough")
@ExtendWith(ApplicationExtension.class)
abstract class WindowTest {

    private static final int PATIENCE_SECONDS = 90;

    @TempDir static Path folder;

    Workspace workspace;
    Workbench workbench;

    /** Opens the program in a stage; a test class calls it where it starts. */
    final void show(Stage stage) {
        show(stage, Duration.INDEFINITE);
    }

    /** The same where goods are printed on the stand-in press once all has been calm for a time. */
    final void show(Stage stage, Duration calm) {
        workspace = new Workspace(Folders.below(folder.resolve("own")), Inspector.ALL, calm);
        workbench = NeatTraceApp.show(stage, workspace);
    }

    @AfterEach
    void stop(FxRobot robot) {
        robot.interact(
                () -> {
                    workbench.close();
                    workspace.close();
                });
    }

    /** Two boxes with a door of 0.7 mm between them, on 40 x 25 mm. */
    static Path boxes(String name, double ppi) throws IOException {
        double k = 300 / 25.4;
        BufferedImage image =
                new BufferedImage((int) (40 * k), (int) (25 * k), BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setColor(Color.BLACK);
        g.scale(k, k);
        g.setStroke(new BasicStroke(0.6f));
        g.draw(new Rectangle2D.Double(4, 4, 32, 17));
        g.fill(new Rectangle2D.Double(19.7, 4, 0.6, 8));
        g.fill(new Rectangle2D.Double(19.7, 12.7, 0.6, 8.3));
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (ppi > 0) {
            PngFile.write(image, ppi, out);
        } else {
            javax.imageio.ImageIO.write(image, "png", out);
        }
        return Files.write(folder.resolve(name), out.toByteArray());
    }

    /** A rough of the boxes: two colours dabbed in loosely, one for each. */
    static Path dabs(String name) throws IOException {
        BufferedImage image = new BufferedImage(160, 100, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 160, 100);
        g.setColor(new Color(0x30A060));
        g.fillRect(14, 14, 66, 72);
        g.setColor(new Color(0xE0A030));
        g.fillRect(80, 14, 66, 72);
        g.dispose();
        Path file = folder.resolve(name);
        javax.imageio.ImageIO.write(image, "png", file.toFile());
        return file;
    }

    static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS, condition);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits until the shown drawing is that of the job as it stands, and all else is known. */
    final void settled() throws Exception {
        until(
                () ->
                        workspace.progressProperty().get() < 0
                                && workspace.shownProperty().get() != null
                                && drawing().job().equals(workspace.job())
                                && workspace.insights().isWhole());
    }

    /** What was found at a station, in its order. */
    final List<Finding> findings(String station) {
        return workspace.insights().lookedProperty().get().findings().at(station).stream()
                .flatMap(group -> group.findings().stream())
                .toList();
    }

    /** Gives an answer to a finding. */
    final void answer(FxRobot robot, Finding finding, String key) throws Exception {
        Answer answer =
                finding.answers().stream()
                        .filter(one -> one.key().equals(key))
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> workbench.give(answer, workspace.insights().lookedProperty().get()));
        settled();
    }

    final Drawing drawing() {
        return workspace.shownProperty().get().drawing();
    }

    final void open(FxRobot robot, Path file) throws Exception {
        robot.interact(() -> workspace.open(file));
        settled();
    }

    /** Red is the first swatch and blue the second. */
    final void twoSwatches(FxRobot robot) throws Exception {
        List<Swatch> two =
                List.of(
                        new Swatch(1, "Red", new Cmyk(0, 90, 80, 0)),
                        new Swatch(2, "Blue", new Cmyk(90, 50, 10, 0)));
        robot.interact(() -> workspace.change("Swatches", job -> job.withSwatches(two)));
        settled();
    }

    static String message(FxRobot robot) {
        return robot.lookup("#message").queryAs(Label.class).getText();
    }

    /** Where a place on the page, mm, lies on the screen. */
    final Point2D onScreen(double x, double y) {
        return workbench.table().localToScreen(workbench.table().onScreen(new Point(x, y)));
    }

    final void click(FxRobot robot, double x, double y) {
        robot.moveTo(onScreen(x, y)).clickOn(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Drags from the first place over all others, mm. */
    final void drag(FxRobot robot, double... xy) {
        robot.moveTo(onScreen(xy[0], xy[1])).press(MouseButton.PRIMARY);
        for (int i = 2; i < xy.length; i += 2) {
            robot.moveTo(onScreen(xy[i], xy[i + 1]));
        }
        robot.release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Types a value into a field of a sentence. */
    final void set(FxRobot robot, String field, String value) throws Exception {
        TextField text = robot.lookup(field).queryAs(TextField.class);
        robot.clickOn(field);
        robot.interact(text::selectAll);
        robot.write(value).push(KeyCode.ENTER);
        settled();
    }
}

package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.table.LineLook;
import neattrace.finding.Finding;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.UsualGoods;
import neattrace.raster.PngFile;
import neattrace.trace.InkEdit;
import neattrace.trace.LineRecipe;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The Line station in a real window: every tool by mouse, and its effect on the ink. */
class LineStationTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private LineRecipe line() {
        return workspace.job().line();
    }

    /**
     * On 80 x 60 mm at 10 px a mm: a line across with a stem that crosses it, a line that breaks
     * for 2 mm, and a ring. The pen is 0.6 mm wide.
     */
    private void open(FxRobot robot) throws Exception {
        BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 800, 600);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(6, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(100, 200, 700, 200));
        g.draw(new Line2D.Double(400, 120, 400, 380));
        g.draw(new Line2D.Double(100, 480, 300, 500));
        g.draw(new Line2D.Double(318, 501.8, 500, 520));
        g.draw(new Ellipse2D.Double(560, 300, 140, 140));
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngFile.write(image, 254, out);
        Path file = folder.resolve("lines.png");
        Files.write(file, out.toByteArray());
        open(robot, file);
        robot.push(KeyCode.L);
        settled();
    }

    private double inkDown(int x, int fromY, int toY) {
        double sum = 0;
        for (int y = fromY; y < toY; y++) {
            sum += (drawing().traced().ink().coverage()[y * 800 + x] & 0xff) / 255.0;
        }
        return sum;
    }

    private double inkAcross(int y, int fromX, int toX) {
        double sum = 0;
        for (int x = fromX; x < toX; x++) {
            sum += (drawing().traced().ink().coverage()[y * 800 + x] & 0xff) / 255.0;
        }
        return sum;
    }

    private List<String> edits() {
        return line().edits().stream().map(InkEdit::what).toList();
    }

    @Test
    void anOverhangIsTakenAwayAndComesBackWithUndo(FxRobot robot) throws Exception {
        open(robot);
        robot.clickOn("#mend-take-away");
        click(robot, 40, 14);
        settled();
        assertThat(edits()).containsExactly("Line trimmed");
        assertThat(inkAcross(140, 380, 420)).isLessThan(0.1);
        assertThat(inkAcross(300, 380, 420)).isCloseTo(6, within(0.1));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(inkAcross(140, 380, 420)).isCloseTo(6, within(0.1));
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settled();
        robot.clickOn("#remove-0");
        settled();
        assertThat(edits()).isEmpty();
    }

    @Test
    void endsAreJoinedByHandAndByTheFinding(FxRobot robot) throws Exception {
        open(robot);
        List<Finding> findings = findings("line");
        assertThat(findings)
                .extracting(Finding::title)
                .anyMatch(t -> t.startsWith("A line breaks"));
        robot.clickOn("#mend-join");
        drag(robot, 30, 50, 31, 50.1, 31.8, 50.2);
        settled();
        assertThat(edits()).containsExactly("Ends joined");
        assertThat(inkDown(309, 480, 520)).isCloseTo(6, within(0.3));
        assertThat(findings("line"))
                .extracting(Finding::title)
                .noneMatch(t -> t.startsWith("A line breaks"));
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        robot.push(KeyCode.N).push(KeyCode.ENTER);
        settled();
        assertThat(edits()).containsExactly("Ends joined");
    }

    @Test
    void aBrushThickensOneLineOnly(FxRobot robot) throws Exception {
        open(robot);
        robot.clickOn("#mend-thicker");
        drag(robot, 25, 20, 35, 20, 45, 20, 55, 20);
        settled();
        assertThat(edits()).containsExactly("Line thickened");
        assertThat(inkDown(300, 180, 220)).isGreaterThan(7.4);
        assertThat(inkAcross(250, 380, 420)).isCloseTo(6, within(0.1));
        robot.push(KeyCode.ESCAPE);
        robot.clickOn("#mend-one-width");
        click(robot, 62, 20);
        settled();
        assertThat(inkDown(300, 180, 220)).isCloseTo(5, within(0.2));
    }

    @Test
    void aStretchIsRedrawnByHand(FxRobot robot) throws Exception {
        open(robot);
        robot.clickOn("#mend-redraw");
        drag(robot, 15, 20, 18, 22, 22, 24, 26, 24, 30, 22, 33, 20);
        settled();
        assertThat(edits()).containsExactly("Stretch redrawn");
        assertThat(inkDown(240, 190, 210)).isLessThan(0.2);
        assertThat(inkDown(240, 215, 260)).isCloseTo(6, within(0.5));
    }

    @Test
    void theWeightOfAllLinesIsSetInSentences(FxRobot robot) throws Exception {
        open(robot);
        robot.push(KeyCode.DIGIT2);
        set(robot, "#weight-outside", "1");
        assertThat(inkDown(630, 280, 330)).isGreaterThan(14);
        assertThat(inkDown(630, 410, 430)).isLessThan(1);
        set(robot, "#weight-outside", "0");
        robot.clickOn("#weight-even");
        settled();
        set(robot, "#weight-even-mm", "0.3");
        assertThat(inkDown(200, 180, 220)).isCloseTo(3, within(0.15));
        robot.clickOn("#weight-even");
        settled();
        set(robot, "#weight-all", "0.4");
        assertThat(inkDown(200, 180, 220)).isCloseTo(10, within(0.15));
        robot.clickOn("#weight-bolder");
        settled();
        assertThat(inkDown(200, 180, 220)).isCloseTo(2, within(0.3));
    }

    @Test
    void aPointIsDraggedAddedAndTakenAway(FxRobot robot) throws Exception {
        open(robot);
        robot.push(KeyCode.DIGIT4);
        robot.clickOn("#points-move");
        Point ring =
                drawing().lines().stream()
                        .flatMap(outline -> outline.loops())
                        .flatMap(
                                loop ->
                                        java.util.stream.IntStream.range(0, loop.size())
                                                .mapToObj(loop::point))
                        .filter(p -> p.distance(new Point(63, 37)) < 7.6)
                        .filter(p -> p.distance(new Point(63, 37)) > 7.1)
                        .findFirst()
                        .orElseThrow();
        Point out = ring.plus(ring.minus(new Point(63, 37)).unit().times(3));
        drag(robot, ring.x(), ring.y(), out.x(), out.y());
        settled();
        assertThat(line().points()).hasSize(1);
        assertThat(drawing().work().adriftPoints()).isEmpty();
        assertThat(drawing().inkAt(ring.plus(out).times(0.5))).isTrue();
        robot.push(KeyCode.DELETE);
        settled();
        assertThat(line().points()).hasSize(2);
        robot.clickOn("#points-back");
        settled();
        assertThat(line().points()).isEmpty();
    }

    @Test
    void linesTakeColours(FxRobot robot) throws Exception {
        open(robot);
        robot.push(KeyCode.DIGIT5);
        robot.clickOn("#colour-umber");
        settled();
        assertThat(drawing().traced().blackLines()).isEmpty();
        assertThat(drawing().traced().colouredLines()).hasSize(1);
        robot.clickOn("#colour-border");
        settled();
        assertThat(drawing().traced().blackLines()).isNotEmpty();
        robot.clickOn("#colour-black");
        settled();
        assertThat(drawing().traced().colouredLines()).isEmpty();
    }

    @Test
    void whatIsShownBesideTheInkIsChosen(FxRobot robot) throws Exception {
        open(robot);
        assertThat(workbench.table().lineLookProperty().get()).isEqualTo(LineLook.POINTS);
        robot.clickOn("#line-look");
        assertThat(workbench.table().lineLookProperty().get()).isEqualTo(LineLook.DEVIATION);
        robot.clickOn("#width-thinnest");
        assertThat(workbench.table().lineLookProperty().get()).isEqualTo(LineLook.WIDTHS);
        robot.push(KeyCode.C);
        assertThat(workbench.table().lineLookProperty().get()).isEqualTo(LineLook.NOTHING);
        robot.push(KeyCode.L);
        assertThat(workbench.table().lineLookProperty().get()).isEqualTo(LineLook.WIDTHS);
        Goods strict =
                UsualGoods.UNDECIDED.withDetail(UsualGoods.UNDECIDED.detail().withLineMm(0.8));
        robot.interact(
                () -> workspace.change("For", job -> job.withGoods(job.goods().with(strict))));
        settled();
        assertThat(findings("line"))
                .extracting(Finding::title)
                .anyMatch(t -> t.startsWith("A line is only 0.60 mm"));
    }
}

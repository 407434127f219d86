package neattrace.app.station.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;
import neattrace.goods.made.MadeGoods;
import neattrace.goods.made.Scene;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What a hand holds while goods are made anew beneath it. */
@ExtendWith(ApplicationExtension.class)
@Tag("thorough")
class GoodsHandTest {

    private final Pipeline pipeline = new Pipeline();
    private final List<String> told = new ArrayList<>();
    private final List<String> names = new ArrayList<>();
    private GoodsHand hand;
    private WantedGoods wanted;
    private Drawing drawing;

    @Start
    void start(Stage stage) {
        hand = new GoodsHand(this::changed, told::add, () -> {});
    }

    /** Two rings, one in the other. */
    private static Job rings() throws IOException {
        BufferedImage image = new BufferedImage(240, 240, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 240, 240);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(7));
        g.drawOval(30, 30, 180, 180);
        g.drawOval(80, 80, 80, 80);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return Job.of(new Source("rings.png", out.toByteArray())).withPpi(300);
    }

    private void changed(String name, UnaryOperator<WantedGoods> change) {
        names.add(name);
        wanted = change.apply(wanted);
    }

    private Scene scene() throws Exception {
        return MadeGoods.of(pipeline, drawing, wanted, PressProfile.bundled(), Progress.SILENT)
                .scene();
    }

    /** Goods of a kind are in the view, nothing in hand. */
    private void show(GoodsKind kind) throws Exception {
        Job job = rings();
        job = job.withGoods(job.goods().with(UsualGoods.of(kind)));
        wanted = job.goods().wanted().get(0);
        drawing = pipeline.run(job, Progress.SILENT);
        hand.show(scene(), false);
    }

    private void anew() throws Exception {
        hand.show(scene(), true);
    }

    private String last() {
        return told.get(told.size() - 1);
    }

    @Test
    void oneStepsThroughAllPartsAndRoundAgain(FxRobot robot) throws Exception {
        robot.interact(() -> {});
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    assertThat(hand.grip()).isEmpty();
                    hand.step(1);
                    assertThat(last()).startsWith("Motif 1");
                    hand.step(1);
                    assertThat(last()).startsWith("Motif 2");
                    hand.step(1);
                    assertThat(last()).startsWith("Motif 1");
                    hand.step(-1);
                    assertThat(last()).startsWith("Motif 2");
                    assertThat(hand.layDown()).isTrue();
                    assertThat(hand.layDown()).isFalse();
                    assertThat(last()).isEmpty();
                    hand.step(-1);
                    assertThat(last()).startsWith("Motif 2");
                });
    }

    @Test
    void whatIsDraggedIsSeenWhereItIsAndKeptWhenLetGo(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    hand.step(1);
                    Grip grip = hand.grip().orElseThrow();
                    hand.hold(grip.at());
                    hand.drag(grip.at().plus(new Point(3, 0)));
                    hand.drag(grip.at().plus(new Point(12, -4)));
                    assertThat(hand.draft()).isEqualTo(new Point(12, -4));
                    assertThat(names).isEmpty();
                    hand.letGo();
                    assertThat(names).containsExactly("Move");
                    // Until it is made anew it is seen where it was laid.
                    assertThat(hand.draft()).isEqualTo(new Point(12, -4));
                    anew();
                    assertThat(hand.draft()).isEqualTo(new Point(0, 0));
                    Grip there = hand.grip().orElseThrow();
                    assertThat(there.at().distance(grip.at().plus(new Point(12, -4))))
                            .isCloseTo(0, within(1e-6));
                });
    }

    @Test
    void aPressWithoutADragChangesNothing(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    hand.step(1);
                    hand.hold(hand.grip().orElseThrow().at());
                    hand.letGo();
                    assertThat(names).isEmpty();
                });
    }

    @Test
    void stepsOfKeysAddUpToOneMove(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    hand.step(1);
                    Point from = hand.grip().orElseThrow().at();
                    for (int k = 0; k < 5; k++) {
                        assertThat(hand.move(1, 0)).isTrue();
                    }
                    assertThat(names).isEmpty();
                    // Going on to another part keeps what was moved.
                    hand.step(1);
                    assertThat(names).containsExactly("Move");
                    assertThat(wanted.making().wrap().motifs().get(0).xMm())
                            .isCloseTo(from.x() + 5, within(1e-9));
                });
    }

    @Test
    void whatCannotBeDoneIsNotDone(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.CUT_STENCIL);
                    assertThat(hand.act(Act.REMOVE, false)).isFalse();
                    assertThat(hand.move(1, 0)).isFalse();
                    assertThat(hand.add()).isFalse();
                    hand.step(1);
                    assertThat(hand.act(Act.MIRROR, false)).isFalse();
                    assertThat(names).isEmpty();
                });
    }

    @Test
    void aRefusedTieLeavesItsPlaceInHand(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.CUT_STENCIL);
                    hand.step(1);
                    Point at = hand.grip().orElseThrow().at();
                    assertThat(hand.act(Act.REMOVE, false)).isTrue();
                    anew();
                    Grip grip = hand.grip().orElseThrow();
                    assertThat(grip.look()).isEqualTo(Grip.Look.POSSIBLE);
                    assertThat(grip.at().distance(at)).isLessThan(0.01);
                    assertThat(hand.act(Act.SWITCH, false)).isTrue();
                    anew();
                    assertThat(hand.grip().orElseThrow().words()).startsWith("Tie");
                });
    }

    @Test
    void aCrossIsMovedAndSetOnce(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.CUT_STENCIL);
                    assertThat(hand.canAdd()).isTrue();
                    hand.aim(0, new Point(50, 60));
                    assertThat(hand.cross()).isEqualTo(Optional.of(new Point(50, 60)));
                    hand.move(2, -1);
                    assertThat(hand.cross()).isEqualTo(Optional.of(new Point(52, 59)));
                    assertThat(last()).contains("Space");
                    assertThat(hand.add()).isTrue();
                    assertThat(hand.cross()).isEmpty();
                    assertThat(wanted.making().stencil().ties()).hasSize(1);
                    assertThat(hand.add()).isFalse();
                });
    }

    @Test
    void aCrossBeginsAtWhatIsInHandAndIsLaidDown(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.CUT_STENCIL);
                    hand.step(1);
                    Point at = hand.grip().orElseThrow().at();
                    hand.aim(0, new Point(1, 1));
                    assertThat(hand.cross()).isEqualTo(Optional.of(at));
                    assertThat(hand.grip()).isEmpty();
                    assertThat(hand.layDown()).isTrue();
                    assertThat(hand.cross()).isEmpty();
                    assertThat(names).isEmpty();
                });
    }

    @Test
    void otherGoodsTakeItOutOfHand(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    hand.step(1);
                    show(GoodsKind.SHIRT);
                    assertThat(hand.grip()).isEmpty();
                    assertThat(hand.canAdd()).isFalse();
                });
    }

    @Test
    void anotherMotifIsInHandOnceItIsThere(FxRobot robot) throws Exception {
        onFx(
                robot,
                () -> {
                    show(GoodsKind.MUG);
                    hand.step(1);
                    hand.act(Act.ANOTHER, false);
                    anew();
                    assertThat(last()).startsWith("Motif 3");
                    hand.act(Act.REMOVE, false);
                    anew();
                    assertThat(hand.grips()).hasSize(2);
                });
    }

    /** What may fail, on the window's thread, where hands are. */
    private interface Doing {
        void run() throws Exception;
    }

    private static void onFx(FxRobot robot, Doing doing) throws Exception {
        List<Throwable> trouble = new ArrayList<>();
        robot.interact(
                () -> {
                    try {
                        doing.run();
                    } catch (Exception | AssertionError e) {
                        trouble.add(e);
                    }
                });
        if (!trouble.isEmpty()) {
            throw new AssertionError(trouble.get(0).getMessage(), trouble.get(0));
        }
    }
}

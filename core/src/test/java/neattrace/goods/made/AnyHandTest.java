package neattrace.goods.made;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Hands that do anything at all, in any order: whatever they do, goods can be made of it,
 * everything in hand lies on its page, and the job keeps it.
 */
@Tag("thorough")
class AnyHandTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final Job JOB = Jobs.coloured();
    private static final Pipeline PIPELINE = new Pipeline();
    private static final int STEPS = 15;

    private static Drawing drawing;

    @TempDir private Path folder;

    @BeforeAll
    static void draw() throws IOException {
        drawing = PIPELINE.run(JOB, Progress.SILENT);
    }

    private static MadeGoods made(WantedGoods wanted) throws IOException {
        return MadeGoods.of(PIPELINE, drawing, wanted, PRESS, Progress.SILENT);
    }

    private static WantedGoods usual(GoodsKind kind) {
        return JOB.goods().with(UsualGoods.of(kind)).wanted().get(0);
    }

    /** One thing a hand might do: act, move, or add; now and then far off the page. */
    private static Optional<WantedGoods> anything(MadeGoods made, Random random) {
        List<Grip> grips = made.scene().grips();
        WantedGoods wanted = made.wanted();
        boolean adds = made.scene().adding().isPresent() && random.nextInt(4) == 0;
        if (adds) {
            int page = random.nextInt(made.scene().pages().size());
            Point at = somewhere(made.scene().pages().get(page).plan(), random);
            return made.scene().adding().orElseThrow().at(wanted, page, at);
        }
        if (grips.isEmpty()) {
            return Optional.empty();
        }
        Grip grip = grips.get(random.nextInt(grips.size()));
        List<Act> acts = new ArrayList<>(grip.can());
        if (grip.move().isPresent() && (acts.isEmpty() || random.nextBoolean())) {
            PrintPlan page = made.scene().pages().get(grip.page()).plan();
            return Optional.of(grip.move().get().to(wanted, somewhere(page, random)));
        }
        if (acts.isEmpty()) {
            return Optional.empty();
        }
        return grip.done(acts.get(random.nextInt(acts.size())), wanted, random.nextBoolean());
    }

    private static Point somewhere(PrintPlan page, Random random) {
        double far = random.nextInt(5) == 0 ? 3 : 1;
        return new Point(
                far * page.widthMm() * (random.nextDouble() - (far - 1) / 6),
                far * page.heightMm() * (random.nextDouble() - (far - 1) / 6));
    }

    @ParameterizedTest
    @EnumSource(
            value = GoodsKind.class,
            names = {"COLOURING_PAGE", "CUT_STENCIL", "TRANSFER_STENCIL", "SHIRT", "MUG"})
    void whateverAHandDoesCanBeMade(GoodsKind kind) throws IOException {
        Random random = new Random(kind.ordinal());
        WantedGoods wanted = usual(kind);
        for (int step = 0; step < STEPS; step++) {
            MadeGoods made = made(wanted);
            assertThat(made.pages()).isNotEmpty();
            for (Grip grip : made.scene().grips()) {
                assertThat(grip.page()).isBetween(0, made.scene().pages().size() - 1);
                assertThat(grip.words()).isNotBlank();
                assertThat(Double.isFinite(grip.at().x()) && Double.isFinite(grip.at().y()))
                        .isTrue();
                assertThat(grip.acts().values())
                        .allSatisfy(one -> assertThat(one.label()).isNotBlank());
            }
            wanted = anything(made, random).orElse(wanted);
        }
        Path file = folder.resolve("hand.ntjob");
        JobFile.save(
                file, JOB.withGoods(JOB.goods().with(wanted.goods()).with(wanted)), new byte[0]);
        WantedGoods read = JobFile.ofAny(file).goods().wanted().get(0);
        assertThat(made(read).told()).isEqualTo(made(wanted).told());
    }

    /** What a hand did is taken back by undoing it, as nothing but what is wanted changes. */
    @ParameterizedTest
    @EnumSource(
            value = GoodsKind.class,
            names = {"COLOURING_PAGE", "CUT_STENCIL", "TRANSFER_STENCIL", "SHIRT", "MUG"})
    void theSameWishIsTheSameGoods(GoodsKind kind) throws IOException {
        MadeGoods first = made(usual(kind));
        anything(first, new Random(3)).ifPresent(AnyHandTest::tried);
        MadeGoods again = made(usual(kind));
        assertThat(again.told()).isEqualTo(first.told());
        assertThat(again.scene().grips()).hasSameSizeAs(first.scene().grips());
        for (int i = 0; i < again.scene().grips().size(); i++) {
            Grip one = again.scene().grips().get(i);
            Grip other = first.scene().grips().get(i);
            assertThat(one.words()).isEqualTo(other.words());
            assertThat(one.at().distance(other.at())).isCloseTo(0, within(1e-9));
        }
    }

    private static void tried(WantedGoods wanted) {
        try {
            assertThat(made(wanted).pages()).isNotEmpty();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}

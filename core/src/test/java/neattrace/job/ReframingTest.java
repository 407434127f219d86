package neattrace.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.SheetStep;
import neattrace.stage.Progress;
import neattrace.testing.Everything;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReframingTest {

    private static final Job JOB = Jobs.coloured().withClose(Everything.JOB.close());

    /** All that can be decided, on the picture of the other. */
    private static final Job WHOLE =
            JOB.withBrief(Everything.JOB.brief())
                    .withLine(Everything.JOB.line())
                    .withColour(Everything.JOB.colour())
                    .withPress(Everything.JOB.press())
                    .withGoods(Everything.JOB.goods());

    private static Picture picture;

    @BeforeAll
    static void readPicture() throws IOException {
        picture = PictureReader.read(JOB.source().bytes(), "target.png");
    }

    private static Job withCrop(Job job) {
        return job.withRecipe(
                job.recipe()
                        .withFrame(
                                job.recipe()
                                        .frame()
                                        .withCrop(Optional.of(new Crop(24, 12, 200, 210)))));
    }

    /** Whatever is a place anywhere in what was decided moves, and nothing else is changed. */
    @Test
    void everyPlaceMovesWithTheCrop() {
        Job cropped = Reframing.carry(WHOLE, withCrop(WHOLE), picture);
        double dx = 24 / 300.0 * 25.4;
        double dy = 12 / 300.0 * 25.4;
        List<Places.Found> before = Places.of(WHOLE);
        List<Places.Found> after = Places.of(cropped);
        assertThat(before).hasSameSizeAs(after);
        assertThat(before.stream().map(Places.Found::in))
                .contains("Fill", "TieChoice", "Pull", "LooseChoice", "PageMend", "ClothRecipe")
                .contains("BlackChoice", "PressSection", "Toned", "TransferRecipe", "Lettering");
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).in()).isEqualTo(before.get(i).in());
            assertMoved(after.get(i).at(), before.get(i).at(), dx, dy);
        }
        assertThat(cropped.log()).isEqualTo(WHOLE.log());
    }

    @ParameterizedTest
    @ValueSource(strings = {"tilt", "turn", "mirror", "ppi"})
    void everyPlaceComesBackFromWhereverThePageWent(String how) {
        FrameRecipe frame = WHOLE.recipe().frame();
        Job gone =
                switch (how) {
                    case "tilt" -> WHOLE.withRecipe(WHOLE.recipe().withFrame(frame.withTilt(7)));
                    case "turn" ->
                            WHOLE.withRecipe(WHOLE.recipe().withFrame(frame.turned(1, 236, 236)));
                    case "mirror" -> WHOLE.withRecipe(WHOLE.recipe().withFrame(frame.flipped(236)));
                    default -> WHOLE.withPpi(450);
                };
        Job there = Reframing.carry(WHOLE, gone, picture);
        Job back =
                Reframing.carry(
                        there, there.withRecipe(WHOLE.recipe()).withPpi(WHOLE.ppi()), picture);
        List<Places.Found> before = Places.of(WHOLE);
        List<Places.Found> away = Places.of(there);
        List<Places.Found> after = Places.of(back);
        int moved = 0;
        for (int i = 0; i < before.size(); i++) {
            moved += before.get(i).at().distance(away.get(i).at()) > 1e-6 ? 1 : 0;
            assertThat(before.get(i).at().distance(after.get(i).at())).isLessThan(1e-6);
        }
        assertThat(moved).isGreaterThan(before.size() * 9 / 10);
    }

    /** What has a place, or a part with one, says so: no new kind of decision can forget it. */
    @Test
    void whateverHasPlacesSaysSo() {
        assertThat(Places.silent(Job.class)).isEmpty();
    }

    private static void assertMoved(Point now, Point before, double dx, double dy) {
        assertThat(now.x()).isCloseTo(before.x() - dx, within(1e-9));
        assertThat(now.y()).isCloseTo(before.y() - dy, within(1e-9));
    }

    @Test
    void coloursStayOnTheirAreasThroughCropTiltScaleAndBack() throws IOException {
        Job turned = withCrop(JOB);
        turned =
                turned.withRecipe(turned.recipe().withFrame(turned.recipe().frame().withTilt(9)))
                        .withPpi(450);
        Job carried = Reframing.carry(JOB, turned, picture);
        Drawing drawing = new Pipeline().run(carried, Progress.SILENT);
        assertThat(drawing.attachment().swatchOf()).hasSize(2);
        assertThat(drawing.layers()).hasSize(2);
        assertThat(drawing.widthMm()).isCloseTo(200 / 450.0 * 25.4, within(1e-9));
        Job back = Reframing.carry(carried, turned.withRecipe(JOB.recipe()).withPpi(0), picture);
        assertThat(back.recipe()).isEqualTo(JOB.recipe());
    }

    @Test
    void switchingTheFrameOffMovesThemToo() {
        Job cropped = Reframing.carry(JOB, withCrop(JOB), picture);
        Job off =
                Reframing.carry(
                        cropped,
                        cropped.withRecipe(cropped.recipe().withStep(SheetStep.FRAME, false)),
                        picture);
        assertMoved(off.fills().get(0).anchor(), JOB.fills().get(0).anchor(), 0, 0);
    }

    @Test
    void anotherChangeLeavesTheJobAlone() {
        Job other = JOB.withTitle("Other");
        assertThat(Reframing.carry(JOB, other, picture)).isSameAs(other);
    }
}

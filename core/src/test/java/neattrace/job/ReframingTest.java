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
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.Mend;
import neattrace.region.OpenLine;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.SheetStep;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class ReframingTest {

    private static final Job JOB =
            Jobs.coloured()
                    .withClose(
                            new CloseSettings(
                                    1,
                                    List.of(new Point(3, 4)),
                                    List.of(new Point(5, 6)),
                                    List.of(
                                            new OpenLine(
                                                    List.of(new Point(7, 8), new Point(9, 8)),
                                                    0.5)),
                                    List.of(
                                            Join.over(
                                                    new Point(1, 1),
                                                    new Point(2, 2),
                                                    new Point(3, 3))),
                                    List.of(),
                                    CloseSettings.NO_FRAME,
                                    Mend.UNSEEN));

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

    @Test
    void everyPlaceMovesWithTheCrop() {
        Job cropped = Reframing.carry(JOB, withCrop(JOB), picture);
        double dx = 24 / 300.0 * 25.4;
        double dy = 12 / 300.0 * 25.4;
        assertMoved(cropped.fills().get(0).anchor(), JOB.fills().get(0).anchor(), dx, dy);
        assertMoved(cropped.close().opened().get(0), new Point(3, 4), dx, dy);
        assertMoved(cropped.close().closed().get(0), new Point(5, 6), dx, dy);
        assertMoved(cropped.close().joins().get(0).middle(), new Point(2, 2), dx, dy);
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

package neattrace.job.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.region.Join;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;

/** Colouring from a rough adds to what was decided. */
class RoughFlatsTest {

    private static final Join JOIN = new Join(List.of(new Point(4, 4), new Point(6, 4)));

    /** Green inside and blue in the ring. */
    private static Picture rough() throws IOException {
        BufferedImage image = Pictures.plain(236, 236, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(40, 90, 200));
        graphics.fillOval(28, 28, 180, 180);
        graphics.setColor(new Color(60, 160, 70));
        graphics.fillOval(78, 78, 80, 80);
        graphics.dispose();
        return PictureReader.read(Pictures.png(image, 300), "rough");
    }

    private static Drawing coloured(Job job, boolean onlyOwn) throws IOException {
        Pipeline pipeline = new Pipeline();
        Traced lines = pipeline.trace(job, Progress.SILENT);
        return RoughFlats.of(
                        pipeline, lines, rough(), onlyOwn, PressProfile.bundled(), Progress.SILENT)
                .drawing();
    }

    private static int swatchAt(Drawing drawing, double x, double y) {
        return drawing.attachment()
                .swatchOf()
                .get(drawing.areaAt(new Point(x, y)).orElseThrow().label());
    }

    @Test
    void swatchesLinesAndLockedAreasStay() throws IOException {
        Job job = Jobs.coloured();
        Job decided =
                job.withSwatch(Jobs.INNER.withLocked(true))
                        .withClose(job.close().withJoins(List.of(JOIN)));
        Drawing drawing = coloured(decided, false);
        assertThat(drawing.job().swatches())
                .extracting(Swatch::id)
                .startsWith(1, 2)
                .doesNotHaveDuplicates();
        assertThat(drawing.job().swatch(1)).contains(Jobs.INNER.withLocked(true));
        assertThat(drawing.job().close().joins()).contains(JOIN);
        // The disc is locked, the ring takes the rough's blue as a swatch of its own.
        assertThat(swatchAt(drawing, 10, 10)).isEqualTo(1);
        assertThat(swatchAt(drawing, 10, 5)).isGreaterThan(2);
    }

    /** The same rough once more changes nothing. */
    @Test
    void onceMoreTheSameRoughAddsNoSwatch() throws IOException {
        Drawing once = coloured(Jobs.plain(), false);
        Drawing twice = coloured(once.job(), false);
        assertThat(twice.job().swatches()).isEqualTo(once.job().swatches());
        assertThat(swatchAt(twice, 10, 10)).isEqualTo(swatchAt(once, 10, 10));
    }

    @Test
    void ifAskedToItTakesTheNearestOfWhatThereIs() throws IOException {
        Drawing drawing = coloured(Jobs.coloured(), true);
        assertThat(drawing.job().swatches()).isEqualTo(Jobs.coloured().swatches());
    }
}

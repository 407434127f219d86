package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

class PngWriterTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static Artwork art() throws IOException {
        return Artwork.of(new Pipeline().run(Jobs.coloured(), Progress.SILENT), PRESS);
    }

    private static byte[] png(double ppi) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngWriter.write(Plans.forPixels(art()), ppi, out);
        return out.toByteArray();
    }

    @Test
    void hasTheChosenResolutionAndSize() throws IOException {
        var picture = PictureReader.read(png(600), "a.png");
        assertThat(picture.width()).isEqualTo(472);
        assertThat(picture.resolution().ppi()).isEqualTo(600);
        assertThat(picture.resolution().stated()).isTrue();
    }

    @Test
    void theGroundIsTransparentAndTheColoursAreNot() throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png(300)));
        assertThat(image.getRGB(3, 3) >>> 24).isZero();
        assertThat(image.getRGB(118, 118))
                .isEqualTo(0xFF000000 | PRESS.preview(Jobs.INNER.build()).packed());
        assertThat(image.getRGB(118, 28)).isEqualTo(0xFF000000);
    }

    @Test
    void aPreviewIsAsLargeAsAsked() throws IOException {
        BufferedImage image =
                ImageIO.read(
                        new ByteArrayInputStream(PngWriter.preview(Plans.forPixels(art()), 100)));
        assertThat(Math.max(image.getWidth(), image.getHeight())).isBetween(99, 100);
    }

    @Test
    void tooLargeAPngIsRefusedWithItsSize() {
        assertThatThrownBy(() -> png(20_000))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("15733 x 15733")
                .hasMessageContaining("Lower the ppi");
    }
}

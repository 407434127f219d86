package neattrace.flat.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;

/** A frame of ink from 40, 20 to 140, 80 on a sheet of 200 x 100. */
class RoughFittingTest {

    private static final InkMap FRAME = frame();

    private static InkMap frame() {
        byte[] coverage = new byte[200 * 100];
        for (int y = 20; y < 80; y++) {
            for (int x = 40; x < 140; x++) {
                boolean inside = x >= 44 && x < 136 && y >= 24 && y < 76;
                coverage[y * 200 + x] = inside ? 0 : (byte) 255;
            }
        }
        return new InkMap(200, 100, coverage);
    }

    private static Picture dab(int width, int height, int x, int y, int w, int h)
            throws IOException {
        BufferedImage image = Pictures.plain(width, height, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.RED);
        graphics.fillRect(x, y, w, h);
        graphics.dispose();
        return PictureReader.read(Pictures.png(image), "rough.png");
    }

    @Test
    void aSmallCopyIsTakenAsItIs() throws IOException {
        Picture small = dab(50, 25, 10, 5, 25, 15);
        RoughFitting.Fitted fitted = RoughFitting.fit(small, FRAME);
        assertThat(fitted.picture()).isSameAs(small);
        assertThat(fitted.moved()).isFalse();
    }

    @Test
    void aRoughOnOtherPaperIsLaidOverWhatIsDrawn() throws IOException {
        // The same drawing at half the size, in the lower right of a square.
        RoughFitting.Fitted fitted = RoughFitting.fit(dab(150, 150, 90, 100, 50, 30), FRAME);
        Picture picture = fitted.picture();
        assertThat(fitted.moved()).isTrue();
        assertThat((double) picture.width() / picture.height()).isEqualTo(2);
        assertThat(picture.rgbAt(picture.width() * 45 / 200, picture.height() * 50 / 100))
                .isEqualTo(0xFF0000);
        assertThat(picture.rgbAt(picture.width() * 137 / 200, picture.height() * 50 / 100))
                .isEqualTo(0xFF0000);
        assertThat(picture.rgbAt(picture.width() * 150 / 200, picture.height() * 50 / 100))
                .isEqualTo(0xFFFFFF);
    }

    @Test
    void whatHasNoProportionInCommonIsRefusedWithBothSizes() throws IOException {
        Picture tall = dab(100, 150, 40, 20, 20, 110);
        assertThatThrownBy(() -> RoughFitting.fit(tall, FRAME))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("100 x 150")
                .hasMessageContaining("200 x 100");
        Picture blank = dab(100, 150, 0, 0, 0, 0);
        assertThatThrownBy(() -> RoughFitting.fit(blank, FRAME))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

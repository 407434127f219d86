package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.twelvemonkeys.imageio.plugins.tiff.TIFFImageReaderSpi;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import neattrace.export.OneBitWriter.Format;
import neattrace.print.Plans;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class OneBitWriterTest {

    private static byte[] write(InkMap map, double ppi, double outPpi, Format format)
            throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        OneBitWriter.write(Plans.oneBit(map, ppi), outPpi, format, out);
        return out.toByteArray();
    }

    /** Read back by TwelveMonkeys' own CCITT decoder; the writer is the JDK's. */
    @Property(tries = 25, seed = "20261")
    void anotherReaderFindsEveryPixelOfAGroupFourTiff(@ForAll long seed) throws IOException {
        InkMap map = Sheets.blocks(seed, 61, 0.4);
        byte[] tiff = write(map, 1200, 1200, Format.TIFF);
        ImageReader reader = new TIFFImageReaderSpi().createReaderInstance(null);
        reader.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(tiff)));
        BufferedImage image = reader.read(0);
        assertThat(image.getColorModel().getPixelSize()).isEqualTo(1);
        for (int y = 0; y < 61; y++) {
            for (int x = 0; x < 61; x++) {
                assertThat((image.getRGB(x, y) & 0xff) == 0).isEqualTo(map.isInk(x, y));
            }
        }
        reader.dispose();
    }

    /** TIFF 6.0: tag 259 Compression is 4 for T.6, tag 262 is 0 for white is zero. */
    @Test
    void theTiffIsWhatPlateSettersExpect() throws IOException {
        byte[] tiff = write(Sheets.disc(60, 30, 30, 20), 1200, 1200, Format.TIFF);
        assertThat(tag(tiff, 259)).isEqualTo(4);
        assertThat(tag(tiff, 262)).isZero();
        assertThat(tag(tiff, 278)).isEqualTo(60);
        Picture picture = PictureReader.read(tiff, "plate.tif");
        assertThat(picture.resolution().ppi()).isEqualTo(1200);
        assertThat(picture.resolution().stated()).isTrue();
    }

    /** The value of a short or long entry of the first directory, in either byte order. */
    private static long tag(byte[] tiff, int wanted) {
        java.nio.ByteBuffer buffer = java.nio.ByteBuffer.wrap(tiff);
        buffer.order(
                tiff[0] == 'I' ? java.nio.ByteOrder.LITTLE_ENDIAN : java.nio.ByteOrder.BIG_ENDIAN);
        int at = buffer.getInt(4);
        int count = buffer.getShort(at);
        for (int entry = 0; entry < count; entry++) {
            int base = at + 2 + 12 * entry;
            if ((buffer.getShort(base) & 0xffff) == wanted) {
                return buffer.getShort(base + 2) == 3
                        ? buffer.getShort(base + 8)
                        : buffer.getInt(base + 8);
            }
        }
        throw new AssertionError("no tag " + wanted);
    }

    @Test
    void aPngHasOneBitAPixelAndItsResolution() throws IOException {
        byte[] png = write(Sheets.disc(60, 30, 30, 20), 600, 600, Format.PNG);
        // PNG specification, IHDR: bit depth at byte 24.
        assertThat(png[24]).isEqualTo((byte) 1);
        assertThat(PictureReader.read(png, "a.png").resolution().ppi()).isEqualTo(600);
    }

    @Test
    void anotherResolutionKeepsShapeAndSize() throws IOException {
        InkMap disc = Sheets.disc(120, 60, 60, 40);
        for (double outPpi : new double[] {150, 450, 1200}) {
            Picture picture = PictureReader.read(write(disc, 300, outPpi, Format.PNG), "a.png");
            double k = outPpi / 300;
            assertThat(picture.width()).isEqualTo((int) Math.round(120 * k));
            long dark = picture.grey().histogram()[0];
            assertThat(dark / k / k).isCloseTo(Math.PI * 1600, within(Math.PI * 1600 * 0.01));
        }
    }

    @Test
    void aPictureBeyondAllMeasureIsRefused() {
        InkMap map = Sheets.disc(1000, 500, 500, 100);
        assertThatThrownBy(() -> write(map, 10, 20_000, Format.PNG))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("lower resolution");
    }
}

package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PngFileTest {

    private static final byte[] PHYS = {'p', 'H', 'Y', 's'};

    /**
     * The chunk pHYs holds pixels per metre across and down, then 1 for "metre"; its CRC covers
     * type and data (Portable Network Graphics (PNG) Specification, W3C 2003, 11.3.5.3 and 5.3).
     * 300 ppi are 11811 pixels a metre, 1200 ppi 47244.
     */
    @ParameterizedTest
    @CsvSource({"300,11811", "350,13780", "1200,47244", "72,2835"})
    void theResolutionIsWrittenAsTheSpecificationSays(double ppi, int perMetre) throws IOException {
        byte[] file = written(new BufferedImage(3, 2, BufferedImage.TYPE_BYTE_GRAY), ppi);

        int at = find(file, PHYS);
        DataInputStream chunk =
                new DataInputStream(new ByteArrayInputStream(file, at - 4, file.length - at + 4));
        assertThat(chunk.readInt()).isEqualTo(9);
        chunk.skipBytes(4);
        assertThat(chunk.readInt()).isEqualTo(perMetre);
        assertThat(chunk.readInt()).isEqualTo(perMetre);
        assertThat(chunk.readByte()).isEqualTo((byte) 1);
        CRC32 crc = new CRC32();
        crc.update(file, at, 13);
        assertThat(chunk.readInt()).isEqualTo((int) crc.getValue());
    }

    @Test
    void picturesComeBackWithEveryPixel() throws IOException {
        BufferedImage image = new BufferedImage(5, 4, BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < 20; i++) {
            image.setRGB(i % 5, i / 5, 0x0C0FFEE0 * i);
        }

        BufferedImage back = ImageIO.read(new ByteArrayInputStream(written(image, 300)));

        for (int i = 0; i < 20; i++) {
            assertThat(back.getRGB(i % 5, i / 5)).isEqualTo(image.getRGB(i % 5, i / 5));
        }
    }

    @Test
    void resolutionsLinkPixelsAndMillimetres() {
        Resolution fine = new Resolution(1200, true);

        assertThat(fine.mmPerPx()).isCloseTo(0.0211667, within(1e-6));
        assertThat(fine.pxPerMm() * fine.mmPerPx()).isCloseTo(1, within(1e-12));
        assertThat(Resolution.assumed().stated()).isFalse();
        for (double wrong : new double[] {0, -3, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThatThrownBy(() -> new Resolution(wrong, true))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    private static byte[] written(BufferedImage image, double ppi) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngFile.write(image, ppi, out);
        return out.toByteArray();
    }

    private static int find(byte[] file, byte[] what) {
        for (int i = 0; i + what.length < file.length; i++) {
            if (java.util.Arrays.equals(file, i, i + what.length, what, 0, what.length)) {
                return i;
            }
        }
        throw new AssertionError("no such chunk");
    }
}

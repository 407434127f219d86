package neattrace.raster.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import neattrace.raster.Picture;
import neattrace.testing.Pictures;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureReaderTest {

    private static final byte[] GOOD = Pictures.png(Sheets.framed(60, 40, 5, 4), 400);

    private static BufferedImage framed(int type) {
        BufferedImage image = Pictures.plain(60, 40, type, 0xFFFFFFFF);
        for (int x = 10; x < 50; x++) {
            for (int y = 10; y < 14; y++) {
                image.setRGB(x, y, 0xFF000000);
            }
        }
        return image;
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "bmp", "gif", "tiff", "jpg"})
    void everyFormatGivesInkAndPaper(String format) throws IOException {
        byte[] bytes = Pictures.encode(framed(BufferedImage.TYPE_INT_RGB), format);
        Picture picture = PictureReader.read(bytes, "drawing." + format);
        assertThat(picture.width()).isEqualTo(60);
        assertThat(picture.height()).isEqualTo(40);
        assertThat(picture.grey().at(30, 12)).isLessThan(40);
        assertThat(picture.grey().at(30, 30)).isGreaterThan(215);
    }

    @ParameterizedTest
    @ValueSource(
            ints = {
                BufferedImage.TYPE_BYTE_GRAY,
                BufferedImage.TYPE_BYTE_BINARY,
                BufferedImage.TYPE_USHORT_GRAY,
                BufferedImage.TYPE_INT_ARGB,
                BufferedImage.TYPE_3BYTE_BGR
            })
    void everyKindOfTiffAndPngIsRead(int type) throws IOException {
        for (String format : new String[] {"tiff", "png"}) {
            Picture picture =
                    PictureReader.read(Pictures.encode(framed(type), format), "a." + format);
            assertThat(picture.grey().at(30, 12)).as(format).isEqualTo(0);
            assertThat(picture.grey().at(2, 2)).as(format).isEqualTo(255);
            assertThat(picture.rgb()).as("grey pictures carry no colour").isEmpty();
        }
    }

    @Test
    void sixteenBitGreyKeepsItsStoredTones() throws IOException {
        BufferedImage image = new BufferedImage(3, 1, BufferedImage.TYPE_USHORT_GRAY);
        image.getRaster().setPixels(0, 0, 3, 1, new int[] {0, 32896, 65535});
        Picture picture = PictureReader.read(Pictures.png(image), "deep.png");
        assertThat(picture.grey().samples()).containsExactly(0, 128, 255);
    }

    /** ITU-R BT.601-7, 2.5.1: luma is 0.299 R + 0.587 G + 0.114 B. */
    @Test
    void greyIsRec601Luma() throws IOException {
        byte[] bytes = Pictures.png(Pictures.plain(2, 2, BufferedImage.TYPE_INT_RGB, 0xFF3060C0));
        Picture picture = PictureReader.read(bytes, "colour.png");
        assertThat(picture.grey().at(1, 1))
                .isEqualTo((int) Math.round(0.299 * 0x30 + 0.587 * 0x60 + 0.114 * 0xC0));
        assertThat(picture.rgbAt(0, 0)).isEqualTo(0x3060C0);
    }

    @Test
    void transparentIsPaper() throws IOException {
        byte[] bytes = Pictures.png(Pictures.plain(4, 4, BufferedImage.TYPE_INT_ARGB, 0x00000000));
        Picture picture = PictureReader.read(bytes, "clear.png");
        assertThat(picture.grey().at(0, 0)).isEqualTo(255);
        assertThat(picture.notes()).anyMatch(note -> note.contains("paper"));
        byte[] half = Pictures.png(Pictures.plain(4, 4, BufferedImage.TYPE_INT_ARGB, 0x80000000));
        assertThat(PictureReader.read(half, "half.png").grey().at(0, 0)).isCloseTo(127, within(1));
    }

    @Test
    void pngTellsItsResolution() throws IOException {
        Picture picture = PictureReader.read(GOOD, "a.png");
        assertThat(picture.resolution().ppi()).isEqualTo(400);
        assertThat(picture.resolution().stated()).isTrue();
        assertThat(picture.resolution().mmPerPx()).isCloseTo(0.0635, within(1e-9));
    }

    @Test
    void withoutResolution300IsAssumedAndThatIsSaid() throws IOException {
        byte[] bytes = Pictures.png(framed(BufferedImage.TYPE_BYTE_GRAY));
        Picture picture = PictureReader.read(bytes, "a.png");
        assertThat(picture.resolution().ppi()).isEqualTo(300);
        assertThat(picture.resolution().stated()).isFalse();
        assertThat(picture.notes()).anyMatch(note -> note.contains("300 ppi"));
    }

    /** JFIF density in dots a cm: ITU-T T.871, 10.1; bytes 13 to 17 of the file. */
    @Test
    void jpegTellsItsResolution() throws IOException {
        byte[] jpeg = Pictures.encode(framed(BufferedImage.TYPE_INT_RGB), "jpg");
        jpeg[13] = 2;
        jpeg[14] = 0;
        jpeg[15] = 118;
        jpeg[16] = 0;
        jpeg[17] = 118;
        Picture picture = PictureReader.read(jpeg, "a.jpg");
        assertThat(picture.resolution().ppi()).isCloseTo(118 * 2.54, within(1e-9));
    }

    /** TIFF 6.0, section 8: XResolution with unit 2 (inch) or 3 (centimetre). */
    @Test
    void tiffTellsItsResolution() throws IOException {
        assertThat(PictureReader.read(tiff(1200, 2), "a.tif").resolution().ppi())
                .isCloseTo(1200, within(0.01));
        assertThat(PictureReader.read(tiff(200, 3), "a.tif").resolution().ppi())
                .isCloseTo(508, within(0.01));
    }

    /** An 8 x 8 uncompressed grey TIFF, written tag by tag. */
    private static byte[] tiff(int resolution, int unit) {
        int[][] tags = {
            {256, 4, 8}, {257, 4, 8}, {258, 3, 8}, {259, 3, 1}, {262, 3, 1}, {273, 4, 176},
            {277, 3, 1}, {278, 4, 8}, {279, 4, 64}, {282, 5, 160}, {283, 5, 168}, {296, 3, unit}
        };
        ByteBuffer file = ByteBuffer.allocate(240).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        file.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
        file.putShort((short) tags.length);
        for (int[] tag : tags) {
            file.putShort((short) tag[0]).putShort((short) tag[1]).putInt(1).putInt(tag[2]);
        }
        file.putInt(0);
        file.position(160).putInt(resolution).putInt(1).putInt(resolution).putInt(1);
        for (int i = 0; i < 64; i++) {
            file.put((byte) 200);
        }
        return file.array();
    }

    @Test
    void cmykJpegIsRead() throws IOException {
        WritableRaster raster = Raster.createInterleavedRaster(0, 16, 16, 4, null);
        // Stored without an Adobe marker: 255 is full ink. Left half paper, right half black.
        for (int y = 0; y < 16; y++) {
            for (int x = 0; x < 16; x++) {
                raster.setPixel(x, y, new int[] {0, 0, 0, x < 8 ? 0 : 255});
            }
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam param = writer.getDefaultWriteParam();
            writer.write(null, new IIOImage(raster, null, null), param);
        }
        Picture picture = PictureReader.read(out.toByteArray(), "cmyk.jpg");
        int left = picture.grey().at(2, 8);
        int right = picture.grey().at(13, 8);
        assertThat(Math.abs(left - right)).isGreaterThan(120);
        assertThat(left).isGreaterThan(right);
    }

    @Test
    void ofAnAnimatedGifTheFirstPictureIsUsedAndThatIsSaid() throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            writer.writeToSequence(
                    new IIOImage(framed(BufferedImage.TYPE_BYTE_INDEXED), null, null), null);
            BufferedImage second =
                    Pictures.plain(60, 40, BufferedImage.TYPE_BYTE_INDEXED, 0xFF000000);
            writer.writeToSequence(new IIOImage(second, null, null), null);
            writer.endWriteSequence();
        }
        Picture picture = PictureReader.read(out.toByteArray(), "moving.gif");
        assertThat(picture.grey().at(2, 2)).isGreaterThan(215);
        assertThat(picture.notes()).anyMatch(note -> note.contains("several pictures"));
    }

    @Test
    void onePixelIsAPicture() throws IOException {
        Picture picture = PictureReader.read(Pictures.png(Sheets.plain(1, 1, 9), 300), "dot.png");
        assertThat(picture.width() * picture.height()).isEqualTo(1);
    }

    @Test
    void anEmptyFileIsCalledEmpty() {
        assertThatThrownBy(() -> PictureReader.read(new byte[0], "a.png"))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("a.png is empty");
    }

    @Test
    void aRenamedTextIsNoPicture() {
        byte[] text = "Dear sir or madam".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> PictureReader.read(text, "letter.png"))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("not a picture this program reads");
    }

    @Test
    void aRenamedPictureIsReadForWhatItIs() throws IOException {
        assertThat(PictureReader.read(GOOD, "really-a-png.jpg").format()).isEqualTo("PNG");
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "bmp", "gif", "tiff"})
    void aFileCutShortIsCalledDamaged(String format) {
        byte[] whole = Pictures.encode(framed(BufferedImage.TYPE_INT_RGB), format);
        byte[] half = Arrays.copyOf(whole, whole.length / 2);
        assertThatThrownBy(() -> PictureReader.read(half, "a." + format))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("a." + format);
    }

    @Test
    void noDamageWhateverBringsMoreThanAMessage() {
        for (String format : new String[] {"png", "jpg", "gif", "bmp", "tiff"}) {
            byte[] whole = Pictures.encode(framed(BufferedImage.TYPE_INT_RGB), format);
            for (int at = 0; at < whole.length; at += Math.max(1, whole.length / 60)) {
                byte[] damaged = whole.clone();
                damaged[at] ^= 0x5A;
                try {
                    PictureReader.read(damaged, "damaged");
                } catch (PictureException e) {
                    assertThat(e).hasMessageContaining("damaged");
                }
            }
        }
    }

    @Test
    void aHugePictureIsRefusedFromItsHeader() {
        assertThatThrownBy(() -> PictureReader.read(hugePng(30_000, 30_000), "huge.png"))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("30000 x 30000")
                .hasMessageContaining("limit is 300 million");
    }

    /** A PNG (ISO/IEC 15948, 11.2.2) that claims a size its few bytes do not hold. */
    private static byte[] hugePng(int width, int height) {
        ByteBuffer header = ByteBuffer.allocate(17);
        header.put("IHDR".getBytes(StandardCharsets.US_ASCII)).putInt(width).putInt(height);
        header.put(new byte[] {8, 0, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(header.array());
        ByteBuffer file = ByteBuffer.allocate(60);
        file.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        file.putInt(13).put(header.array()).putInt((int) crc.getValue());
        return file.array();
    }

    @Test
    void missingFilesAndFoldersAreNamed(@TempDir Path folder) {
        assertThatThrownBy(() -> PictureReader.read(folder.resolve("no.png")))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("does not exist");
        assertThatThrownBy(() -> PictureReader.read(folder))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("is a folder");
    }

    @Test
    void theFileIsNeverTouched(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("a.png");
        Files.write(file, GOOD);
        Files.setLastModifiedTime(file, FileTime.fromMillis(1_000_000_000_000L));
        PictureReader.read(file);
        assertThat(Files.readAllBytes(file)).isEqualTo(GOOD);
        assertThat(Files.getLastModifiedTime(file).toMillis()).isEqualTo(1_000_000_000_000L);
    }
}

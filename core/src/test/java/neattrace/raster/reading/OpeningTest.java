package neattrace.raster.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.concurrent.CancellationException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import neattrace.raster.Picture;
import neattrace.stage.Progress;
import neattrace.testing.Pictures;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.CCITTFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which page, which way up, how large. */
class OpeningTest {

    /** 3 across, 2 down, every pixel of another grey. */
    private static BufferedImage six() {
        BufferedImage image = new BufferedImage(3, 2, BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setPixels(0, 0, 3, 2, new int[] {10, 20, 30, 40, 50, 60});
        return image;
    }

    private static int[] greys(Picture picture) {
        int[] greys = new int[picture.width() * picture.height()];
        for (int i = 0; i < greys.length; i++) {
            greys[i] = picture.grey().samples()[i] & 0xff;
        }
        return greys;
    }

    private static Picture read(byte[] bytes, Opening opening) throws PictureException {
        return PictureReader.read(bytes, "six", opening, Progress.SILENT);
    }

    /** An uncompressed grey TIFF of the tags given, pixels after the directory. */
    private static byte[] tiff(int orientation, int ppiAcross, int ppiDown, int... greys) {
        int[][] tags = {
            {256, 3, 3},
            {257, 3, 2},
            {258, 3, 8},
            {259, 3, 1},
            {262, 3, 1},
            {273, 4, 200},
            {274, 3, orientation},
            {277, 3, 1},
            {278, 4, 2},
            {279, 4, 6},
            {282, 5, 180},
            {283, 5, 188},
            {296, 3, 2}
        };
        ByteBuffer file = ByteBuffer.allocate(206).order(ByteOrder.LITTLE_ENDIAN);
        file.put("II".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        file.putShort((short) tags.length);
        for (int[] tag : tags) {
            file.putShort((short) tag[0]).putShort((short) tag[1]).putInt(1).putInt(tag[2]);
        }
        file.position(180);
        file.putInt(ppiAcross).putInt(1).putInt(ppiDown).putInt(1);
        file.position(200);
        for (int grey : greys) {
            file.put((byte) grey);
        }
        return file.array();
    }

    /** TIFF 6.0, p. 36: where the first row and the first column of the stored picture belong. */
    @ParameterizedTest
    @CsvSource({
        "1, 3, 10 20 30 40 50 60",
        "2, 3, 30 20 10 60 50 40",
        "3, 3, 60 50 40 30 20 10",
        "4, 3, 40 50 60 10 20 30",
        "5, 2, 10 40 20 50 30 60",
        "6, 2, 40 10 50 20 60 30",
        "7, 2, 60 30 50 20 40 10",
        "8, 2, 30 60 20 50 10 40"
    })
    void aTiffIsTurnedAsItSays(int orientation, int width, String pixels) throws IOException {
        byte[] bytes = tiff(orientation, 300, 300, 10, 20, 30, 40, 50, 60);
        Picture picture = read(bytes, Opening.USUAL);
        assertThat(picture.width()).isEqualTo(width);
        assertThat(greys(picture))
                .containsExactly(
                        Arrays.stream(pixels.split(" ")).mapToInt(Integer::parseInt).toArray());
        assertThat(greys(read(bytes, Opening.AS_STORED))).containsExactly(10, 20, 30, 40, 50, 60);
    }

    /** Exif in a JPEG: the segment APP1 right after the start. */
    @Test
    void aPhotoIsTurnedAsTheCameraWasHeld() throws IOException {
        BufferedImage tall = Pictures.plain(40, 24, BufferedImage.TYPE_INT_RGB, 0xFFFFFF);
        Graphics2D graphics = tall.createGraphics();
        graphics.setColor(Color.BLACK);
        graphics.fillRect(0, 0, 40, 8);
        graphics.dispose();
        byte[] plain = Pictures.encode(tall, "jpeg");
        byte[] exif = Arrays.copyOf(tiff(6, 72, 72), 200);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (exif.length + 8)});
        out.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.write(exif);
        out.write(plain, 2, plain.length - 2);
        Picture picture = read(out.toByteArray(), Opening.USUAL);
        assertThat(picture.width()).isEqualTo(24);
        assertThat(picture.height()).isEqualTo(40);
        assertThat(picture.grey().at(21, 20)).isLessThan(20);
        assertThat(picture.grey().at(3, 20)).isGreaterThan(235);
    }

    @ParameterizedTest
    @CsvSource({"72", "96"})
    void whatCamerasAndScreensWriteIsNoMeasure(int ppi) throws IOException {
        Picture picture = read(tiff(1, ppi, ppi, 0, 0, 0, 0, 0, 0), Opening.USUAL);
        assertThat(picture.resolution().stated()).isFalse();
        assertThat(picture.resolution().ppi()).isEqualTo(300);
        assertThat(picture.resolution().claimed()).isEqualTo(ppi);
        assertThat(picture.notes()).anyMatch(note -> note.contains(ppi + " ppi"));
    }

    /** ITU-T T.4: 204 across and 98 down on an ordinary fax. */
    @Test
    void pixelsThatAreNotSquareAreMadeSquare() throws IOException {
        Picture picture = read(tiff(1, 200, 100, 0, 0, 0, 255, 255, 255), Opening.USUAL);
        assertThat(picture.width()).isEqualTo(3);
        assertThat(picture.height()).isEqualTo(4);
        assertThat(picture.resolution().ppi()).isEqualTo(200);
        assertThat(picture.grey().at(1, 0)).isLessThan(60);
        assertThat(picture.grey().at(1, 3)).isGreaterThan(195);
        assertThat(picture.notes()).anyMatch(note -> note.contains("square"));
    }

    /** A density that no scanner has is none: two pixels would become two thousand. */
    @Test
    void pixelsAreNotDrawnOutWithoutMeasure() throws IOException {
        Picture picture = read(tiff(1, 6000, 6, 0, 0, 0, 255, 255, 255), Opening.USUAL);
        assertThat(picture.height()).isEqualTo(2);
        assertThat(picture.resolution().stated()).isFalse();
        assertThat(picture.notes()).noneMatch(note -> note.contains("square"));
    }

    /** 128 of 255 at full opacity stays 128; at half opacity it is half way to paper. */
    @Test
    void greyWithAlphaKeepsItsTones() throws IOException {
        ComponentColorModel model =
                new ComponentColorModel(
                        ColorSpace.getInstance(ColorSpace.CS_GRAY),
                        true,
                        false,
                        Transparency.TRANSLUCENT,
                        DataBuffer.TYPE_BYTE);
        WritableRaster raster = model.createCompatibleWritableRaster(4, 1);
        raster.setPixels(0, 0, 4, 1, new int[] {128, 255, 40, 255, 0, 128, 90, 0});
        byte[] png = Pictures.encode(new BufferedImage(model, raster, false, null), "png");
        assertThat(greys(read(png, Opening.USUAL))).containsExactly(128, 40, 127, 255);
    }

    @Test
    void webpIsRead() throws IOException {
        Picture picture = read(Pictures.webp(), Opening.USUAL);
        assertThat(picture.width()).isEqualTo(2);
        assertThat(picture.format()).isEqualTo("WEBP");
        assertThat(greys(picture)).containsExactly(0, 255, 0, 255);
    }

    private static byte[] twoPages() throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("tiff").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            writer.writeToSequence(new IIOImage(six(), null, null), null);
            BufferedImage other = Pictures.plain(5, 4, BufferedImage.TYPE_BYTE_GRAY, 0xFF777777);
            writer.writeToSequence(new IIOImage(other, null, null), null);
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    @Test
    void ofSeveralPagesOneIsChosen() throws IOException {
        byte[] bytes = twoPages();
        Picture first = read(bytes, Opening.USUAL);
        assertThat(first.pages()).isEqualTo(2);
        assertThat(first.width()).isEqualTo(3);
        assertThat(read(bytes, Opening.USUAL.withPage(1)).width()).isEqualTo(5);
        assertThatThrownBy(() -> read(bytes, Opening.USUAL.withPage(2)))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("there is no page 3");
    }

    private static byte[] pdf(boolean drawnToo, int rotation) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle(72, 48));
            page.setRotation(rotation);
            document.addPage(page);
            byte[] greys = new byte[300 * 200];
            for (int i = 0; i < greys.length; i++) {
                greys[i] = (byte) (i % 251);
            }
            PDImageXObject scan =
                    new PDImageXObject(
                            document,
                            new ByteArrayInputStream(greys),
                            null,
                            300,
                            200,
                            8,
                            PDDeviceGray.INSTANCE);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawImage(scan, 0, 0, 72, 48);
                if (drawnToo) {
                    content.addRect(10, 10, 20, 20);
                    content.fill();
                }
            }
            document.addPage(new PDPage(new PDRectangle(144, 72)));
            document.save(out);
        }
        return out.toByteArray();
    }

    @Test
    void aScannedPageGivesItsOwnPixels() throws IOException {
        Picture picture = read(pdf(false, 0), Opening.USUAL);
        assertThat(picture.pages()).isEqualTo(2);
        assertThat(picture.width()).isEqualTo(300);
        assertThat(picture.resolution().ppi()).isEqualTo(300);
        for (int i = 0; i < 300 * 200; i += 777) {
            assertThat(picture.grey().samples()[i] & 0xff).isEqualTo(i % 251);
        }
        Picture turned = read(pdf(false, 90), Opening.USUAL);
        assertThat(turned.width()).isEqualTo(200);
        assertThat(turned.grey().at(199, 0)).isEqualTo(0);
        assertThat(turned.grey().at(199, 100)).isEqualTo(100);
    }

    /** Scanners write black and white as fax does. */
    @Test
    void aPageInBlackAndWhiteStaysSo() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        BufferedImage scan = new BufferedImage(64, 64, BufferedImage.TYPE_BYTE_BINARY);
        for (int i = 0; i < 64 * 64; i++) {
            scan.getRaster().setSample(i % 64, i / 64, 0, i % 64 / 8 % 2);
        }
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle(24, 24));
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawImage(CCITTFactory.createFromImage(document, scan), 0, 0, 24, 24);
            }
            document.save(out);
        }
        Picture picture = read(out.toByteArray(), Opening.USUAL);
        assertThat(picture.width()).isEqualTo(64);
        assertThat(picture.grey().isOneBit()).isTrue();
        assertThat(picture.grey().at(3, 9)).isZero();
        assertThat(picture.grey().at(11, 9)).isEqualTo(255);
    }

    @Test
    void anyOtherPageIsDrawnAtAChosenResolution() throws IOException {
        Picture mixed = read(pdf(true, 0), Opening.USUAL);
        assertThat(mixed.width()).isEqualTo(600);
        Picture empty = read(pdf(false, 0), Opening.USUAL.withPage(1).withPpi(150));
        assertThat(empty.width()).isEqualTo(300);
        assertThat(empty.height()).isEqualTo(150);
        assertThat(empty.resolution().ppi()).isEqualTo(150);
    }

    @Test
    void strokesOfAnSvgComeOutAsInkOfTheirWidth() throws IOException {
        String svg =
                "<?xml version='1.0'?><svg xmlns='http://www.w3.org/2000/svg' width='50mm'"
                        + " height='40mm' viewBox='0 0 50 40'><path d='M5 20H45' stroke='black'"
                        + " stroke-width='2' fill='none'/></svg>";
        Picture picture = read(svg.getBytes(StandardCharsets.UTF_8), Opening.USUAL);
        double ppi = picture.resolution().ppi();
        assertThat(ppi).isGreaterThanOrEqualTo(1200);
        assertThat(picture.width()).isGreaterThanOrEqualTo(3000 - 1);
        double ink = 0;
        for (int y = 0; y < picture.height(); y++) {
            ink += (255 - picture.grey().at(picture.width() / 2, y)) / 255.0;
        }
        assertThat(ink / ppi * 25.4).isCloseTo(2, within(0.01));
        Picture coarse = read(svg.getBytes(StandardCharsets.UTF_8), Opening.USUAL.withPpi(254));
        assertThat(coarse.width()).isEqualTo(500);
    }

    /** Nothing outside the file is ever opened for it. */
    @Test
    void anSvgOpensNothingElse() {
        String svg =
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>"
                        + "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>&x;</svg>";
        assertThatThrownBy(() -> read(svg.getBytes(StandardCharsets.UTF_8), Opening.USUAL))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("entities");
    }

    /** The last fifth is missing: it opens, and says so. */
    @Test
    void aJpegCutShortIsDamaged() throws IOException {
        BufferedImage image = Pictures.plain(400, 300, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.BLACK);
        for (int k = 0; k < 60; k++) {
            graphics.drawLine(k * 7, 0, 400 - k * 5, 300);
        }
        graphics.dispose();
        byte[] whole = Pictures.encode(image, "jpeg");
        assertThat(read(whole, Opening.USUAL).damage()).isEmpty();
        byte[] cut = Arrays.copyOf(whole, whole.length * 4 / 5);
        assertThat(read(cut, Opening.USUAL).damage()).isNotEmpty();
        byte[] padded = Arrays.copyOf(whole, whole.length + 100);
        assertThat(read(padded, Opening.USUAL).damage()).isEmpty();
    }

    @Test
    void readingStopsWhenToldTo() {
        byte[] png =
                Pictures.encode(
                        Pictures.plain(900, 900, BufferedImage.TYPE_INT_RGB, 0x123456), "png");
        Progress stop =
                (step, share) -> {
                    throw new CancellationException();
                };
        assertThatThrownBy(() -> PictureReader.read(png, "p", Opening.USUAL, stop))
                .isInstanceOf(CancellationException.class);
    }

    /** 17,000 x 17,000 deep pixels: within the limit of pixels, not within this memory. */
    @Test
    void whatDoesNotFitIntoTheMemoryIsRefusedFromItsHeader() {
        assertThatThrownBy(() -> Memory.check("huge.png", Runtime.getRuntime().maxMemory() * 2))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("more memory than there is");
    }

    /** Three colours and a number beyond the table, over white where they are half transparent. */
    @Test
    void coloursOfATableAreReadOverPaper() throws IOException {
        byte[] red = {(byte) 255, 0, 10};
        byte[] green = {0, 0, 10};
        byte[] blue = {0, 0, 10};
        byte[] alpha = {(byte) 255, (byte) 128, (byte) 255};
        IndexColorModel table = new IndexColorModel(8, 3, red, green, blue, alpha);
        BufferedImage image = new BufferedImage(4, 1, BufferedImage.TYPE_BYTE_INDEXED, table);
        for (int x = 0; x < 3; x++) {
            image.getRaster().setSample(x, 0, 0, x);
        }
        Picture picture = read(Pictures.encode(image, "png"), Opening.USUAL);
        assertThat(greys(picture)).containsExactly(76, 127, 10, 76);
        assertThat(picture.rgb()).containsExactly(0xff0000, 0x7f7f7f, 0x0a0a0a, 0xff0000);
        assertThat(picture.notes()).anyMatch(note -> note.contains("Transparent"));
    }

    /** A table of greys brings no colours along: one byte a pixel, not five. */
    @Test
    void oneBitScansCarryNoColours() throws IOException {
        BufferedImage image = Pictures.plain(3, 2, BufferedImage.TYPE_BYTE_BINARY, 0xFFFFFFFF);
        Picture picture = read(Pictures.encode(image, "png"), Opening.USUAL);
        assertThat(picture.rgb()).isEmpty();
        assertThat(greys(picture)).containsOnly(255);
    }

    /** Forty bytes of WebP whose tables ask for millions more: it took 22 s. */
    @Test
    @Timeout(10)
    void whatAsksForMoreThanThereIsIsDamaged() {
        byte[] file =
                Base64.getDecoder()
                        .decode("UklGRiAAAABXRUJQVlA4TBMAAAAvAUADAA8w//dya2VyeDAgJTAqeA==");
        assertThatThrownBy(() -> PictureReader.read(file, "hungry.webp"))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("damaged or cut short");
    }
}

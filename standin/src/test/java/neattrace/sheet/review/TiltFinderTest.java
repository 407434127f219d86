package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("thorough")
class TiltFinderTest {

    private interface Drawing {
        void draw(Graphics2D graphics);
    }

    /** Drawn level, then turned by the JDK's bicubic AffineTransformOp: an outside resampler. */
    private static InkMap turned(double degrees, Drawing drawing) {
        BufferedImage level = new BufferedImage(1200, 900, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = level.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 1200, 900);
        g.setColor(Color.BLACK);
        drawing.draw(g);
        g.dispose();
        AffineTransformOp turn =
                new AffineTransformOp(
                        AffineTransform.getRotateInstance(Math.toRadians(degrees), 600, 450),
                        AffineTransformOp.TYPE_BICUBIC);
        BufferedImage image = new BufferedImage(1200, 900, BufferedImage.TYPE_BYTE_GRAY);
        byte[] samples = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        java.util.Arrays.fill(samples, (byte) 255);
        Graphics2D onto = image.createGraphics();
        onto.drawImage(level, turn, 0, 0);
        onto.dispose();
        return map(new GreySheet(1200, 900, samples), 10);
    }

    private static InkMap map(GreySheet sheet, double pxPerMm) {
        return InkMapper.read(sheet, SheetRecipe.plain(false, 50, 0), pxPerMm, Progress.SILENT)
                .map();
    }

    private static void panel(Graphics2D g) {
        g.setStroke(new BasicStroke(5));
        g.draw(new Rectangle2D.Double(200, 200, 800, 500));
        g.draw(new Ellipse2D.Double(300, 300, 300, 300));
        g.draw(new Ellipse2D.Double(500, 250, 380, 410));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-5.3, -1.27, -0.35, -0.04, 0, 0.11, 0.5, 2.22, 7})
    void theTiltOfAFramedDrawingIsFoundToAHundredthOfADegree(double degrees) {
        Tilt tilt = TiltFinder.find(turned(degrees, TiltFinderTest::panel));
        assertThat(tilt.degrees()).isCloseTo(degrees, within(0.01));
        assertThat(tilt.confidence()).isGreaterThan(Tilt.SURE);
    }

    /** Rows of lettering in the JDK's own sans serif; a baseline is less sharp than a line. */
    @ParameterizedTest
    @ValueSource(doubles = {-1.4, 0.6})
    void rowsOfLetteringTellTheTiltToo(double degrees) {
        InkMap map =
                turned(
                        degrees,
                        g -> {
                            g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 34));
                            for (int row = 0; row < 9; row++) {
                                g.drawString(
                                        "Ship came in with mail and flour at noon",
                                        220,
                                        240 + 55 * row);
                            }
                        });
        Tilt tilt = TiltFinder.find(map);
        assertThat(tilt.degrees()).isCloseTo(degrees, within(0.1));
        assertThat(tilt.confidence()).isGreaterThan(Tilt.SURE);
    }

    @Test
    void roundThingsTellNothing() {
        InkMap map =
                turned(
                        2,
                        g -> {
                            g.setStroke(new BasicStroke(5));
                            for (int k = 0; k < 12; k++) {
                                g.draw(
                                        new Ellipse2D.Double(
                                                200 + 50 * k, 200 + 31 * (k % 5), 300, 280));
                            }
                        });
        assertThat(TiltFinder.find(map).confidence()).isLessThan(Tilt.SURE);
    }

    @Test
    void theGlasshouseStandsAsItWasScanned() {
        ScanSettings scan = SkerryMail.GLASSHOUSE.everydayScan();
        InkMap map =
                map(
                        StandInScanner.scan(Drawings.of(SkerryMail.GLASSHOUSE), scan),
                        scan.ppi() / 25.4);
        Tilt tilt = TiltFinder.find(map);
        assertThat(tilt.degrees()).isCloseTo(scan.tiltDegrees(), within(0.01));
        assertThat(tilt.confidence()).isGreaterThan(Tilt.SURE);
    }

    @Test
    void aBlankSheetHasNoTilt() {
        assertThat(TiltFinder.find(new InkMap(100, 80, new byte[8000]))).isEqualTo(Tilt.NONE);
    }

    @Test
    void aLineDrawnByHandTellsItsAngleLevelOrUpright() {
        assertThat(Tilt.along(new Point(10, 10), new Point(1010, 20)))
                .isCloseTo(0.57, within(0.005));
        assertThat(Tilt.along(new Point(1010, 20), new Point(10, 10)))
                .isCloseTo(0.57, within(0.005));
        assertThat(Tilt.along(new Point(50, 10), new Point(40, 1010)))
                .isCloseTo(0.57, within(0.005));
    }
}

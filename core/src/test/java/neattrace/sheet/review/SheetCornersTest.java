package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class SheetCornersTest {

    private static final List<Point> CORNERS =
            List.of(
                    new Point(120, 90),
                    new Point(680, 60),
                    new Point(740, 540),
                    new Point(70, 560));

    /** Paper of known corners on a dark table, with a drawing that touches nothing. */
    private static InkReading photo() {
        BufferedImage image = new BufferedImage(800, 620, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(0x707070));
        g.fillRect(0, 0, 800, 620);
        g.setColor(new Color(0xF8F8F8));
        Polygon sheet = new Polygon();
        CORNERS.forEach(corner -> sheet.addPoint((int) corner.x(), (int) corner.y()));
        g.fill(sheet);
        g.setColor(Color.BLACK);
        g.fillOval(300, 200, 160, 130);
        g.dispose();
        byte[] samples = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        return InkMapper.read(
                new GreySheet(800, 620, samples), SheetRecipe.automatic(), 10, Progress.SILENT);
    }

    @Test
    void theCornersOfASheetOnADarkTableAreFound() {
        List<Point> found = SheetCorners.find(photo()).orElseThrow();
        for (int k = 0; k < 4; k++) {
            // Drawn in by 0.8 % of the way to the middle: 3 px.
            assertThat(found.get(k).distance(CORNERS.get(k))).isLessThan(5);
        }
    }

    @Test
    void aSheetThatFillsThePictureHasNone() {
        InkReading reading =
                InkMapper.read(
                        Sheets.framed(600, 500, 30, 5),
                        SheetRecipe.automatic(),
                        10,
                        Progress.SILENT);
        assertThat(SheetCorners.find(reading)).isEmpty();
    }
}

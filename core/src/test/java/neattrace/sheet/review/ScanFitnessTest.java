package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScanFitnessTest {

    /** A thick line, and a thin slanting one of known width. */
    private static GreySheet lines(double thin) {
        BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 600, 400);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(14));
        g.draw(new Line2D.Double(50, 50, 550, 80));
        g.setStroke(new BasicStroke((float) thin));
        g.draw(new Line2D.Double(60, 180, 540, 340));
        g.dispose();
        return new GreySheet(
                600, 400, ((DataBufferByte) image.getRaster().getDataBuffer()).getData());
    }

    private static ScanFitness fitness(GreySheet sheet, double ppi) {
        return ScanFitness.of(
                InkMapper.read(
                        sheet, SheetRecipe.plain(false, 50, 0), ppi / 25.4, Progress.SILENT));
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.8, 2.5, 3, 4.2, 6})
    void theThinnestLineIsMeasured(double width) {
        ScanFitness fitness = fitness(lines(width), 300);
        assertThat(fitness.thinnestPx()).isCloseTo(width, within(0.5));
        assertThat(fitness.thinnestMm()).isCloseTo(width / 300 * 25.4, within(0.05));
        assertThat(fitness.tooCoarse()).isEqualTo(fitness.thinnestPx() < 2);
    }

    /** Five pixels across a line of 2.5 px at 300 ppi need 600 ppi. */
    @Test
    void theNextScanIsFineEnoughForTheThinnestLine() {
        assertThat(fitness(lines(2.5), 300).nextPpi()).isBetween(600.0, 800.0);
        assertThat(fitness(lines(6), 300).nextPpi()).isEqualTo(300);
    }

    /** 600 px at 300 ppi are two inches (1 in is 25.4 mm by definition). */
    @Test
    void sizesFollowFromPixelsAndTheGoods() {
        ScanFitness fitness = fitness(lines(4), 300);
        assertThat(fitness.widthMm(300)).isCloseTo(50.8, within(1e-9));
        assertThat(fitness.widthMm(200)).isCloseTo(76.2, within(1e-9));
        assertThat(fitness.heightMm(1200)).isCloseTo(400 / 1200.0 * 25.4, within(1e-9));
    }

    @Test
    void withoutInkThereIsNoThinnestLine() {
        ScanFitness fitness = fitness(Sheets.plain(40, 40, 255), 300);
        assertThat(fitness.thinnestPx()).isZero();
        assertThat(fitness.nextPpi()).isZero();
    }
}

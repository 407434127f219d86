package neattrace.press.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.Tints;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlateMakerTest {

    private static final double PPI = 254;
    private static final Colorant MOSS = Colorant.spot("Moss");

    private static Plates plates(double mm, Laid... laid) {
        List<Laid> all = List.of(laid);
        return PlateMaker.of(all, mm, mm, PPI, PlateMaker.inks(all), Progress.SILENT);
    }

    private static Laid ink(Shape shape, Cmyk build) {
        return new Laid(shape, Tints.of(build), false);
    }

    private static int at(Plates plates, Colorant ink, int x, int y) {
        return plates.coverage().get(plates.inks().indexOf(ink))[y * plates.width() + x] & 0xff;
    }

    @Test
    void solidInkIsExactlyTheTint() {
        Plates plates = plates(10, ink(new Rectangle2D.Double(2, 2, 5, 5), new Cmyk(20, 0, 60, 5)));
        assertThat(plates.inks()).containsExactly(Colorant.CYAN, Colorant.YELLOW, Colorant.BLACK);
        assertThat(at(plates, Colorant.CYAN, 40, 40)).isEqualTo(51);
        assertThat(at(plates, Colorant.YELLOW, 40, 40)).isEqualTo(153);
        assertThat(at(plates, Colorant.BLACK, 40, 40)).isEqualTo(13);
        assertThat(at(plates, Colorant.CYAN, 10, 10)).isZero();
        assertThat(plates.heaviest()).isEqualTo(85);
        assertThat(plates.solidSquareMm(Colorant.YELLOW)).isCloseTo(15, within(1e-3));
        assertThat(plates.coveredSquareMm(Colorant.CYAN)).isCloseTo(25, within(1e-3));
    }

    @Test
    void edgesCoverTheirShareOfAPixel() {
        Plates plates =
                plates(2, ink(new Rectangle2D.Double(0, 0, 1.025, 1.05), new Cmyk(0, 0, 0, 100)));
        assertThat(at(plates, Colorant.BLACK, 10, 5)).isEqualTo(64);
        assertThat(at(plates, Colorant.BLACK, 5, 10)).isCloseTo(128, within(1));
        assertThat(at(plates, Colorant.BLACK, 9, 9)).isEqualTo(255);
    }

    @Test
    void whatOverprintsKeepsOtherInksAndEverythingElseKnocksOut() {
        Rectangle2D all = new Rectangle2D.Double(0, 0, 10, 10);
        Rectangle2D right = new Rectangle2D.Double(5, 0, 5, 10);
        Laid ground = ink(all, new Cmyk(40, 30, 0, 20));
        Laid black = new Laid(right, Tints.of(new Cmyk(0, 0, 0, 100)), true);
        Plates over = plates(10, ground, black);
        assertThat(over.at(75, 50).process().rounded()).isEqualTo(new Cmyk(40, 30, 0, 100));
        assertThat(over.heaviest()).isEqualTo(170);
        Plates out = plates(10, ground, new Laid(right, black.tints(), false));
        assertThat(out.at(75, 50).process().rounded()).isEqualTo(new Cmyk(0, 0, 0, 100));
        Plates spot = plates(10, ground, new Laid(right, Tints.full(MOSS), false));
        assertThat(at(spot, Colorant.CYAN, 75, 50)).isZero();
        assertThat(at(spot, MOSS, 75, 50)).isEqualTo(255);
    }

    @Test
    void neighboursLeaveNoSeamHoweverTheirEdgeLies() {
        double[] angles = {0, 0.1, 0.785, 1.3};
        for (double angle : angles) {
            AffineTransform turn = AffineTransform.getRotateInstance(angle, 5, 5);
            Shape left = turn.createTransformedShape(new Rectangle2D.Double(-10, -10, 15.013, 30));
            Shape right = turn.createTransformedShape(new Rectangle2D.Double(5.013, -10, 15, 30));
            Plates plates =
                    plates(
                            10,
                            ink(left, new Cmyk(100, 0, 0, 0)),
                            ink(right, new Cmyk(0, 100, 0, 0)));
            for (int i = 0; i < plates.width() * plates.height(); i++) {
                int sum =
                        (plates.coverage().get(0)[i] & 0xff) + (plates.coverage().get(1)[i] & 0xff);
                assertThat(sum).isBetween(254, 256);
            }
        }
    }

    /** Java2D, at 16 times the resolution and without smoothing, is the judge. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void randomShapesCoverWhatJava2dSays(long seed) {
        Random chance = new Random(seed);
        List<Laid> laid = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Path2D path =
                    new Path2D.Double(
                            chance.nextBoolean() ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
            path.moveTo(10 * chance.nextDouble(), 10 * chance.nextDouble());
            for (int k = 0; k < 4; k++) {
                path.curveTo(
                        14 * chance.nextDouble() - 2,
                        14 * chance.nextDouble() - 2,
                        14 * chance.nextDouble() - 2,
                        14 * chance.nextDouble() - 2,
                        10 * chance.nextDouble(),
                        10 * chance.nextDouble());
            }
            path.closePath();
            laid.add(ink(path, new Cmyk(0, 0, 0, chance.nextInt(101))));
        }
        Plates plates = PlateMaker.of(laid, 10, 10, PPI, List.of(Colorant.BLACK), Progress.SILENT);
        int fine = 16;
        BufferedImage image =
                new BufferedImage(100 * fine, 100 * fine, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(10.0 * fine, 10.0 * fine);
        byte[] raw = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        for (Laid one : laid) {
            // The grey of the raster is the tint itself; colours would go through a curve.
            BufferedImage mask = mask(one.shape(), 100 * fine, 10.0 * fine);
            byte[] inside = ((DataBufferByte) mask.getRaster().getDataBuffer()).getData();
            byte tint = (byte) Math.round(2.55 * one.tints().of(Colorant.BLACK));
            for (int i = 0; i < raw.length; i++) {
                raw[i] = inside[i] != 0 ? tint : raw[i];
            }
        }
        double off = 0;
        double worst = 0;
        for (int y = 0; y < 100; y++) {
            for (int x = 0; x < 100; x++) {
                long sum = 0;
                for (int dy = 0; dy < fine; dy++) {
                    for (int dx = 0; dx < fine; dx++) {
                        sum += raw[(y * fine + dy) * 100 * fine + x * fine + dx] & 0xff;
                    }
                }
                double expected = (double) sum / (fine * fine);
                double difference = Math.abs(at(plates, Colorant.BLACK, x, y) - expected);
                off += difference;
                worst = Math.max(worst, difference);
            }
        }
        assertThat(off / 10_000).as("mean, of 255").isLessThan(0.6);
        assertThat(worst).isLessThan(24);
    }

    private static BufferedImage mask(Shape shape, int side, double scale) {
        BufferedImage mask = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = mask.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(scale, scale);
        graphics.setColor(Color.WHITE);
        graphics.fill(shape);
        graphics.dispose();
        return mask;
    }

    @Test
    void areasOfCompositesAreThoseOfGeometry() {
        Shape disc = new Ellipse2D.Double(1, 1, 6, 6);
        Area ring = new Area(disc);
        ring.subtract(new Area(new Ellipse2D.Double(3, 3, 2, 2)));
        Plates plates = plates(10, ink(ring, new Cmyk(0, 50, 0, 0)));
        assertThat(plates.composites()).hasSize(1);
        assertThat(plates.composites().get(0).squareMm()).isCloseTo(8 * Math.PI, within(0.01));
    }

    @Test
    void theMapTellsWhatLiesInTheMiddleOfEachPixel() {
        List<Laid> laid =
                List.of(ink(new Rectangle2D.Double(0, 0, 1.04, 2), new Cmyk(10, 0, 0, 0)));
        PlateMap map = PlateMaker.map(laid, 2, 2, PPI, Progress.SILENT);
        assertThat(map.at(9, 5).process()).isEqualTo(new Cmyk(10, 0, 0, 0));
        assertThat(map.at(10, 5).total()).isZero();
    }

    @Test
    void theHeaviestPlaceCanLeaveOutSpecks() {
        Plates plates =
                plates(
                        10,
                        ink(new Rectangle2D.Double(0, 0, 5, 5), new Cmyk(100, 100, 0, 0)),
                        ink(new Rectangle2D.Double(6, 6, 0.1, 0.1), new Cmyk(100, 100, 100, 0)));
        assertThat(plates.heaviest()).isEqualTo(300);
        assertThat(plates.heaviest(0.02)).isEqualTo(200);
        assertThat(plates.at(20, 20).total()).isCloseTo(200, within(0.5));
    }

    @Test
    void nothingIsABarePage() {
        Plates plates = plates(10);
        assertThat(plates.inks()).isEmpty();
        assertThat(plates.heaviest()).isZero();
    }

    @Test
    void tooLargePlatesAreRefusedAndWorkCanBeStopped() {
        assertThatThrownBy(
                        () ->
                                PlateMaker.of(
                                        List.of(), 5000, 5000, 2400, List.of(), Progress.SILENT))
                .hasMessageContaining("lower resolution");
        assertThatThrownBy(
                        () ->
                                PlateMaker.of(
                                        List.of(),
                                        10,
                                        10,
                                        PPI,
                                        List.of(),
                                        (what, share) -> {
                                            throw new CancellationException();
                                        }))
                .isInstanceOf(CancellationException.class);
    }
}

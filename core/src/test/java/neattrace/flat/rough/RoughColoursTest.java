package neattrace.flat.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.press.DeltaE2000;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Progress;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;

class RoughColoursTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final int SIDE = 200;

    /** A window of three by three panes of 60 px with 5 px bars, flush with the sheet. */
    private static final InkMap PANES = panes();

    private static InkMap panes() {
        byte[] coverage = new byte[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                boolean bar = x % 65 < 5 || y % 65 < 5;
                coverage[y * SIDE + x] = bar ? (byte) 255 : 0;
            }
        }
        return new InkMap(SIDE, SIDE, coverage);
    }

    private static final AreaMap AREAS =
            AreaFinder.find(PANES, CloseSettings.automatic(), 10, Progress.SILENT);

    private static Picture rough(int size, java.util.function.Consumer<Graphics2D> dabs)
            throws IOException {
        BufferedImage image = Pictures.plain(size, size, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        dabs.accept(graphics);
        graphics.dispose();
        return PictureReader.read(Pictures.png(image), "rough.png");
    }

    private static RoughColours.Result read(Picture rough) {
        return RoughColours.read(AREAS, PANES, rough, 0.1, List.of(), false, 1, PRESS);
    }

    @Test
    void anAreaTakesTheColourThatCoversMostOfIt() throws IOException {
        // Red reaches a quarter into the pane to its right, which is mostly blue.
        RoughColours.Result result =
                read(
                        rough(
                                SIDE,
                                g -> {
                                    g.setColor(new Color(0x3060C0));
                                    g.fillRect(70, 5, 60, 60);
                                    g.setColor(new Color(0xD02020));
                                    g.fillRect(0, 0, 85, 64);
                                }));
        assertThat(result.swatches()).hasSize(2);
        assertThat(result.fills()).hasSize(2);
        assertThat(swatchAt(result, 35, 35)).isNotEqualTo(swatchAt(result, 110, 35));
        Rgb red = PRESS.preview(result.swatches().get(swatchAt(result, 35, 35) - 1).build());
        assertThat(DeltaE2000.between(red.toLab(), Rgb.of(0xD02020).toLab())).isLessThan(6);
    }

    private static int swatchAt(RoughColours.Result result, int x, int y) {
        int label = AREAS.at(new Point(x, y)).orElseThrow().label();
        return result.fills().stream()
                .filter(f -> AREAS.at(f.anchor().times(10)).orElseThrow().label() == label)
                .mapToInt(Fill::swatch)
                .findFirst()
                .orElse(Fill.PAPER);
    }

    @Test
    void paperStaysBare() throws IOException {
        RoughColours.Result result =
                read(
                        rough(
                                SIDE,
                                g -> {
                                    g.setColor(new Color(0xFAFAF8));
                                    g.fillRect(0, 0, SIDE, SIDE);
                                    g.setColor(new Color(0x40A040));
                                    g.fillRect(5, 5, 60, 60);
                                }));
        assertThat(result.fills()).hasSize(1);
        assertThat(swatchAt(result, 35, 35)).isEqualTo(1);
    }

    @Test
    void nearlyEqualColoursBecomeOneSwatch() throws IOException {
        RoughColours.Result result =
                read(
                        rough(
                                SIDE,
                                g -> {
                                    g.setColor(new Color(200, 80, 90));
                                    g.fillRect(5, 5, 60, 60);
                                    g.setColor(new Color(203, 82, 88));
                                    g.fillRect(70, 5, 60, 60);
                                    g.setColor(new Color(90, 80, 200));
                                    g.fillRect(5, 70, 60, 60);
                                }));
        assertThat(result.swatches()).hasSize(2);
        assertThat(swatchAt(result, 35, 35)).isEqualTo(swatchAt(result, 100, 35));
        assertThat(result.swatches()).extracting(s -> s.name()).doesNotHaveDuplicates();
    }

    @Test
    void aSmallerRoughOfTheSameProportionWillDo() throws IOException {
        Picture small =
                rough(
                        50,
                        g -> {
                            g.setColor(Color.ORANGE);
                            g.fillRect(1, 1, 15, 15);
                        });
        assertThat(read(small).fills()).hasSize(1);
    }

    /** Two rooms with a door of 20 px in the wall, the left one red and the right one blue. */
    private static final InkMap ROOMS = rooms();

    private static InkMap rooms() {
        byte[] coverage = new byte[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                boolean box = x >= 20 && x < 180 && y >= 50 && y < 150;
                boolean inside = x >= 26 && x < 174 && y >= 56 && y < 144;
                boolean wall = x >= 97 && x < 103 && Math.abs(y - 100) >= 10;
                coverage[y * SIDE + x] = box && (!inside || wall) ? (byte) 255 : 0;
            }
        }
        return new InkMap(SIDE, SIDE, coverage);
    }

    @Test
    void twoColoursCloseTheOpeningBetweenThem() throws IOException {
        Picture rough =
                rough(
                        SIDE,
                        g -> {
                            g.setColor(Color.RED);
                            g.fillRect(26, 56, 74, 88);
                            g.setColor(Color.BLUE);
                            g.fillRect(100, 56, 74, 88);
                        });
        var joins =
                RoughJoins.find(ROOMS, DistanceTransform.of(ROOMS), rough, 0.1, Progress.SILENT);
        assertThat(joins).hasSize(1);
        assertThat(joins.get(0).middle().distance(new Point(10, 10))).isLessThan(1);
        AreaMap areas =
                AreaFinder.find(
                        ROOMS, CloseSettings.automatic().withJoins(joins), 10, Progress.SILENT);
        assertThat(areas.enclosed()).hasSize(2);
    }

    @Test
    void aDabThatRunsOverTheLinePartsNothing() throws IOException {
        Picture oneColour =
                rough(
                        SIDE,
                        g -> {
                            g.setColor(Color.RED);
                            g.fillRect(26, 56, 148, 88);
                            g.setColor(Color.BLUE);
                            g.fillRect(150, 40, 50, 40);
                        });
        assertThat(
                        RoughJoins.find(
                                ROOMS,
                                DistanceTransform.of(ROOMS),
                                oneColour,
                                0.1,
                                Progress.SILENT))
                .isEmpty();
    }

    /** What fits has one colour an area; what was made for another drawing has many. */
    @Test
    void aRoughOfAnotherDrawingFitsBadly() throws IOException {
        Picture own =
                rough(
                        SIDE,
                        g -> {
                            g.setColor(Color.ORANGE);
                            g.fillRect(5, 5, 125, 60);
                            g.setColor(Color.BLUE);
                            g.fillRect(5, 70, 60, 60);
                        });
        assertThat(read(own).clearShare()).isGreaterThan(0.95);
        Picture other =
                rough(
                        SIDE,
                        g -> {
                            for (int k = 0; k < 20; k++) {
                                g.setColor(new Color(40 + 10 * k, 250 - 11 * k, 20 * k % 255));
                                g.fillOval(k * 37 % 170, k * 61 % 170, 34, 30);
                            }
                        });
        assertThat(read(other).clearShare()).isLessThan(0.7);
    }

    @Test
    void coloursOfAGivenPaletteAreUsedAndNoOthers() throws IOException {
        List<Swatch> palette =
                List.of(
                        new Swatch(4, "Gorse", new Cmyk(0, 22, 84, 0)),
                        new Swatch(9, "Navy", new Cmyk(92, 72, 28, 24)));
        Picture dabs =
                rough(
                        SIDE,
                        g -> {
                            g.setColor(Color.ORANGE);
                            g.fillRect(5, 5, 60, 60);
                            g.setColor(Color.BLUE);
                            g.fillRect(70, 5, 60, 60);
                        });
        RoughColours.Result result =
                RoughColours.read(AREAS, PANES, dabs, 0.1, palette, true, 9, PRESS);
        assertThat(result.swatches()).isEqualTo(palette);
        assertThat(swatchAt(result, 35, 35)).isEqualTo(4);
        assertThat(swatchAt(result, 100, 35)).isEqualTo(9);
    }
}

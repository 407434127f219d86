package neattrace.flat.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.Consumer;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

/** A frame of 200 px with a wall in the middle, 10 px a mm, and roughs of half the size. */
class RoughEdgesTest {

    private static final double MM_PER_PX = 0.1;

    private static final InkMap INK =
            DrawnInk.lines(
                    240,
                    240,
                    5,
                    new Rectangle2D.Double(20, 20, 200, 200),
                    new Line2D.Double(120, 20, 120, 220));

    private static AreaMap areas(List<Join> joins) {
        return AreaFinder.find(
                INK, CloseSettings.automatic().withJoins(joins), 10, Progress.SILENT);
    }

    private static List<Join> find(Consumer<Graphics2D> dabs) {
        BufferedImage image = new BufferedImage(120, 120, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 120, 120);
        graphics.scale(0.5, 0.5);
        dabs.accept(graphics);
        graphics.dispose();
        int[] rgb = image.getRGB(0, 0, 120, 120, null, 0, 120);
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] &= 0xffffff;
        }
        Picture rough =
                new Picture(
                        new GreySheet(120, 120, new byte[120 * 120]),
                        rgb,
                        new Resolution(127, true),
                        "PNG",
                        List.of());
        return RoughEdges.find(INK, DistanceTransform.of(INK), areas(List.of()), rough, MM_PER_PX);
    }

    private static void room(Graphics2D graphics, Color colour, int x, int width) {
        graphics.setColor(colour);
        graphics.fillRect(x, 20, width, 200);
    }

    /** Both rooms, each in its colour. */
    private static void rooms(Graphics2D graphics) {
        room(graphics, Color.ORANGE, 20, 100);
        room(graphics, Color.BLUE, 120, 100);
    }

    @Test
    void coloursThatKeepToTheLinesNeedNoCut() {
        assertThat(find(RoughEdgesTest::rooms)).isEmpty();
    }

    /** A flag: nearly every edge lies on open paper, but what is coloured ends at the frame. */
    @Test
    void aCrossThatReachesItsFrameAndNoFartherIsCutOut() {
        List<Join> joins =
                find(
                        graphics -> {
                            graphics.setColor(Color.BLUE);
                            graphics.fillRect(20, 90, 100, 30);
                        });
        assertThat(areas(joins).enclosed()).hasSize(4);
    }

    /** The same band that ends short of the lines was dabbed, and cuts nothing. */
    @Test
    void aBandThatTouchesNoLineIsADab() {
        List<Join> joins =
                find(
                        graphics -> {
                            graphics.setColor(Color.BLUE);
                            graphics.fillRect(45, 90, 50, 30);
                        });
        assertThat(joins).isEmpty();
    }

    /** But on ground that is coloured up to the lines all round it is an emblem. */
    @Test
    void whatLiesAmidColourThatEndsAtTheLinesIsCutOut() {
        List<Join> joins =
                find(
                        graphics -> {
                            rooms(graphics);
                            graphics.setColor(Color.WHITE);
                            graphics.fillRect(45, 90, 50, 30);
                        });
        AreaMap areas = areas(joins);
        assertThat(areas.enclosed()).hasSize(3);
        assertThat(areas.at(new Point(70, 105))).isNotEqualTo(areas.at(new Point(70, 50)));
    }

    @Test
    void aShadowWithoutALineIsCutOutWhereItEnds() {
        List<Join> joins =
                find(
                        graphics -> {
                            rooms(graphics);
                            graphics.setColor(Color.RED);
                            graphics.fillRect(20, 140, 100, 80);
                        });
        AreaMap areas = areas(joins);
        assertThat(areas.enclosed()).hasSize(3);
        assertThat(areas.at(new Point(70, 100))).isNotEqualTo(areas.at(new Point(70, 180)));
        for (Join join : joins) {
            assertThat(join.line()).allSatisfy(at -> assertThat(at.y()).isCloseTo(14, within(0.2)));
        }
    }

    /** Paper that belongs to the page becomes an area where it is coloured. */
    @Test
    void colourOnOpenPaperBecomesAnArea() {
        List<Join> joins =
                find(
                        graphics -> {
                            rooms(graphics);
                            graphics.setColor(Color.GREEN);
                            graphics.fillRect(80, 0, 60, 20);
                        });
        AreaMap areas = areas(joins);
        assertThat(areas.enclosed()).hasSize(3);
        assertThat(areas.at(new Point(110, 8)).orElseThrow().outside()).isFalse();
    }

    @Test
    void aLooseDabThatRunsOverALineCutsNothing() {
        assertThat(
                        find(
                                graphics -> {
                                    room(graphics, Color.ORANGE, 22, 104);
                                    room(graphics, Color.BLUE, 126, 98);
                                }))
                .isEmpty();
    }

    @Test
    void slitsOfAPixelOrTwoAreNotMeant() {
        assertThat(
                        find(
                                graphics -> {
                                    rooms(graphics);
                                    graphics.setColor(Color.WHITE);
                                    graphics.fillRect(40, 100, 60, 2);
                                }))
                .isEmpty();
    }

    @Test
    void aSheetWithoutAreasHasNoEdges() {
        Picture rough =
                new Picture(
                        new GreySheet(2, 2, new byte[4]),
                        new int[] {0, 255, 0, 255},
                        new Resolution(100, true),
                        "PNG",
                        List.of());
        assertThat(
                        RoughEdges.find(
                                INK,
                                DistanceTransform.of(INK),
                                AreaMap.none(240, 240),
                                rough,
                                MM_PER_PX))
                .isEmpty();
    }
}

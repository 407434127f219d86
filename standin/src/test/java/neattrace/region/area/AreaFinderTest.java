package neattrace.region.area;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.region.Join;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.pen.PenDrawing.KnownGap;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AreaFinderTest {

    private static final double PX_PER_MM = 10;

    private static AreaMap find(InkMap map, CloseSettings settings) {
        return AreaFinder.find(map, settings, PX_PER_MM, Progress.SILENT);
    }

    /** Two rooms of 10 x 10 mm side by side; the wall between them has a door. */
    private static InkMap rooms(int doorPx) {
        int width = 260;
        int height = 160;
        byte[] coverage = new byte[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean insideBox = x >= 20 && x < 240 && y >= 20 && y < 140;
                boolean room = x >= 25 && x < 235 && y >= 25 && y < 135;
                boolean wall = x >= 127 && x < 133;
                boolean door = Math.abs(y + 0.5 - 80) < doorPx / 2.0;
                coverage[y * width + x] = insideBox && (!room || wall && !door) ? (byte) 255 : 0;
            }
        }
        return new InkMap(width, height, coverage);
    }

    @Test
    void closedRoomsAreAreasAndThePageRoundThemIsNot() {
        AreaMap areas = find(rooms(0), CloseSettings.automatic());
        assertThat(areas.enclosed()).hasSize(2);
        assertThat(areas.areas()).filteredOn(Area::outside).hasSize(1);
        assertThat(areas.gaps()).isEmpty();
        Area left = areas.at(new Point(60, 80)).orElseThrow();
        assertThat(left.pixels()).isEqualTo(102 * 110);
        assertThat(left.radiusPx()).isCloseTo(51, within(1.5));
        assertThat(areas.at(left.anchor())).contains(left);
    }

    @Test
    void aNarrowDoorIsClosedAndReportedWithItsWidth() {
        AreaMap areas = find(rooms(6), CloseSettings.automatic());
        assertThat(areas.enclosed()).hasSize(2);
        assertThat(areas.gaps()).hasSize(1);
        Gap gap = areas.gaps().get(0);
        assertThat(gap.closed()).isTrue();
        assertThat(gap.widthPx()).isCloseTo(6, within(1.5));
        assertThat(gap.place().distance(new Point(130, 80))).isLessThan(5);
    }

    @Test
    void aWiderDoorStaysOpenButIsPointedOut() {
        AreaMap areas = find(rooms(14), CloseSettings.automatic());
        assertThat(areas.enclosed()).hasSize(1);
        assertThat(areas.gaps()).singleElement().matches(gap -> !gap.closed());
    }

    @Test
    void aDoorAsWideAsNoSlipOfThePenIsNoGap() {
        AreaMap areas = find(rooms(60), CloseSettings.automatic());
        assertThat(areas.enclosed()).hasSize(1);
        assertThat(areas.gaps()).isEmpty();
    }

    @Test
    void whatTheUserDecidedGoesBeforeTheWidth() {
        Point door = new Point(13, 8);
        CloseSettings opened = CloseSettings.automatic().with(door, false);
        assertThat(find(rooms(6), opened).enclosed()).hasSize(1);
        CloseSettings closed = CloseSettings.automatic().with(door, true);
        assertThat(find(rooms(14), closed).enclosed()).hasSize(2);
        assertThat(find(rooms(30), closed).enclosed()).as("a 3 mm opening").hasSize(2);
        assertThat(find(rooms(14), closed.with(door, false)).enclosed()).hasSize(1);
    }

    @Test
    void aJoinPartsAreasWithoutBeingInk() {
        Join join = Join.over(new Point(13, 2.7), new Point(12.4, 8), new Point(13, 13.4));
        InkMap map = rooms(110);
        AreaMap areas = find(map, CloseSettings.automatic().withJoins(List.of(join)));
        assertThat(areas.enclosed()).hasSize(2);
        assertThat(areas.at(new Point(60, 80)).orElseThrow().pixels())
                .isNotEqualTo(areas.at(new Point(200, 80)).orElseThrow().pixels());
        assertThat(map.isInk(124, 80)).as("the ink map itself is untouched").isFalse();
    }

    @Property(tries = 400, seed = "20261")
    void noPaperPassesAJoinInAnyDirection(
            @ForAll @DoubleRange(min = 0, max = 6.28) double angle,
            @ForAll @DoubleRange(min = -3, max = 3) double bend) {
        // A ring of ink, inner radius 40 px, with a join right across its inside.
        byte[] coverage = new byte[100 * 100];
        for (int i = 0; i < coverage.length; i++) {
            double r = Math.hypot(i % 100 + 0.5 - 50, i / 100 + 0.5 - 50);
            coverage[i] = r >= 40 && r < 46 ? (byte) 255 : 0;
        }
        Point out = new Point(Math.cos(angle), Math.sin(angle)).times(4.2);
        Point middle = new Point(5 + bend * Math.sin(angle), 5 - bend * Math.cos(angle));
        Join join = Join.over(new Point(5, 5).minus(out), middle, new Point(5, 5).plus(out));
        AreaMap areas =
                find(
                        new InkMap(100, 100, coverage),
                        CloseSettings.automatic().withGapMm(0).withJoins(List.of(join)));
        assertThat(areas.enclosed()).hasSize(2);
    }

    @Test
    void widthNoughtClosesNothing() {
        assertThat(find(rooms(2), CloseSettings.automatic().withGapMm(0)).enclosed()).hasSize(1);
    }

    @Test
    void aSheetFullOfInkHasNoAreas() {
        AreaMap areas = find(Sheets.map("###", "###"), CloseSettings.automatic());
        assertThat(areas.areas()).isEmpty();
        assertThat(areas.at(new Point(1, 1))).isEmpty();
    }

    @Test
    void aBlankSheetIsAllOutside() {
        AreaMap areas = find(Sheets.map("....", "...."), CloseSettings.automatic());
        assertThat(areas.enclosed()).isEmpty();
        assertThat(areas.areas()).hasSize(1);
        assertThat(areas.at(new Point(9, 9))).isEmpty();
    }

    @Property(tries = 30, seed = "20261")
    void everyPaperPixelBelongsToOneAreaAndInkIsSharedOut(@ForAll long seed) {
        InkMap map = Sheets.blocks(seed, 60, 0.35);
        AreaMap areas = find(map, CloseSettings.automatic().withGapMm(0.5));
        long paper = areas.areas().stream().mapToLong(Area::pixels).sum();
        assertThat(paper).isEqualTo(3600 - map.inkPixels());
        for (int i = 0; i < 3600; i++) {
            assertThat(areas.label(i)).isBetween(0, areas.areas().size() - 1);
        }
        for (Area area : areas.areas()) {
            Optional<Area> there = areas.at(area.anchor());
            assertThat(there).contains(area);
            assertThat(map.isInk((int) area.anchor().x(), (int) area.anchor().y())).isFalse();
        }
    }

    /** Every gap that was drawn on purpose is found on the demo's scan, and nearly as wide. */
    @ParameterizedTest
    @EnumSource(SkerryMail.class)
    void knownGapsAreFound(SkerryMail mail) {
        PenDrawing drawing = Drawings.of(mail);
        ScanSettings settings = mail.everydayScan();
        double pxPerMm = settings.ppi() / 25.4;
        GreySheet scan = StandInScanner.scan(drawing, settings);
        InkMap map = InkMapper.read(scan, SheetRecipe.automatic(), pxPerMm, Progress.SILENT).map();
        AreaMap areas = AreaFinder.find(map, CloseSettings.automatic(), pxPerMm, Progress.SILENT);
        for (KnownGap known : drawing.gaps()) {
            Point place = tilted(known.place(), drawing, settings.tiltDegrees());
            assertThat(areas.gaps())
                    .as("gap at %s", known.place())
                    .anySatisfy(
                            gap -> {
                                assertThat(gap.place().times(1 / pxPerMm).distance(place))
                                        .isLessThan(1.5);
                                assertThat(gap.widthPx() / pxPerMm)
                                        .isCloseTo(known.widthMm(), within(0.15));
                                assertThat(gap.closed()).isEqualTo(gap.widthPx() <= areas.gapPx());
                            });
        }
    }

    /** Where the scanner puts a place of the tilted sheet. */
    private static Point tilted(Point place, PenDrawing drawing, double degrees) {
        double angle = Math.toRadians(degrees);
        double x = place.x() - drawing.widthMm() / 2;
        double y = place.y() - drawing.heightMm() / 2;
        return new Point(
                x * Math.cos(angle) - y * Math.sin(angle) + drawing.widthMm() / 2,
                x * Math.sin(angle) + y * Math.cos(angle) + drawing.heightMm() / 2);
    }
}

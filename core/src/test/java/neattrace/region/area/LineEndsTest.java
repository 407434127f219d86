package neattrace.region.area;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Openings in a frame of 200 px, 10 px a mm, drawn with round pens. */
class LineEndsTest {

    private static final Shape FRAME = new Rectangle2D.Double(20, 20, 200, 200);

    private static AreaMap find(CloseSettings settings, double pen, Shape... lines) {
        InkMap map = DrawnInk.lines(240, 240, pen, lines);
        return AreaFinder.find(map, settings, 10, Progress.SILENT);
    }

    private static List<Gap> gaps(double pen, Shape... lines) {
        return find(CloseSettings.automatic(), pen, lines).gaps();
    }

    @ParameterizedTest
    @ValueSource(doubles = {2.5, 6, 12})
    void twoEndsPointAtEachOther(double pen) {
        double half = 3 + pen / 2;
        List<Gap> gaps =
                gaps(
                        pen,
                        FRAME,
                        new Line2D.Double(20, 110, 120 - half, 118),
                        new Line2D.Double(120 + half, 119, 220, 125));
        assertThat(gaps).hasSize(1);
        assertThat(gaps.get(0).ends()).isEqualTo(2);
        assertThat(gaps.get(0).closed()).isTrue();
    }

    @Test
    void oneLineStopsShortOfAnother() {
        List<Gap> gaps = gaps(5, FRAME, new Line2D.Double(20, 100, 210, 130));
        assertThat(gaps).hasSize(1);
        assertThat(gaps.get(0).ends()).isEqualTo(1);
    }

    @Test
    void roundFormsThatNearlyTouchHaveNoEnds() {
        List<Gap> gaps =
                gaps(
                        5,
                        new Ellipse2D.Double(20, 60, 96, 120),
                        new Ellipse2D.Double(124, 60, 96, 120));
        // Paper lies all round them: nothing is parted by closing it.
        assertThat(gaps).allMatch(gap -> gap.ends() == 0);
    }

    private static final Shape[] TWO_DOORS = {
        FRAME,
        new Line2D.Double(120, 20, 120, 75),
        new Line2D.Double(120, 85, 120, 150),
        new Line2D.Double(120, 161, 120, 220)
    };

    @Test
    void aLineBrokenTwiceHasTwoGaps() {
        List<Gap> gaps = gaps(5, TWO_DOORS);
        assertThat(gaps).hasSize(2).allMatch(Gap::closed).allMatch(gap -> gap.ends() == 2);
    }

    /** Whichever of them is opened, colour runs through there. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void oneOpenDoorOfTwoJoinsTheRooms(int which) {
        Point door = gaps(5, TWO_DOORS).get(which).place().times(0.1);
        CloseSettings opened = CloseSettings.automatic().with(door, false);

        AreaMap areas = find(opened, 5, TWO_DOORS);

        assertThat(areas.enclosed()).hasSize(1);
        assertThat(areas.gaps())
                .filteredOn(gap -> !gap.closed())
                .singleElement()
                .satisfies(
                        gap -> assertThat(gap.place().times(0.1).distance(door)).isLessThan(0.5));
    }

    /** A decision holds, even where ends of lines say nothing for it. */
    @Test
    void whatWasClosedByHandStaysClosed() {
        Shape[] hourglass = {
            new Arc2D.Double(-110, 30, 200, 180, -85, 170, Arc2D.OPEN),
            new Arc2D.Double(120, 30, 200, 180, 95, 170, Arc2D.OPEN),
            new Line2D.Double(-10, 30, 220, 30),
            new Line2D.Double(-10, 210, 220, 210)
        };
        assertThat(find(CloseSettings.automatic(), 4, hourglass).gaps()).noneMatch(Gap::closed);
        CloseSettings byHand = CloseSettings.automatic().with(new Point(10.5, 12), true);
        assertThat(find(byHand, 4, hourglass).gaps()).anyMatch(Gap::closed);
    }

    /** Ends that point at each other part even a strip not much wider than the gap. */
    @Test
    void aGapBetweenNarrowAreasIsFound() {
        List<Gap> gaps =
                gaps(
                        3,
                        new Rectangle2D.Double(20, 100, 200, 40),
                        new Line2D.Double(20, 120, 112, 120),
                        new Line2D.Double(124, 120, 220, 120));
        assertThat(gaps).hasSize(1);
        assertThat(gaps.get(0).closed()).isTrue();
    }
}

package neattrace.region.area;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.trace.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Openings in a frame of 200 px, 10 px a mm, drawn with round pens. */
class LineEndsTest {

    private static final Shape FRAME = new Rectangle2D.Double(20, 20, 200, 200);

    private static List<Gap> gaps(double pen, Shape... lines) {
        InkMap map = DrawnInk.lines(240, 240, pen, lines);
        AreaMap areas = AreaFinder.find(map, CloseSettings.automatic(), 10, Progress.SILENT);
        return areas.gaps();
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

    /** Both doors of one wall are told, though one alone keeps the rooms apart no more. */
    @Test
    void aLineBrokenTwiceHasTwoGaps() {
        List<Gap> gaps =
                gaps(
                        5,
                        FRAME,
                        new Line2D.Double(120, 20, 120, 75),
                        new Line2D.Double(120, 85, 120, 150),
                        new Line2D.Double(120, 161, 120, 220));
        assertThat(gaps).hasSize(2).allMatch(Gap::closed).allMatch(gap -> gap.ends() == 2);
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

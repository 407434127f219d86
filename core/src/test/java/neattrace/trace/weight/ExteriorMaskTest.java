package neattrace.trace.weight;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import neattrace.raster.InkMap;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

class ExteriorMaskTest {

    /** A ring of radius 80 about the middle of 240 x 240 px, open for so many px at its top. */
    private static InkMap openRing(double gapPx) {
        double degrees = Math.toDegrees(gapPx / 80);
        return DrawnInk.of(
                240,
                240,
                g -> {
                    g.setStroke(new BasicStroke(4, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
                    g.draw(
                            new Arc2D.Double(
                                    40, 40, 160, 160, 90 + degrees / 2, 360 - degrees, Arc2D.OPEN));
                });
    }

    @Test
    void paperRoundARingIsOutsideAndPaperInItIsNot() {
        InkMap map = DrawnInk.lines(240, 240, 4, new Ellipse2D.Double(40, 40, 160, 160));
        ExteriorMask outside = ExteriorMask.of(map, 10);
        assertThat(outside.has(5, 5)).isTrue();
        assertThat(outside.has(120, 30)).isTrue();
        assertThat(outside.has(120, 120)).isFalse();
        assertThat(outside.has(120, 50)).isFalse();
        assertThat(outside.has(120, 40)).as("ink").isFalse();
    }

    @Test
    void aGapNarrowerThanAskedLetsNothingIn() {
        assertThat(ExteriorMask.of(openRing(10), 16).has(120, 120)).isFalse();
        assertThat(ExteriorMask.of(openRing(40), 16).has(120, 120)).isTrue();
    }

    @Test
    void edgesKnowWhetherTheOutsideIsBesideThem() {
        InkMap map = DrawnInk.lines(240, 240, 4, new Ellipse2D.Double(40, 40, 160, 160));
        ExteriorMask outside = ExteriorMask.of(map, 10);
        assertThat(outside.isBeside(120.5, 38)).isTrue();
        assertThat(outside.isBeside(120.5, 42)).isFalse();
    }

    @Test
    void beyondTheSheetIsOutsideAndASheetOfInkHasNoneOfIt() {
        InkMap black = DrawnInk.of(60, 40, g -> g.fill(new Rectangle2D.Double(0, 0, 60, 40)));
        ExteriorMask outside = ExteriorMask.of(black, 8);
        assertThat(outside.has(-1, 10)).isTrue();
        assertThat(outside.has(60, 10)).isTrue();
        for (int x = 0; x < 60; x++) {
            assertThat(outside.has(x, 20)).isFalse();
        }
    }

    @Test
    void artThatRunsOffTheSheetHasTheOutsideOnBothSides() {
        InkMap map = DrawnInk.of(200, 100, g -> g.fill(new Rectangle2D.Double(0, 48, 200, 4)));
        ExteriorMask outside = ExteriorMask.of(map, 10);
        assertThat(outside.has(100, 20)).isTrue();
        assertThat(outside.has(100, 80)).isTrue();
        assertThat(outside.has(100, 47)).as("up to the ink").isTrue();
        assertThat(outside.has(100, 52)).isTrue();
    }

    @Test
    void thinLinesKeepTheInsideOutWhateverTheGap() {
        for (double gap : new double[] {2, 5, 12, 30, 60}) {
            InkMap map = DrawnInk.lines(240, 240, 1.5, new Ellipse2D.Double(40, 40, 160, 160));
            ExteriorMask outside = ExteriorMask.of(map, gap);
            for (int x = 60; x < 180; x++) {
                assertThat(outside.has(x, 120)).isFalse();
            }
            assertThat(outside.has(20, 120)).isTrue();
        }
    }
}

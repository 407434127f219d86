package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

class StrokeArtTest {

    private static StrokeArt art(InkMap map, double mmPerPx) {
        return StrokeArt.of(
                map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, mmPerPx);
    }

    @Test
    void aStraightLineIsOneStraightPathWithItsWidthInMm() {
        StrokeArt art = art(DrawnInk.lines(300, 200, 8, new Line2D.Double(40, 60, 260, 150)), 0.05);
        assertThat(art.open()).hasSize(1);
        assertThat(art.closed()).isEmpty();
        assertThat(art.solids()).isEmpty();
        StrokeArt.OpenStroke stroke = art.open().get(0);
        assertThat(stroke.path().size()).isEqualTo(1);
        assertThat(stroke.path().isStraight(0)).isTrue();
        assertThat(stroke.widthMm()).isCloseTo(0.4, within(0.004));
        assertThat(stroke.path().length(1)).isCloseTo(0.05 * Math.hypot(220, 90), within(0.06));
    }

    @Test
    void aRingIsAClosedStrokeOfFewCurves() {
        StrokeArt art = art(DrawnInk.lines(300, 300, 6, new Ellipse2D.Double(50, 50, 200, 200)), 1);
        assertThat(art.closed()).hasSize(1);
        assertThat(art.closed().get(0).path().size()).isLessThanOrEqualTo(8);
        assertThat(art.closed().get(0).path().length(0.01)).isCloseTo(200 * Math.PI, within(1.0));
    }

    @Test
    void aFreeCurveKeepsToItsPath() {
        CubicCurve2D curve = new CubicCurve2D.Double(40, 200, 120, 20, 220, 380, 340, 120);
        StrokeArt art = art(DrawnInk.lines(400, 320, 5, curve), 1);
        assertThat(art.open()).hasSize(1);
        StrokeArt.OpenStroke stroke = art.open().get(0);
        assertThat(stroke.path().size()).isLessThanOrEqualTo(5);
        Point start = stroke.path().point(0);
        Point end = stroke.path().point(stroke.path().size());
        double there = start.distance(new Point(40, 200)) + end.distance(new Point(340, 120));
        double back = start.distance(new Point(340, 120)) + end.distance(new Point(40, 200));
        assertThat(Math.min(there, back)).isLessThan(2);
    }

    @Test
    void solidsKeepTheirShape() {
        StrokeArt art =
                art(
                        DrawnInk.of(
                                300,
                                300,
                                g -> {
                                    g.fill(new Rectangle2D.Double(120, 120, 70, 60));
                                    DrawnInk.pen(
                                                    4,
                                                    new Line2D.Double(20, 30, 280, 30),
                                                    new Line2D.Double(20, 260, 280, 250))
                                            .accept(g);
                                }),
                        1);
        assertThat(art.open()).hasSize(2);
        assertThat(art.solids()).hasSize(1);
        assertThat(art.solids().get(0).outer().signedArea()).isCloseTo(4200, within(15.0));
    }

    @Test
    void oneWidthForAllLeavesPathsAndSolids() {
        StrokeArt art =
                art(
                        DrawnInk.lines(
                                300,
                                300,
                                6,
                                new Line2D.Double(20, 30, 280, 30),
                                new Ellipse2D.Double(80, 80, 120, 120)),
                        0.1);
        StrokeArt even = art.withWidth(0.3);
        assertThat(even.open()).allMatch(stroke -> stroke.widthMm() == 0.3);
        assertThat(even.closed()).allMatch(stroke -> stroke.widthMm() == 0.3);
        assertThat(even.open().get(0).path()).isSameAs(art.open().get(0).path());
    }

    @Test
    void barePaperHasNoStrokes() {
        StrokeArt art = art(DrawnInk.of(50, 50, g -> {}), 1);
        assertThat(art.open()).isEmpty();
        assertThat(art.closed()).isEmpty();
        assertThat(art.solids()).isEmpty();
    }
}

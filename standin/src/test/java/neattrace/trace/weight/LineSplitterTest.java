package neattrace.trace.weight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.LineColour;
import neattrace.trace.centre.CentrelineFinder;
import org.junit.jupiter.api.Test;

/** Drawings whose lines are known, parted by colour; one mm is ten px here. */
class LineSplitterTest {

    private static Map<Integer, List<Outline>> split(InkMap map, LineColour colour) {
        return LineSplitter.split(
                map, CentrelineFinder.find(map, Progress.SILENT), colour, 0.5, 10, 0.2);
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().flatMap(Outline::loops).mapToDouble(CubicLoop::signedArea).sum();
    }

    private static Point mm(double x, double y) {
        return new Point(x / 10, y / 10);
    }

    @Test
    void aHeldLineGoesThroughItsCrossingAndSoDoesTheOther() {
        LineColour colour = LineColour.BLACK.with(new LineColour.Hold(mm(100, 150), 7));
        Map<Integer, List<Outline>> parts = split(DrawnInk.crossing(40), colour);
        assertThat(parts).containsOnlyKeys(0, 7);
        // 320 px and 220 px of a pen 6 px wide, with round ends.
        assertThat(area(parts.get(7))).isCloseTo(320 * 6 + 9 * Math.PI, within(25.0));
        assertThat(area(parts.get(0))).isCloseTo(220 * 6 + 9 * Math.PI, within(25.0));
        assertThat(parts.get(7)).hasSize(1);
        assertThat(parts.get(0)).hasSize(1);
    }

    @Test
    void aLineThatOnlyTouchesLeavesNoScarOnTheOther() {
        InkMap map =
                DrawnInk.lines(
                        400,
                        300,
                        6,
                        new Line2D.Double(40, 150, 360, 150),
                        new Line2D.Double(200, 150, 200, 260));
        Map<Integer, List<Outline>> parts =
                split(map, LineColour.BLACK.with(new LineColour.Hold(mm(200, 220), 3)));
        assertThat(area(parts.get(0))).isCloseTo(320 * 6 + 9 * Math.PI, within(25.0));
        double[] box = parts.get(0).get(0).outer().bounds();
        assertThat(box[3]).as("nothing of the stem is left").isLessThan(155.5);
    }

    @Test
    void solidBlacksGoWithTheColourOfAllLines() {
        InkMap map =
                DrawnInk.of(
                        400,
                        300,
                        g -> {
                            DrawnInk.pen(
                                            5,
                                            new Line2D.Double(40, 40, 360, 60),
                                            new Line2D.Double(40, 260, 360, 240))
                                    .accept(g);
                            g.fill(new Rectangle2D.Double(150, 110, 90, 80));
                        });
        Map<Integer, List<Outline>> parts =
                split(
                        map,
                        LineColour.BLACK.withSwatch(2).with(new LineColour.Hold(mm(100, 44), 0)));
        assertThat(parts).containsOnlyKeys(0, 2);
        assertThat(parts.get(0)).hasSize(1);
        assertThat(parts.get(2)).hasSize(2);
        assertThat(area(parts.get(2))).isGreaterThan(90 * 80);
    }

    @Test
    void theBorderStaysBlackAndWhatItEnclosesTakesTheColour() {
        InkMap map =
                DrawnInk.lines(
                        400,
                        300,
                        5,
                        new Ellipse2D.Double(50, 40, 300, 220),
                        new Ellipse2D.Double(150, 110, 80, 60));
        Map<Integer, List<Outline>> parts =
                split(map, LineColour.BLACK.withSwatch(4).withBorderBlack(true));
        assertThat(parts.get(0)).hasSize(1);
        assertThat(parts.get(4)).hasSize(1);
        assertThat(parts.get(0).get(0).outer().signedArea())
                .isGreaterThan(parts.get(4).get(0).outer().signedArea());
    }

    @Test
    void thePartsTogetherAreTheInk() {
        InkMap map = DrawnInk.crossing(40);
        double whole = 0;
        for (byte value : map.coverage()) {
            whole += (value & 0xff) / 255.0;
        }
        Map<Integer, List<Outline>> parts =
                split(map, LineColour.BLACK.with(new LineColour.Hold(mm(100, 150), 7)));
        double crossed = 36;
        assertThat(area(parts.get(0)) + area(parts.get(7)) - crossed)
                .isCloseTo(whole, within(0.02 * whole));
    }

    @Test
    void aHoldWhoseLineIsGoneHoldsNothing() {
        Map<Integer, List<Outline>> parts =
                split(
                        DrawnInk.crossing(40),
                        LineColour.BLACK.with(new LineColour.Hold(mm(60, 60), 7)));
        assertThat(parts).containsOnlyKeys(0);
    }

    @Test
    void theLastWordAboutALineCounts() {
        LineColour twice =
                LineColour.BLACK
                        .with(new LineColour.Hold(mm(100, 150), 7))
                        .with(new LineColour.Hold(mm(300, 150), 9));
        assertThat(split(DrawnInk.crossing(40), twice)).containsOnlyKeys(0, 9);
    }
}

package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.Arrays;
import java.util.List;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import org.junit.jupiter.api.Test;

class StrokeJoinerTest {

    @Test
    void crossingLinesAreTwoStrokes() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                6,
                                new Line2D.Double(40, 60, 260, 220),
                                new Line2D.Double(40, 220, 260, 60)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(2);
        double expected = Math.hypot(220, 160);
        assertThat(strokes).allMatch(stroke -> Math.abs(stroke.length() - expected) < 2);
        assertThat(strokes).noneMatch(InkLine::closed);
    }

    @Test
    void aStemEndsAtTheLineItMeets() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                6,
                                new Line2D.Double(40, 100, 260, 100),
                                new Line2D.Double(150, 100, 150, 250)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(2);
        assertThat(strokes.stream().mapToDouble(InkLine::length).max().getAsDouble())
                .isCloseTo(220, within(2.0));
    }

    @Test
    void aRingThatOthersCrossIsOneClosedStroke() {
        LineNet net =
                CentrelineFinder.find(
                        DrawnInk.lines(
                                300,
                                300,
                                5,
                                new Ellipse2D.Double(80, 80, 140, 140),
                                new Line2D.Double(20, 150, 280, 152),
                                new Line2D.Double(150, 20, 151, 280)),
                        Progress.SILENT);
        List<InkLine> strokes = StrokeJoiner.join(net);
        assertThat(strokes).hasSize(3);
        assertThat(strokes).filteredOn(InkLine::closed).hasSize(1);
        int all = StrokeJoiner.order(net).stream().mapToInt(order -> order.length).sum();
        assertThat(all).isEqualTo(net.lines().size());
        assertThat(
                        StrokeJoiner.order(net).stream()
                                .flatMapToInt(Arrays::stream)
                                .map(one -> one >= 0 ? one : -1 - one))
                .doesNotHaveDuplicates();
    }
}

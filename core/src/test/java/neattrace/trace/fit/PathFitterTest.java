package neattrace.trace.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;

class PathFitterTest {

    @Test
    void aStraightLineIsOneStraightSegment() {
        CubicPath path = PathFitter.fit(new double[] {10, 20, 60, 45, 110, 70}, 0.2);
        assertThat(path.size()).isEqualTo(1);
        assertThat(path.isStraight(0)).isTrue();
        assertThat(path.point(0)).isEqualTo(new Point(10, 20));
        assertThat(path.point(1)).isEqualTo(new Point(110, 70));
    }

    @Test
    void anArcIsFewCurvesAndKeepsItsRadius() {
        double[] xy =
                IntStream.rangeClosed(0, 200)
                        .boxed()
                        .flatMapToDouble(
                                k ->
                                        java.util.stream.DoubleStream.of(
                                                150 + 100 * Math.cos(k * Math.PI / 200),
                                                150 + 100 * Math.sin(k * Math.PI / 200)))
                        .toArray();
        CubicPath path = PathFitter.fit(xy, 0.2);
        assertThat(path.size()).isLessThanOrEqualTo(4);
        for (int i = 0; i < path.size(); i++) {
            for (double t = 0; t <= 1; t += 0.1) {
                assertThat(path.at(i, t).distance(new Point(150, 150)))
                        .isCloseTo(100, within(0.15));
            }
        }
        assertThat(path.length(50)).isCloseTo(100 * Math.PI, within(0.5));
    }

    @Test
    void aCornerStaysSharp() {
        CubicPath path = PathFitter.fit(new double[] {10, 10, 10, 80, 90, 80}, 0.2);
        assertThat(path.size()).isEqualTo(2);
        assertThat(path.point(1).distance(new Point(10, 80))).isLessThan(0.3);
    }

    @Test
    void aVeryShortPathIsStillAPath() {
        CubicPath path = PathFitter.fit(new double[] {10, 10, 10.4, 10.2}, 0.2);
        assertThat(path.size()).isEqualTo(1);
        assertThat(path.point(1)).isEqualTo(new Point(10.4, 10.2));
    }
}

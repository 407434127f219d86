package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Round a right angle the arc that touches both sides is known. */
class RoundingTest {

    private static final Point IN = new Point(1, 0);
    private static final Point OUT = new Point(0, 1);
    private static final Point CORNER = new Point(100, 0);

    private static List<Point> way(double inset, double room) {
        return Rounding.of(
                CORNER.minus(IN.times(room)), IN, CORNER, OUT, CORNER.plus(OUT.times(room)), inset);
    }

    @Test
    void withoutInsetItIsSharp() {
        assertThat(way(0, 30)).hasSize(3).contains(CORNER);
        assertThat(way(-1, 30)).hasSize(3);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 3, 8})
    void theArcRunsAsFarWithinAsItShould(double inset) {
        List<Point> way = way(inset, 60);
        double nearest = way.stream().mapToDouble(at -> at.distance(CORNER)).min().orElseThrow();
        assertThat(nearest).isCloseTo(inset, within(0.02));
        // For a right angle: radius r with r (sqrt 2 - 1) = inset, about (100 - r, r).
        double radius = inset / (Math.sqrt(2) - 1);
        Point middle = new Point(100 - radius, radius);
        for (Point at : way.subList(1, way.size() - 1)) {
            assertThat(at.distance(middle)).isCloseTo(radius, within(0.05 * radius));
        }
    }

    @Test
    void whereThereIsNoRoomForTheArcItStaysBetweenTheSides() {
        List<Point> way = way(8, 6);
        assertThat(way.get(0)).isEqualTo(new Point(94, 0));
        assertThat(way.get(way.size() - 1)).isEqualTo(new Point(100, 6));
        for (Point at : way) {
            assertThat(at.x()).isBetween(94 - 1e-9, 100 + 1e-9);
            assertThat(at.y()).isBetween(-1e-9, 6 + 1e-9);
        }
    }
}

package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class OutlineDistanceTest {

    private static final double[] SQUARE = {0, 0, 100, 0, 100, 100, 0, 100};

    @Test
    void equalOutlinesAreNoDistanceApart() {
        OutlineDistance distance = OutlineDistance.between(List.of(SQUARE), List.of(SQUARE));
        assertThat(distance.max()).isZero();
    }

    @Test
    void offsetSquareIsThatFarAway() {
        double[] larger = {-1, -1, 101, -1, 101, 101, -1, 101};
        OutlineDistance distance = OutlineDistance.between(List.of(SQUARE), List.of(larger));
        assertThat(distance.mean()).isCloseTo(1, within(0.02));
        assertThat(distance.max()).isCloseTo(Math.sqrt(2), within(1e-9));
    }

    @Test
    void whatOnlyOneSideHasIsSeenFromThere() {
        double[] speck = {40, 40, 44, 40, 44, 44, 40, 44};
        OutlineDistance distance = OutlineDistance.between(List.of(SQUARE), List.of(SQUARE, speck));
        assertThat(distance.max()).isEqualTo(OutlineDistance.FAR);
        assertThat(distance.mean()).isGreaterThan(0.05);
    }

    @Test
    void nothingCannotBeMeasured() {
        assertThatThrownBy(() -> OutlineDistance.between(List.of(), List.of(SQUARE)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

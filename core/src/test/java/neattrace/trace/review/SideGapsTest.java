package neattrace.trace.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import neattrace.trace.InkLine;
import neattrace.trace.SolidBlack;
import org.junit.jupiter.api.Test;

class SideGapsTest {

    /** A black as many discs long as it may be, along the steps of a pixel path. */
    private static SolidBlack black(int discs) {
        double[] x = new double[discs];
        double[] y = new double[discs];
        double[] radius = new double[discs];
        Arrays.setAll(x, i -> i + 0.5);
        Arrays.setAll(y, i -> (int) (i / 2.0) + 0.5);
        Arrays.fill(radius, 9);
        return new SolidBlack(x, y, radius);
    }

    @Test
    void aBlackOfAnyLengthHasAMiddleOrNone() {
        for (int discs = 1; discs < 40; discs++) {
            Optional<InkLine> line = SideGaps.along(black(discs));
            assertThat(line.isPresent()).isEqualTo(discs >= 14);
        }
    }

    @Test
    void theStepsOfThePixelsAreSmoothedAway() {
        InkLine line = SideGaps.along(black(60)).orElseThrow();
        for (int i = 1; i < line.size(); i++) {
            double slope = (line.y()[i] - line.y()[i - 1]) / (line.x()[i] - line.x()[i - 1]);
            assertThat(slope).isCloseTo(0.5, within(0.05));
            assertThat(line.width()[i]).isEqualTo(18);
        }
    }
}

package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * What penalizes third differences leaves parabolas alone (P. Eilers, "A perfect smoother",
 * Analytical Chemistry 75, 2003: the moments up to the order are kept).
 */
class WhittakerTest {

    private static double parabola(int i) {
        return 4 + 0.7 * i - 0.02 * i * i;
    }

    private static double[] values(int n) {
        double[] values = new double[n];
        Arrays.setAll(values, WhittakerTest::parabola);
        return values;
    }

    @Test
    void aParabolaStaysItself() {
        double[] weights = new double[60];
        Arrays.fill(weights, 1);
        assertThat(Whittaker.smooth(values(60), weights, 1e5))
                .containsExactly(values(60), within(1e-4));
    }

    @Test
    void whatIsNotKnownIsFilledInAsItGoesOn() {
        double[] known = values(60);
        double[] weights = new double[60];
        Arrays.fill(weights, 1);
        for (int i = 22; i < 38; i++) {
            weights[i] = 0;
            known[i] = 1e6;
        }
        assertThat(Whittaker.smooth(known, weights, 10)).containsExactly(values(60), within(1e-4));
    }

    @Test
    void noiseBecomesLessAndTheSumStays() {
        Random random = new Random(8);
        double[] noisy = values(200);
        double[] weights = new double[200];
        Arrays.fill(weights, 1);
        for (int i = 0; i < 200; i++) {
            noisy[i] += random.nextGaussian();
        }
        double[] smooth = Whittaker.smooth(noisy, weights, 1e4);
        double before = 0;
        double after = 0;
        for (int i = 0; i < 200; i++) {
            before += Math.pow(noisy[i] - parabola(i), 2);
            after += Math.pow(smooth[i] - parabola(i), 2);
        }
        assertThat(after).isLessThan(0.15 * before);
        assertThat(Arrays.stream(smooth).sum()).isCloseTo(Arrays.stream(noisy).sum(), within(1e-4));
    }

    @Test
    void fewValuesStayAsTheyAre() {
        double[] few = {3, 1, 2};
        assertThat(Whittaker.smooth(few, new double[] {1, 1, 1}, 9)).containsExactly(few);
    }
}

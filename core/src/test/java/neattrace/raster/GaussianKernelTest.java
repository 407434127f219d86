package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GaussianKernelTest {

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 1, 2, 7.5})
    void itSumsUpToOneIsEvenAndHasItsWidth(double sigma) {
        int radius = (int) Math.ceil(6 * sigma);
        double[] kernel = GaussianKernel.of(sigma, radius);
        assertThat(kernel).hasSize(2 * radius + 1);
        assertThat(Arrays.stream(kernel).sum()).isCloseTo(1, within(1e-12));
        double variance = 0;
        for (int k = -radius; k <= radius; k++) {
            assertThat(kernel[radius + k]).isEqualTo(kernel[radius - k]);
            variance += k * k * kernel[radius + k];
        }
        // Below a step and a half of width whole steps are too coarse to show it.
        if (sigma >= 1) {
            assertThat(variance).isCloseTo(sigma * sigma, within(1e-6 * sigma * sigma));
        }
    }

    /**
     * The normal distribution's density at whole standard deviations (NIST handbook, 1.3.6.6.1).
     */
    @Test
    void neighboursStandAsTheDensityDoes() {
        float[] kernel = GaussianKernel.floats(1, 3);
        assertThat(kernel[4] / kernel[3]).isCloseTo(0.6065f, within(1e-4f));
        assertThat(kernel[5] / kernel[3]).isCloseTo(0.1353f, within(1e-4f));
    }
}

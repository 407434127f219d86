package neattrace.trace.contour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BandSystemTest {

    /** What is solved gives the right side back when it is multiplied out, at every size. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 40})
    void whatIsSolvedFits(int n) {
        SplittableRandom chance = new SplittableRandom(n);
        BandSystem system = new BandSystem(n);
        double[] diagonal = new double[n];
        double[] right = new double[n];
        for (int i = 0; i < n; i++) {
            system.add(i, i, 7);
            for (int j = Math.max(0, i - BandSystem.REACH); j < i; j++) {
                system.add(i, j, chance.nextDouble(-1, 1));
            }
            diagonal[i] = chance.nextDouble(0.1, 1);
            right[i] = chance.nextDouble(-5, 5);
        }
        double[] x = right.clone();
        system.solve(diagonal, x);
        double[] product = new double[n];
        system.times(x, product);
        for (int i = 0; i < n; i++) {
            assertThat(product[i] + diagonal[i] * x[i]).isCloseTo(right[i], within(1e-12));
        }
    }
}

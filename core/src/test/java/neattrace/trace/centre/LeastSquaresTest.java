package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Known unknowns come back, with noise nearly, and what cannot be told is not. */
class LeastSquaresTest {

    @Test
    void aParabolaIsFoundAgain() {
        LeastSquares squares = new LeastSquares(3);
        for (double s = -4; s <= 6; s++) {
            squares.add(2 - 3 * s + 0.5 * s * s, 1, s, s * s);
        }
        assertThat(squares.solve()).containsExactly(new double[] {2, -3, 0.5}, within(1e-9));
    }

    @Test
    void factorsBeyondTheUnknownsDoNotCount() {
        LeastSquares squares = new LeastSquares(2);
        for (double s = 0; s < 5; s++) {
            squares.add(7 + 4 * s, 1, s, 1e6 * s * s);
        }
        assertThat(squares.solve()).containsExactly(new double[] {7, 4}, within(1e-9));
    }

    @Test
    void noiseIsEvenedOut() {
        Random random = new Random(4);
        LeastSquares squares = new LeastSquares(2);
        for (int k = 0; k < 4000; k++) {
            double s = random.nextDouble(10);
            squares.add(1 + 2 * s + random.nextGaussian(), 1, s);
        }
        assertThat(squares.solve()).containsExactly(new double[] {1, 2}, within(0.1));
    }

    @Test
    void whatEquationsDoNotTellApartIsNotFound() {
        LeastSquares alike = new LeastSquares(2);
        alike.add(3, 1, 1);
        alike.add(6, 2, 2);
        assertThat(alike.solve()).isNull();
        assertThat(new LeastSquares(1).solve()).isNull();
    }
}

package neattrace.trace.weight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.IntStream;
import neattrace.trace.InkLine;
import org.junit.jupiter.api.Test;

class TaperTest {

    private static InkLine stroke(int samples, double width) {
        double[] x = IntStream.range(0, samples).asDoubleStream().toArray();
        double[] wide = new double[samples];
        Arrays.fill(wide, width);
        return new InkLine(x, new double[samples], wide, false, 0, 1);
    }

    @Test
    void aFreeEndSwellsLikeAQuarterOfASine() {
        double[] widths = Taper.widths(stroke(201, 10), true, false, 0.5);
        for (int i = 20; i <= 100; i++) {
            double expected = 10 * Math.sin(Math.PI / 2 * i / 100);
            assertThat(widths[i]).isCloseTo(expected, within(1e-9));
        }
        for (int i = 100; i <= 200; i++) {
            assertThat(widths[i]).isEqualTo(10);
        }
    }

    @Test
    void twoFreeEndsShareTheLine() {
        double[] widths = Taper.widths(stroke(101, 8), true, true, 0.9);
        assertThat(widths[50]).isCloseTo(8, within(1e-9));
        for (int i = 0; i <= 50; i++) {
            assertThat(widths[i]).isCloseTo(widths[100 - i], within(1e-9));
        }
    }

    @Test
    void noEndBecomesSoThinThatItFallsApart() {
        double[] widths = Taper.widths(stroke(101, 8), true, true, 0.3);
        assertThat(Arrays.stream(widths).min().orElseThrow()).isGreaterThanOrEqualTo(1.4);
        // What was thinner than that was meant to be.
        double[] hair = Taper.widths(stroke(101, 0.9), true, true, 0.3);
        assertThat(hair).containsOnly(0.9);
    }

    @Test
    void endsThatAreNotFreeAndNoShareAtAllChangeNothing() {
        InkLine line = stroke(50, 6);
        assertThat(Taper.widths(line, false, false, 0.5)).containsOnly(6);
        assertThat(Taper.widths(line, true, true, 0)).containsOnly(6);
        assertThat(line.width()).containsOnly(6);
    }
}

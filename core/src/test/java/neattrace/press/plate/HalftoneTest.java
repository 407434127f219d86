package neattrace.press.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.Lab;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("thorough")
class HalftoneTest {

    /** Every tint covers what it says, within half a percent, on 1.2 inches square. */
    @ParameterizedTest
    @CsvSource({"1200, 50, 45", "1200, 55, 15", "2400, 150, 75", "1200, 50, 0", "1200, 60, 0"})
    void tintsCoverWhatTheySay(double ppi, double ruling, double degrees) {
        Halftone screen = new Halftone(ruling, degrees, ppi);
        int side = 1440;
        for (int percent = 1; percent < 100; percent += 7) {
            int ink = 0;
            for (int y = 0; y < side; y++) {
                for (int x = 0; x < side; x++) {
                    ink += screen.isInk(x, y, percent / 100.0) ? 1 : 0;
                }
            }
            assertThat(100.0 * ink / side / side).isCloseTo(percent, within(0.5));
        }
    }

    /** By Fourier transform: the strongest wave of the dots runs at the angle, with the ruling. */
    @ParameterizedTest
    @CsvSource({"45, 50", "15, 50", "75, 60", "30, 45"})
    void dotsLieAtTheirAngle(double degrees, double ruling) {
        double ppi = 1200;
        Halftone screen = new Halftone(ruling, degrees, ppi);
        List<int[]> dots = dots(screen);
        double best = 0;
        double angle = 0;
        for (double tried = -44.5; tried <= 89.5; tried += 0.5) {
            double power = power(dots, tried, ruling / ppi);
            if (power > best) {
                best = power;
                angle = tried;
            }
        }
        // A square screen has waves at right angles to one another.
        double off = Math.abs((angle - degrees + 135) % 90 - 45);
        assertThat(off).isLessThanOrEqualTo(0.5);
        double other = power(dots, degrees, 1.1 * ruling / ppi);
        assertThat(other).isLessThan(best / 20);
    }

    private static List<int[]> dots(Halftone screen) {
        List<int[]> dots = new ArrayList<>();
        for (int y = 0; y < 480; y++) {
            for (int x = 0; x < 480; x++) {
                if (screen.isInk(x, y, 0.3)) {
                    dots.add(new int[] {x, y});
                }
            }
        }
        return dots;
    }

    /** The phases of columns and rows are worked out once: a turn by both is their product. */
    private static double power(List<int[]> dots, double degrees, double frequency) {
        double u = frequency * Math.cos(Math.toRadians(degrees));
        double v = -frequency * Math.sin(Math.toRadians(degrees));
        double real = 0;
        double imaginary = 0;
        double[][] column = turns(u);
        double[][] row = turns(v);
        for (int[] dot : dots) {
            double[] a = column[dot[0]];
            double[] b = row[dot[1]];
            real += a[0] * b[0] - a[1] * b[1];
            imaginary += a[0] * b[1] + a[1] * b[0];
        }
        return real * real + imaginary * imaginary;
    }

    private static double[][] turns(double perPixel) {
        double[][] turns = new double[480][];
        for (int i = 0; i < turns.length; i++) {
            double phase = 2 * Math.PI * perPixel * i;
            turns[i] = new double[] {Math.cos(phase), Math.sin(phase)};
        }
        return turns;
    }

    @Test
    void nothingAndEverythingStayWhatTheyAre() {
        Halftone screen = new Halftone(50, 45, 1200);
        for (int i = 0; i < 1000; i++) {
            assertThat(screen.isInk(i, 3 * i, 0)).isFalse();
            assertThat(screen.isInk(i, 3 * i, 1)).isTrue();
        }
    }

    @Test
    void inksMakeNoPatternTogether() {
        Colorant dark = Colorant.spot("Navy", new Lab(20, 0, -30));
        Colorant light = Colorant.spot("Sand", new Lab(80, 0, 20));
        List<Colorant> inks = List.of(Colorant.BLACK, light, dark);
        assertThat(Halftone.usualDegrees(Colorant.CYAN, inks)).isEqualTo(15);
        assertThat(Halftone.usualDegrees(Colorant.BLACK, inks)).isEqualTo(45);
        assertThat(Halftone.usualDegrees(dark, inks)).isEqualTo(75);
        assertThat(Halftone.usualDegrees(light, inks)).isEqualTo(15);
    }

    @Test
    void aScreenTooFineForThePlateIsRefused() {
        assertThatThrownBy(() -> new Halftone(200, 45, 300)).hasMessageContaining("half");
        assertThatThrownBy(() -> new Halftone(0, 45, 300))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

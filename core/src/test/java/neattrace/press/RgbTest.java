package neattrace.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.color.ColorSpace;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RgbTest {

    /** IEC 61966-2-1:1999, 5.2: the two branches and the place where they meet. */
    @Test
    void transferCurveIsThatOfTheStandard() {
        assertThat(Rgb.linear(0)).isZero();
        assertThat(Rgb.linear(1)).isCloseTo(1, within(1e-12));
        assertThat(Rgb.linear(0.04045)).isCloseTo(0.04045 / 12.92, within(1e-12));
        assertThat(Rgb.linear(0.5)).isCloseTo(Math.pow((0.5 + 0.055) / 1.055, 2.4), within(1e-12));
        assertThat(Rgb.linear(0.04045 + 1e-9)).isCloseTo(Rgb.linear(0.04045), within(1e-6));
    }

    /** Against the JDK's own linear RGB space, an independent table-driven engine. */
    @Property(tries = 100, seed = "20261")
    void transferCurveAgreesWithTheJdk(@ForAll @IntRange(max = 255) int value) {
        float v = value / 255f;
        float[] linear =
                ColorSpace.getInstance(ColorSpace.CS_LINEAR_RGB).fromRGB(new float[] {v, v, v});
        assertThat(Rgb.linear(v)).isCloseTo(linear[1], within(0.004));
    }

    /** L*a*b* of the sRGB primaries under D65, from memory of common tables, to one place. */
    @Test
    void primariesLieWhereTablesPutThem() {
        assertLab(new Rgb(255, 0, 0).toLab(), 53.2, 80.1, 67.2);
        assertLab(new Rgb(0, 255, 0).toLab(), 87.7, -86.2, 83.2);
        assertLab(new Rgb(0, 0, 255).toLab(), 32.3, 79.2, -107.9);
    }

    private static void assertLab(Lab lab, double l, double a, double b) {
        assertThat(lab.l()).isCloseTo(l, within(0.1));
        assertThat(lab.a()).isCloseTo(a, within(0.15));
        assertThat(lab.b()).isCloseTo(b, within(0.15));
    }

    @Test
    void greysHaveNoColour() {
        assertThat(Rgb.WHITE.toLab().l()).isCloseTo(100, within(1e-9));
        assertThat(new Rgb(119, 119, 119).toLab().chroma()).isLessThan(1e-9);
        assertThat(new Rgb(0, 0, 0).toLab().l()).isCloseTo(0, within(1e-9));
    }

    @Property(tries = 100, seed = "20261")
    void hexGoesThereAndBack(@ForAll @IntRange(max = 0xFFFFFF) int packed) {
        Rgb rgb = Rgb.of(packed);
        assertThat(Rgb.parse(rgb.hex())).contains(rgb);
        assertThat(rgb.packed()).isEqualTo(packed);
    }

    @Test
    void whatIsNoHexIsNoColour() {
        assertThat(Rgb.parse("#12345")).isEmpty();
        assertThat(Rgb.parse("red")).isEmpty();
        assertThat(Rgb.parse(" 0a0b0c ")).contains(new Rgb(10, 11, 12));
        assertThatThrownBy(() -> new Rgb(256, 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rgb(0, -1, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Property(tries = 256, seed = "20261")
    void lightIsCodedAsItWasTakenApart(@ForAll @IntRange(max = 255) int value) {
        assertThat(Rgb.coded(Rgb.linear(value / 255.0))).isEqualTo(value);
    }

    @Test
    void whatIsTypedIsHexOrThreeNumbers() {
        assertThat(Rgb.typed(" 42, 127;158 ")).contains(new Rgb(42, 127, 158));
        assertThat(Rgb.typed("0 0 0")).contains(new Rgb(0, 0, 0));
        assertThat(Rgb.typed("2A7F9E")).contains(new Rgb(42, 127, 158));
        for (String none :
                new String[] {"", "1 2", "1 2 3 4", "256 0 0", "-1 2 3", "1,2,x", "#12"}) {
            assertThat(Rgb.typed(none)).as(none).isEmpty();
        }
    }
}

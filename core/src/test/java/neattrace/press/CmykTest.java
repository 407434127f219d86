package neattrace.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class CmykTest {

    /** C60 M40 Y40 K100, 240 % in all: common practice, no source. */
    @Test
    void richBlackIsSixtyFortyFortyHundred() {
        assertThat(BlackRule.RICH.build()).isEqualTo(new Cmyk(60, 40, 40, 100));
        assertThat(BlackRule.RICH.build().total()).isEqualTo(240);
        assertThat(BlackRule.RICH.underlay()).isEqualTo(new Cmyk(60, 40, 40, 0));
        assertThat(BlackRule.RICH.over()).isEqualTo(new Cmyk(0, 0, 0, 100));
    }

    @Test
    void blackInkAloneHasNothingBeneath() {
        assertThat(BlackRule.K_ONLY.underlay()).isEqualTo(Cmyk.PAPER);
        assertThat(BlackRule.K_ONLY.build().total()).isEqualTo(100);
    }

    @Test
    void readsAsAPrinterWritesIt() {
        assertThat(new Cmyk(60, 40, 40, 100)).hasToString("C60 M40 Y40 K100");
        assertThat(new Cmyk(0, 62.5, 92, 0)).hasToString("M62.5 Y92");
        assertThat(Cmyk.PAPER).hasToString("paper");
    }

    @Test
    void refusesInkBeyondSolid() {
        assertThatThrownBy(() -> new Cmyk(100.5, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Cmyk(0, -1, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Cmyk(0, 0, Double.NaN, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Property(tries = 200, seed = "20261")
    void limitedBuildsKeepTheLimitAndTheirBlack(
            @ForAll @DoubleRange(max = 100) double c,
            @ForAll @DoubleRange(max = 100) double m,
            @ForAll @DoubleRange(max = 100) double y,
            @ForAll @DoubleRange(max = 100) double k,
            @ForAll @DoubleRange(min = 100, max = 400) double limit) {
        Cmyk build = new Cmyk(c, m, y, k);
        Cmyk limited = build.limitedTo(limit);
        assertThat(limited.total()).isLessThanOrEqualTo(Math.max(limit, k));
        assertThat(limited.k()).isEqualTo(k);
        assertThat(limited.c()).isLessThanOrEqualTo(c);
        if (build.total() <= limit) {
            assertThat(limited).isEqualTo(build);
        }
    }
}

package neattrace.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Set;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;

class SwatchTest {

    @Test
    void namesAreTrimmedAndNeverEmpty() {
        assertThat(new Swatch(1, "  Moss ", Cmyk.PAPER).name()).isEqualTo("Moss");
        assertThatThrownBy(() -> new Swatch(1, "   ", Cmyk.PAPER))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Swatch(1, "x".repeat(61), Cmyk.PAPER))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void newSwatchesDifferInNameAndMostlyInColour() {
        Set<String> names = new HashSet<>();
        Set<Cmyk> builds = new HashSet<>();
        for (int id = 1; id <= 30; id++) {
            Swatch swatch = StarterColours.swatch(id);
            assertThat(swatch.id()).isEqualTo(id);
            assertThat(swatch.build().total()).isBetween(20.0, 240.0);
            names.add(swatch.name());
            builds.add(swatch.build());
        }
        assertThat(names).hasSize(30);
        assertThat(builds).hasSize(10);
    }
}

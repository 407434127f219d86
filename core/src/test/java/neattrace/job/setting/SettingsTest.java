package neattrace.job.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import neattrace.job.Job;
import neattrace.region.Mend;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SettingsTest {

    private static final Job JOB = Jobs.coloured();

    static Stream<Setting> all() {
        return Settings.ALL.stream();
    }

    static Stream<Quantity> quantities() {
        return all().filter(Quantity.class::isInstance).map(Quantity.class::cast);
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void theEndsOfARangeAreTakenAndWhatLiesBeyondIsNot(Quantity setting) {
        for (double end : new double[] {setting.least(), setting.most()}) {
            assertThat(setting.of(setting.with(JOB, end))).isCloseTo(end, within(1e-9));
        }
        for (double beyond :
                new double[] {
                    setting.least() - 1.5, setting.most() + 0.01, Double.NaN, Double.MAX_VALUE
                }) {
            assertThatThrownBy(() -> setting.with(JOB, beyond))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining(setting.name());
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatItSaysIsWhatItReads(Setting setting) {
        Job same = setting.parsed(JOB, setting.text(JOB));
        // A choice that was not made, such as an even weight of 0, has no place in the range.
        assertThat(setting.text(same)).isEqualTo(setting.text(JOB));
        assertThatThrownBy(() -> setting.parsed(JOB, "plenty"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(setting.range());
    }

    @ParameterizedTest
    @MethodSource("all")
    void itIsFoundByItsKeyAlone(Setting setting) {
        assertThat(Settings.of(setting.key())).contains(setting);
        assertThat(setting.key()).matches("[a-z-]+");
    }

    @Test
    void severalAreGivenInOrder() {
        Job job =
                Settings.with(
                        JOB,
                        List.of(
                                "gap-width=0.8",
                                "gap-width=1.2 mm",
                                "mending-way=run-past",
                                "method=adaptive",
                                "ink-threshold=auto"));
        assertThat(job.close().gapMm()).isEqualTo(1.2);
        assertThat(job.close().mend()).isEqualTo(Mend.RUN_PAST);
        assertThat(job.recipe().decision().method()).isEqualTo(Method.ADAPTIVE);
    }

    @Test
    void whatIsUnknownOrHasNoValueIsSaid() {
        assertThatThrownBy(() -> Settings.with(JOB, List.of("gap-widht=1")))
                .hasMessageContaining("gap-widht");
        assertThatThrownBy(() -> Settings.with(JOB, List.of("gap-width")))
                .hasMessageContaining("0 to 4 mm, or auto");
        assertThatThrownBy(() -> Settings.with(JOB, List.of("gap-width=9")))
                .hasMessageContaining("Gap width must be 0 to 4 mm");
    }
}

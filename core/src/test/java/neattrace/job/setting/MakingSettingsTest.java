package neattrace.job.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What fields at Make set is what the job then holds, for its own goods and for no others. */
class MakingSettingsTest {

    private static final Job JOB =
            Jobs.coloured()
                    .withGoods(
                            Jobs.coloured()
                                    .goods()
                                    .with(UsualGoods.of(GoodsKind.CUT_STENCIL))
                                    .with(UsualGoods.of(GoodsKind.MUG)));

    private static final MakingSettings ONE = MakingSettings.of(1);
    private static final MakingSettings OTHER = MakingSettings.of(2);

    static Stream<Quantity> quantities() {
        return Stream.of(
                ONE.gutter(),
                ONE.tintPercent(),
                ONE.tie(),
                ONE.drop(),
                ONE.weight(),
                ONE.outside(),
                ONE.signature(),
                ONE.diameter());
    }

    static Stream<Option<?>> options() {
        return Stream.of(
                ONE.tint(),
                ONE.numbers(),
                ONE.sample(),
                ONE.pencil(),
                ONE.away(),
                ONE.thickened(),
                ONE.lineColour(),
                ONE.mirrored(),
                ONE.guide(),
                ONE.place(),
                ONE.garments(),
                ONE.leftHanded());
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void theEndsOfARangeAreTaken(Quantity setting) {
        for (double end : new double[] {setting.least(), setting.most()}) {
            Job set = setting.with(JOB, end);
            assertThat(setting.of(set)).isCloseTo(end, within(1e-9));
            assertThat(set.goods().of(2)).isEqualTo(JOB.goods().of(2));
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> setting.with(JOB, setting.most() + 1));
        assertThatIllegalArgumentException().isThrownBy(() -> setting.with(JOB, Double.NaN));
    }

    @ParameterizedTest
    @MethodSource("options")
    void everyChoiceIsKeptAndSaidInOtherWords(Option<?> setting) {
        everyChoice(setting);
    }

    private static <T> void everyChoice(Option<T> setting) {
        assertThat(setting.choices()).hasSizeGreaterThan(1);
        assertThat(setting.choices().stream().map(setting.words()).distinct())
                .hasSameSizeAs(setting.choices());
        for (T choice : setting.choices()) {
            Job set = setting.with(JOB, choice);
            assertThat(setting.of(set)).isEqualTo(choice);
            assertThat(set.goods().of(2)).isEqualTo(JOB.goods().of(2));
        }
    }

    @Test
    void goodsThatAreGoneChangeNothing() {
        MakingSettings gone = MakingSettings.of(77);
        assertThat(gone.tie().with(JOB, 3)).isEqualTo(JOB);
        assertThat(gone.mirrored().with(JOB, true)).isEqualTo(JOB);
    }

    @Test
    void twoGoodsHaveSettingsOfTheirOwn() {
        Job set = OTHER.diameter().with(ONE.diameter().with(JOB, 70), 95);
        assertThat(ONE.diameter().of(set)).isEqualTo(70);
        assertThat(OTHER.diameter().of(set)).isEqualTo(95);
        assertThat(ONE.diameter().key()).isNotEqualTo(OTHER.diameter().key());
    }

    /** Neither is refused because of the other: the other gives way. */
    @Test
    void theOutsideIsNeverThinnerThanTheLines() {
        Job bolder = ONE.weight().with(JOB, 2.5);
        assertThat(ONE.outside().of(bolder)).isEqualTo(2.5);
        Job thinner = ONE.outside().with(bolder, 0.8);
        assertThat(ONE.weight().of(thinner)).isEqualTo(0.8);
    }
}

package neattrace.job.setting;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

/** Settings of goods at Make that are more than a number that is kept. */
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

package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;
import org.junit.jupiter.api.Test;

class EstimatorTest {

    private static final Drivers PUFFIN = new Drivers(5_000, 70, 1, 1, 0);

    private static Estimate of(List<Estimate> all, WorkStage stage) {
        return all.stream().filter(one -> one.stage() == stage).findFirst().orElseThrow();
    }

    /** Half a day to a day to ink (common practice, no source). */
    @Test
    void aDrawingTakesHalfADayToADayToInk() {
        Estimate inks = of(Estimator.estimate(PUFFIN, List.of()), WorkStage.INKS);
        assertThat(inks.likely()).isBetween(3.0, 8.0);
        assertThat(inks.low()).isLessThan(inks.likely());
        assertThat(inks.high()).isGreaterThan(inks.likely());
    }

    @Test
    void linesAloneNeedNoTimeForColour() {
        List<Estimate> page = Estimator.estimate(new Drivers(5_000, 300, 0, 1, 0), List.of());
        assertThat(of(page, WorkStage.COLOUR).high()).isZero();
        assertThat(page).hasSize(WorkStage.values().length);
    }

    /** One who takes twice as long as usual is estimated so, the surer the more is known. */
    @Test
    void estimatesLearnFromOnesOwnWork() {
        double usual = Estimator.usual(WorkStage.INKS, PUFFIN);
        List<PastWork> past = new ArrayList<>();
        double width = Double.MAX_VALUE;
        for (int k = 0; k < 12; k++) {
            past.add(new PastWork(PUFFIN, Map.of(WorkStage.INKS, 2 * usual)));
            Estimate now = of(Estimator.estimate(PUFFIN, past), WorkStage.INKS);
            double spread = Math.log(now.high() / now.low());
            assertThat(spread).isLessThan(width);
            width = spread;
        }
        Estimate learnt = of(Estimator.estimate(PUFFIN, past), WorkStage.INKS);
        assertThat(learnt.likely() / usual).isBetween(1.8, 2.0);
        assertThat(of(Estimator.estimate(PUFFIN, past), WorkStage.MAKE).likely())
                .as("of other stages nothing is known")
                .isEqualTo(Estimator.usual(WorkStage.MAKE, PUFFIN));
    }

    /** Of log-normal truths four in five fall within the range, after twenty of them. */
    @Test
    void fourOfFiveFallWithinTheRange() {
        Random random = new Random(7);
        double usual = Estimator.usual(WorkStage.INKS, PUFFIN);
        int within = 0;
        int all = 0;
        for (int person = 0; person < 200; person++) {
            double own = Math.exp(0.3 * random.nextGaussian());
            List<PastWork> past = new ArrayList<>();
            for (int k = 0; k < 20; k++) {
                double hours = usual * own * Math.exp(0.25 * random.nextGaussian());
                past.add(new PastWork(PUFFIN, Map.of(WorkStage.INKS, hours)));
            }
            Estimate estimate = of(Estimator.estimate(PUFFIN, past), WorkStage.INKS);
            for (int k = 0; k < 10; k++) {
                double truth = usual * own * Math.exp(0.25 * random.nextGaussian());
                within += truth >= estimate.low() && truth <= estimate.high() ? 1 : 0;
                all++;
            }
        }
        assertThat((double) within / all).isCloseTo(0.8, within(0.05));
    }

    @Test
    void hoursThatWereNotNotedTeachNothing() {
        PastWork odd = new PastWork(PUFFIN, Map.of(WorkStage.INKS, 0.0));
        assertThat(Estimator.estimate(PUFFIN, List.of(odd)))
                .isEqualTo(Estimator.estimate(PUFFIN, List.of()));
        assertThatThrownBy(() -> new Drivers(-1, 0, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Drivers(Double.NaN, 0, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

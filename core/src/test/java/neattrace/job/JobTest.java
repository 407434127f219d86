package neattrace.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.StarterColours;
import neattrace.geom.Point;
import neattrace.press.BlackRule;
import org.junit.jupiter.api.Test;

class JobTest {

    private static final Job JOB = Job.of(new Source("moth.v2.png", new byte[] {1, 2, 3}));

    @Test
    void isCalledAsItsFile() {
        assertThat(JOB.title()).isEqualTo("moth.v2");
        assertThat(Job.of(new Source("moth", new byte[0])).title()).isEqualTo("moth");
        assertThat(JOB.black()).isEqualTo(BlackRule.RICH);
    }

    @Test
    void removingASwatchTakesItsFillsAlong() {
        Job coloured =
                JOB.withSwatch(StarterColours.swatch(1))
                        .withSwatch(StarterColours.swatch(2))
                        .withFills(
                                List.of(
                                        new Fill(new Point(1, 1), 1),
                                        new Fill(new Point(2, 2), 2)));
        Job less = coloured.withoutSwatch(1);
        assertThat(less.swatches()).hasSize(1);
        assertThat(less.fills()).containsExactly(new Fill(new Point(2, 2), 2));
        assertThat(less.freeSwatchId()).isEqualTo(3);
    }

    /** Its forms, its lines and its inks in other colourways go along; nothing else does. */
    @Test
    void removingASwatchLeavesNothingThatNeedsIt() {
        Job coloured =
                JOB.withSwatch(StarterColours.swatch(1))
                        .withSwatch(StarterColours.swatch(2))
                        .withSwatch(StarterColours.swatch(3));
        Job formed =
                coloured.withPalette(coloured.palette().withColourway("Night"))
                        .withFlat(
                                coloured.flat()
                                        .withForms(
                                                List.of(
                                                        new Form.Inset(new Point(1, 1), 2, 2),
                                                        new Form.Cast(3, 1),
                                                        new Form.Shade(
                                                                List.of(
                                                                        new Point(0, 0),
                                                                        new Point(1, 0),
                                                                        new Point(1, 1)),
                                                                Map.of(1, 2, 3, 1)))));
        Job less = formed.withoutSwatch(2);
        assertThat(less.flat().forms())
                .hasSize(2)
                .allSatisfy(form -> assertThat(form.needs()).doesNotContain(2));
        assertThat(less.palette().colourways().get(0).inks()).containsOnlyKeys(1, 3);
        assertThat(less.palette().shown()).isZero();
    }

    /** What named the old one, in files and in memory, must not cling to the new one. */
    @Test
    void idsAreNeverUsedTwice() {
        Job two = JOB.withSwatch(StarterColours.swatch(1)).withSwatch(StarterColours.swatch(2));
        Job one = two.withoutSwatch(2);
        assertThat(one.freeSwatchId()).isEqualTo(3);
        assertThat(one.withoutSwatch(1).freeSwatchId()).isEqualTo(3);
        assertThat(one.withPalette(one.palette().withColourway("Night")).freeSwatchId())
                .isEqualTo(3);
    }

    @Test
    void changingASwatchKeepsItsPlace() {
        Job two = JOB.withSwatch(StarterColours.swatch(1)).withSwatch(StarterColours.swatch(2));
        var renamed = new neattrace.flat.Swatch(1, "Beak", StarterColours.swatch(1).build());
        assertThat(two.withSwatch(renamed).swatches()).first().isEqualTo(renamed);
        assertThat(two.withSwatch(renamed).swatch(1)).contains(renamed);
    }

    @Test
    void refusesWhatMakesNoSense() {
        assertThatThrownBy(() -> JOB.withPpi(3)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> JOB.withLine(JOB.line().withMaxErrorPx(0)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> JOB.withLine(JOB.line().withMaxErrorPx(Double.NaN)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Source("../../etc/passwd", new byte[0]))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void historyGoesBackAndForth() {
        History<Job> start = History.of(JOB);
        History<Job> changed = start.then("Resolution", JOB.withPpi(600));
        assertThat(changed.undoable()).contains("Resolution");
        assertThat(changed.undone().job()).isEqualTo(JOB);
        assertThat(changed.undone().redoable()).contains("Resolution");
        assertThat(changed.undone().redone().job().ppi()).isEqualTo(600);
        assertThat(start.undone()).isSameAs(start);
        assertThat(changed.redone()).isSameAs(changed);
    }

    @Test
    void aNewChangeForgetsWhatWasUndone() {
        History<Job> two = History.of(JOB).then("a", JOB.withPpi(100)).then("b", JOB.withPpi(200));
        History<Job> other = two.undone().then("c", JOB.withPpi(300));
        assertThat(other.redoable()).isEmpty();
        assertThat(other.undone().job().ppi()).isEqualTo(100);
    }

    @Test
    void noChangeIsNoStep() {
        History<Job> start = History.of(JOB);
        assertThat(start.then("nothing", JOB.withPpi(0))).isSameAs(start);
    }

    @Test
    void whatIsWorkedOutOfAChangeIsNoStepOfItsOwn() {
        History<Job> asked = History.of(JOB).then("Resolution", JOB.withPpi(600));
        History<Job> done = asked.completed(JOB.withPpi(601));
        assertThat(done.job().ppi()).isEqualTo(601);
        assertThat(done.undoable()).contains("Resolution");
        assertThat(done.undone().job()).isEqualTo(JOB);
        assertThat(done.undone().redone().job().ppi()).isEqualTo(601);
    }

    @Test
    void aVeryLongHistoryForgetsItsBeginning() {
        History<Job> history = History.of(JOB);
        for (int i = 0; i < 1500; i++) {
            history = history.then("step", JOB.withPpi(100 + i));
        }
        int back = 0;
        while (history.undoable().isPresent()) {
            history = history.undone();
            back++;
        }
        assertThat(back).isEqualTo(999);
        assertThat(history.job().ppi()).isEqualTo(100 + 1499 - 999);
    }
}

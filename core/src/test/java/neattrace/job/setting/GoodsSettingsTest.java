package neattrace.job.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.lang.reflect.Method;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Everything that can be set about goods, at the Brief and at Make: a field shows what was set, a
 * job keeps it in its file, and other goods of the same job do not notice.
 */
class GoodsSettingsTest {

    private static final Job JOB =
            Jobs.plain()
                    .withGoods(
                            Jobs.plain()
                                    .goods()
                                    .with(UsualGoods.of(GoodsKind.CUT_STENCIL))
                                    .with(UsualGoods.of(GoodsKind.MUG)));

    @TempDir private Path folder;

    private static List<Setting> of(int id) {
        List<Setting> all = new ArrayList<>();
        for (Object settings :
                List.of(GoodsSettings.of(id), CostSettings.of(id), MakingSettings.of(id))) {
            Arrays.stream(settings.getClass().getMethods())
                    .filter(one -> Setting.class.isAssignableFrom(one.getReturnType()))
                    .filter(one -> one.getParameterCount() == 0)
                    .sorted(Comparator.comparing(Method::getName))
                    .forEach(one -> all.add(asked(one, settings)));
        }
        return all;
    }

    private static Setting asked(Method method, Object settings) {
        try {
            return (Setting) method.invoke(settings);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(method.getName(), e);
        }
    }

    static Stream<Setting> all() {
        return of(1).stream();
    }

    static Stream<Quantity> quantities() {
        return all().filter(Quantity.class::isInstance).map(Quantity.class::cast);
    }

    static Stream<Option<?>> options() {
        return all().filter(Option.class::isInstance).map(one -> (Option<?>) one);
    }

    private static void holdsForItselfAlone(Job set) {
        assertThat(set.goods().of(2)).isEqualTo(JOB.goods().of(2));
        assertThat(set.withGoods(JOB.goods())).isEqualTo(JOB);
    }

    @Test
    void thereIsMuchToSetAndNoTwoShareAKey() {
        List<String> keys = all().map(Setting::key).toList();
        assertThat(keys).hasSizeGreaterThan(50).doesNotHaveDuplicates();
        assertThat(of(2).stream().map(Setting::key)).doesNotContainAnyElementsOf(keys);
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void theEndsOfARangeAreTakenAndWhatLiesBeyondIsNot(Quantity setting) {
        for (double end : new double[] {setting.least(), setting.most()}) {
            Job set = setting.with(JOB, end);
            assertThat(setting.of(set)).isCloseTo(end, within(1e-9));
            holdsForItselfAlone(set);
        }
        for (double beyond :
                new double[] {setting.least() - 1, setting.most() + 1, Double.NaN, 1.0 / 0}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> setting.with(JOB, beyond))
                    .withMessageContaining(setting.name());
        }
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void aUsualStepStaysInRangeAndIsSeen(Quantity setting) {
        assertThat(setting.step()).isPositive().isLessThan(setting.most() - setting.least());
        double one = setting.least() + setting.step();
        assertThat(setting.of(setting.with(JOB, one))).isCloseTo(one, within(1e-9));
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
            holdsForItselfAlone(set);
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatItSaysIsWhatItReads(Setting setting) {
        Job same = setting.parsed(JOB, setting.text(JOB));
        assertThat(setting.text(same)).isEqualTo(setting.text(JOB));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> setting.parsed(JOB, "plenty"))
                .withMessageContaining(setting.range());
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void aJobKeepsANumberInItsFile(Quantity setting) throws IOException {
        double other = setting.of(JOB) == setting.most() ? setting.least() : setting.most();
        Job set = setting.with(JOB, other);
        assertThat(set).isNotEqualTo(JOB);
        assertThat(setting.of(throughAFile(set))).isCloseTo(other, within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("options")
    void aJobKeepsAChoiceInItsFile(Option<?> setting) throws IOException {
        kept(setting);
    }

    private <T> void kept(Option<T> setting) throws IOException {
        for (T choice : setting.choices()) {
            assertThat(setting.of(throughAFile(setting.with(JOB, choice)))).isEqualTo(choice);
        }
    }

    private Job throughAFile(Job job) throws IOException {
        Path file = folder.resolve("kept.ntjob");
        JobFile.save(file, job, new byte[0]);
        return JobFile.ofAny(file);
    }

    @ParameterizedTest
    @MethodSource("quantities")
    void goodsThatAreGoneChangeNothing(Quantity setting) {
        Quantity gone =
                of(77).stream()
                        .filter(one -> one.name().equals(setting.name()))
                        .filter(Quantity.class::isInstance)
                        .map(Quantity.class::cast)
                        .findFirst()
                        .orElseThrow();
        assertThat(gone.with(JOB, gone.most())).isEqualTo(JOB);
        assertThat(gone.of(JOB)).isNotNaN();
    }

    /** What is usual for any goods can be typed into their fields. */
    @ParameterizedTest
    @EnumSource(GoodsKind.class)
    void whatIsUsualLiesInRange(GoodsKind kind) {
        Job usual = Jobs.plain().withGoods(Jobs.plain().goods().with(UsualGoods.of(kind)));
        assertThat(
                        quantities()
                                .filter(
                                        one ->
                                                !(one.of(usual) >= one.least()
                                                        && one.of(usual) <= one.most()))
                                .map(one -> one.name() + " " + one.of(usual)))
                .isEmpty();
    }
}

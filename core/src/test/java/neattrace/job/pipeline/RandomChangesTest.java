package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.stream.LongStream;
import neattrace.geom.Outline;
import neattrace.geom.OutlineDistance;
import neattrace.job.Job;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * After any series of changes the drawing is what it would be made of the job alone. {@code
 * -Dneattrace.randomJobs=500} for more of them.
 */
@Tag("thorough")
class RandomChangesTest {

    private static final int JOBS = Integer.getInteger("neattrace.randomJobs", 30);
    private static final int CHANGES = 7;

    static LongStream seeds() {
        return LongStream.rangeClosed(1, JOBS);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsTakenOverIsWhatWouldBeMadeAnew(long seed) throws IOException {
        RandomJobs random = new RandomJobs(seed);
        Job job = random.job();
        Pipeline pipeline = new Pipeline();
        pipeline.run(job, Progress.SILENT);
        for (int k = 0; k < CHANGES; k++) {
            job = random.changed(job);
            Drawing taken = pipeline.run(job, Progress.SILENT);
            Drawing fresh = new Pipeline().run(job, Progress.SILENT);
            assertSame(taken, fresh, "seed " + seed + ", change " + k);
        }
    }

    private static void assertSame(Drawing taken, Drawing fresh, String where) {
        assertInk(taken.reading().map(), fresh.reading().map(), where);
        assertInk(taken.traced().ink(), fresh.traced().ink(), where);
        assertThat(taken.reading().inkPercent()).as(where).isEqualTo(fresh.reading().inkPercent());
        assertThat(taken.reading().specks()).as(where).isEqualTo(fresh.reading().specks());
        assertOutlines(taken.lines(), fresh.lines(), where);
        assertOutlines(taken.traced().blackLines(), fresh.traced().blackLines(), where);
        assertThat(taken.traced().colouredLines())
                .as(where)
                .hasSameSizeAs(fresh.traced().colouredLines());
        for (int i = 0; i < fresh.traced().colouredLines().size(); i++) {
            assertThat(taken.traced().colouredLines().get(i).swatch())
                    .as(where)
                    .isEqualTo(fresh.traced().colouredLines().get(i).swatch());
            assertOutlines(
                    taken.traced().colouredLines().get(i).shapes(),
                    fresh.traced().colouredLines().get(i).shapes(),
                    where);
        }
        assertThat(labels(taken.areas())).as(where).isEqualTo(labels(fresh.areas()));
        assertThat(taken.areas().gaps()).as(where).hasSameSizeAs(fresh.areas().gaps());
        assertThat(taken.attachment()).as(where).isEqualTo(fresh.attachment());
        assertThat(taken.lostForms()).as(where).isEqualTo(fresh.lostForms());
        assertThat(taken.layers()).as(where).hasSameSizeAs(fresh.layers());
        for (int i = 0; i < fresh.layers().size(); i++) {
            assertThat(taken.layers().get(i).swatch())
                    .as(where)
                    .isEqualTo(fresh.layers().get(i).swatch());
            assertThat(
                            taken.layers()
                                    .get(i)
                                    .shape()
                                    .symDifference(fresh.layers().get(i).shape())
                                    .getArea())
                    .as(where)
                    .isLessThan(1e-9);
        }
    }

    private static void assertInk(InkMap taken, InkMap fresh, String where) {
        assertThat(taken.width()).as(where).isEqualTo(fresh.width());
        assertThat(taken.coverage()).as(where).isEqualTo(fresh.coverage());
    }

    /**
     * Curves are drawn anew only where ink changed, and may be cut elsewhere than if all were; they
     * lie where they would, and there are hardly more of them.
     */
    private static void assertOutlines(List<Outline> taken, List<Outline> fresh, String where) {
        assertThat(taken).as(where).hasSameSizeAs(fresh);
        for (int i = 0; i < fresh.size(); i++) {
            assertThat(taken.get(i).holes()).as(where).hasSameSizeAs(fresh.get(i).holes());
        }
        if (fresh.isEmpty()) {
            return;
        }
        assertThat(segments(taken)).as(where).isLessThanOrEqualTo(3 * segments(fresh) / 2 + 12);
        OutlineDistance apart =
                OutlineDistance.between(
                        OutlineDistance.rings(taken, 0.001), OutlineDistance.rings(fresh, 0.001));
        assertThat(apart.mean()).as(where).isLessThan(0.01);
        assertThat(apart.percentile99()).as(where).isLessThan(0.1);
    }

    private static int segments(List<Outline> outlines) {
        return outlines.stream().mapToInt(Outline::segments).sum();
    }

    private static int[] labels(AreaMap areas) {
        int[] labels = new int[areas.cells().length];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = areas.label(i);
        }
        return labels;
    }
}

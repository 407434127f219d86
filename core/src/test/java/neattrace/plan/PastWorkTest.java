package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.change.Owed;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.Proof;
import neattrace.job.log.Snapshot;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkStage;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

class PastWorkTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);
    private static final Drivers DRIVERS = new Drivers(5_000, 70, 1, 1, 0);

    private static Job with(WorkLog work) {
        Job job = Jobs.coloured();
        return job.withLog(job.log().withWork(work));
    }

    private static Job written(Job job) {
        LocalDateTime then = DAY.atTime(12, 0);
        return job.withLog(job.log().with(Owed.written(job, FileUse.PDF, 0, "a.pdf", then)));
    }

    private static final WorkLog WORK =
            WorkLog.EMPTY
                    .withDrivers(DRIVERS)
                    .withHours(WorkStage.INKS, 6)
                    .with("line", DAY, 3600)
                    .with("flats", DAY, 1800);

    /** A stage that still goes on would tell too little. */
    @Test
    void whatIsStillGoingOnIsNoPastWork() {
        assertThat(PastWork.of(with(WORK)).orElseThrow().hours())
                .containsOnlyKeys(WorkStage.INKS, WorkStage.LINES);
        assertThat(PastWork.of(written(with(WORK))).orElseThrow().hours())
                .containsEntry(WorkStage.COLOUR, 0.5);
        assertThat(PastWork.of(with(WorkLog.EMPTY.withHours(WorkStage.INKS, 6))))
                .as("nobody measured what drove it")
                .isEmpty();
        assertThat(PastWork.of(with(WorkLog.EMPTY))).isEmpty();
    }

    @Test
    void itIsToldHowRightEstimatesWere() {
        List<Estimate> said =
                List.of(
                        new Estimate(WorkStage.INKS, 3, 4, 5),
                        new Estimate(WorkStage.LINES, 0.5, 1, 2),
                        new Estimate(WorkStage.COLOUR, 0.1, 0.25, 0.6),
                        new Estimate(WorkStage.MAKE, 1, 1, 1));
        TrackRecord record = TrackRecord.of(List.of(written(with(WORK.withEstimates(said)))));
        // Inks took 6 for 4, lines 1 for 1, colour 0.5 for 0.25; nothing is known of making.
        assertThat(record.stages()).isEqualTo(3);
        assertThat(record.within()).isEqualTo(2);
        assertThat(record.ratio()).isCloseTo(1.5, within(1e-9));
        assertThat(record.words())
                .isEqualTo(
                        "Of 3 earlier estimates 2 held; work took 1.5 times as long as thought.");
        assertThat(TrackRecord.of(List.of())).isEqualTo(TrackRecord.NONE);
        assertThat(TrackRecord.NONE.words()).isEmpty();
    }

    @Test
    void hoursThatWereWorkedAreNoLongerNeeded() throws Exception {
        Job job = Jobs.plain();
        Drawing fresh = new Pipeline().run(job, Progress.SILENT);
        Task whole = JobTasks.task(fresh, 500, DAY, 0, List.of());
        Estimate lines = of(whole, WorkStage.LINES);
        int half = (int) (1800 * lines.likely());
        Job begun = job.withLog(job.log().withWork(work -> work.with("line", DAY, half)));
        Task rest = JobTasks.task(fresh.withJob(begun), 500, DAY, 0, List.of());
        assertThat(of(rest, WorkStage.LINES).likely()).isCloseTo(lines.likely() / 2, within(0.001));
        assertThat(of(rest, WorkStage.PROOF)).isEqualTo(of(whole, WorkStage.PROOF));
        Job slow = job.withLog(job.log().withWork(work -> work.with("line", DAY, 80_000)));
        Task late = JobTasks.task(fresh.withJob(slow), 500, DAY, 0, List.of());
        assertThat(of(late, WorkStage.LINES).likely()).as("it is not done yet").isPositive();
    }

    @Test
    void aProofWithoutFaultsIsDone() throws Exception {
        Job job = Jobs.plain();
        Drawing drawing = new Pipeline().run(job, Progress.SILENT);
        assertThat(JobTasks.left(drawing)).contains(WorkStage.PROOF);
        Proof dull = proof(Set.of(Proof.Fault.COLOURS_DULL));
        Job once = job.withLog(job.log().withProofs(List.of(dull)));
        assertThat(JobTasks.left(drawing.withJob(once))).contains(WorkStage.PROOF);
        Job twice = job.withLog(job.log().withProofs(List.of(dull, proof(Set.of()))));
        assertThat(JobTasks.left(drawing.withJob(twice))).doesNotContain(WorkStage.PROOF);
    }

    @Test
    void estimatesAreGivenForWhatHasHardlyBegun() {
        Job job = with(WorkLog.EMPTY.withHours(WorkStage.INKS, 6));
        List<Estimate> given = JobTasks.first(job, DRIVERS, List.of());
        assertThat(given).extracting(Estimate::stage).doesNotContain(WorkStage.INKS);
        assertThat(given).extracting(Estimate::stage).contains(WorkStage.LINES, WorkStage.MAKE);
        PastWork slow = new PastWork(DRIVERS, Map.of(WorkStage.LINES, 20.0));
        assertThat(JobTasks.first(job, DRIVERS, List.of(slow)))
                .filteredOn(one -> one.stage() == WorkStage.LINES)
                .singleElement()
                .satisfies(one -> assertThat(one.likely()).isGreaterThan(of(given).likely()));
    }

    private static Estimate of(List<Estimate> all) {
        return all.stream().filter(one -> one.stage() == WorkStage.LINES).findFirst().orElseThrow();
    }

    private static Proof proof(Set<Proof.Fault> faults) {
        return new Proof(DAY, 0, faults, "", "", Snapshot.NONE);
    }

    private static Estimate of(Task task, WorkStage stage) {
        return task.left().stream().filter(one -> one.stage() == stage).findFirst().orElseThrow();
    }
}

package neattrace.job.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.FileUse;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.json.JobState;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

class OwedTest {

    private static final LocalDateTime THEN = LocalDateTime.of(2027, 3, 1, 14, 2);

    private static Job sticker() {
        Job job = Jobs.coloured();
        return job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.STICKER)));
    }

    private static Owed owed(Job job, FileUse use) {
        return Owed.of(job).stream().filter(one -> one.use() == use).findFirst().orElseThrow();
    }

    @Test
    void whatIsOwedFollowsFromTheGoodsAndCanBeChanged() {
        Job job = sticker();
        assertThat(Owed.of(job)).extracting(Owed::use).containsExactly(FileUse.PDF, FileUse.PNG);
        Job film =
                job.withGoods(
                        job.goods()
                                .with(
                                        job.goods()
                                                .main()
                                                .orElseThrow()
                                                .withOwed(List.of(FileUse.TIFF, FileUse.TIFF))));
        assertThat(Owed.of(film)).extracting(Owed::use).containsExactly(FileUse.TIFF);
    }

    @Test
    void aFileIsTickedUntilTheDrawingChanges() {
        Job job = sticker();
        assertThat(owed(job, FileUse.PDF).current()).isFalse();
        Job written = noted(job, job, FileUse.PDF, 1, "a.pdf", THEN);
        assertThat(owed(written, FileUse.PDF).current()).isTrue();
        assertThat(owed(written, FileUse.PNG).current()).isFalse();
        Job changed = written.withFills(List.of());
        assertThat(owed(changed, FileUse.PDF).current()).isFalse();
        assertThat(owed(changed, FileUse.PDF).last().orElseThrow().at()).isEqualTo(THEN);
        Job back = changed.withFills(job.fills());
        assertThat(owed(back, FileUse.PDF).current()).as("as it was when written").isTrue();
    }

    /** A PDF of the sticker is none of the shirt, and none of a larger sticker. */
    @Test
    void aFileIsOwedForItsOwnGoodsAtTheirOwnSize() {
        Job sticker = sticker();
        Job both = sticker.withGoods(sticker.goods().with(UsualGoods.of(GoodsKind.SHIRT)));
        Job written = noted(both, both, FileUse.PDF, 1, "a.pdf", THEN);
        assertThat(Owed.of(written))
                .filteredOn(one -> one.use() == FileUse.PDF && one.goods().id() == 2)
                .noneMatch(Owed::current);
        WantedGoods main = written.goods().main().orElseThrow();
        Goods larger = main.goods().withSizing(main.goods().sizing().withWidthMm(75));
        Job resized = written.withGoods(written.goods().with(main.withGoods(larger)));
        assertThat(owed(resized, FileUse.PDF).current()).isFalse();
        Job kept = written.withGoods(written.goods().with(main.withWeightsKept(true)));
        assertThat(owed(kept, FileUse.PDF).current()).isFalse();
        Job told = written.withGoods(written.goods().with(main.withPieces(70).withMaker("B")));
        assertThat(owed(told, FileUse.PDF).current()).as("the file is the same").isTrue();
    }

    @Test
    void aFileOfAnEarlierStateIsNoFileOfThisOne() {
        Job before = sticker();
        Job after = before.withFills(List.of());
        Job written = noted(after, before, FileUse.PDF, 1, "a.pdf", THEN);
        assertThat(owed(written, FileUse.PDF).current()).isFalse();
    }

    @Test
    void whatIsSaidAboutTheDrawingDoesNotChangeIt() {
        Job job = sticker();
        Job told =
                job.withTitle("Other")
                        .withBrief(job.brief().withClient("The shop"))
                        .withSettled(new neattrace.job.Settled("line", "x", new Point(1, 1)));
        assertThat(JobState.of(told)).isEqualTo(JobState.of(job)).hasSize(16);
        assertThat(JobState.of(job.withPpi(301))).isNotEqualTo(JobState.of(job));
    }

    @Test
    void undoingDoesNotUnwriteAFile() {
        Job job = sticker();
        History<Job> history = History.of(job).then("Bare", job.withFills(List.of()));
        History<Job> noted =
                history.noted(now -> noted(now, history.job(), FileUse.PNG, 1, "a.png", THEN));
        assertThat(noted.undone().job().log().written()).hasSize(1);
        assertThat(owed(noted.job(), FileUse.PNG).current()).isTrue();
        assertThat(owed(noted.undone().job(), FileUse.PNG).current()).isFalse();
        assertThat(noted.undoable()).contains("Bare");
    }

    private static Job noted(
            Job job, Job of, FileUse use, int goods, String name, LocalDateTime at) {
        return job.withLog(job.log().with(Owed.written(of, use, goods, name, at)));
    }
}

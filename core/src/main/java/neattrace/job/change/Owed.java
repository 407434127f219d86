package neattrace.job.change;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.WrittenFile;
import neattrace.job.json.JobState;

/**
 * A file that is owed for some goods.
 *
 * @param goods for which
 * @param use what kind of file
 * @param last the last such file that was written; empty if none was
 * @param current whether that was written of the drawing as it is now
 */
public record Owed(WantedGoods goods, FileUse use, Optional<WrittenFile> last, boolean current) {

    /** All that is owed for a job, goods by goods. */
    public static List<Owed> of(Job job) {
        List<Owed> owed = new ArrayList<>();
        // Without a file there is nothing to compare the state with.
        String state = job.log().written().isEmpty() ? "" : JobState.of(job);
        for (WantedGoods goods : job.goods().wanted()) {
            for (FileUse use : goods.owed()) {
                Optional<WrittenFile> last =
                        job.log().written().stream()
                                .filter(one -> one.use() == use)
                                .max(Comparator.comparing(WrittenFile::at));
                boolean current =
                        job.log().written().stream()
                                .anyMatch(one -> one.use() == use && one.state().equals(state));
                owed.add(new Owed(goods, use, last, current));
            }
        }
        return owed;
    }

    /**
     * The job with a file noted as written.
     *
     * @param of the job it was written of, as it was then
     */
    public static Job written(Job job, Job of, FileUse use, String name, LocalDateTime at) {
        return job.withLog(job.log().with(new WrittenFile(use, name, at, JobState.of(of))));
    }
}

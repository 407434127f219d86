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
        for (WantedGoods goods : job.goods().wanted()) {
            List<WrittenFile> written =
                    job.log().written().stream().filter(one -> one.goods() == goods.id()).toList();
            // Without a file there is nothing to compare the state with.
            String state = written.isEmpty() ? "" : JobState.of(job, goods.id());
            for (FileUse use : goods.owed()) {
                Optional<WrittenFile> last =
                        written.stream()
                                .filter(one -> one.use() == use)
                                .max(Comparator.comparing(WrittenFile::at));
                boolean current =
                        written.stream()
                                .anyMatch(one -> one.use() == use && one.state().equals(state));
                owed.add(new Owed(goods, use, last, current));
            }
        }
        return owed;
    }

    /**
     * What a job's log notes of a file that was written of it. It reads all that was decided, which
     * with many decisions takes its time.
     *
     * @param of the job it was written of, as it was then
     * @param goods id of the goods in whose size it was written; 0 for the size of the scan
     */
    public static WrittenFile written(
            Job of, FileUse use, int goods, String name, LocalDateTime at) {
        return new WrittenFile(use, goods, name, at, JobState.of(of, goods));
    }
}

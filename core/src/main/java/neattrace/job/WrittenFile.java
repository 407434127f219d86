package neattrace.job;

import java.time.LocalDateTime;
import neattrace.goods.FileUse;

/**
 * A file that was written of the job.
 *
 * @param use what kind of file
 * @param goods id of the goods in whose size it was written; 0 for the size of the scan
 * @param name its name, without folders
 * @param at when, by the clock on the wall
 * @param state of the drawing and the goods it was written of: {@code neattrace.job.json.JobState}
 */
public record WrittenFile(FileUse use, int goods, String name, LocalDateTime at, String state) {}

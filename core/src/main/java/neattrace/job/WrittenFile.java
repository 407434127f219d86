package neattrace.job;

import java.time.LocalDateTime;
import neattrace.goods.FileUse;

/**
 * A file that was written of the job.
 *
 * @param use what kind of file
 * @param name its name, without folders
 * @param at when, by the clock on the wall
 * @param state of the drawing it was written of: {@code neattrace.job.json.JobState}
 */
public record WrittenFile(FileUse use, String name, LocalDateTime at, String state) {}

package neattrace.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import neattrace.job.Job;
import neattrace.job.log.Drivers;
import neattrace.job.log.WorkStage;

/**
 * A drawing that was done.
 *
 * @param drivers what drove its hours
 * @param hours that it took, stage by stage; stages nobody noted are missing
 */
public record PastWork(Drivers drivers, Map<WorkStage, Double> hours) {

    public PastWork {
        hours = Map.copyOf(hours);
    }

    /** What a job's log tells; empty if it tells nothing yet. */
    public static Optional<PastWork> of(Job job) {
        Map<WorkStage, Double> done = done(job);
        return done.isEmpty()
                ? Optional.empty()
                : job.log().work().drivers().map(drivers -> new PastWork(drivers, done));
    }

    /**
     * Hours of stages that are done: work on a later one was begun, or files were written. Those
     * that are still going on would tell too little.
     */
    static Map<WorkStage, Double> done(Job job) {
        Map<WorkStage, Double> done = new EnumMap<>(WorkStage.class);
        done.putAll(job.log().work().hours());
        if (!job.log().written().isEmpty()) {
            return done;
        }
        done.keySet().stream().max(WorkStage::compareTo).ifPresent(done::remove);
        return done;
    }
}

package neattrace.plan;

import java.util.Map;
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
}

package neattrace.proposal;

import java.util.Comparator;
import java.util.List;
import neattrace.job.pipeline.Drawing;

/**
 * A job taken as far as it goes.
 *
 * @param drawing what it has become; its job holds all that was decided
 * @param decisions what was decided and what was left, the most doubtful first
 * @param idle ids of decisions that were not to be taken and were not up for it
 */
public record Proposal(Drawing drawing, List<Decision> decisions, List<String> idle) {

    public Proposal {
        idle = List.copyOf(idle);
        decisions =
                decisions.stream()
                        .sorted(Comparator.comparingDouble(Decision::doubt).reversed())
                        .toList();
    }
}

package neattrace.proposal;

import java.util.Comparator;
import java.util.List;
import neattrace.job.pipeline.Drawing;

/**
 * A job taken as far as it goes.
 *
 * @param drawing what it has become; its job holds all that was decided
 * @param decisions what was decided and what was left, the most doubtful first
 */
public record Proposal(Drawing drawing, List<Decision> decisions) {

    public Proposal {
        decisions =
                decisions.stream()
                        .sorted(Comparator.comparingDouble(Decision::doubt).reversed())
                        .toList();
    }
}

package neattrace.job.log;

/**
 * How long a stage takes, hours: in four of five cases between low and high.
 *
 * @param low one in ten takes less
 * @param likely half take less
 * @param high one in ten takes more
 */
public record Estimate(WorkStage stage, double low, double likely, double high) {

    public Estimate {
        if (!(low >= 0 && low <= likely && likely <= high)) {
            throw new IllegalArgumentException("an estimate goes from low to high");
        }
    }
}

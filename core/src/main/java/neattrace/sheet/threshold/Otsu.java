package neattrace.sheet.threshold;

/** Otsu's threshold. */
public final class Otsu {

    private Otsu() {}

    /**
     * The grey value that parts dark from light best: values up to and including it are dark.
     *
     * @param histogram how many samples have each of the 256 values
     * @return 0 to 254; where several values part equally well, the lowest; -1 if fewer than two
     *     different values occur
     */
    public static int threshold(long[] histogram) {
        double total = 0;
        double weighted = 0;
        for (int value = 0; value < histogram.length; value++) {
            total += histogram[value];
            weighted += (double) value * histogram[value];
        }
        int best = -1;
        double bestVariance = 0;
        double darkCount = 0;
        double darkWeighted = 0;
        for (int value = 0; value < histogram.length - 1; value++) {
            darkCount += histogram[value];
            darkWeighted += (double) value * histogram[value];
            if (darkCount == 0 || darkCount == total) {
                continue;
            }
            double difference =
                    darkWeighted / darkCount - (weighted - darkWeighted) / (total - darkCount);
            double variance = darkCount * (total - darkCount) * difference * difference;
            if (variance > bestVariance) {
                bestVariance = variance;
                best = value;
            }
        }
        return best;
    }
}

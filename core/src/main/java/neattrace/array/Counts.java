package neattrace.array;

/** How often each value was counted. */
public final class Counts {

    private Counts() {}

    /**
     * The least value such that at least the given share of what was counted lies at or below it.
     *
     * @param counts by value
     * @param low least value that is asked about
     * @param high greatest value that is asked about
     * @param share 0 to 1
     * @return {@code high} if nothing was counted
     */
    public static int quantile(long[] counts, int low, int high, double share) {
        long total = 0;
        for (int value = low; value <= high; value++) {
            total += counts[value];
        }
        long seen = 0;
        for (int value = low; value <= high; value++) {
            seen += counts[value];
            if (seen > 0 && seen >= share * total) {
                return value;
            }
        }
        return high;
    }

    /** The same of all values. */
    public static int quantile(long[] counts, double share) {
        return quantile(counts, 0, counts.length - 1, share);
    }
}

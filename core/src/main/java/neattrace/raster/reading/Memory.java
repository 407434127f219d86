package neattrace.raster.reading;

/** Whether something fits into what is left of the memory. */
final class Memory {

    private Memory() {}

    /**
     * Refuses what does not fit, before it is tried.
     *
     * @param bytes that are needed at once
     */
    static void check(String name, long bytes) throws PictureException {
        Runtime runtime = Runtime.getRuntime();
        long free = runtime.maxMemory() - runtime.totalMemory() + runtime.freeMemory();
        if (bytes > free) {
            // What is no longer used may not have been given back yet.
            System.gc();
            free = runtime.maxMemory() - runtime.totalMemory() + runtime.freeMemory();
        }
        if (bytes > free) {
            throw new PictureException(
                    name + " needs more memory than there is (" + (bytes >> 20) + " MB).");
        }
    }
}

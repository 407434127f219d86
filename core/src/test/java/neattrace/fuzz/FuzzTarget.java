package neattrace.fuzz;

/** What the fuzzer calls; its argument names the reader. */
public final class FuzzTarget {

    private static Reader reader;

    private FuzzTarget() {}

    /** Called once by the fuzzer. */
    public static void fuzzerInitialize(String[] arguments) {
        reader = Reader.valueOf(arguments[0]);
    }

    /** Called by the fuzzer with every input. */
    public static void fuzzerTestOneInput(byte[] bytes) {
        reader.check(bytes);
    }
}

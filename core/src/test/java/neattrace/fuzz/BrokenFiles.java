package neattrace.fuzz;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Reads broken files by the hundred thousand, so many of each kind, and says how many ended
 * otherwise than in a picture or in one plain sentence, and how long the longest took. What fails
 * is kept in the folder of those that failed once.
 */
public final class BrokenFiles {

    /** None may take longer, s. */
    private static final int MOST_SECONDS = 5;

    private BrokenFiles() {}

    /**
     * How many of each kind, the folder of those that fail, and the kinds; all if none is named.
     */
    public static void main(String[] arguments) throws Exception {
        int count = Integer.parseInt(arguments[0]);
        Path known = Path.of(arguments[1]);
        for (Reader reader : Reader.values()) {
            boolean wanted = arguments.length < 3;
            for (int i = 2; i < arguments.length; i++) {
                wanted |= reader.name().equalsIgnoreCase(arguments[i]);
            }
            if (wanted) {
                run(reader, count, known);
            }
        }
        System.exit(0);
    }

    private static void run(Reader reader, int count, Path known) throws Exception {
        Path folder = Files.createTempDirectory("broken");
        List<byte[]> seeds = Seeds.of(reader, folder);
        SplittableRandom chance = new SplittableRandom(7 + reader.ordinal());
        ExecutorService readers = Executors.newCachedThreadPool();
        int failed = 0;
        long longest = 0;
        for (int k = 0; k < count; k++) {
            byte[] mutant = Mutants.next(seeds, chance);
            Future<Long> reading = readers.submit(() -> timed(reader, mutant));
            try {
                long took = reading.get(10 * MOST_SECONDS, TimeUnit.SECONDS);
                longest = Math.max(longest, took);
                if (took > 1e9 * MOST_SECONDS) {
                    throw new TimeoutException();
                }
            } catch (TimeoutException e) {
                failed++;
                keep(mutant, reader, known, "slow" + k, "more than " + MOST_SECONDS + " s");
            } catch (ExecutionException e) {
                failed++;
                keep(mutant, reader, known, "fails" + k, String.valueOf(e.getCause()));
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%-8s %,d broken files: %d ended otherwise than they may, longest %.0f ms%n",
                reader,
                count,
                failed,
                longest / 1e6);
        readers.shutdownNow();
    }

    /** Time of its own thread, ns: however busy the machine is. */
    private static long timed(Reader reader, byte[] mutant) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long start = threads.getCurrentThreadCpuTime();
        reader.check(mutant);
        return threads.getCurrentThreadCpuTime() - start;
    }

    private static void keep(byte[] mutant, Reader reader, Path known, String name, String why)
            throws IOException {
        Path folder = known.resolve(reader.name().toLowerCase(Locale.ROOT));
        Files.createDirectories(folder);
        Files.write(folder.resolve(name), mutant);
        System.out.println(reader + " " + name + ": " + why);
    }
}

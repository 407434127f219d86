package neattrace.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Readers meet files that nobody meant: some mutated at random from small whole ones, the same at
 * every run, and those that once made a reader fail. {@code bench/run fuzz MINUTES} lets a fuzzer
 * that is led by coverage (Jazzer) look for more.
 */
class FuzzTest {

    private static final int MUTANTS = 1200;

    @TempDir private Path folder;

    @ParameterizedTest
    @EnumSource(Reader.class)
    @Timeout(120)
    void mutatedFilesBringMessagesAndNothingElse(Reader reader) throws IOException {
        SplittableRandom chance = new SplittableRandom(reader.ordinal());
        List<byte[]> seeds = Seeds.of(reader, folder);
        for (int k = 0; k < MUTANTS; k++) {
            byte[] mutant = seeds.get(chance.nextInt(seeds.size())).clone();
            for (int n = 1 + chance.nextInt(6); n > 0; n--) {
                mutant = mutated(mutant, chance);
            }
            reader.check(mutant);
        }
    }

    private static byte[] mutated(byte[] bytes, SplittableRandom chance) {
        if (bytes.length < 2) {
            return bytes;
        }
        int at = chance.nextInt(bytes.length);
        byte[] mutant = bytes.clone();
        switch (chance.nextInt(5)) {
            case 0 -> mutant[at] ^= (byte) (1 << chance.nextInt(8));
            case 1 -> mutant[at] = (byte) chance.nextInt(256);
            case 2 -> mutant = Arrays.copyOf(mutant, at);
            case 3 -> {
                int to = Math.min(mutant.length, at + 1 + chance.nextInt(8));
                Arrays.fill(mutant, at, to, (byte) (chance.nextBoolean() ? 0xff : 0));
            }
            default -> {
                int from = chance.nextInt(bytes.length);
                int length = Math.min(chance.nextInt(32), bytes.length - Math.max(at, from));
                System.arraycopy(bytes, from, mutant, at, length);
            }
        }
        return mutant;
    }

    /** Each file in the folder of a reader made it fail once. */
    @ParameterizedTest
    @EnumSource(Reader.class)
    @Timeout(60)
    void whatOnceFailedDoesNotFailAgain(Reader reader) throws IOException {
        String name = reader.name().toLowerCase(Locale.ROOT);
        Path known = Path.of("src/test/resources/fuzz", name);
        if (!Files.isDirectory(known)) {
            return;
        }
        try (Stream<Path> files = Files.list(known)) {
            for (Path file : files.toList()) {
                reader.check(Files.readAllBytes(file));
            }
        }
    }
}

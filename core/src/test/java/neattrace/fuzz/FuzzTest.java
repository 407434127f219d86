package neattrace.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Readers meet files that nobody meant: some mutated at random from small whole ones, the same at
 * every run, and those that once made a reader fail. {@code bench/run broken COUNT} reads as many
 * of them as one likes, and says what took longest; {@code bench/run fuzz MINUTES} lets a fuzzer
 * that is led by coverage (Jazzer) look for more.
 */
@Tag("thorough")
class FuzzTest {

    /** Pages of SVG are drawn, profiles are looked up: those take longer. */
    private static final int MUTANTS = 400;

    @TempDir private Path folder;

    @ParameterizedTest
    @EnumSource(Reader.class)
    @Timeout(120)
    void mutatedFilesBringMessagesAndNothingElse(Reader reader) throws IOException {
        SplittableRandom chance = new SplittableRandom(reader.ordinal());
        List<byte[]> seeds = Seeds.of(reader, folder);
        for (int k = 0; k < MUTANTS; k++) {
            reader.check(Mutants.next(seeds, chance));
        }
    }

    /** Each file in the folder of a reader made it fail once. */
    @ParameterizedTest
    @EnumSource(Reader.class)
    @Timeout(60)
    void whatOnceFailedDoesNotFailAgain(Reader reader) throws IOException {
        String name = reader.name().toLowerCase(Locale.ROOT);
        Path known = Path.of("src/test/resources/fuzz", name);
        if (!Files.isDirectory(known)) {
            return; // nothing of this kind has failed yet
        }
        try (Stream<Path> files = Files.list(known)) {
            for (Path file : files.toList()) {
                reader.check(Files.readAllBytes(file));
            }
        }
    }
}

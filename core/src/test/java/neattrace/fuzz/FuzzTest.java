package neattrace.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
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
 * every run; those that once made a reader fail; and for a few seconds whatever a fuzzer that is
 * led by coverage (Jazzer) comes upon. {@code bench/run fuzz MINUTES} lets it look for longer.
 */
class FuzzTest {

    private static final int MUTANTS = 1200;
    private static final int SECONDS = 4;

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

    @ParameterizedTest
    @EnumSource(Reader.class)
    @Timeout(120)
    void theFuzzerFindsNothingInAFewSeconds(Reader reader) throws Exception {
        Path corpus = Files.createDirectory(folder.resolve("corpus"));
        Seeds.write(reader, corpus);
        List<String> command =
                new ArrayList<>(
                        List.of(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-Xmx1500m",
                                "-Djava.awt.headless=true",
                                "-cp",
                                System.getProperty("java.class.path"),
                                "com.code_intelligence.jazzer.Jazzer",
                                "--target_class=neattrace.fuzz.FuzzTarget",
                                "--target_args=" + reader.name(),
                                "--instrumentation_includes=neattrace.**",
                                "--disabled_hooks=com.code_intelligence.jazzer.sanitizers.*",
                                "-max_total_time=" + SECONDS,
                                "-timeout=20",
                                "-rss_limit_mb=0",
                                "-seed=1",
                                corpus.toString()));
        Process process =
                new ProcessBuilder(command)
                        .directory(folder.toFile())
                        .redirectErrorStream(true)
                        .start();
        String said;
        try (InputStream out = process.getInputStream()) {
            said = new String(out.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(process.waitFor()).as(said).isZero();
        assertThat(said).contains("Done ");
    }
}

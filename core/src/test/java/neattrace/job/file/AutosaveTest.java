package neattrace.job.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import neattrace.job.Job;
import neattrace.job.Source;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

@Tag("thorough")
class AutosaveTest {

    private static final Job JOB = Job.of(new Source("a.png", new byte[300_000]));

    @TempDir private Path folder;

    @Test
    void whatARunningProgramKeepsIsNotOffered() throws IOException {
        try (Autosave autosave = Autosave.start(folder)) {
            autosave.keep(JOB);
            assertThat(Autosave.leftBehind(folder)).isEmpty();
        }
    }

    @Test
    void whatIsForgottenIsGone() throws IOException {
        try (Autosave autosave = Autosave.start(folder)) {
            autosave.keep(JOB);
            autosave.forget();
        }
        assertThat(Autosave.leftBehind(folder)).isEmpty();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void whatIsLeftIsOfferedNewestFirstUntilDiscarded() throws IOException {
        Autosave first = Autosave.start(folder);
        first.keep(JOB.withTitle("first"));
        first.close();
        Autosave second = Autosave.start(folder);
        second.keep(JOB.withTitle("second"));
        second.close();
        Path older =
                Autosave.leftBehind(folder).stream()
                        .filter(file -> title(file).equals("first"))
                        .findFirst()
                        .orElseThrow();
        assertThat(older.toFile().setLastModified(1_000_000)).isTrue();
        List<Path> left = Autosave.leftBehind(folder);
        assertThat(left).extracting(AutosaveTest::title).containsExactly("second", "first");
        Autosave.discard(left.get(0));
        assertThat(Autosave.leftBehind(folder)).hasSize(1);
    }

    private static String title(Path file) {
        try {
            return JobFile.open(file).title();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aFolderThatIsNotThereHasNothingInIt() throws IOException {
        assertThat(Autosave.leftBehind(folder.resolve("none"))).isEmpty();
    }

    /** A process of its own saves without end and is killed in the midst of it, several times. */
    @Test
    @Timeout(value = 60, unit = TimeUnit.SECONDS)
    void killedAtAnyMomentTheLastSavedJobIsWhole() throws Exception {
        for (int round = 0; round < 4; round++) {
            Path own = folder.resolve("round" + round);
            Process process =
                    new ProcessBuilder(
                                    Path.of(System.getProperty("java.home"), "bin", "java")
                                            .toString(),
                                    "-cp",
                                    System.getProperty("java.class.path"),
                                    Saver.class.getName(),
                                    own.toString())
                            .redirectErrorStream(true)
                            .start();
            String last = null;
            try (BufferedReader lines =
                    new BufferedReader(process.inputReader(StandardCharsets.UTF_8))) {
                for (int i = 0; i < 3 + 7 * round; i++) {
                    last = lines.readLine();
                }
                process.destroyForcibly().waitFor();
            }
            assertThat(last).as("the saver must have begun").startsWith("kept ");
            List<Path> left = Autosave.leftBehind(own);
            assertThat(left).hasSize(1);
            Job job = JobFile.open(left.get(0));
            int kept = Integer.parseInt(last.substring(5));
            assertThat(Integer.parseInt(job.title())).isGreaterThanOrEqualTo(kept);
            assertThat(job.source().bytes()).hasSize(300_000);
        }
    }

    /** Saves one job after the other and says so; started as a program. */
    static final class Saver {
        private Saver() {}

        public static void main(String[] arguments) throws IOException {
            Path own = new File(arguments[0]).toPath();
            Files.createDirectories(own);
            try (Autosave autosave = Autosave.start(own)) {
                for (int i = 0; ; i++) {
                    autosave.keep(JOB.withTitle(String.valueOf(i)));
                    System.out.println("kept " + i);
                }
            }
        }
    }

    /** Only the decisions are written at every change: the picture has its own file. */
    @Test
    void thePictureIsWrittenOnce() throws IOException {
        try (Autosave autosave = Autosave.start(folder)) {
            autosave.keep(JOB);
            Path source = source();
            Object first = Files.readAttributes(source, BasicFileAttributes.class).fileKey();
            autosave.keep(JOB.withTitle("again"));
            assertThat(Files.readAttributes(source(), BasicFileAttributes.class).fileKey())
                    .isEqualTo(first);
            assertThat(kept().length()).isLessThan(20_000);
            Job other = Job.of(new Source("b.png", new byte[1000]));
            autosave.keep(other);
            assertThat(Files.size(source())).isEqualTo(1000);
            assertThat(JobFile.open(kept().toPath()).source().name()).isEqualTo("b.png");
        }
    }

    private Path source() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> sources = files.filter(f -> f.toString().endsWith(".source")).toList();
            assertThat(sources).hasSize(1);
            return sources.get(0);
        }
    }

    private File kept() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".ntjob"))
                    .findFirst()
                    .orElseThrow()
                    .toFile();
        }
    }

    /** Locks without a job, pictures without one and halves that kills left. */
    @Test
    void litterIsClearedAwayAtTheNextStart() throws IOException {
        String id = "00000000-0000-0000-0000-000000000001";
        Files.writeString(folder.resolve(id + ".lock"), "");
        Files.writeString(folder.resolve(id + "-0.source"), "picture");
        Files.writeString(folder.resolve(".neat-trace-2147483646-ab.part"), "half");
        Autosave living = Autosave.start(folder);
        living.keep(JOB);
        try (Autosave next = Autosave.start(folder)) {
            assertThat(next).isNotNull();
            assertThat(folder.resolve(id + ".lock")).doesNotExist();
            assertThat(folder.resolve(id + "-0.source")).doesNotExist();
            assertThat(folder.resolve(".neat-trace-2147483646-ab.part")).doesNotExist();
            assertThat(source()).exists();
        }
        living.forget();
        living.close();
        assertThat(folder).isEmptyDirectory();
    }
}

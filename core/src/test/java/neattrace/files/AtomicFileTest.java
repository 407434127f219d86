package neattrace.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AtomicFileTest {

    @TempDir private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void writesAndReplaces() throws IOException {
        Path file = folder.resolve("a.svg");
        AtomicFile.write(file, out -> out.write(bytes("one")));
        AtomicFile.write(file, out -> out.write(bytes("two")));
        assertThat(file).hasContent("two");
        assertThat(names()).containsExactly("a.svg");
    }

    /** What a program that was killed left goes with the next write; what may be written stays. */
    @Test
    void partsOfKilledProgramsAreClearedAway() throws IOException {
        Path dead = folder.resolve(".neat-trace-4194304999-0a-1.part");
        Path lately = folder.resolve(".neat-trace-4194304999-0a-2.part");
        Path own = folder.resolve(".neat-trace-" + ProcessHandle.current().pid() + "-0a.part");
        for (Path part : List.of(dead, lately, own)) {
            Files.writeString(part, "half");
        }
        FileTime old = FileTime.from(Instant.now().minus(2, ChronoUnit.HOURS));
        Files.setLastModifiedTime(dead, old);
        Files.setLastModifiedTime(own, old);
        AtomicFile.write(folder.resolve("a.svg"), out -> out.write(bytes("one")));
        assertThat(dead).doesNotExist();
        assertThat(lately).exists();
        assertThat(own).exists();
    }

    /** Ctrl+C ends a program in order; nothing half written stays behind. */
    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    void whatIsInterruptedLeavesNothing() throws Exception {
        Process writer =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-cp",
                                System.getProperty("java.class.path"),
                                Endless.class.getName(),
                                folder.resolve("endless.svg").toString())
                        .inheritIO()
                        .start();
        while (names().isEmpty() && writer.isAlive()) {
            Thread.onSpinWait();
        }
        assertThat(names()).singleElement().asString().endsWith(".part");
        writer.destroy();
        assertThat(writer.waitFor()).isNotZero();
        assertThat(names()).isEmpty();
    }

    /** Writes for ever. */
    static final class Endless {

        private Endless() {}

        public static void main(String[] arguments) throws IOException {
            AtomicFile.write(
                    Path.of(arguments[0]),
                    out -> {
                        while (true) {
                            out.write('x');
                            out.flush();
                        }
                    });
        }
    }

    @Test
    void aFailureHalfWayLeavesTheOldFileAndNoRest() throws IOException {
        Path file = folder.resolve("a.svg");
        AtomicFile.write(file, out -> out.write(bytes("old")));
        assertThatThrownBy(
                        () ->
                                AtomicFile.write(
                                        file,
                                        out -> {
                                            out.write(new byte[200_000]);
                                            throw new IOException("No space left on device");
                                        }))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("a.svg")
                .hasMessageContaining("No space left on device");
        assertThat(file).hasContent("old");
        assertThat(names()).containsExactly("a.svg");
    }

    @Test
    void evenABugInTheContentLeavesNoRest() throws IOException {
        assertThatThrownBy(
                        () ->
                                AtomicFile.write(
                                        folder.resolve("a"),
                                        out -> {
                                            throw new IllegalStateException("bug");
                                        }))
                .isInstanceOf(IllegalStateException.class);
        assertThat(names()).isEmpty();
    }

    @Test
    void aMissingFolderIsNamed() {
        Path file = folder.resolve("no/where/a.svg");
        assertThatThrownBy(() -> AtomicFile.write(file, out -> out.write(1)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(file.getParent().toString())
                .hasMessageContaining("does not exist");
    }

    @Test
    void aFolderIsNoFile() {
        assertThatThrownBy(() -> AtomicFile.write(folder, out -> out.write(1)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is a folder");
    }

    /** /proc refuses new files even to root. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void withoutTheRightToWriteNothingIsWrittenAndThatIsSaid() {
        assertThatThrownBy(() -> AtomicFile.write(Path.of("/proc/a.svg"), out -> out.write(1)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("/proc");
    }

    /** What is saved to through a link is what the link leads to. */
    @Test
    void aLinkStaysALink() throws IOException {
        Path real = Files.writeString(folder.resolve("real.txt"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.txt"), real.getFileName());
        AtomicFile.write(link, out -> out.write("new".getBytes(StandardCharsets.UTF_8)));
        assertThat(link).isSymbolicLink();
        assertThat(real).hasContent("new");
        Path dangling = Files.createSymbolicLink(folder.resolve("far"), Path.of("not-there.txt"));
        AtomicFile.write(dangling, out -> out.write('x'));
        assertThat(folder.resolve("not-there.txt")).hasContent("x");
        assertThat(dangling).isSymbolicLink();
    }

    @Test
    void theRightsOfWhatIsReplacedAreKeptAndPrivateFilesAreForTheirOwner() throws IOException {
        Path file = Files.writeString(folder.resolve("a"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        AtomicFile.write(file, out -> out.write('n'));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw-r--");
        Path own = folder.resolve("own");
        AtomicFile.writePrivate(own, out -> out.write('n'));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own)))
                .isEqualTo("rw-------");
    }

    /** 255 bytes are what the name of a file may have; a name for halves must not need more. */
    @Test
    void longNamesAreWritten() throws IOException {
        Path file = folder.resolve("n".repeat(251) + ".svg");
        AtomicFile.write(file, out -> out.write('n'));
        assertThat(file).hasContent("n");
    }

    /** A number no process has: pids end far below on every system. */
    @Test
    void halvesOfProgramsThatNoLongerRunAreRemovedAndOthersAreNot() throws IOException {
        Path dead = Files.writeString(folder.resolve(".neat-trace-2147483646-ab-cd.part"), "x");
        Path own = Files.writeString(folder.resolve(Leftovers.partName()), "x");
        Path foreign = Files.writeString(folder.resolve(".something.part"), "x");
        Leftovers.clean(folder);
        assertThat(dead).doesNotExist();
        assertThat(own).exists();
        assertThat(foreign).exists();
    }

    @Test
    void onePathIsAnotherThroughLinksAndDots() throws IOException {
        Path scan = Files.writeString(folder.resolve("scan.png"), "x");
        Path link = Files.createSymbolicLink(folder.resolve("way"), folder);
        assertThat(SameFile.of(scan, link.resolve("scan.png"))).isTrue();
        assertThat(SameFile.of(scan, folder.resolve("sub/../scan.png"))).isTrue();
        assertThat(SameFile.of(scan, folder.resolve("other.png"))).isFalse();
        assertThat(SameFile.of(folder.resolve("new.svg"), link.resolve("new.svg"))).isTrue();
        Path hard = Files.createLink(folder.resolve("hard.png"), scan);
        assertThat(SameFile.of(scan, hard)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "Puffin / mail: 3?, Puffin - mail- 3-",
        "nul, _nul",
        "Com1.final, _Com1.final",
        "'ends in dots...', ends in dots",
        "'', drawing"
    })
    void proposedNamesAreTakenByEverySystem(String words, String name) {
        assertThat(FileNames.proposed(words)).isEqualTo(name);
    }

    @Test
    void longTitlesFitWithTheirEnding() {
        assertThat(FileNames.proposed("\u00f6".repeat(300)).getBytes(StandardCharsets.UTF_8).length)
                .isLessThanOrEqualTo(200);
        assertThat(FileNames.proposed("a\tb\u0000c")).isEqualTo("a-b-c");
    }

    /** W3C, XML 1.0 (fifth edition), production 2. */
    @Test
    void xmlTextHasNoCharacterThatXmlHasNot() {
        assertThat(XmlText.clean("a\u0000b\u000bc\uFFFEd\uFFFFe\ud800f")).isEqualTo("abcdef");
        assertThat(XmlText.clean("line\nbreak\t\ud83d\udd8b")).isEqualTo("line break \ud83d\udd8b");
    }
}

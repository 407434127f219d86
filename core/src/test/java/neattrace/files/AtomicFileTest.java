package neattrace.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

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
}

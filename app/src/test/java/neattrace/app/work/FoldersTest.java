package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FoldersTest {

    @TempDir private Path folder;
    private Folders folders;

    @BeforeEach
    void below() {
        folders = Folders.below(folder.resolve("own"));
    }

    private Path file(String name) throws IOException {
        return Files.writeString(folder.resolve(name), name);
    }

    @Test
    void theNewestFileComesFirstAndNoneTwice() throws IOException {
        Path a = file("a.png");
        Path b = file("Žofka's drawing.png");
        folders.remember(a);
        folders.remember(b);
        folders.remember(a);

        assertThat(folders.recent()).containsExactly(a, b);
        assertThat(Folders.below(folder.resolve("own")).recent()).containsExactly(a, b);
    }

    @Test
    void onlyTheLastEightAreKept() throws IOException {
        List<Path> all = new ArrayList<>();
        for (int i = 0; i < 11; i++) {
            all.add(0, file(i + ".png"));
            folders.remember(all.get(0));
        }

        assertThat(folders.recent()).isEqualTo(all.subList(0, 8));
    }

    @Test
    void aListThatCannotBeReadOrWrittenIsNoLoss() throws IOException {
        Path blocked = file("blocked");
        Folders nowhere = Folders.below(blocked);
        nowhere.remember(file("a.png"));

        assertThat(nowhere.recent()).isEmpty();
        assertThat(folders.recent()).isEmpty();
    }
}

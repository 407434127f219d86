package neattrace.app.work;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import neattrace.files.AtomicFile;
import neattrace.files.Shelf;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFile;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;
import neattrace.job.file.Autosave;
import neattrace.job.file.RecipeShelf;

/**
 * Where the program keeps what is its own: autosaved jobs and the list of recent files. Everything
 * stays on the user's disk.
 */
public final class Folders {

    private static final int MOST_RECENT = 8;

    private final Path autosave;

    private Folders(Path autosave) {
        this.autosave = autosave;
    }

    /** The usual place. */
    public static Folders usual() {
        return new Folders(Autosave.usualFolder());
    }

    /** Below another folder, for trying things out. */
    public static Folders below(Path folder) {
        return new Folders(folder.resolve("autosave"));
    }

    /** Where jobs are autosaved. */
    public Path autosave() {
        return autosave;
    }

    /** Jobs that a crash left behind, newest first; none if they cannot be listed. */
    public List<Path> leftBehind() {
        try {
            return Autosave.leftBehind(autosave);
        } catch (IOException e) {
            System.getLogger(Folders.class.getName())
                    .log(System.Logger.Level.WARNING, "autosaved jobs could not be listed", e);
            return List.of();
        }
    }

    /** Where sheet recipes are kept. */
    public RecipeShelf recipes() {
        return new RecipeShelf(autosave.resolveSibling("recipes"));
    }

    /** Where goods are kept. */
    public Shelf<Goods> goods() {
        return GoodsFile.shelf(autosave.resolveSibling("goods"));
    }

    /** Where layouts of sheets are kept. */
    public Shelf<SheetLayout> layouts() {
        return LayoutFile.shelf(autosave.resolveSibling("layouts"));
    }

    /** Where the demo's drawings and its sheet are written. */
    public Path demo() {
        return autosave.resolveSibling("demo");
    }

    /** Where is kept when the person works. */
    public Path workHabits() {
        return autosave.resolveSibling("work.json");
    }

    private Path recentFile() {
        return autosave.resolveSibling("recent.txt");
    }

    /** Files opened lately, newest first, whether they are still there or not. */
    public List<Path> recent() {
        try {
            return Files.readAllLines(recentFile()).stream().map(Path::of).toList();
        } catch (IOException | RuntimeException e) {
            return List.of();
        }
    }

    /** Puts a file at the head of the recent ones. A list that cannot be written is no loss. */
    public void remember(Path file) {
        List<Path> files = new ArrayList<>(recent());
        Path absolute = file.toAbsolutePath().normalize();
        files.remove(absolute);
        files.add(0, absolute);
        List<String> lines = files.stream().limit(MOST_RECENT).map(Path::toString).toList();
        try {
            Files.createDirectories(recentFile().getParent());
            byte[] text = String.join("\n", lines).getBytes(StandardCharsets.UTF_8);
            AtomicFile.write(recentFile(), out -> out.write(text));
        } catch (IOException e) {
            System.getLogger(Folders.class.getName())
                    .log(System.Logger.Level.INFO, "recent files were not kept", e);
        }
    }
}

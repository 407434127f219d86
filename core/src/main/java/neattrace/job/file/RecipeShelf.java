package neattrace.job.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.files.UserFolder;

/** A folder of recipes, found by their names. */
public final class RecipeShelf {

    /** File systems take 255 bytes; the ending and a number need room. */
    private static final int LONGEST_FILE_NAME = 160;

    private final Path folder;

    /** A shelf in a folder, which is made when the first recipe is kept. */
    public RecipeShelf(Path folder) {
        this.folder = folder;
    }

    /** The shelf of this user. */
    public static RecipeShelf usual() {
        return new RecipeShelf(UserFolder.data().resolve("recipes"));
    }

    /** The recipe of a name, without regard to capitals. */
    public Optional<NamedRecipe> find(String name) {
        return all().stream()
                .filter(recipe -> recipe.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /**
     * Sets damaged recipes aside, where they are in nobody's way.
     *
     * @return the files as they are called now
     */
    public List<Path> setDamagedAside() {
        List<Path> aside = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return aside;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(RecipeShelf::isRecipe).toList()) {
                if (isDamaged(file)) {
                    aside.add(Files.move(file, besides(file)));
                }
            }
        } catch (IOException e) {
            System.getLogger(RecipeShelf.class.getName())
                    .log(System.Logger.Level.WARNING, "recipes could not be set aside", e);
        }
        return aside;
    }

    /** A free name: what was set aside before is not lost. */
    private static Path besides(Path file) {
        Path other = file.resolveSibling(file.getFileName() + ".damaged");
        for (int k = 2; Files.exists(other); k++) {
            other = file.resolveSibling(file.getFileName() + "." + k + ".damaged");
        }
        return other;
    }

    private static boolean isDamaged(Path file) {
        try {
            RecipeFile.open(file);
            return false;
        } catch (RecipeException e) {
            // One of a newer program is whole, and will be wanted again.
            return !e.isNewer();
        }
    }

    /** Every recipe that can be read, by name; damaged files are passed over. */
    public List<NamedRecipe> all() {
        List<NamedRecipe> recipes = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return recipes;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(RecipeShelf::isRecipe).toList()) {
                try {
                    recipes.add(RecipeFile.open(file));
                } catch (RecipeException e) {
                    System.getLogger(RecipeShelf.class.getName())
                            .log(System.Logger.Level.INFO, "passed over: {0}", e.getMessage());
                }
            }
        } catch (IOException e) {
            System.getLogger(RecipeShelf.class.getName())
                    .log(System.Logger.Level.WARNING, "recipes could not be listed", e);
        }
        recipes.sort(Comparator.comparing(recipe -> recipe.name().toLowerCase(Locale.ROOT)));
        return recipes;
    }

    private static boolean isRecipe(Path file) {
        return file.toString().endsWith(RecipeFile.ENDING);
    }

    /**
     * Keeps a recipe; one of the same name is replaced.
     *
     * @return its file
     */
    public Path keep(NamedRecipe recipe) throws IOException {
        Files.createDirectories(folder);
        Path file = file(recipe.name());
        RecipeFile.save(file, recipe);
        return file;
    }

    /** Takes a recipe off the shelf. */
    public void discard(String name) throws IOException {
        Files.deleteIfExists(file(name));
    }

    /**
     * Letters and digits as they are, everything else by its code, so that no two names collide.
     */
    private Path file(String name) {
        StringBuilder safe = new StringBuilder();
        name.strip()
                .toLowerCase(Locale.ROOT)
                .codePoints()
                .forEach(
                        c -> {
                            if (c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-') {
                                safe.appendCodePoint(c);
                            } else {
                                safe.append(c == ' ' ? "_" : "~" + Integer.toHexString(c) + "~");
                            }
                        });
        if (safe.length() > LONGEST_FILE_NAME) {
            safe.setLength(LONGEST_FILE_NAME);
            safe.append('~').append(Integer.toHexString(name.strip().hashCode()));
        }
        return folder.resolve(safe + RecipeFile.ENDING);
    }
}

package neattrace.job.file;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import neattrace.files.Shelf;
import neattrace.files.UserFolder;

/** A folder of recipes, found by their names. */
public final class RecipeShelf {

    private final Shelf<NamedRecipe> shelf;

    /** A shelf in a folder, which is made when the first recipe is kept. */
    public RecipeShelf(Path folder) {
        this.shelf = new Shelf<>(folder, new Form());
    }

    /** The shelf of this user. */
    public static RecipeShelf usual() {
        return new RecipeShelf(UserFolder.data().resolve("recipes"));
    }

    /** The recipe of a name, without regard to capitals. */
    public Optional<NamedRecipe> find(String name) {
        return shelf.find(name);
    }

    /**
     * Sets damaged recipes aside, where they are in nobody's way.
     *
     * @return the files as they are called now
     */
    public List<Path> setDamagedAside() {
        return shelf.setDamagedAside();
    }

    /** Every recipe that can be read, by name; damaged files are passed over. */
    public List<NamedRecipe> all() {
        return shelf.all();
    }

    /**
     * Keeps a recipe; one of the same name is replaced.
     *
     * @return its file
     */
    public Path keep(NamedRecipe recipe) throws IOException {
        return shelf.keep(recipe);
    }

    /** Takes a recipe off the shelf. */
    public void discard(String name) throws IOException {
        shelf.discard(name);
    }

    private static final class Form implements Shelf.Form<NamedRecipe> {

        @Override
        public boolean isWhole(IOException why) {
            return why instanceof RecipeException one && one.isNewer();
        }

        @Override
        public String ending() {
            return RecipeFile.ENDING;
        }

        @Override
        public String name(NamedRecipe recipe) {
            return recipe.name();
        }

        @Override
        public NamedRecipe open(Path file) throws IOException {
            return RecipeFile.open(file);
        }

        @Override
        public void save(Path file, NamedRecipe recipe) throws IOException {
            RecipeFile.save(file, recipe);
        }
    }
}

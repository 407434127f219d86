package neattrace.job.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.testing.Recipes;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecipeFileTest {

    @TempDir Path folder;
    private Path file;

    @BeforeEach
    void keepOne() throws IOException {
        file = folder.resolve("matt" + RecipeFile.ENDING);
        RecipeFile.save(file, new NamedRecipe(" matt paper, 0.3 pen ", Recipes.full()));
    }

    @Test
    void comesBackAsItWasWithoutWhatBelongsToOneSheet() throws IOException {
        NamedRecipe back = RecipeFile.open(file);
        assertThat(back.name()).isEqualTo("matt paper, 0.3 pen");
        assertThat(back.recipe()).isEqualTo(Recipes.full().forOtherSheets());
        assertThat(back.recipe().masks()).isEmpty();
        assertThat(back.recipe().decision().patches()).isEmpty();
        assertThat(back.recipe().frame()).isEqualTo(FrameRecipe.WHOLE.withEnlarge(2));
        assertThat(back.recipe().light()).isEqualTo(Recipes.full().light());
    }

    /** Recipes kept before pinholes had a size of their own: it was that of dust. */
    @Test
    void withoutASizeOfPinholesThatOfDustCounts() throws IOException {
        SheetRecipe recipe = SheetRecipe.automatic().withSpecks(new SpeckRecipe(0.3, 0.1));
        RecipeFile.save(file, new NamedRecipe("old", recipe));
        String json = Files.readString(file);
        Files.writeString(file, json.replaceFirst(",\\s*\"pinholeMm\" : 0.1", ""));
        assertThat(RecipeFile.open(file).recipe().specks()).isEqualTo(SpeckRecipe.under(0.3));
        Files.writeString(file, json);
        assertThat(RecipeFile.open(file).recipe()).isEqualTo(recipe);
    }

    private void assertRefused(String from, String to, String message) throws IOException {
        String json = Files.readString(file);
        assertThat(json).contains(from);
        Path other = folder.resolve("other" + RecipeFile.ENDING);
        Files.writeString(other, json.replace(from, to));
        assertThatThrownBy(() -> RecipeFile.open(other))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining(message);
    }

    @Test
    void anotherVersionIsNamedWithTheKnownOne() throws IOException {
        assertRefused("\"version\" : 1", "\"version\" : 4", "version 4");
        assertRefused("\"version\" : 1", "\"version\" : 4", "version 1");
    }

    @Test
    void damagedAndForeignFilesAreRefusedWithAReason() throws IOException {
        assertRefused("neat-trace-sheet-recipe", "something-else", "no sheet recipe");
        assertRefused("\"passes\" : 3", "\"passes\" : 3.5", "passes");
        assertRefused("\"percent\" : 60.0", "\"percent\" : 9000", "strength");
        assertRefused("\"negative\" : true", "\"negative\" : \"yes\"", "negative");
        assertRefused("\"DROP\"", "\"ERASE_ALL\"", "ERASE_ALL");
        assertRefused("\"speckMm\"", "\"speckKm\"", "speckMm");
        assertRefused("{", "[", "damaged");
        assertThatThrownBy(() -> RecipeFile.open(folder.resolve("none.ntrecipe")))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining("no recipe file");
    }

    @Test
    void aShelfKeepsRecipesByTheirNames() throws IOException {
        RecipeShelf shelf = new RecipeShelf(folder.resolve("recipes"));
        assertThat(shelf.all()).isEmpty();
        SheetRecipe soft = SheetRecipe.automatic().withSpecks(SpeckRecipe.under(0.4));
        shelf.keep(new NamedRecipe("Soft pencil/2B", soft));
        shelf.keep(new NamedRecipe("Matt paper, 0.3 pen", Recipes.full()));
        shelf.keep(new NamedRecipe("soft pencil\\2B", SheetRecipe.automatic()));
        shelf.keep(new NamedRecipe("soft PENCIL/2b", soft.withSpecks(SpeckRecipe.under(0.5))));
        assertThat(shelf.all())
                .extracting(NamedRecipe::name)
                .containsExactly("Matt paper, 0.3 pen", "soft PENCIL/2b", "soft pencil\\2B");
        Files.writeString(folder.resolve("recipes/broken.ntrecipe"), "{");
        assertThat(shelf.all()).hasSize(3);
        shelf.discard("Matt paper, 0.3 pen");
        assertThat(shelf.all()).hasSize(2);
        shelf.keep(new NamedRecipe("渡り鳥の絵 ".repeat(13), soft));
        assertThat(shelf.all()).hasSize(3);
    }

    @Test
    void aNameIsNeeded() {
        assertThatThrownBy(() -> new NamedRecipe("  ", SheetRecipe.automatic()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** An object where an array belongs, as one kill in the midst of an edit by hand left it. */
    @Test
    void oneDamagedRecipeNeitherStopsTheShelfNorTheOthers() throws IOException {
        RecipeShelf shelf = new RecipeShelf(folder);
        String json = Files.readString(file);
        Path bad = folder.resolve("bad" + RecipeFile.ENDING);
        Files.writeString(
                bad,
                json.replace("\"masks\" : [", "\"masks\" : {\"a\":[").replaceFirst("\\],", "]},"));
        Path worse = folder.resolve("worse" + RecipeFile.ENDING);
        Files.writeString(worse, "[".repeat(5000));
        Path newer = folder.resolve("newer" + RecipeFile.ENDING);
        Files.writeString(newer, json.replace("\"version\" : 1", "\"version\" : 7"));
        assertThat(shelf.all()).hasSize(1);
        assertThat(shelf.setDamagedAside()).hasSize(2);
        assertThat(bad).doesNotExist();
        assertThat(folder.resolve("bad" + RecipeFile.ENDING + ".damaged")).exists();
        assertThat(newer).exists();
        assertThat(shelf.setDamagedAside()).isEmpty();
        assertThat(shelf.find("matt paper, 0.3 pen")).isPresent();
    }

    /** What a file is called says nothing of what is in it. */
    @Test
    void aDamagedRecipeIsSetAsideWhateverItIsCalled() throws IOException {
        RecipeShelf shelf = new RecipeShelf(folder);
        Files.writeString(folder.resolve("recipe version" + RecipeFile.ENDING), "{");
        assertThat(shelf.setDamagedAside()).hasSize(1);
    }

    @Test
    void whatWasSetAsideBeforeIsNotWrittenOver() throws IOException {
        RecipeShelf shelf = new RecipeShelf(folder);
        Path bad = folder.resolve("bad" + RecipeFile.ENDING);
        Files.writeString(bad, "first");
        Path first = shelf.setDamagedAside().get(0);
        Files.writeString(bad, "second");
        Path second = shelf.setDamagedAside().get(0);
        assertThat(first).hasContent("first");
        assertThat(second).hasContent("second");
    }
}

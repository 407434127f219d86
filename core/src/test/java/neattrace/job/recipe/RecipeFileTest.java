package neattrace.job.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.Point;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecipeFileTest {

    /** Nothing in it is what a new recipe has. */
    static SheetRecipe full() {
        return new SheetRecipe(
                new FrameRecipe(
                        List.of(
                                new Point(1.5, 2),
                                new Point(100, 3),
                                new Point(99, 80),
                                new Point(2, 81)),
                        -0.37,
                        Optional.of(new Crop(3, 4, 50, 60.5)),
                        2),
                List.of(
                        new Mask(
                                new SheetShape.Box(new Point(1, 2), new Point(3, 4)),
                                Mask.Kind.ERASE),
                        new Mask(
                                new SheetShape.Polygon(
                                        List.of(
                                                new Point(0, 0),
                                                new Point(9, 0),
                                                new Point(4, 7.25))),
                                Mask.Kind.PROTECT),
                        new Mask(
                                new SheetShape.Brush(
                                        List.of(new Point(5, 5), new Point(8, 9)), 2.5),
                                Mask.Kind.ERASE)),
                new PencilRecipe(PencilRecipe.Use.DROP, PencilRecipe.Colour.RED),
                true,
                new LightRecipe(false, 240, 31.5, 20, 35),
                new SharpenRecipe(3, 60, 0.08, 5),
                new DecisionRecipe(
                        DecisionRecipe.Method.ADAPTIVE,
                        44.5,
                        3,
                        0.2,
                        List.of(
                                new Patch(
                                        new SheetShape.Box(new Point(5, 5), new Point(9, 9)), 30))),
                0.35,
                Set.of(SheetStep.SHARPEN, SheetStep.MASKS));
    }

    @TempDir Path folder;
    private Path file;

    @BeforeEach
    void keepOne() throws IOException {
        file = folder.resolve("matt" + RecipeFile.ENDING);
        RecipeFile.save(file, new NamedRecipe(" matt paper, 0.3 pen ", full()));
    }

    @Test
    void comesBackAsItWasWithoutWhatBelongsToOneSheet() throws IOException {
        NamedRecipe back = RecipeFile.open(file);
        assertThat(back.name()).isEqualTo("matt paper, 0.3 pen");
        assertThat(back.recipe()).isEqualTo(full().forOtherSheets());
        assertThat(back.recipe().masks()).isEmpty();
        assertThat(back.recipe().decision().patches()).isEmpty();
        assertThat(back.recipe().frame()).isEqualTo(FrameRecipe.WHOLE.withEnlarge(2));
        assertThat(back.recipe().light()).isEqualTo(full().light());
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
        SheetRecipe soft = SheetRecipe.automatic().withSpeckMm(0.4);
        shelf.keep(new NamedRecipe("Soft pencil/2B", soft));
        shelf.keep(new NamedRecipe("Matt paper, 0.3 pen", full()));
        shelf.keep(new NamedRecipe("soft pencil\\2B", SheetRecipe.automatic()));
        shelf.keep(new NamedRecipe("soft PENCIL/2b", soft.withSpeckMm(0.5)));
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
}

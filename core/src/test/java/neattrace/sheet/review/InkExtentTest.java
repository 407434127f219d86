package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import neattrace.raster.GreySheet;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class InkExtentTest {

    private static InkReading read(GreySheet sheet, SheetRecipe recipe) {
        return InkMapper.read(sheet, recipe, 10, Progress.SILENT);
    }

    @Test
    void theCropIsTheDrawingAndItsMarginWithoutLoneSpecks() {
        GreySheet sheet = Sheets.framed(800, 600, 200, 6);
        sheet.samples()[20 * 800 + 20] = 0;
        Crop crop = InkExtent.suggest(read(sheet, SheetRecipe.automatic()), 5).orElseThrow();
        assertThat(crop).isEqualTo(new Crop(150, 150, 500, 300));
    }

    @Test
    void anEnlargedAndCroppedSheetGivesTheSamePlace() {
        GreySheet sheet = Sheets.framed(800, 600, 200, 6);
        SheetRecipe recipe = SheetRecipe.automatic();
        recipe =
                recipe.withFrame(
                        recipe.frame()
                                .withCrop(Optional.of(new Crop(40, 30, 740, 550)))
                                .withEnlarge(2));
        Crop crop = InkExtent.suggest(read(sheet, recipe), 5).orElseThrow();
        assertThat(crop.x()).isCloseTo(150, within(1.0));
        assertThat(crop.y()).isCloseTo(150, within(1.0));
        assertThat(crop.width()).isCloseTo(500, within(1.0));
        assertThat(crop.height()).isCloseTo(300, within(1.0));
    }

    @Test
    void aSheetThatIsFullOrBlankNeedsNoCrop() {
        assertThat(
                        InkExtent.suggest(
                                read(Sheets.framed(800, 600, 30, 6), SheetRecipe.automatic()), 5))
                .isEmpty();
        assertThat(InkExtent.suggest(read(Sheets.plain(800, 600, 255), SheetRecipe.automatic()), 5))
                .isEmpty();
    }
}

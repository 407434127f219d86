package neattrace.sheet.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class SheetFrameTest {

    @Test
    void aWholeScanIsHandedOnAsItIs() {
        GreySheet scan = Sheets.framed(60, 40, 5, 3);
        SheetFrame frame = SheetFrame.of(FrameRecipe.WHOLE, 60, 40);
        assertThat(frame.isWhole(60, 40)).isTrue();
        assertThat(frame.lay(scan, Progress.SILENT)).isSameAs(scan);
    }

    @Test
    void aCropInWholePixelsChangesNoValue() {
        GreySheet scan = Sheets.framed(60, 40, 5, 3);
        FrameRecipe recipe = FrameRecipe.WHOLE.withCrop(Optional.of(new Crop(4, 3, 30, 20)));
        GreySheet sheet = SheetFrame.of(recipe, 60, 40).lay(scan, Progress.SILENT);
        assertThat(sheet.width()).isEqualTo(30);
        assertThat(sheet.height()).isEqualTo(20);
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 30; x++) {
                assertThat(sheet.at(x, y)).isEqualTo(scan.at(x + 4, y + 3));
            }
        }
    }

    @Test
    void aCropBeyondTheScanIsWhiteThere() {
        FrameRecipe recipe = FrameRecipe.WHOLE.withCrop(Optional.of(new Crop(-10, 0, 40, 20)));
        GreySheet sheet =
                SheetFrame.of(recipe, 60, 40).lay(Sheets.plain(60, 40, 90), Progress.SILENT);
        assertThat(sheet.at(5, 10)).isEqualTo(255);
        assertThat(sheet.at(15, 10)).isEqualTo(90);
    }

    /**
     * Turned by 10 degrees clockwise, a point right of the middle lies lower; it comes back level.
     */
    @Test
    void theTiltIsTurnedBackRoundTheMiddle() {
        SheetFrame frame = SheetFrame.of(FrameRecipe.WHOLE.withTilt(10), 200, 100);
        double angle = Math.toRadians(10);
        Point lower = new Point(100 + 50 * Math.cos(angle), 50 + 50 * Math.sin(angle));
        Point level = frame.toSheet().apply(lower);
        assertThat(level.x()).isCloseTo(150, within(1e-9));
        assertThat(level.y()).isCloseTo(50, within(1e-9));
    }

    @Test
    void cornersTiltCropAndEnlargementAreOneMap() {
        List<Point> corners =
                List.of(
                        new Point(20, 10),
                        new Point(180, 25),
                        new Point(170, 95),
                        new Point(15, 85));
        FrameRecipe recipe = new FrameRecipe(corners, 0, Optional.of(new Crop(10, 5, 50, 40)), 2);
        SheetFrame frame = SheetFrame.of(recipe, 200, 100);
        assertThat(frame.width()).isEqualTo(100);
        assertThat(frame.height()).isEqualTo(80);
        Point corner = frame.toSheet().apply(corners.get(0));
        assertThat(corner.x()).isCloseTo(-20, within(1e-6));
        assertThat(corner.y()).isCloseTo(-10, within(1e-6));
        assertThat(frame.toSource().apply(corner).distance(corners.get(0))).isLessThan(1e-9);
        assertThat(frame.scale()).isBetween(1.8, 2.2);
    }

    @Test
    void aSheetTooLargeIsRefusedBeforeMemoryIsTaken() {
        FrameRecipe recipe =
                FrameRecipe.WHOLE
                        .withCrop(Optional.of(new Crop(0, 0, 20_000, 20_000)))
                        .withEnlarge(4);
        assertThatThrownBy(() -> SheetFrame.of(recipe, 20_000, 20_000))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("300 million");
    }

    @Test
    void recipesRefuseWhatMakesNoSense() {
        assertThatThrownBy(() -> new Crop(0, 0, 3, 200))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> FrameRecipe.WHOLE.withTilt(Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> FrameRecipe.WHOLE.withEnlarge(9))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

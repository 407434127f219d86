package neattrace.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.stage.Progress;
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
        FrameRecipe recipe =
                new FrameRecipe(corners, 0, Optional.of(new Crop(10, 5, 50, 40)), 2, 0, false);
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

    private static GreySheet numbered() {
        return new GreySheet(3, 2, new byte[] {1, 2, 3, 4, 5, 6});
    }

    private static byte[] laid(FrameRecipe recipe) {
        return SheetFrame.of(recipe, 3, 2).lay(numbered(), Progress.SILENT).samples();
    }

    /** Quarters and mirrors move pixels and change none. */
    @Test
    void quartersAndMirrorsKeepEveryPixel() {
        FrameRecipe whole = FrameRecipe.WHOLE;
        assertThat(laid(whole.turned(1, 3, 2))).containsExactly(4, 1, 5, 2, 6, 3);
        assertThat(laid(whole.turned(2, 3, 2))).containsExactly(6, 5, 4, 3, 2, 1);
        assertThat(laid(whole.turned(-1, 3, 2))).containsExactly(3, 6, 2, 5, 1, 4);
        assertThat(laid(whole.flipped(3))).containsExactly(3, 2, 1, 6, 5, 4);
        // As it is seen: the mirrored sheet turned right.
        assertThat(laid(whole.flipped(3).turned(1, 3, 2))).containsExactly(6, 3, 5, 2, 4, 1);
        assertThat(laid(whole.turned(1, 3, 2).flipped(2))).containsExactly(1, 4, 2, 5, 3, 6);
    }

    @Test
    void fourQuartersAndTwoMirrorsAreNothing() {
        FrameRecipe recipe =
                FrameRecipe.WHOLE.withTilt(2.5).withCrop(Optional.of(new Crop(10, 20, 30, 40)));
        FrameRecipe round = recipe;
        double w = 100;
        double h = 80;
        for (int k = 0; k < 4; k++) {
            round = round.turned(1, w, h);
            double wide = w;
            w = h;
            h = wide;
        }
        assertThat(round).isEqualTo(recipe);
        assertThat(recipe.flipped(100).flipped(100)).isEqualTo(recipe);
    }

    /** The crop holds the same part of the drawing however it is turned. */
    @Test
    void theCropTurnsAlong() {
        FrameRecipe recipe =
                FrameRecipe.WHOLE.withTilt(1.5).withCrop(Optional.of(new Crop(10, 20, 30, 40)));
        SheetFrame before = SheetFrame.of(recipe, 100, 80);
        SheetFrame after = SheetFrame.of(recipe.turned(1, 100, 80).flipped(80), 100, 80);
        Point corner = before.toSource().apply(new Point(0, 0));
        Point now = after.toSheet().apply(corner);
        assertThat(now.x()).isCloseTo(0, within(1e-9));
        assertThat(now.y()).isCloseTo(0, within(1e-9));
        assertThat(after.width()).isEqualTo(40);
    }

    /** A drawing that lies across fits its sheet whole. */
    @Test
    void tiltsBeyond45DegreesLayTheSheetAcross() {
        SheetFrame frame = SheetFrame.of(FrameRecipe.WHOLE.withTilt(92), 300, 200);
        assertThat(frame.width()).isEqualTo(200);
        assertThat(frame.height()).isEqualTo(300);
        assertThat(laid(FrameRecipe.WHOLE.withTilt(90))).containsExactly(3, 6, 2, 5, 1, 4);
        assertThat(laid(FrameRecipe.WHOLE.withTilt(180))).containsExactly(6, 5, 4, 3, 2, 1);
    }
}

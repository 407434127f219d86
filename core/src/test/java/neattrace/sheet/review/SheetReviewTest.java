package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import neattrace.raster.Gaussian;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;

class SheetReviewTest {

    private static Picture picture(GreySheet sheet) {
        return new Picture(sheet, new int[0], Resolution.assumed(), "PNG", List.of());
    }

    private static SheetReview review(GreySheet sheet) {
        Picture picture = picture(sheet);
        InkReading reading =
                InkMapper.read(picture, SheetRecipe.automatic(), 300 / 25.4, null, Progress.SILENT);
        return SheetReview.of(reading, picture, Progress.SILENT);
    }

    @Test
    void aCleanSheetHasALevelFrameAndNothingElse() {
        SheetReview review = review(Sheets.framed(500, 400, 40, 6));
        assertThat(review.tilt().degrees()).isZero();
        assertThat(review.blemishes()).isEmpty();
        assertThat(review.local()).isEmpty();
        assertThat(review.corners()).isEmpty();
        assertThat(review.pencil()).isEmpty();
        assertThat(review.midtones()).isLessThan(SheetReview.PHOTO_MIDTONES);
    }

    /** Soft clouds of all greys, as in a photo without any line. */
    @Test
    void aPhotoOfNoDrawingIsMostlyGrey() {
        SplittableRandom chance = new SplittableRandom(4);
        byte[] samples = new byte[500 * 400];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (byte) (i % 37 == 0 ? chance.nextInt(256) : 128);
        }
        byte[] clouds = new byte[samples.length];
        byte[] soft = Gaussian.blur(samples, 500, 400, 12);
        for (int i = 0; i < soft.length; i++) {
            double wave = 60 * Math.sin(i % 500 / 40.0) + 50 * Math.cos(i / 500 / 31.0);
            clouds[i] = (byte) (int) Math.max(0, Math.min(255, (soft[i] & 0xff) + wave));
        }
        assertThat(review(new GreySheet(500, 400, clouds)).midtones())
                .isGreaterThan(SheetReview.PHOTO_MIDTONES);
    }

    @Test
    void aBlankSheetIsReviewedWithoutTrouble() {
        SheetReview review = review(Sheets.plain(200, 100, 240));
        assertThat(review.inkShare()).isZero();
        assertThat(review.crop()).isEmpty();
        assertThat(review.fitness().nextPpi()).isZero();
    }

    @Test
    void stopsWhenToldTo() {
        Picture picture = picture(Sheets.framed(300, 200, 30, 5));
        InkReading reading =
                InkMapper.read(picture, SheetRecipe.automatic(), 12, null, Progress.SILENT);
        assertThatThrownBy(
                        () ->
                                SheetReview.of(
                                        reading,
                                        picture,
                                        (step, share) -> {
                                            throw new CancellationException();
                                        }))
                .isInstanceOf(CancellationException.class);
    }
}

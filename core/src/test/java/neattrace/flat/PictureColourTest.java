package neattrace.flat;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import neattrace.press.Rgb;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;

class PictureColourTest {

    /** Black and white squares of a pixel, red beside them. */
    private static Picture board() throws Exception {
        BufferedImage image = new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 10; y++) {
            for (int x = 0; x < 20; x++) {
                image.setRGB(x, y, x >= 10 ? 0xC81E1E : (x + y) % 2 == 0 ? 0xFFFFFF : 0);
            }
        }
        return PictureReader.read(Pictures.png(image, 300), "board.png");
    }

    /** Half of the light is 188 of 255 in sRGB (IEC 61966-2-1), not 128. */
    @Test
    void dotsAreMixedAsLightIs() throws Exception {
        Rgb mixed = PictureColour.at(board(), 4, 4, 3);
        assertThat(mixed.r()).isBetween(186, 190).isEqualTo(mixed.g()).isEqualTo(mixed.b());
    }

    @Test
    void aPixelAloneIsItsOwnColourAndPlacesBesideAreBroughtIn() throws Exception {
        Picture board = board();
        assertThat(PictureColour.at(board, 15, 5, 0)).isEqualTo(new Rgb(0xC8, 0x1E, 0x1E));
        assertThat(PictureColour.at(board, 500, -7, 2)).isEqualTo(new Rgb(0xC8, 0x1E, 0x1E));
        assertThat(PictureColour.at(board, 0, 0, 0)).isEqualTo(Rgb.WHITE);
    }

    @Test
    void palettesAreNamedApartAndKeepFarWithinAnyInkLimit() {
        assertThat(StarterPalette.ALL).extracting(StarterPalette::name).doesNotHaveDuplicates();
        for (StarterPalette palette : StarterPalette.ALL) {
            assertThat(palette.colours())
                    .hasSize(8)
                    .extracting(StarterPalette.Colour::name)
                    .doesNotHaveDuplicates();
            assertThat(palette.colours()).allMatch(one -> one.build().total() <= 240);
        }
    }
}

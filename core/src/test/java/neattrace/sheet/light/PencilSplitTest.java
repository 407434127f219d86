package neattrace.sheet.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.PencilRecipe.Colour;
import neattrace.sheet.PencilRecipe.Use;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PencilSplitTest {

    private static final int PAPER = 0xF4EFE4;
    private static final int INK = 0x1E1C1B;

    /**
     * Rows of 20: paper, pencil at half and at full strength, ink over paper, and ink over pencil.
     * Full strength is the pencil's colour over the paper, half strength its root (optical
     * densities are halved).
     */
    private static Picture sheet(int pencil) {
        int[] tones = {PAPER, mix(pencil, 0.5), mix(pencil, 1), INK, 0x16151A, PAPER, PAPER, PAPER};
        int[] rgb = new int[tones.length * 20 * 40];
        byte[] grey = new byte[rgb.length];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = tones[i / (20 * 40)];
            grey[i] = (byte) (rgb[i] >> 8);
        }
        return new Picture(
                new GreySheet(40, tones.length * 20, grey),
                rgb,
                Resolution.assumed(),
                "PNG",
                List.of());
    }

    private static int mix(int pencil, double strength) {
        int out = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double paper = PAPER >> shift & 0xff;
            double full = (pencil >> shift & 0xff) / 255.0;
            out |= (int) (paper * Math.pow(full, strength)) << shift;
        }
        return out;
    }

    private static int at(GreySheet sheet, int row) {
        return sheet.at(20, row * 20 + 10);
    }

    @ParameterizedTest
    @CsvSource({"BLUE,0x6FA3DC", "RED,0xE0635A", "GREEN,0x63B56B"})
    void thePencilGoesAndTheInkStays(Colour colour, String hex) {
        Picture picture = sheet(Integer.decode(hex));
        GreySheet grey = PencilSplit.grey(picture, new PencilRecipe(Use.DROP, colour));
        int paper = at(grey, 0);
        assertThat(at(grey, 1)).isGreaterThan(paper - 14);
        assertThat(at(grey, 2)).isGreaterThan(paper - 14);
        assertThat(at(grey, 3)).isLessThan(50);
        assertThat(at(grey, 4)).isLessThan(60);
    }

    @ParameterizedTest
    @CsvSource({"BLUE,0x6FA3DC", "RED,0xE0635A", "GREEN,0x63B56B"})
    void onlyThePencilStays(Colour colour, String hex) {
        Picture picture = sheet(Integer.decode(hex));
        GreySheet grey = PencilSplit.grey(picture, new PencilRecipe(Use.KEEP, colour));
        int paper = at(grey, 0);
        assertThat(at(grey, 2)).isLessThan(paper - 50);
        assertThat(at(grey, 1)).isBetween(at(grey, 2), paper - 20);
        assertThat(at(grey, 3)).isGreaterThan(paper - 30);
    }

    @Test
    void thePencilThatIsThereIsFound() {
        assertThat(PencilColour.find(sheet(0x6FA3DC))).contains(Colour.BLUE);
        assertThat(PencilColour.find(sheet(0xE0635A))).contains(Colour.RED);
        assertThat(PencilColour.find(sheet(0x63B56B))).contains(Colour.GREEN);
        assertThat(PencilColour.find(sheet(0x8C8C8C))).isEmpty();
    }

    @Test
    void aGreyPictureIsLeftAlone() {
        Picture picture =
                new Picture(
                        new GreySheet(2, 1, new byte[] {10, (byte) 200}),
                        new int[0],
                        Resolution.assumed(),
                        "PNG",
                        List.of());
        assertThat(PencilSplit.grey(picture, new PencilRecipe(Use.DROP, Colour.RED)))
                .isSameAs(picture.grey());
        assertThat(PencilColour.find(picture)).isEmpty();
    }
}

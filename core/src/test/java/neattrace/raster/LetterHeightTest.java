package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Font;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.util.OptionalDouble;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the outlines of the fonts themselves: how high their own x is. */
class LetterHeightTest {

    private static final int WIDTH = 900;

    private static Font font(float size) {
        return new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(size);
    }

    private static double xHeight(Font font) {
        return font.createGlyphVector(new FontRenderContext(null, true, true), "x")
                .getVisualBounds()
                .getHeight();
    }

    private static InkMap text(Font font, String... lines) {
        return DrawnInk.of(
                WIDTH,
                500,
                g -> {
                    g.setRenderingHint(
                            RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
                    g.setColor(Color.BLACK);
                    g.setFont(font);
                    for (int k = 0; k < lines.length; k++) {
                        g.drawString(lines[k], 20, 110 + 120 * k);
                    }
                });
    }

    @ParameterizedTest
    @CsvSource({"30", "48", "72", "90"})
    void aLineOfTextIsAsHighAsItsX(float size) {
        Font font = font(size);
        InkMap ink = text(font, "Skerry Mail moves boxes");
        double found = LetterHeight.of(ink, 0, 0, WIDTH, 500).orElseThrow();
        assertThat(found).isCloseTo(xHeight(font), within(0.08 * xHeight(font) + 1));
    }

    @Test
    void theSmallestOfSeveralLinesCounts() {
        Font font = font(60);
        InkMap ink = text(font, "Skerry Mail moves", "more letters over");
        double found = LetterHeight.of(ink, 0, 0, WIDTH, 500).orElseThrow();
        assertThat(found).isCloseTo(xHeight(font), within(0.1 * xHeight(font) + 1));
    }

    @Test
    void withoutInkThereAreNoLetters() {
        InkMap ink = text(font(40), "");
        assertThat(LetterHeight.of(ink, 0, 0, WIDTH, 500)).isEqualTo(OptionalDouble.empty());
        assertThat(LetterHeight.of(ink, 50, 50, 50, 50)).isEmpty();
        assertThat(LetterHeight.of(ink, -20, -20, -1, -1)).isEmpty();
    }
}
